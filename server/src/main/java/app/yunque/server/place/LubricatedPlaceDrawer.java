package app.yunque.server.place;

import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.store.StoreService;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** A lubricated place from grade to quantity; the same sheet that units keep for each of their places. */
@Configuration
class LubricatedPlaceDrawer {
    private final StoreService store;

    LubricatedPlaceDrawer(StoreService store) {
        this.store = store;
    }

    @Bean
    Drawer lubricatedPlace() {
        return new Drawer(
                "lubricated-place",
                "What goes in, and how much",
                "One lubricated place: the grade with the schools side by side, what of the shelf goes there, litres or grams, and the level.",
                Section.GREASE,
                Takes.NONE,
                PlaceFields.all(),
                PlaceFields.FOLDED,
                sheet -> PlaceAnswer.of(new PlaceSheet(sheet), store.all()));
    }
}
