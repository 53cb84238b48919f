package app.yunque.server.unit;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class OtherStagesColumn extends JsonColumn<List<OtherStageRequest>> {
    OtherStagesColumn() {
        super(listOf(OtherStageRequest.class));
    }
}
