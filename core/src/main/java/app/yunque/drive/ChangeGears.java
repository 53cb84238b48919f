package app.yunque.drive;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Change gears for a thread: lead cut = lead of the screw × drivers/driven. Every train A/B and A·C/(B·D) of the gears at
 * hand is tried; a compound one must clear the shafts: (C + 2) m/2 + r ≤ (A + B) m/2 and (B + 2) m/2 + r ≤ (C + D) m/2.
 * Source: arithmetic, all trains tried.
 *
 * @param wantedRatio drivers over driven that would be exact
 * @param trains      best first, at most eight
 * @param working     formula and numbers
 */
public record ChangeGears(double wantedRatio, List<Train> trains, Working working) {
    public static final Range BUSH_RADIUS =
            Range.of("bushRadiusMm", "radius of the bush", 0, 200, "mm");

    public static final Range LEAD = Range.of("leadMm", "lead to cut", 0.05, 200, "mm");
    public static final Range GEARS = Range.count("gears", "number of change gears", 2, 24);
    public static final Range TEETH = Range.count("gears", "teeth of a change gear", 12, 200);
    public static final Range FIXED =
            Range.of("fixedRatio", "fixed gearing, spindle to train", 0.1, 10, "");
    public static final Range MODULE = Range.of("moduleMm", "module", 0.3, 10, "mm");
    private static final int SHOWN = 8;

    /**
     * One train.
     *
     * @param words       "40/80 × 50/65"
     * @param leadMm      lead it cuts (mm)
     * @param errorPpm    error (parts in a million)
     * @param errorPer100 error over 100 mm (mm)
     */
    public record Train(String words, double leadMm, double errorPpm, double errorPer100) {}

    /**
     * @param leadMm        lead to cut (mm)
     * @param screwLeadMm   lead of the lead screw (mm)
     * @param fixedRatio    fixed gearing between spindle and train, 1 for none
     * @param gears         tooth counts at hand, each as often as it is there
     * @param moduleMm      module of the change gears (mm)
     * @param bushRadiusMm  radius of the bush on a shaft (mm)
     */
    @PublicRule(
            at = "drive/change-gears",
            title = "Change gears of a lathe",
            says = "Which gears on hand give a lead, and how far out.")
    public static ChangeGears of(
            double leadMm,
            double screwLeadMm,
            double fixedRatio,
            List<Integer> gears,
            double moduleMm,
            double bushRadiusMm) {
        Refused.ifAny(BUSH_RADIUS.judge(bushRadiusMm));
        Refused.ifAny(
                LEAD.judge(leadMm),
                LEAD.named("screwLeadMm", "lead of the lead screw").judge(screwLeadMm),
                FIXED.judge(fixedRatio),
                GEARS.judge(gears.size()),
                MODULE.judge(moduleMm));
        gears.forEach(z -> Refused.ifAny(TEETH.judge(z)));
        double wanted = leadMm / (screwLeadMm * fixedRatio);
        var found = new ArrayList<Train>();
        for (int a = 0; a < gears.size(); a++) {
            for (int b = 0; b < gears.size(); b++) {
                if (a == b) {
                    continue;
                }
                double simple = (double) gears.get(a) / gears.get(b);
                add(found, gears.get(a) + "/" + gears.get(b), simple, wanted, leadMm);
                compound(found, gears, a, b, simple, wanted, leadMm, moduleMm, bushRadiusMm);
            }
        }
        found.sort(
                Comparator.comparingDouble((Train t) -> Math.abs(t.errorPpm))
                        .thenComparingInt(t -> t.words.length())
                        .thenComparing(t -> t.words));
        var best = found.stream().distinct().limit(SHOWN).toList();
        return new ChangeGears(
                wanted,
                best,
                new Working(
                        List.of(
                                line(
                                        "drivers / driven = lead / (lead of screw × fixed gearing)",
                                        "%s / (%s × %s) = %s"
                                                .formatted(
                                                        PlainDigits.exact(leadMm),
                                                        PlainDigits.exact(screwLeadMm),
                                                        PlainDigits.exact(fixedRatio),
                                                        PlainDigits.rounded(wanted, 6)))),
                        "arithmetic; every train of the gears at hand tried",
                        List.of("An idler changes the hand of the thread, not its lead.")));
    }

    private static void compound(
            List<Train> found,
            List<Integer> gears,
            int a,
            int b,
            double simple,
            double wanted,
            double lead,
            double module,
            double bush) {
        for (int c = 0; c < gears.size(); c++) {
            if (c == a || c == b) {
                continue;
            }
            for (int d = 0; d < gears.size(); d++) {
                if (d == a || d == b || d == c) {
                    continue;
                }
                boolean clears =
                        (gears.get(c) + 2) * module / 2 + bush
                                        <= (gears.get(a) + gears.get(b)) * module / 2
                                && (gears.get(b) + 2) * module / 2 + bush
                                        <= (gears.get(c) + gears.get(d)) * module / 2;
                if (clears) {
                    add(
                            found,
                            gears.get(a)
                                    + "/"
                                    + gears.get(b)
                                    + " × "
                                    + gears.get(c)
                                    + "/"
                                    + gears.get(d),
                            simple * gears.get(c) / gears.get(d),
                            wanted,
                            lead);
                }
            }
        }
    }

    private static void add(
            List<Train> found, String words, double ratio, double wanted, double lead) {
        double share = ratio / wanted - 1;
        if (Math.abs(share) < 0.02) {
            found.add(new Train(words, lead * (1 + share), share * 1e6, share * 100));
        }
    }
}
