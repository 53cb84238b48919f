package app.yunque.lubricant;

import app.yunque.lubricant.Compatibility.Finding;
import app.yunque.lubricant.Compatibility.Weight;
import app.yunque.lubricant.Lubricant.Additive;
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

    /** In words. */
    public String words() {
        return plate.map(p -> String.join("; ", p.understood())).orElseGet(advice::words);
    }

    /** What to buy for it, judged as a can is. */
    public Purchase toBuy(PlaceJudgement at) {
        return Purchase.of(advice, plate, at);
    }

    /** What speaks against the plate's own kind at its own place: then the plate, or what is said of the place, is wrong. */
    public List<Finding> againstThePlate(PlaceJudgement at) {
        return plate.filter(p -> p.additive().isPresent() || p.base().isPresent())
                .map(
                        p ->
                                Compatibility.of(
                                                p.lubricant(Additive.NONE, true),
                                                at.place(),
                                                Optional.empty())
                                        .findings()
                                        .stream()
                                        .filter(f -> f.weight() == Weight.FORBIDS)
                                        .toList())
                .orElse(List.of());
    }
}
