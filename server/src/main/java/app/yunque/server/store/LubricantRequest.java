package app.yunque.server.store;

import app.yunque.lubricant.grease.Thickener;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.measure.Refused;
import app.yunque.server.problem.NothingLeftOut;
import app.yunque.server.quantity.EnteredNumber;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A lubricant as its data sheet and its can tell it.
 *
 * @param version        version that was seen; missing for a new one
 * @param name           name on the can, 1 to 80 characters
 * @param base           base oil
 * @param additive       what is added against wear
 * @param thickener      of a grease; missing for an oil
 * @param nlgi           consistency of a grease, −2 (000) to 6; missing for an oil
 * @param viscosity      ν at 40 °C (mm²/s), of a grease that of its base oil
 * @param viscosityIndex missing: what is usual for the base oil
 * @param pour           pour point; missing when the sheet gives none
 * @param flash          flash point; missing when the sheet gives none
 * @param food           registered for incidental food contact
 * @param solids         graphite, molybdenum or other solids in it
 * @param lot            lot number, may be empty
 * @param amount         what is left: litres or quarts of an oil, kilograms or pounds of a grease
 * @param openedOn       day the can was opened; missing while it is sealed
 * @param useBy          last good day; missing when the can names none
 */
public record LubricantRequest(
        @Nullable Long version,
        String name,
        BaseOil base,
        Lubricant.Additive additive,
        @Nullable Thickener thickener,
        @Nullable Integer nlgi,
        EnteredNumber viscosity,
        @Nullable Integer viscosityIndex,
        @Nullable EnteredNumber pour,
        @Nullable EnteredNumber flash,
        boolean food,
        boolean solids,
        String lot,
        EnteredNumber amount,
        @Nullable LocalDate openedOn,
        @Nullable LocalDate useBy)
        implements NothingLeftOut.Missing {

    /** What a caller left out is told like an empty field, never as a fault of the app. */
    public LubricantRequest {
        name = Objects.requireNonNullElse(name, "");
        lot = Objects.requireNonNullElse(lot, "");
        refuseMissing(base, "base", "Base oil");
        refuseMissing(additive, "additive", "Against wear");
    }

    private static void refuseMissing(@Nullable Object given, String field, String label) {
        if (given == null) {
            throw Refused.because(
                    field, label + " is missing. Choose one; not known is a choice for additives.");
        }
    }
}
