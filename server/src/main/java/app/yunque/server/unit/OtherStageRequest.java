package app.yunque.server.unit;

import app.yunque.server.quantity.EnteredNumber;
import java.util.Map;

/**
 * A stage of another kind than a pair on parallel shafts, as its papers describe it.
 *
 * @param after  how many of the parallel stages come before it
 * @param kind   kind of stage, one of those the register offers
 * @param values what was entered, by field name
 */
public record OtherStageRequest(int after, String kind, Map<String, EnteredNumber> values) {}
