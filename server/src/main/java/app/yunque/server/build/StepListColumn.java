package app.yunque.server.build;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;
import java.util.UUID;

@Converter
class StepListColumn extends JsonColumn<List<UUID>> {
    StepListColumn() {
        super(listOf(UUID.class));
    }
}
