package app.yunque.server.supplier;

import java.util.Collection;
import java.util.List;

/** The shop's supplier of parts. It may be slow, and it may not answer: what it does not answer is told and can be asked again. */
public interface Supplier {
    /**
     * @param numbers part numbers
     * @return what it said of each, in the same order, and of kits that hold one of them
     */
    List<Quote> quote(Collection<String> numbers);
}
