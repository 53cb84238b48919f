package app.yunque.server.drawer;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;

@Converter
public class EntriesColumn extends JsonColumn<DrawerEntries> {
    public EntriesColumn() {
        super(DrawerEntries.class);
    }
}
