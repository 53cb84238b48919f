package app.yunque.inspection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Common practice, no source: what customers say and what it is read as. */
class ComplaintTest {
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            nullValues = "-",
            value = {
                "Clunks when it reverses, KNOCK",
                "a loud bang and then nothing, KNOCK",
                "whining at full speed, WHINE",
                "Growls under load, GROWL",
                "rumbling and hot, GROWL HEAT",
                "oil at the output shaft, LEAK",
                "wet underneath, LEAK",
                "overheats after ten minutes, HEAT",
                "turns but does not lift, SLIP",
                "jumps out of second, JUMP",
                "pops out of gear, JUMP",
                "hard to shift when cold, STIFF",
                "will not engage, STIFF",
                "sinks under load, CREEP",
                "runs back when released, CREEP",
                "seized, STALL",
                "stuck half open, STALL",
                "too much play at the handle, LASH",
                "the two outputs are out of time, TIME",
                "a knock once a turn, KNOCK ONCE",
                "glitter on the magnet, METAL",
                "smells scorched, BURNT",
                "Vibrates above 1000, VIBR",
                "yearly service, -",
                "does not leak, -",
                "no knock, -",
                "never hot but growls, GROWL",
                "LEAKS at both ends, LEAK"
            })
    void isReadAs(String said, String words) {
        var expected =
                words == null
                        ? Set.<Circumstance>of()
                        : Arrays.stream(words.split(" "))
                                .map(Circumstance::valueOf)
                                .collect(Collectors.toSet());
        assertThat(Complaint.read(said)).isEqualTo(expected);
    }

    @Test
    void everyWordOfAComplaintHasItsLine() {
        var words = Arrays.stream(Circumstance.values()).filter(Circumstance::isComplaint).toList();
        assertThat(Complaint.all()).extracting(Complaint::word).containsExactlyElementsOf(words);
        assertThat(words).hasSize(16).doesNotContain(Circumstance.LIFT);
    }

    @Test
    void theFirstComesBeforeTheOthersAndWhatIsNotNamedLast() {
        var jump = Complaint.of(Circumstance.JUMP).orElseThrow();
        assertThat(jump.place("LEV-4")).isZero();
        assertThat(jump.place("DOG-1")).isEqualTo(2);
        assertThat(jump.place("DET-2")).isEqualTo(3);
        assertThat(jump.place("GER-1")).isEqualTo(jump.first().size() + jump.then().size());
        assertThat(jump.names("DOG-2")).isTrue();
        assertThat(jump.names("GER-1")).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "KNOCK | knock | ANY-3",
                "KNOCK | knock | QQQ-9 | ANY-1",
                "BOO | x | ANY-1 | ANY-2"
            })
    void aLineThatIsNotUnderstoodEndsTheStart(String line) {
        assertThatThrownBy(() -> Complaint.line(line))
                .isInstanceOfAny(IllegalStateException.class, IllegalArgumentException.class);
    }
}
