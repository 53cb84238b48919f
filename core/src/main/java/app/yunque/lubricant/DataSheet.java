package app.yunque.lubricant;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.grade.ColdStart;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.Optional;

/**
 * The temperatures a data sheet gives for a lubricant.
 *
 * @param pourDegC  pour point (°C); empty when not told
 * @param flashDegC flash point (°C); empty when not told
 */
public record DataSheet(Optional<Double> pourDegC, Optional<Double> flashDegC) {
    private static final double POUR_ROOM_K = 5;

    public static final Range FLASH = Range.of("flashDegC", "flash point", 60, 400, "°C");

    /** Nothing is told. */
    public static final DataSheet UNKNOWN = new DataSheet(Optional.empty(), Optional.empty());

    /** @throws Refused for values outside their range */
    public DataSheet {
        Refused.ifAny(pourDegC.flatMap(ColdStart.POUR::judge), flashDegC.flatMap(FLASH::judge));
    }

    /** What the pour point says against a coldest start: 5 K between them are wanted (AGMA 9005, from memory). */
    Optional<Compatibility.Finding> atColdest(double coldestDegC) {
        return pourDegC.filter(p -> p > coldestDegC - POUR_ROOM_K)
                .map(
                        p ->
                                new Compatibility.Finding(
                                        "pour point",
                                        Compatibility.Weight.FORBIDS,
                                        "It may not flow at %s °C: pour point %s °C, 5 K below the start are wanted."
                                                .formatted(
                                                        PlainDigits.exact(coldestDegC),
                                                        PlainDigits.exact(p)),
                                        "A thinner or a synthetic one, or a heated sump."));
    }

    /**
     * @param hottestDegC the hottest it gets, surroundings or sump (°C)
     * @param field       where that temperature was entered
     * @throws Refused when it would give off vapour that burns
     */
    public void refuseAboveFlash(double hottestDegC, String field) {
        if (flashDegC.isPresent() && hottestDegC >= flashDegC.get()) {
            throw Refused.because(
                    field,
                    "%s °C is at or above the flash point of this lubricant, %s °C: its vapour burns. Check the temperature, or take another lubricant."
                            .formatted(
                                    PlainDigits.exact(hottestDegC),
                                    PlainDigits.exact(flashDegC.get())));
        }
    }
}
