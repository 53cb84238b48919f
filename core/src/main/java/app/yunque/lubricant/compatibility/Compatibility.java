package app.yunque.lubricant.compatibility;

import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.OilBlend;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a lubricant may go to a place: what it meets there, what remains of the old one, what it does to seals, plastics and
 * paint. All that apply are told, the worst first; none hides another. Source: common practice, no source, except the sump
 * limit of mineral oil (AGMA 9005, from memory); the thickener chart is the widely reprinted one, from memory, charts differ.
 *
 * @param findings worst first
 */
public record Compatibility(List<Finding> findings) {

    /** How grave a finding is. */
    public enum Weight {
        FORBIDS,
        WARNS,
        INFORMS
    }

    /**
     * One finding.
     *
     * @param rule    short name of the rule
     * @param weight  forbids, warns or informs
     * @param reason  why
     * @param instead what to do instead
     */
    public record Finding(String rule, Weight weight, String reason, String instead) {}

    /**
     * What is still in the box.
     *
     * @param lubricant what it was
     * @param share     its share after draining and flushing, 0 to 1
     */
    public record Remains(Lubricant lubricant, double share) {}

    private static final double LITTLE = 0.01;

    public static Compatibility of(
            Lubricant lubricant, LubricatedPlace place, Optional<Remains> remains) {
        var found = new ArrayList<Finding>();
        remains.ifPresent(r -> mixing(found, lubricant, r));
        found.addAll(PlaceRules.of(lubricant, place));
        found.sort(Comparator.comparing(Finding::weight));
        return new Compatibility(List.copyOf(found));
    }

    /** The same with one more finding in its place. */
    public Compatibility with(Optional<Finding> more) {
        var all = new ArrayList<>(findings);
        more.ifPresent(all::add);
        all.sort(Comparator.comparing(Finding::weight));
        return new Compatibility(List.copyOf(all));
    }

    /** Only what forbids or warns. */
    public List<Finding> grave() {
        return findings.stream().filter(f -> f.weight() != Weight.INFORMS).toList();
    }

    /** Clear fail when anything forbids, doubtful when anything warns. */
    public Verdict verdict() {
        return findings.stream()
                .map(Finding::weight)
                .min(Comparator.naturalOrder())
                .map(
                        w ->
                                w == Weight.FORBIDS
                                        ? Verdict.CLEAR_FAIL
                                        : w == Weight.WARNS ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS)
                .orElse(Verdict.CLEAR_PASS);
    }

    /** O goes, B borderline, N not: what two base oils do when they meet. */
    static char baseOils(BaseOil one, BaseOil two) {
        if (one == two) {
            return one == BaseOil.MINERAL || one == BaseOil.PAO ? 'O' : 'B';
        }
        boolean strange =
                one == BaseOil.PAG
                        || two == BaseOil.PAG
                        || one == BaseOil.SILICONE
                        || two == BaseOil.SILICONE;
        if (strange) {
            return 'N';
        }
        return one == BaseOil.ESTER || two == BaseOil.ESTER ? 'B' : 'O';
    }

    private static void mixing(List<Finding> found, Lubricant fresh, Remains remains) {
        var old = remains.lubricant;
        char oils = baseOils(old.base(), fresh.base());
        if (oils == 'N' && remains.share > LITTLE) {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.FORBIDS,
                            "%s and %s do not mix: they gel or separate, foam and starve the mesh; %s %% of the old is left."
                                    .formatted(
                                            old.base().words(),
                                            fresh.base().words(),
                                            PlainDigits.rounded(100 * remains.share, 1)),
                            "Flush with the new kind until less than 1 % is left, and check the seals."));
        } else if (oils == 'B') {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.WARNS,
                            "%s with %s: borderline, additives may clash."
                                    .formatted(old.base().words(), fresh.base().words()),
                            "Drain and flush once."));
        } else if (oils == 'N') {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.INFORMS,
                            "%s and %s do not mix; so little of the old is left, %s %%, that it does no harm."
                                    .formatted(
                                            old.base().words(),
                                            fresh.base().words(),
                                            PlainDigits.rounded(100 * remains.share, 1)),
                            "Keep them apart from now on: no topping up with the old kind."));
        } else if (old.base() != fresh.base()) {
            found.add(
                    new Finding(
                            "old oil",
                            Weight.INFORMS,
                            "They mix; life and index fall to those of the mixture.",
                            "Draining is better than topping up."));
        }
        if (oils != 'N' && !fresh.isGrease() && !old.isGrease()) {
            mixture(fresh, remains).ifPresent(found::add);
        }
        thickeners(found, fresh, old);
        if (old.isGrease() && !fresh.isGrease() && remains.share > LITTLE) {
            found.add(
                    new Finding(
                            "old grease",
                            Weight.WARNS,
                            "Old grease is still in it: oil does not wash it out, it gums and holds what should move.",
                            "Wash it out by hand, dry, then oil."));
        }
    }

    /** Of two oils more than a grade apart the mixture's viscosity is told. */
    private static Optional<Finding> mixture(Lubricant fresh, Remains remains) {
        var old = IsoViscosityGrade.nearest(remains.lubricant.viscosity());
        var wanted = IsoViscosityGrade.nearest(fresh.viscosity());
        if (remains.share <= LITTLE || Math.abs(old.gradesThickerThan(wanted)) <= 1) {
            return Optional.empty();
        }
        double mixed =
                OilBlend.viscosity(
                        List.of(
                                new OilBlend.Part(remains.share, remains.lubricant.viscosity()),
                                new OilBlend.Part(1 - remains.share, fresh.viscosity())));
        return Optional.of(
                new Finding(
                        "mixture",
                        Weight.INFORMS,
                        "The mixture will have %s mm²/s at 40 °C, nearest %s."
                                .formatted(
                                        PlainDigits.rounded(mixed, 0),
                                        IsoViscosityGrade.nearest(mixed).words()),
                        "Drain more of the old, if that is not the grade wanted."));
    }

    private static void thickeners(List<Finding> found, Lubricant fresh, Lubricant old) {
        if (!fresh.isGrease() || !old.isGrease()) {
            return;
        }
        var one = old.thickener().orElseThrow();
        var two = fresh.thickener().orElseThrow();
        switch (one.with(two)) {
            case 'N' ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.FORBIDS,
                                    "%s and %s greases do not go together: the mixture runs out or hardens."
                                            .formatted(one.words(), two.words()),
                                    "Take apart, wash, dry, fill fresh; gun and hose hold the old one too."));
            case 'B' ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.WARNS,
                                    "%s with %s: borderline.".formatted(one.words(), two.words()),
                                    "Wipe out, fill fresh, purge after 1 h and 50 h."));
            default ->
                    found.add(
                            new Finding(
                                    "thickener",
                                    Weight.INFORMS,
                                    "The thickeners go together.",
                                    "Purge until new grease shows; halve the next two intervals."));
        }
    }
}
