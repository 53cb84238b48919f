package app.yunque.server.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.hibernate.type.descriptor.WrapperOptions;
import org.hibernate.type.descriptor.java.spi.UnknownBasicJavaType;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/** A record that a later version knows less of is still read. */
class JsonColumnsTest {
    record Held(String name, List<Integer> stages) {}

    @Test
    void aFieldThatIsNotKnownAnyMoreIsPassedOver() {
        var read =
                JsonColumns.mapper()
                        .fromString(
                                "{\"name\": \"low\", \"offered\": true, \"stages\": [1, 3]}",
                                new UnknownBasicJavaType<>(Held.class),
                                Mockito.mock(WrapperOptions.class));
        assertThat(read).isEqualTo(new Held("low", List.of(1, 3)));
    }
}
