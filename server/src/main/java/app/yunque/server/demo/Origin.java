package app.yunque.server.demo;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Whose records these are: nobody's yet, the demo's, or a shop's own. */
@Component
class Origin {
    enum Kind {
        NEW,
        DEMO,
        SHOP
    }

    private final JdbcClient jdbc;

    Origin(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    Kind kind() {
        return jdbc.sql("select kind from origin").query(Kind.class).single();
    }

    void becomes(Kind kind) {
        jdbc.sql("update origin set kind = :kind, since = now()")
                .param("kind", kind.name())
                .update();
    }
}
