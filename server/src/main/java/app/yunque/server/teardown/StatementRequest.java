package app.yunque.server.teardown;

import app.yunque.teardown.Statement;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is said at the bench about the order.
 *
 * @param kind   what is said
 * @param first  step that comes first, or the first of two ways
 * @param then   step it is said about
 * @param orElse step that opens the other way, for EITHER
 * @param reason why
 */
public record StatementRequest(
        Statement.Kind kind, UUID first, UUID then, @Nullable UUID orElse, String reason) {}
