package app.yunque.server.store;

import app.yunque.lubricant.DataSheet;
import app.yunque.lubricant.ShelfChoice;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.viscosity.ViscosityLine;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lubricant of the shelf.
 *
 * @param id        identity
 * @param given     as entered, with its version
 * @param sort      what it is in words: grade or consistency, base, thickener
 * @param past      true when its last good day is over
 * @param goodDays  from today to its last good day; minus when it is over, missing when none is known
 * @param amount    what is left (L of an oil, kg of a grease)
 * @param sheet     temperatures of its data sheet
 * @param lubricant what the rules of compatibility ask
 */
public record LubricantView(
        UUID id,
        LubricantRequest given,
        String sort,
        boolean past,
        @Nullable Long goodDays,
        double amount,
        @JsonIgnore DataSheet sheet,
        @JsonIgnore Lubricant lubricant) {

    /** As the core asks it. */
    public ShelfChoice.Can can() {
        return new ShelfChoice.Can(id, given.name(), lubricant, past, amount, sheet);
    }

    /** Its viscosity over temperature; of a grease that of its base oil. */
    public ViscosityLine line() {
        var index = given.viscosityIndex();
        return ViscosityLine.of(
                lubricant.viscosity(), index == null ? given.base().usualIndex() : index);
    }
}
