package app.yunque.server.sheet;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;

@Converter
public class EntriesColumn extends JsonColumn<DrawerEntries> {
    public EntriesColumn() {
        super(DrawerEntries.class);
    }
}
