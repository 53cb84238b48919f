package app.yunque.server.unit;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class StagesColumn extends JsonColumn<List<StageRequest>> {
    StagesColumn() {
        super(listOf(StageRequest.class));
    }
}
