package app.yunque.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Problem;
import app.yunque.measure.Refused;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: all four, or it is refused. */
class LeadsReasonTest {
    @Test
    void saysAllFourInOneLine() {
        assertThat(
                        new LeadsReason(
                                        " It may growl on. ",
                                        "half load",
                                        "1 March",
                                        "Inés Roldán",
                                        null)
                                .inWords())
                .isEqualTo(
                        "It may growl on. Until then: half load. Next look: 1 March. The customer was told by Inés Roldán.");
    }

    @ParameterizedTest(name = "without {4}")
    @CsvSource({
        "'', half load, 1 March, Inés, risk",
        "growls, ' ', 1 March, Inés, restriction",
        "growls, half load, '', Inés, nextLook",
        "growls, half load, 1 March, '', toldBy"
    })
    void refusesLess(String risk, String restriction, String next, String told, String missing) {
        assertThatThrownBy(() -> new LeadsReason(risk, restriction, next, told, ""))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused ->
                                assertThat(refused.problems())
                                        .singleElement()
                                        .satisfies(
                                                p -> assertThat(p.component()).isEqualTo(missing)))
                .hasMessageContaining("a lead who signs all the same says all four");
    }

    @ParameterizedTest(name = "{0} characters of {1}: refused {2}")
    @CsvSource({
        "500, risk, false", "501, risk, true", "200, restriction, false", "201, restriction, true",
        "60, nextLook, false", "61, nextLook, true", "80, toldBy, false", "81, toldBy, true",
        "80, witness, false", "81, witness, true"
    })
    void refusesMoreThanFits(int length, String part, boolean refused) {
        var text = "x".repeat(length);
        Runnable made =
                () ->
                        new LeadsReason(
                                part.equals("risk") ? text : "a",
                                part.equals("restriction") ? text : "a",
                                part.equals("nextLook") ? text : "a",
                                part.equals("toldBy") ? text : "a",
                                part.equals("witness") ? text : "a");
        if (refused) {
            assertThatThrownBy(made::run)
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining(length + " characters");
        } else {
            made.run();
        }
    }

    // Judgement, no source: two things taken on one part want a second person, who is not the one
    // that signs.
    @ParameterizedTest(name = "witness “{0}”: {1}")
    @CsvSource({
        "'', name a second person who looked at it with you",
        "' INÉS ROLDÁN', somebody else has to be the second person",
        "Tomás Vega, "
    })
    void twoThingsOnOnePartWantASecondPerson(String witness, String refusal) {
        var reason = new LeadsReason("growls", "half load", "1 March", "Inés", witness);
        var two =
                List.of(new SigningPoint("second-person", "Two things.", SigningPoint.Weight.LEAD));
        var one = List.of(new SigningPoint("beyond", "One.", SigningPoint.Weight.LEAD));
        assertThat(reason.witnessed(one, "Inés Roldán")).isSameAs(reason);
        if (refusal == null) {
            assertThat(reason.witnessed(two, "Inés Roldán")).isSameAs(reason);
            assertThat(reason.inWords())
                    .endsWith("The customer was told by Inés. Seen with Tomás Vega.");
        } else {
            assertThatThrownBy(() -> reason.witnessed(two, "Inés Roldán"))
                    .isInstanceOfSatisfying(
                            Refused.class,
                            r ->
                                    assertThat(r.problems())
                                            .extracting(Problem::component)
                                            .containsExactly("witness"))
                    .hasMessageContaining(refusal);
        }
    }
}
