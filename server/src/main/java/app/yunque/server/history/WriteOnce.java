package app.yunque.server.history;

import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes a write from the bench safe to repeat: every write carries an identity made where it was typed, and the second
 * arrival of the same identity changes nothing. The receipt commits with the change or not at all.
 */
@Service
public class WriteOnce {
    private final JdbcClient jdbc;

    WriteOnce(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    public void run(UUID writeId, Runnable change) {
        int fresh =
                jdbc.sql("insert into write_receipt (write_id) values (?) on conflict do nothing")
                        .param(writeId)
                        .update();
        if (fresh == 1) {
            change.run();
        }
    }
}
