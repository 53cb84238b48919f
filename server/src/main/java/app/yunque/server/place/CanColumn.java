package app.yunque.server.place;

import app.yunque.server.history.JsonColumn;
import app.yunque.server.store.LubricantRequest;
import jakarta.persistence.Converter;

@Converter
class CanColumn extends JsonColumn<LubricantRequest> {
    CanColumn() {
        super(LubricantRequest.class);
    }
}
