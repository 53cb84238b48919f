package app.yunque.server.drawer;

import app.yunque.lubricant.Compatibility;
import app.yunque.lubricant.IsoViscosityGrade;
import app.yunque.lubricant.LubricatedPlace;
import app.yunque.server.store.LubricantView;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What stands on the shelf, asked whether it goes to a place: what goes in the wanted grade first.
 *
 * @param lubricants oils when an oil is sought, greases when a grease is
 */
record OnTheShelf(List<Judged> lubricants) {

    /** A lubricant, what speaks against it, and whether its grade is the wanted one. */
    private record Judged(LubricantView lubricant, Compatibility told, boolean wanted) {
        boolean goes() {
            return rank() == 0 && wanted && !lubricant.past();
        }

        int rank() {
            return switch (told.verdict()) {
                case CLEAR_FAIL -> 2;
                case DOUBTFUL -> 1;
                default -> 0;
            };
        }

        String says() {
            var word =
                    switch (rank()) {
                        case 0 -> wanted ? "goes" : "goes by its kind, but it is another grade";
                        case 1 -> "with a reserve: " + reason();
                        default -> "no: " + reason();
                    };
            return lubricant.past()
                    ? word + " Past its last good day: have it tested or leave it."
                    : word;
        }

        private String reason() {
            return told.findings().get(0).reason();
        }
    }

    static OnTheShelf of(
            List<LubricantView> lubricants,
            boolean grease,
            Optional<Double> wantedAt40,
            LubricatedPlace place,
            Optional<Compatibility.Remains> remains) {
        return new OnTheShelf(
                lubricants.stream()
                        .filter(l -> l.lubricant().isGrease() == grease)
                        .map(
                                l ->
                                        new Judged(
                                                l,
                                                Compatibility.of(l.lubricant(), place, remains),
                                                isWanted(l, wantedAt40)))
                        .sorted(
                                Comparator.comparing(Judged::rank)
                                        .thenComparing(j -> !j.wanted())
                                        .thenComparing(j -> j.lubricant().past()))
                        .toList());
    }

    private static boolean isWanted(LubricantView lubricant, Optional<Double> wantedAt40) {
        return wantedAt40
                .map(
                        v ->
                                IsoViscosityGrade.nearest(v)
                                        == IsoViscosityGrade.nearest(
                                                lubricant.lubricant().viscosity()))
                .orElse(true);
    }

    DrawerAnswer.Table table() {
        return new DrawerAnswer.Table(
                List.of("on the shelf", "kind", "goes there"),
                lubricants.stream()
                        .map(
                                j ->
                                        List.of(
                                                j.lubricant().given().name(),
                                                j.lubricant().sort(),
                                                j.says()))
                        .toList());
    }

    /** What to say when nothing that stands there goes. */
    Optional<String> nothing() {
        return lubricants.stream().anyMatch(Judged::goes)
                ? Optional.empty()
                : Optional.of(
                        "Nothing on the shelf goes there in that grade without a reserve: have the right one bought before the box is closed.");
    }
}
