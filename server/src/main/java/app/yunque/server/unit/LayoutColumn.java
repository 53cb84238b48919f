package app.yunque.server.unit;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;

@Converter
class LayoutColumn extends JsonColumn<UnitLayout> {
    LayoutColumn() {
        super(UnitLayout.class);
    }
}
