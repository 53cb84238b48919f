package app.yunque.server.parts;

import app.yunque.server.history.JsonColumn;
import app.yunque.server.supplier.Quote;
import jakarta.persistence.Converter;

@Converter
class QuoteColumn extends JsonColumn<QuoteColumn.Said> {
    QuoteColumn() {
        super(Said.class);
    }

    /**
     * What the supplier said of a number, and of kits that hold it.
     *
     * @param quote of the number itself
     * @param kits  of kits
     */
    record Said(Quote quote, java.util.List<Quote> kits) {}
}
