package app.yunque.server.calc;

import app.yunque.line.LineReading;
import app.yunque.teardown.Fastening.Locking;
import app.yunque.teardown.StripAct;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A typed line, read, in the open form that collections of such lines are written in: names with low lines, kinds in small letters, shafts
 * by their names, numbers in mm and N·m beside what was typed. What the line does not say is missing.
 *
 * @param act        what was done
 * @param parts      what it was done to
 * @param loose      small things that came free
 * @param fastenings what held it
 * @param tray       tray or bag
 * @param goesOn     what goes on it
 * @param tool       main tool
 * @param minutes    minutes it took
 * @param people     how many it took
 * @param massKg     mass (kg)
 * @param hard       why it was hard
 * @param stuckTo    what it came off together with
 * @param together   what came out whole
 * @param mark       match mark
 * @param note       what is not read as anything else
 * @param pieces     what was understood, word by word
 * @param problems   what was seen and cannot be
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
record LineView(
        @Nullable String act,
        List<PartView> parts,
        List<LooseView> loose,
        List<FasteningView> fastenings,
        String tray,
        @JsonProperty("goes_on") String goesOn,
        String tool,
        @Nullable Double minutes,
        @Nullable Integer people,
        @JsonProperty("mass_kg") @Nullable Double massKg,
        String hard,
        @JsonProperty("stuck_to") String stuckTo,
        String together,
        String mark,
        String note,
        List<LineReading.Piece> pieces,
        List<String> problems) {

    /**
     * @param what     what was found
     * @param severity in the words typed
     * @param count    pieces it was found on, where it is not all of them
     * @param ofCount  of how many
     * @param not      true when it was looked for and is not there
     */
    @JsonInclude(JsonInclude.Include.NON_DEFAULT)
    record FoundView(
            String what,
            String severity,
            @Nullable Integer count,
            @JsonProperty("of_count") @Nullable Integer ofCount,
            boolean not) {}

    /**
     * @param name        as it is called
     * @param kind        its kind
     * @param count       pieces
     * @param shaft       shaft, by its name
     * @param side        end of the shaft
     * @param position    any other place
     * @param wayRound    which face looks where
     * @param size        size as typed
     * @param teeth       number of teeth
     * @param thicknessMm thickness of one piece (mm)
     * @param thickness   the same as typed
     * @param condition   what was found on it
     * @param renew       true when it must not be used again
     * @param with        what is still on it
     * @param stays       true where it was left in
     * @param missing     true where it should be there and is not
     * @param insteadOf   what belongs there instead of it
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record PartView(
            String name,
            String kind,
            @Nullable Integer count,
            @Nullable String shaft,
            @Nullable String side,
            String position,
            @JsonProperty("way_round") String wayRound,
            String size,
            @Nullable Integer teeth,
            @JsonProperty("thickness_mm") @Nullable Double thicknessMm,
            @JsonProperty("thickness_as_typed") @Nullable String thickness,
            List<FoundView> condition,
            @Nullable Boolean renew,
            String with,
            @Nullable Boolean stays,
            @Nullable Boolean missing,
            @JsonProperty("instead_of") String insteadOf) {}

    /**
     * @param kind  what came free
     * @param count how many were found
     * @param size  size as typed
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record LooseView(String kind, @Nullable Integer count, String size) {}

    /**
     * @param count    how many
     * @param thread   thread
     * @param lengthMm length under the head (mm)
     * @param length   the same as typed
     * @param drive    drive
     * @param size     size of the drive
     * @param hand     left or right, where the line says it
     * @param torqueNm torque (N·m)
     * @param torque   the same as typed
     * @param source   where the torque comes from
     * @param locking  what keeps it from coming loose
     * @param byFeel   how tight, without a figure
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record FasteningView(
            @Nullable Integer count,
            String thread,
            @JsonProperty("length_mm") @Nullable Double lengthMm,
            @JsonProperty("length_as_typed") @Nullable String length,
            String drive,
            String size,
            @Nullable String hand,
            @JsonProperty("torque_nm") @Nullable Double torqueNm,
            @JsonProperty("torque_as_typed") @Nullable String torque,
            String source,
            @Nullable String locking,
            @JsonProperty("by_feel") String byFeel) {}

    static LineView of(LineReading r, List<String> shafts) {
        return new LineView(
                small(r.act()),
                r.parts().stream().map(p -> part(p, r, shafts)).toList(),
                r.loose().stream()
                        .map(l -> new LooseView(small(l.kind()), l.count(), l.size()))
                        .toList(),
                r.fasteners().stream().map(LineView::fastening).toList(),
                r.tray(),
                r.goesOn(),
                r.tool(),
                r.minutes(),
                r.people(),
                r.massKg(),
                r.hard(),
                r.stuckTo(),
                r.together(),
                r.mark(),
                r.note(),
                r.pieces(),
                r.problems());
    }

    private static PartView part(LineReading.Part p, LineReading r, List<String> shafts) {
        var thickness = p.thickness();
        return new PartView(
                p.name(),
                small(p.kind()),
                p.count(),
                p.shaft() == null || p.shaft() < 1 ? null : shafts.get(p.shaft() - 1),
                small(p.side()),
                p.position(),
                p.wayRound(),
                p.size(),
                p.teeth(),
                thickness == null ? null : thickness.canonical(),
                thickness == null ? null : typed(thickness),
                p.found().stream()
                        .map(
                                f ->
                                        new FoundView(
                                                small(f.what()),
                                                f.words(),
                                                f.count(),
                                                f.of(),
                                                f.not()))
                        .toList(),
                p.renew() ? Boolean.TRUE : null,
                p.with(),
                r.act() == StripAct.LEFT_IN ? Boolean.TRUE : null,
                r.act() == StripAct.MISSING ? Boolean.TRUE : null,
                p.insteadOf());
    }

    private static FasteningView fastening(LineReading.Fastener f) {
        var drive = f.drive().replaceFirst("\\s[\\d/ .,-]+$", "");
        var length = f.length();
        var torque = f.torque();
        return new FasteningView(
                f.count(),
                f.thread(),
                length == null ? null : length.canonical(),
                length == null ? null : typed(length),
                drive,
                f.drive().substring(drive.length()).strip(),
                f.leftHand() == null ? null : f.leftHand() ? "left" : "right",
                torque == null ? null : torque.canonical(),
                torque == null ? null : typed(torque),
                f.source(),
                locking(f.locking()),
                f.byFeel());
    }

    private static String typed(LineReading.Amount amount) {
        return amount.text() + " " + amount.unit();
    }

    private static @Nullable String locking(@Nullable Locking locking) {
        return locking == null ? null : locking.words();
    }

    private static @Nullable String small(@Nullable Enum<?> value) {
        return value == null ? null : value.name().toLowerCase(Locale.ROOT);
    }
}
