package app.yunque.server.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import org.junit.jupiter.api.Test;

class RuleFieldsTest {

    /** A value that nothing names would stand in a form as a riddle. */
    @Test
    void everyValueARuleTakesHasAName() {
        var nameless = new ArrayList<String>();
        for (var rule : new Rules().all().stream().filter(Rule::hasForm).toList()) {
            try {
                assertThat(RuleFields.of(rule).fields()).isNotEmpty();
            } catch (IllegalStateException nothingSaysSo) {
                nameless.add(nothingSaysSo.getMessage());
            }
        }
        assertThat(nameless).isEmpty();
    }
}
