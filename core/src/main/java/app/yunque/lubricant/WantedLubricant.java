package app.yunque.lubricant;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.compatibility.Compatibility.Finding;
import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.compatibility.PlaceRules;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.PlateText;
import java.util.List;
import java.util.Optional;

/**
 * What a place wants: the plate's, or what has done well there, and where they are silent the advice of table and schools.
 *
 * @param advice what table and schools say
 * @param plate  what overrules them; empty where nothing does
 */
public record WantedLubricant(LubricantAdvice advice, Optional<PlateText> plate) {
    /** Whether a lubricant is of the wanted form and grade; where the plate names no grade the advice's counts. */
    public boolean suits(Lubricant lubricant) {
        if (plate.isEmpty()) {
            return advice.suits(lubricant);
        }
        boolean isSilent = plate.get().grade().isEmpty() && plate.get().nlgi().isEmpty();
        boolean sameForm = plate.get().grease() == (advice.form() == LubricantAdvice.Form.GREASE);
        return plate.get().suits(lubricant) && (!isSilent || !sameForm || advice.suits(lubricant));
    }

    /** In words: the plate's own, or what would be bought; a table's usual kind may be forbidden here and is not named. */
    public String words(PlaceJudgement at) {
        return plate.map(p -> String.join("; ", p.understood())).orElseGet(() -> toBuy(at).words());
    }

    /** What to buy for it, judged as a can is. */
    public Purchase toBuy(PlaceJudgement at) {
        return Purchase.of(advice, plate, at);
    }

    /** What the plate's own kind harms at its own place: then the plate, or what is said of the place, is wrong. Approval for food is no kind. */
    public List<Finding> againstThePlate(PlaceJudgement at) {
        return plate.stream()
                .flatMap(
                        p ->
                                Compatibility.of(p.asLubricant(), at.place(), Optional.empty())
                                        .findings()
                                        .stream())
                .filter(f -> f.weight() == Weight.FORBIDS && !f.rule().equals(PlaceRules.FOOD))
                .toList();
    }
}
