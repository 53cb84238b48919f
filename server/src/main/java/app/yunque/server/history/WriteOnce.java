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
    /** How long a device may be away and still send what it kept without it being done twice. */
    private static final String KEPT = "90 days";

    /** Old receipts swept with each write, so that they go as they came and none waits for a sweep of all. */
    private static final int SWEPT = 20;

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
            sweep();
        }
    }

    private void sweep() {
        jdbc.sql(
                        """
                        delete from write_receipt where write_id in (
                            select write_id from write_receipt
                            where at < now() - cast(:kept as interval) order by at limit :swept
                            for update skip locked)
                        """)
                .param("kept", KEPT)
                .param("swept", SWEPT)
                .update();
    }
}
