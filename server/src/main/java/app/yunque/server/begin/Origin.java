package app.yunque.server.begin;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Whose records these are: nobody's yet, the demo's, or a shop's own. */
@Component
public class Origin {
    /** Whose. */
    public enum Kind {
        NEW,
        DEMO,
        SHOP
    }

    private final JdbcClient jdbc;

    Origin(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Kind kind() {
        return jdbc.sql("select kind from origin").query(Kind.class).single();
    }

    /** Held until the transaction ends, so that two who begin at once do not both. */
    Kind lockedKind() {
        return jdbc.sql("select kind from origin for update").query(Kind.class).single();
    }

    void becomes(Kind kind) {
        jdbc.sql("update origin set kind = :kind, since = now()")
                .param("kind", kind.name())
                .update();
    }
}
