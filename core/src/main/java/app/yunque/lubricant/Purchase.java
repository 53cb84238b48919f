package app.yunque.lubricant;

import app.yunque.lubricant.LubricantAdvice.Form;
import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What to buy for a place, judged exactly as a can on the shelf is: of all kinds, base oils, thickeners and grades that are wanted there the
 * one with the least against it. What is forbidden is never bought; where everything is, the maker is asked.
 *
 * @param outcome   whether and how it is bought
 * @param lubricant what; empty where nothing known suits
 * @param words     in words: grade, base oil, kind, approval; or why the maker is asked
 * @param although  what warns of it all the same
 */
public record Purchase(
        Outcome outcome, Optional<Lubricant> lubricant, String words, List<Finding> although) {

    /** Whether anything may be bought. */
    public enum Outcome {
        BUY,
        BUY_ALTHOUGH,
        ASK_THE_MAKER
    }

    private static final double GREASE_BASE_OIL = 150;
    private static final List<Thickener> THICKENERS =
            List.of(
                    Thickener.LITHIUM_COMPLEX,
                    Thickener.CALCIUM_SULFONATE,
                    Thickener.ALUMINIUM_COMPLEX,
                    Thickener.LITHIUM,
                    Thickener.CALCIUM_COMPLEX,
                    Thickener.CALCIUM_12,
                    Thickener.POLYUREA_SHEAR_STABLE);

    public Purchase {
        although = List.copyOf(although);
    }

    /** Told by somebody else in words, and judged by nobody here. */
    public static Purchase said(String words) {
        return new Purchase(Outcome.BUY, Optional.empty(), words, List.of());
    }

    private record Judged(Lubricant lubricant, int place, List<Finding> grave) {
        boolean isForbidden() {
            return grave.stream().anyMatch(f -> f.weight() == Weight.FORBIDS);
        }
    }

    /**
     * @param advice what the place wants by table and schools
     * @param plate  what overrules it; empty where nothing does
     * @param at     the judgement on that place
     */
    static Purchase of(LubricantAdvice advice, Optional<PlateText> plate, PlaceJudgement at) {
        boolean grease = plate.map(PlateText::grease).orElse(advice.form() == Form.GREASE);
        boolean isTold = plate.isPresent() || advice.form() != Form.PLATE_ONLY;
        var all =
                !isTold
                        ? List.<Lubricant>of()
                        : grease ? greases(advice, plate, at) : oils(advice, plate, at);
        var judged = new ArrayList<Judged>();
        for (var lubricant : all) {
            var grave = at.of(lubricant, DataSheet.UNKNOWN).grave();
            judged.add(new Judged(lubricant, judged.size(), grave));
            if (grave.isEmpty()) {
                // They stand best first: nothing after it has less against it.
                break;
            }
        }
        return judged.stream()
                .filter(j -> !j.isForbidden())
                .min(
                        Comparator.comparingInt((Judged j) -> j.grave.size())
                                .thenComparingInt(Judged::place))
                .map(j -> bought(j, advice, plate))
                .orElseGet(() -> ask(judged));
    }

    private static Purchase bought(Judged j, LubricantAdvice advice, Optional<PlateText> plate) {
        return new Purchase(
                j.grave.isEmpty() ? Outcome.BUY : Outcome.BUY_ALTHOUGH,
                Optional.of(j.lubricant),
                words(j.lubricant, advice, plate),
                j.grave);
    }

    private static Purchase ask(List<Judged> judged) {
        var why =
                judged.isEmpty()
                        ? "only the fluid on the plate goes here, and nobody entered what the plate says"
                        : lower(judged.get(0).grave.get(0).reason());
        return new Purchase(
                Outcome.ASK_THE_MAKER,
                Optional.empty(),
                "nothing known suits: " + why,
                judged.isEmpty() ? List.of() : judged.get(0).grave);
    }

    private static String lower(String sentence) {
        return (Character.toLowerCase(sentence.charAt(0)) + sentence.substring(1))
                .replaceFirst("\\.$", "");
    }

    private static boolean isForFood(Optional<PlateText> plate, PlaceJudgement at) {
        return at.place().meets(Thing.FOOD) || plate.filter(PlateText::food).isPresent();
    }

    /** The wanted grade first, then thinner ones down to the thinnest that goes; a worm's only as a synthetic. */
    private static List<Lubricant> oils(
            LubricantAdvice advice, Optional<PlateText> plate, PlaceJudgement at) {
        var grades = new LinkedHashSet<Double>();
        plate.flatMap(PlateText::viscosityAt40).ifPresent(grades::add);
        if (grades.isEmpty()) {
            var wanted = advice.grade();
            var thinnest = advice.thinnest();
            for (var g = wanted.orElse(null); g != null; g = thinner(g, thinnest)) {
                grades.add(g.midpointMm2PerS());
            }
        }
        var oils = new ArrayList<Lubricant>();
        for (double viscosity : grades) {
            for (var additive : at.kind().map(KindWanted::inOrder).orElse(List.of())) {
                for (var base : bases(advice.sort(), plate)) {
                    var oil =
                            new Lubricant(
                                    base,
                                    additive,
                                    Optional.empty(),
                                    Optional.empty(),
                                    viscosity,
                                    isForFood(plate, at),
                                    false);
                    if (plate.isPresent() || advice.suits(oil)) {
                        oils.add(oil);
                    }
                }
            }
        }
        return oils;
    }

    private static @Nullable IsoViscosityGrade thinner(
            IsoViscosityGrade grade, Optional<IsoViscosityGrade> thinnest) {
        return thinnest.filter(t -> grade.gradesThickerThan(t) > 0).isPresent()
                ? grade.shifted(-1)
                : null;
    }

    private static List<BaseOil> bases(PlaceSort sort, Optional<PlateText> plate) {
        return plate.flatMap(PlateText::base)
                .map(List::of)
                .orElseGet(
                        () ->
                                sort == PlaceSort.PLASTIC_GEARS
                                        ? List.of(BaseOil.PAO, BaseOil.SILICONE)
                                        : List.of(
                                                BaseOil.MINERAL,
                                                BaseOil.PAO,
                                                BaseOil.ESTER,
                                                BaseOil.PAG));
    }

    private static List<Lubricant> greases(
            LubricantAdvice advice, Optional<PlateText> plate, PlaceJudgement at) {
        Set<Thickener> thickeners = new LinkedHashSet<>();
        // Of two that go alike the one that is in it already comes first.
        at.remains().flatMap(r -> r.lubricant().thickener()).ifPresent(thickeners::add);
        thickeners.addAll(THICKENERS);
        int nlgi = plate.flatMap(PlateText::nlgi).or(advice::softest).orElse(2);
        var greases = new ArrayList<Lubricant>();
        for (var additive : at.kind().map(KindWanted::inOrder).orElse(List.of())) {
            for (var base : bases(advice.sort(), plate)) {
                for (var thickener : thickeners) {
                    greases.add(
                            new Lubricant(
                                    base,
                                    additive,
                                    Optional.of(thickener),
                                    Optional.of(nlgi),
                                    plate.flatMap(PlateText::viscosityAt40).orElse(GREASE_BASE_OIL),
                                    isForFood(plate, at),
                                    false));
                }
            }
        }
        return greases;
    }

    private static String words(Lubricant l, LubricantAdvice advice, Optional<PlateText> plate) {
        var first =
                l.isGrease()
                        ? Stream.of(
                                "grease NLGI "
                                        + (plate.flatMap(PlateText::nlgi).isPresent()
                                                ? LubricantAdvice.nlgi(l.nlgi().orElseThrow())
                                                : advice.consistency()),
                                l.thickener().orElseThrow().words())
                        : Stream.of(IsoViscosityGrade.nearest(l.viscosity()).words());
        return String.join(
                ", ",
                Stream.concat(
                                first,
                                Stream.of(
                                        l.base().words(),
                                        l.additive().words(),
                                        l.food() ? "registered H1 for food" : ""))
                        .filter(w -> !w.isEmpty())
                        .toList());
    }
}
