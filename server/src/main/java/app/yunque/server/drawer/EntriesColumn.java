package app.yunque.server.drawer;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;

@Converter
class EntriesColumn extends JsonColumn<DrawerEntries> {
    EntriesColumn() {
        super(DrawerEntries.class);
    }
}
