package app.yunque.server.drawer;

import app.yunque.lubricant.ShelfChoice;
import app.yunque.measure.PlainDigits;
import app.yunque.server.store.LubricantView;
import java.util.List;

/** Between the shelf as the shop keeps it and as the core asks it. */
final class OnTheShelf {
    private OnTheShelf() {}

    /** Oils when an oil is sought, greases when a grease is. */
    static List<ShelfChoice.Can> cans(List<LubricantView> shelf, boolean grease) {
        return shelf.stream()
                .filter(l -> l.lubricant().isGrease() == grease)
                .map(LubricantView::can)
                .toList();
    }

    static DrawerAnswer.Table table(ShelfChoice choice) {
        return new DrawerAnswer.Table(
                "On the shelf",
                List.of("can", "left", "goes there"),
                choice.judged().stream()
                        .map(j -> List.of(j.can().name(), left(j.can()), j.says()))
                        .toList());
    }

    private static String left(ShelfChoice.Can can) {
        return PlainDigits.exact(can.amount()) + (can.lubricant().isGrease() ? " kg" : " L");
    }
}
