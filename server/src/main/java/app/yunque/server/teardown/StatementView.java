package app.yunque.server.teardown;

import java.util.UUID;

/**
 * What was said about the order.
 *
 * @param id     identity
 * @param given  as said
 * @param says   in one sentence
 * @param saidBy who said it
 */
public record StatementView(UUID id, StatementRequest given, String says, String saidBy) {}
