package app.yunque.server.parts;

import app.yunque.parts.BillOfParts;
import app.yunque.server.history.JsonColumn;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
class LinesColumn extends JsonColumn<List<BillOfParts.BillLine>> {
    LinesColumn() {
        super(listOf(BillOfParts.BillLine.class));
    }
}
