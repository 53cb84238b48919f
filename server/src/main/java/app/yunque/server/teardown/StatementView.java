package app.yunque.server.teardown;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was said about the order.
 *
 * @param id     identity
 * @param given  as said
 * @param says   in one sentence
 * @param saidBy who said it
 * @param remark why it changes nothing; empty where it does what it says
 */
public record StatementView(
        UUID id, StatementRequest given, String says, String saidBy, @Nullable String remark) {}
