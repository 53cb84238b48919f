package app.yunque.server.photo;

import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class MarksColumn extends JsonColumn<List<PhotoMark>> {
    MarksColumn() {
        super(listOf(PhotoMark.class));
    }
}
