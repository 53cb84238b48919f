package app.yunque.server.unit;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class PositionsColumn extends JsonColumn<List<PositionRequest>> {
    PositionsColumn() {
        super(listOf(PositionRequest.class));
    }
}
