package app.yunque.server.bench;

import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.teardown.DetailRequest;
import app.yunque.server.teardown.StepRequest;
import app.yunque.teardown.QuickLine;
import app.yunque.teardown.Side;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A typed line as a step, ready to be kept, and what was understood.
 *
 * @param step     the step
 * @param pieces   what was understood, word by word
 * @param carried  what the line did not say and was taken from the step before, in words
 * @param problems what was seen and cannot be
 */
public record QuickLineAnswer(
        StepRequest step,
        List<QuickLine.Piece> pieces,
        List<String> carried,
        List<String> problems) {

    /**
     * @param line   what was read
     * @param before the last step, whose place and tray go on while the line does not say otherwise; null for the first
     * @param shafts names of the shafts
     */
    static QuickLineAnswer of(QuickLine line, @Nullable StepRequest before, List<String> shafts) {
        var carried = new ArrayList<String>();
        int shaft = line.shaft() != null ? line.shaft() : before == null ? 0 : before.shaft();
        Side side =
                line.side() != null ? line.side() : before == null ? Side.MIDDLE : before.side();
        if (before != null && line.shaft() == null) {
            carried.add(
                    "on the "
                            + (shaft == 0 || shaft > shafts.size()
                                    ? "housing"
                                    : shafts.get(shaft - 1)));
        }
        if (before != null && line.side() == null && shaft > 0) {
            carried.add(
                    side == Side.MIDDLE
                            ? "in the middle"
                            : side == Side.LEFT ? "left end" : "right end");
        }
        var tray = line.tray();
        if (tray.isEmpty() && before != null && !before.tray().isEmpty()) {
            tray = before.tray();
            carried.add("tray " + tray);
        }
        return new QuickLineAnswer(
                step(line, shaft, side, tray), line.pieces(), carried, line.problems());
    }

    private static StepRequest step(QuickLine line, int shaft, Side side, String tray) {
        var gear = line.gear();
        return new StepRequest(
                null,
                line.part(),
                line.kind(),
                line.count(),
                shaft,
                shaft == 0 ? Side.MIDDLE : side,
                gear == null ? null : new StepRequest.GearRequest(gear.stage(), gear.member()),
                line.wayRound(),
                fastening(line.screw()),
                line.singleUse(),
                tray,
                line.condition(),
                line.note(),
                detail(line));
    }

    private static StepRequest.@Nullable FasteningRequest fastening(
            QuickLine.@Nullable Screw screw) {
        return screw == null
                ? null
                : new StepRequest.FasteningRequest(
                        screw.count(),
                        screw.thread(),
                        number(screw.length()),
                        screw.leftHand(),
                        number(screw.torque()),
                        screw.torqueSource(),
                        screw.drive(),
                        screw.locking(),
                        null);
    }

    private static DetailRequest detail(QuickLine line) {
        return new DetailRequest(
                line.tool(),
                null,
                null,
                line.minutes(),
                null,
                line.matchMark(),
                null,
                null,
                null,
                null,
                null,
                line.hard(),
                line.stuckTo(),
                null,
                null,
                null,
                line.loose() == null ? null : List.of(line.loose()),
                null,
                null,
                null,
                number(line.thickness()),
                line.teeth(),
                null,
                null);
    }

    private static @Nullable EnteredNumber number(QuickLine.@Nullable Amount amount) {
        return amount == null ? null : new EnteredNumber(amount.text(), amount.unit());
    }
}
