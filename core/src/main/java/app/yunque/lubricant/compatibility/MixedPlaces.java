package app.yunque.lubricant.compatibility;

import app.yunque.lubricant.compatibility.Compatibility.Weight;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.PlaceSort;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Lubricants of one unit that must not meet: two greases whose thickeners or base oils do not mix, an oil beside a strange grease,
 * grease beside pawls. They sit in the same hands, the same gun and often in the same housing. Source: compatibility of base oils
 * and thickeners, common practice; thickener chart from memory.
 */
public final class MixedPlaces {
    private MixedPlaces() {}

    /**
     * A place and what is in it.
     *
     * @param name      of the place
     * @param sort      of the place
     * @param lubricant what is in it
     * @param can       name on its can
     */
    public record Filled(String name, PlaceSort sort, Lubricant lubricant, String can) {}

    /** Every pair that must be kept apart, the gravest first. */
    public static List<Compatibility.Finding> of(List<Filled> places) {
        var found = new ArrayList<Compatibility.Finding>();
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                between(places.get(i), places.get(j)).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparing(Compatibility.Finding::weight));
        return List.copyOf(found);
    }

    private static Optional<Compatibility.Finding> between(Filled one, Filled two) {
        if (one.lubricant.equals(two.lubricant) && one.can.equals(two.can)) {
            return Optional.empty();
        }
        char worst = worse(oils(one, two), thickeners(one, two));
        boolean creeps = pawlBesideGrease(one, two) || pawlBesideGrease(two, one);
        if (worst == 'O' && !creeps) {
            return Optional.empty();
        }
        var names = one.name + " and " + two.name;
        if (creeps) {
            return Optional.of(
                    new Compatibility.Finding(
                            names,
                            Weight.WARNS,
                            "Grease creeps and is flung: on a pawl it stiffens with cold and dust, and the load runs back.",
                            "Grease thinly, wipe what is over, oil the pawls with a drop and try them by hand."));
        }
        return Optional.of(
                new Compatibility.Finding(
                        names,
                        worst == 'N' ? Weight.FORBIDS : Weight.WARNS,
                        "%s and %s %s."
                                .formatted(
                                        one.can,
                                        two.can,
                                        worst == 'N'
                                                ? "do not mix: they soften, harden or separate"
                                                : "mix poorly"),
                        one.lubricant.isGrease() && two.lubricant.isGrease()
                                ? "A gun for each, every nipple labelled; never pump one over the other."
                                : "Keep can, funnel and brush of each apart; a seal between them must hold."));
    }

    private static char oils(Filled one, Filled two) {
        return Compatibility.baseOils(one.lubricant.base(), two.lubricant.base());
    }

    private static char thickeners(Filled one, Filled two) {
        var first = one.lubricant.thickener();
        var second = two.lubricant.thickener();
        return first.isPresent() && second.isPresent() ? first.get().with(second.get()) : 'O';
    }

    private static char worse(char one, char two) {
        return "OBN".indexOf(one) >= "OBN".indexOf(two) ? one : two;
    }

    private static boolean pawlBesideGrease(Filled one, Filled two) {
        return one.sort == PlaceSort.PAWLS && two.lubricant.isGrease();
    }
}
