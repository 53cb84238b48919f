package app.yunque.server.people;

import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Records carry names and not keys, so a name that somebody bore is nobody else's for ever. */
@Component
class NamesForEver {
    private final JdbcClient jdbc;

    NamesForEver(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Whether the name is this person's from now on; false when it was another's. Held until the transaction ends. */
    boolean take(String name, UUID person) {
        var key = name.toLowerCase(Locale.ROOT);
        jdbc.sql("insert into name_borne (name, person_id) values (?, ?) on conflict do nothing")
                .param(key)
                .param(person)
                .update();
        return jdbc.sql("select person_id from name_borne where name = ?")
                .param(key)
                .query(UUID.class)
                .single()
                .equals(person);
    }
}
