package app.yunque.server.parts;

import app.yunque.parts.Supersession;
import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class ReplacementsColumn extends JsonColumn<List<Supersession.Replacement>> {
    ReplacementsColumn() {
        super(listOf(Supersession.Replacement.class));
    }
}
