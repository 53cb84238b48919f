package app.yunque.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.server.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(RunningApp.class)
class ReadOnceTest {
    private int asked;

    private int ask(String what, Object of) {
        return ReadOnce.of(what, of, () -> ++asked);
    }

    private static TransactionTemplate transaction(boolean readOnly, int propagation) {
        var template = new TransactionTemplate(RunningApp.bean(PlatformTransactionManager.class));
        template.setReadOnly(readOnly);
        template.setPropagationBehavior(propagation);
        return template;
    }

    private static TransactionTemplate reading() {
        return transaction(true, TransactionDefinition.PROPAGATION_REQUIRED);
    }

    @Test
    void aReadingTransactionAsksOnceForTheSame() {
        reading()
                .executeWithoutResult(
                        t -> {
                            assertThat(ask("findings", 1)).isEqualTo(1);
                            assertThat(ask("findings", 1)).isEqualTo(1);
                            assertThat(ask("findings", 2)).isEqualTo(2);
                            assertThat(ask("decisions", 1)).isEqualTo(3);
                        });
    }

    @Test
    void theNextTransactionAsksAnew() {
        reading().executeWithoutResult(t -> ask("findings", 1));
        reading().executeWithoutResult(t -> assertThat(ask("findings", 1)).isEqualTo(2));
    }

    @Test
    void whatWritesAlwaysAsksAnewAndSoDoesWhatRunsOutside() {
        transaction(false, TransactionDefinition.PROPAGATION_REQUIRED)
                .executeWithoutResult(
                        t -> {
                            ask("findings", 1);
                            assertThat(ask("findings", 1)).isEqualTo(2);
                        });
        ask("findings", 1);
        assertThat(ask("findings", 1)).isEqualTo(4);
    }

    @Test
    void aTransactionInBetweenKnowsNothingOfItAndTakesNothingFromIt() {
        reading()
                .executeWithoutResult(
                        t -> {
                            ask("findings", 1);
                            transaction(true, TransactionDefinition.PROPAGATION_REQUIRES_NEW)
                                    .executeWithoutResult(
                                            inner -> assertThat(ask("findings", 1)).isEqualTo(2));
                            assertThat(ask("findings", 1)).isEqualTo(1);
                        });
    }
}
