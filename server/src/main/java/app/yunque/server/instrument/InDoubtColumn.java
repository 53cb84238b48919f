package app.yunque.server.instrument;

import app.yunque.measure.InDoubt;
import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class InDoubtColumn extends JsonColumn<List<InDoubt>> {
    InDoubtColumn() {
        super(listOf(InDoubt.class));
    }
}
