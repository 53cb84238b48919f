package app.yunque.server.report;

import app.yunque.measure.PlainDigits;
import app.yunque.server.job.JobHead;
import app.yunque.server.unit.UnitView;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/**
 * What the report says, line by line.
 *
 * @param job          head of the job
 * @param unit         the unit
 * @param permission   permission in words
 * @param isolation    isolation in words
 * @param turnCount    turn count in words
 * @param measurements one line for each measurement
 * @param sources      where limits and rules of the measurements come from, in the order of their footnotes
 * @param changes      backlash before and after, in words
 * @param parts        one entry for each part
 * @param onMeshes     what was found on the meshes by eye
 * @param cause        what it really was, in words
 * @param unseen       parts nobody looked at, in words; empty when there are none
 * @param open         what stood against signing, in whole sentences
 * @param unitChanges what the job changed on the unit itself
 * @param done         what was done at Strip beside taking parts off, line by line
 * @param ledger       the ledger in words
 * @param oil          oil, line by line
 * @param proof        proof, line by line
 * @param notReleased what is said of a unit that this shop does not release; empty for every other
 * @param shop         name of the shop
 * @param zone         time of the shop, which the paper tells
 */
public record Report(
        JobHead job,
        UnitView unit,
        String permission,
        String isolation,
        String turnCount,
        List<Measured> measurements,
        List<String> sources,
        List<String> changes,
        List<Part> parts,
        List<OnMesh> onMeshes,
        String cause,
        String unseen,
        List<String> open,
        List<String> done,
        List<String> unitChanges,
        String ledger,
        List<String> oil,
        List<String> proof,
        String notReleased,
        String shop,
        ZoneId zone) {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM yyyy HH:mm z", Locale.ENGLISH);

    /** One line of the measurements; its sources are footnotes, 1 first. */
    public record Measured(
            String what,
            String when,
            String result,
            String limit,
            String verdict,
            String by,
            String readings,
            List<Integer> sources) {}

    /** A part: how it was found, what was decided and why, all that was noted, how it is held, its pictures. */
    public record Part(
            int number,
            String part,
            String condition,
            String decision,
            String reason,
            int refitted,
            int renewed,
            List<String> details,
            List<Picture> pictures) {}

    /** What was found on a mesh, in words, with its pictures. */
    public record OnMesh(String says, List<Picture> pictures) {}

    /**
     * A picture of a part or a mesh.
     *
     * @param source  the picture itself, as the page holds it
     * @param caption what was said about it
     */
    public record Picture(String source, String caption) {}

    /** Ratio and speeds, as far as the papers know them. */
    public String drive() {
        if (unit.drive().isEmpty()) {
            return "The papers do not describe what is inside.";
        }
        double travel = unit.drive().get(0).travelMmPerInputTurn();
        var ratio =
                "Overall ratio "
                        + fixed(unit.ratio(), 3)
                        + (travel > 0
                                ? ", output moves %s mm for one turn of the input"
                                        .formatted(fixed(travel, 3))
                                : "");
        return unit.inputSpeedRpm() == null || unit.outputSpeedRpm() == null
                ? ratio + "; speed not known."
                : "%s; %s to %s r/min."
                        .formatted(
                                ratio,
                                fixed(unit.inputSpeedRpm(), 0),
                                fixed(unit.outputSpeedRpm(), 1));
    }

    public String day(Instant instant) {
        return DAY.format(instant.atZone(zone));
    }

    public String moment(Instant instant) {
        return MOMENT.format(instant.atZone(zone));
    }

    public String fixed(double value, int decimals) {
        return PlainDigits.rounded(value, decimals);
    }
}
