package app.yunque.server.teardown;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;

@Converter
class DetailColumn extends JsonColumn<KeptDetail> {
    DetailColumn() {
        super(KeptDetail.class);
    }
}
