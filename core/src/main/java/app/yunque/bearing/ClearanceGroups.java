package app.yunque.bearing;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The groups of radial internal clearance a deep-groove ball bearing with a cylindrical bore may belong to, unmounted and unloaded. Groups overlap on
 * purpose, so one reading may belong to two. Source: ISO 5753-1, from memory.
 *
 * @param groups every group that holds the reading; empty where none does
 * @param told   the same in words
 */
public record ClearanceGroups(List<Group> groups, Told told) {
    public static final Range BORE =
            Range.of("boreMm", "bore", 2.501, 200, "mm")
                    .advising("The built-in table of clearances goes over 2.5 up to 200 mm.");
    public static final Range CLEARANCE =
            Range.of("clearanceUm", "radial clearance", 0, 2000, "µm");

    private static final double[] UP_TO = {
        6, 10, 18, 24, 30, 40, 50, 65, 80, 100, 120, 140, 160, 180, 200
    };

    /** Least and most of C2, CN, C3 and C4 (µm); −1 where the group is not made. */
    private static final int[][] TABLE = {
        {0, 7, 2, 13, 8, 23, -1, -1},
        {0, 7, 2, 13, 8, 23, 14, 29},
        {0, 9, 3, 18, 11, 25, 18, 33},
        {0, 10, 5, 20, 13, 28, 20, 36},
        {1, 11, 5, 20, 13, 28, 23, 41},
        {1, 11, 6, 20, 15, 33, 28, 46},
        {1, 11, 6, 23, 18, 36, 30, 51},
        {1, 15, 8, 28, 23, 43, 38, 61},
        {1, 15, 10, 30, 25, 51, 46, 71},
        {1, 18, 12, 36, 30, 58, 53, 84},
        {2, 20, 15, 41, 36, 66, 61, 97},
        {2, 23, 18, 48, 41, 81, 71, 114},
        {2, 23, 18, 53, 46, 91, 81, 130},
        {2, 25, 20, 61, 53, 102, 91, 147},
        {2, 30, 25, 71, 63, 117, 107, 163}
    };

    /** A group of clearance. */
    public enum Group {
        C2,
        CN,
        C3,
        C4
    }

    /**
     * What a group may have.
     *
     * @param leastUm least (µm)
     * @param mostUm  most (µm)
     */
    public record Band(double leastUm, double mostUm) {}

    public ClearanceGroups {
        groups = List.copyOf(groups);
    }

    /** What a group of a bore may have; empty where the group is not made. */
    public static Optional<Band> band(double boreMm, Group group) {
        Refused.ifAny(BORE.judge(boreMm));
        int row = 0;
        while (boreMm > UP_TO[row]) {
            row++;
        }
        int at = 2 * group.ordinal();
        return TABLE[row][at] < 0
                ? Optional.empty()
                : Optional.of(new Band(TABLE[row][at], TABLE[row][at + 1]));
    }

    /**
     * @param boreMm      bore (mm), over 2.5 to 200
     * @param clearanceUm measured radial clearance, unmounted (µm)
     */
    @PublicRule(
            at = "bearing/clearance-groups",
            title = "Clearance group",
            says = "The groups a measured clearance may belong to; they overlap on purpose.")
    public static ClearanceGroups of(double boreMm, double clearanceUm) {
        Refused.ifAny(BORE.judge(boreMm), CLEARANCE.judge(clearanceUm));
        var found = new ArrayList<Group>();
        var told = Told.of("ISO 5753-1, from memory");
        double above = 0;
        for (var group : Group.values()) {
            var band = band(boreMm, group);
            if (band.isEmpty()) {
                continue;
            }
            above = band.get().mostUm;
            if (band.get().leastUm <= clearanceUm && clearanceUm <= above) {
                found.add(group);
            }
            told.words(
                    group.name(),
                    group.name(),
                    "%s to %s µm"
                            .formatted(
                                    PlainDigits.exact(band.get().leastUm),
                                    PlainDigits.exact(above)));
        }
        told.warn("The marking says nothing once it is mounted: the fit takes part of it.")
                .line("row of the table", "bore %s mm", PlainDigits.exact(boreMm));
        return new ClearanceGroups(
                found,
                told.saying(
                        found.isEmpty()
                                ? "%s µm is %s every group in the table."
                                        .formatted(
                                                PlainDigits.exact(clearanceUm),
                                                clearanceUm > above ? "above" : "below")
                                : "%s µm: %s."
                                        .formatted(
                                                PlainDigits.exact(clearanceUm),
                                                found.stream()
                                                        .map(Group::name)
                                                        .collect(Collectors.joining(" or ")))));
    }
}
