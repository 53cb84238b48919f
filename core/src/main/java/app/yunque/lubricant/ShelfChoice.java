package app.yunque.lubricant;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * Which can on the shelf goes to a place: of the wanted kind and grade, harmless there, still good, and enough of it. What is
 * there comes before what would have to be bought. Source: {@link Compatibility} and {@link LubricantAdvice}.
 *
 * @param judged   every can, the best first
 * @param proposed the can to take; empty when none goes
 * @param sentence what to take, or what to buy
 */
public record ShelfChoice(List<Judged> judged, Optional<Judged> proposed, String sentence) {

    /**
     * A can.
     *
     * @param id        identity in the shop: two cans may bear one name
     * @param name      on it
     * @param lubricant what is in it
     * @param past      true when its last good day is over
     * @param amount    what is left (L of an oil, kg of a grease)
     * @param sheet     temperatures of its data sheet
     */
    public record Can(
            UUID id,
            String name,
            Lubricant lubricant,
            boolean past,
            double amount,
            DataSheet sheet) {
        public String unit() {
            return lubricant.isGrease() ? "kg" : "L";
        }
    }

    /**
     * A can with what is to be said of it.
     *
     * @param can     it
     * @param told    what speaks against it at that place
     * @param suits   true when kind and grade are the wanted ones
     * @param enough  true when there is enough of it
     * @param says    in words
     */
    public record Judged(Can can, Compatibility told, boolean suits, boolean enough, String says) {
        boolean goes() {
            return harm() == 0 && suits && !can.past;
        }

        /** True when something forbids it there. */
        public boolean isForbidden() {
            return told.verdict() == Verdict.CLEAR_FAIL;
        }

        int harm() {
            return isForbidden() ? 2 : told.verdict() == Verdict.DOUBTFUL ? 1 : 0;
        }
    }

    /**
     * @param cans    on the shelf, in the order they stand
     * @param suits   whether kind and grade are the wanted ones
     * @param place   where it is to go
     * @param coldest the coldest start there (°C); empty where it does not matter
     * @param remains what is still in it
     * @param need    how much is needed (L or kg); empty when unknown
     * @param toBuy   what to buy when nothing goes
     */
    public static ShelfChoice of(
            List<Can> cans,
            Predicate<Lubricant> suits,
            LubricatedPlace place,
            Optional<Double> coldest,
            Optional<Compatibility.Remains> remains,
            Optional<Double> need,
            String toBuy) {
        var judged =
                cans.stream()
                        .map(
                                c ->
                                        judge(
                                                c,
                                                suits.test(c.lubricant),
                                                harm(c, place, coldest, remains),
                                                need))
                        .sorted(
                                Comparator.comparing((Judged j) -> !j.goes())
                                        .thenComparing(j -> !j.enough)
                                        .thenComparing(j -> !isLike(j.can.lubricant, remains))
                                        .thenComparing(Judged::harm)
                                        .thenComparing(j -> !j.suits)
                                        .thenComparing(j -> j.can.past))
                        .toList();
        var proposed = judged.stream().filter(Judged::goes).findFirst();
        return new ShelfChoice(judged, proposed, sentence(proposed, need, toBuy));
    }

    private static Judged judge(Can can, boolean suits, Compatibility told, Optional<Double> need) {
        boolean enough = need.isEmpty() || can.amount >= need.get();
        return new Judged(can, told, suits, enough, says(can, told, suits, enough));
    }

    /** Of two that go alike, the one of the kind that is in it already comes first. */
    private static boolean isLike(Lubricant one, Optional<Compatibility.Remains> remains) {
        return remains.map(Compatibility.Remains::lubricant)
                .filter(old -> old.base() == one.base() && old.additive() == one.additive())
                .isPresent();
    }

    /** What speaks against a can at a place, its pour point among it. */
    public static Compatibility harm(
            Can can,
            LubricatedPlace place,
            Optional<Double> coldest,
            Optional<Compatibility.Remains> remains) {
        return Compatibility.of(can.lubricant, place, remains)
                .with(coldest.flatMap(can.sheet::atColdest));
    }

    private static String says(Can can, Compatibility told, boolean suits, boolean enough) {
        var word =
                switch (told.verdict()) {
                    case CLEAR_FAIL -> "no: " + told.findings().get(0).reason();
                    case DOUBTFUL -> "with a reserve: " + told.findings().get(0).reason();
                    default ->
                            !suits
                                    ? "goes by its kind, but it is another grade"
                                    : enough
                                            ? "goes"
                                            : "goes, but only %s %s are left"
                                                    .formatted(
                                                            PlainDigits.exact(can.amount),
                                                            can.unit());
                };
        return can.past
                ? word
                        + (word.endsWith(".") ? "" : ".")
                        + " Past its last good day: have it tested or leave it."
                : word;
    }

    private static String sentence(Optional<Judged> proposed, Optional<Double> need, String toBuy) {
        if (proposed.isEmpty()) {
            return "Nothing on the shelf goes there in that grade without a reserve. To buy before the box is closed: "
                    + toBuy
                    + ".";
        }
        var can = proposed.get().can;
        if (proposed.get().enough) {
            return "Take %s from the shelf.".formatted(can.name);
        }
        return "Take %s from the shelf and buy %s %s more of it."
                .formatted(
                        can.name,
                        PlainDigits.rounded(need.orElseThrow() - can.amount, 2),
                        can.unit());
    }
}
