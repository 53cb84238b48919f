package app.yunque.lubricant;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Remains;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace;
import app.yunque.lubricant.place.PlateText;
import app.yunque.lubricant.viscosity.ViscosityLine;
import java.util.Optional;

/**
 * The one judgement on a lubricant at a place, the same for the plate, the shelf, a can of any name and what is to be bought: what it meets
 * there, its kind, what is still in the box, and whether it moves at the coldest start.
 *
 * @param place   what it meets
 * @param kind    which kind is wanted; empty where nobody said what sort of place it is
 * @param start   how it starts cold; empty for grease, and where nobody said
 * @param remains what is still in it; empty when it was washed
 */
public record PlaceJudgement(
        LubricatedPlace place,
        Optional<KindWanted> kind,
        Optional<Start> start,
        Optional<Remains> remains) {

    /** Thinner than this an oil moves at any start (mm²/s at 40 °C): VG 7 and below. */
    private static final double THIN = 9;

    /**
     * @param coldestDegC coldest start (°C)
     * @param feed        how the oil reaches the teeth
     */
    public record Start(double coldestDegC, ColdStart.Feed feed) {}

    /** What speaks against a lubricant there, worst first. */
    public Compatibility of(Lubricant lubricant, DataSheet sheet) {
        return Compatibility.of(lubricant, place, remains)
                .with(kind.flatMap(k -> k.of(lubricant)))
                .with(start.flatMap(s -> sheet.atColdest(s.coldestDegC)))
                .with(start.flatMap(s -> cold(lubricant, s)));
    }

    /** What speaks against what stands on a can or a plate, so far as that tells it: without a grade nothing is said of a cold start. */
    public Compatibility of(PlateText text) {
        var asTold = text.asLubricant();
        return text.viscosityAt40().isPresent()
                ? of(asTold, DataSheet.UNKNOWN)
                : new PlaceJudgement(place, kind, Optional.empty(), remains)
                        .of(asTold, DataSheet.UNKNOWN);
    }

    private static Optional<Finding> cold(Lubricant lubricant, Start start) {
        if (lubricant.isGrease() || lubricant.viscosity() < THIN) {
            return Optional.empty();
        }
        var base = lubricant.base();
        var told =
                ColdStart.of(
                        ViscosityLine.of(lubricant.viscosity(), base.usualIndex()),
                        base,
                        start.coldestDegC,
                        start.feed,
                        Optional.empty());
        return switch (told.verdict()) {
            case CLEAR_FAIL ->
                    Optional.of(
                            new Finding(
                                    "cold start",
                                    Weight.FORBIDS,
                                    told.sentence(),
                                    ColdStart.REMEDY));
            case DOUBTFUL ->
                    Optional.of(
                            new Finding(
                                    "cold start", Weight.WARNS, told.sentence(), ColdStart.REMEDY));
            default -> Optional.empty();
        };
    }
}
