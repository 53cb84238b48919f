package app.yunque.server.parts;

import app.yunque.server.supplier.Quote;
import java.util.List;

/**
 * What the supplier said of a number, and of kits that hold it.
 *
 * @param quote of the number itself
 * @param kits  of kits
 */
record QuoteSaid(Quote quote, List<Quote> kits) {}
