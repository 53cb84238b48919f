package app.yunque.lubricant;

import app.yunque.lubricant.compatibility.Compatibility;
import app.yunque.lubricant.place.Lubricant;
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
 * @param answer   what to do
 * @param chosen   what that is, from the shelf or to be bought; empty where the maker is asked
 * @param sentence the same in words
 */
public record ShelfChoice(
        List<Judged> judged,
        Optional<Judged> proposed,
        Answer answer,
        Optional<Lubricant> chosen,
        String sentence) {

    /** What to do for a place. */
    public enum Answer {
        TAKE,
        TAKE_ALTHOUGH,
        BUY,
        BUY_ALTHOUGH,
        ASK_THE_MAKER;

        /** What it says of the place. */
        public Verdict verdict() {
            return switch (this) {
                case TAKE, BUY -> Verdict.CLEAR_PASS;
                case TAKE_ALTHOUGH, BUY_ALTHOUGH -> Verdict.DOUBTFUL;
                case ASK_THE_MAKER -> Verdict.CLEAR_FAIL;
            };
        }
    }

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
     * @param suits   whether form and grade are the wanted ones
     * @param at      the judgement on the place where it is to go
     * @param need    how much is needed (L or kg); empty when unknown
     * @param toBuy   what to buy when nothing goes
     */
    public static ShelfChoice of(
            List<Can> cans,
            Predicate<Lubricant> suits,
            PlaceJudgement at,
            Optional<Double> need,
            Purchase toBuy) {
        var judged =
                cans.stream()
                        .map(
                                c ->
                                        judge(
                                                c,
                                                suits.test(c.lubricant),
                                                at.of(c.lubricant, c.sheet),
                                                need))
                        .sorted(
                                Comparator.comparing((Judged j) -> !j.goes())
                                        .thenComparing(j -> !j.enough)
                                        .thenComparing(j -> !isLike(j.can.lubricant, at.remains()))
                                        .thenComparing(Judged::harm)
                                        .thenComparing(j -> !j.suits)
                                        .thenComparing(j -> j.can.past))
                        .toList();
        var proposed = judged.stream().filter(Judged::goes).findFirst();
        var although =
                judged.stream()
                        .filter(j -> j.suits && !j.can.past && j.harm() == 1)
                        .min(Comparator.comparingInt(j -> j.told.grave().size()));
        if (proposed.isPresent()) {
            return new ShelfChoice(
                    judged,
                    proposed,
                    Answer.TAKE,
                    proposed.map(j -> j.can.lubricant),
                    take(proposed.get(), need));
        }
        if (although.isPresent() && toBuy.outcome() != Purchase.Outcome.BUY) {
            return new ShelfChoice(
                    judged,
                    proposed,
                    Answer.TAKE_ALTHOUGH,
                    although.map(j -> j.can.lubricant),
                    although(take(although.get(), need), although.get().told.grave()));
        }
        return new ShelfChoice(judged, proposed, answer(toBuy), toBuy.lubricant(), buy(toBuy));
    }

    private static Answer answer(Purchase toBuy) {
        return switch (toBuy.outcome()) {
            case BUY -> Answer.BUY;
            case BUY_ALTHOUGH -> Answer.BUY_ALTHOUGH;
            case ASK_THE_MAKER -> Answer.ASK_THE_MAKER;
        };
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

    private static String take(Judged judged, Optional<Double> need) {
        var can = judged.can;
        return judged.enough
                ? "Take %s from the shelf.".formatted(can.name)
                : "Take %s from the shelf and buy %s %s more of it."
                        .formatted(
                                can.name,
                                PlainDigits.rounded(need.orElseThrow() - can.amount, 2),
                                can.unit());
    }

    private static String although(String sentence, List<Compatibility.Finding> grave) {
        var first = grave.get(0);
        return "%s Although: %s Instead: %s".formatted(sentence, first.reason(), first.instead());
    }

    private static String buy(Purchase toBuy) {
        var none = "Nothing on the shelf goes there in that grade without a reserve. ";
        return switch (toBuy.outcome()) {
            case BUY -> none + "To buy before the box is closed: " + toBuy.words() + ".";
            case BUY_ALTHOUGH ->
                    although(
                            none + "To buy before the box is closed: " + toBuy.words() + ".",
                            toBuy.although());
            case ASK_THE_MAKER ->
                    none
                            + Character.toUpperCase(toBuy.words().charAt(0))
                            + toBuy.words().substring(1)
                            + ". Ask the maker of the unit before it is filled.";
        };
    }
}
