package app.yunque.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import app.yunque.route.JobEnd.How;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: a job that nobody signs ends with a reason, and its parts are somewhere. */
class JobEndTest {
    @ParameterizedTest(name = "{0}, {2}: {5}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "MISTAKE    | opened twice | ''              | - | 9 | opened twice",
                "RETURNED   | too dear.    | in a box with it | - | 9 | Returned unrepaired: too dear. The parts: in a box with it",
                "RETURNED   | too dear     | ''              | - | 0 | Returned unrepaired: too dear",
                "SCRAPPED   | case cracked | skip 2          | - | 3 | The unit is scrapped: case cracked. The parts: skip 2",
                "CALLED_OFF | not needed   | back in the unit | - | 1 | Called off: not needed. The parts: back in the unit",
                "MERGED     | same unit    | ''              | 8 | 4 | Goes on in another job: same unit. It goes on in job 8"
            })
    void saysHowItEnded(How how, String why, String parts, Long into, int bench, String words) {
        assertThat(JobEnd.of(how, why, parts, Optional.ofNullable(into), 7, bench).inWords())
                .isEqualTo(words);
    }

    @ParameterizedTest(name = "{0}, why “{1}”, parts “{2}”, into {3}: refused at {5}")
    @CsvSource(
            nullValues = "-",
            value = {
                "RETURNED, ' ', '', -, 0, why",
                "RETURNED, dear, '', -, 1, partsAt",
                "SCRAPPED, dear, ' ', -, 1, partsAt",
                "CALLED_OFF, dear, '', -, 1, partsAt",
                "MERGED, same, '', -, 0, into",
                "MERGED, same, '', 7, 0, into",
                "RETURNED, dear, box, 8, 0, into"
            })
    void refuses(How how, String why, String parts, Long into, int bench, String field) {
        assertThatThrownBy(() -> JobEnd.of(how, why, parts, Optional.ofNullable(into), 7, bench))
                .isInstanceOfSatisfying(
                        Refused.class,
                        r ->
                                assertThat(r.problems())
                                        .extracting(Problem::component)
                                        .containsExactly(field));
    }

    @ParameterizedTest(name = "{0} characters of {1}: {2}")
    @CsvSource({"300, why, true", "301, why, false", "200, parts, true", "201, parts, false"})
    void fitsSoMuch(int length, String which, boolean fits) {
        var text = "x".repeat(length);
        Runnable made =
                () ->
                        JobEnd.of(
                                How.RETURNED,
                                which.equals("why") ? text : "dear",
                                which.equals("parts") ? text : "",
                                Optional.empty(),
                                7,
                                0);
        if (fits) {
            made.run();
        } else {
            assertThatThrownBy(made::run).isInstanceOf(Refused.class);
        }
    }
}
