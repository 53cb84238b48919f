package app.yunque.teardown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PassageTest {
    private static final double ROOM = Passage.ROOM_MM;

    private static Opening round(double d) {
        return new Opening("side hole", Opening.Shape.ROUND, d, d, "");
    }

    private static Opening slot(double w, double h) {
        return new Opening("top opening", Opening.Shape.RECTANGLE, w, h, "");
    }

    private static Envelope box(double a, double b, double length) {
        return new Envelope(Envelope.Shape.BOX, a, b, length);
    }

    // J. E. Wetzel, Rectangles in rectangles, 2000 (from memory); values worked out apart from this
    // code.
    @ParameterizedTest(name = "{0} × {1} in height {2} needs {3} mm")
    @CsvSource({"10, 80, 78, 38.9685", "20, 60, 58, 54.9752"})
    void knowsTheWidthThatATurnedBoxNeeds(double a, double b, double h, double width) {
        assertThat(Passage.widthNeededTurned(a, b, h)).isCloseTo(width, within(0.0001));
    }

    @ParameterizedTest(name = "opening {0} × {1}: {2}")
    @CsvSource({"38.5, 78.5, ", "39.5, 78.5, TURNED"})
    void turnsALongBox(double w, double h, Passage.Attitude attitude) {
        assertThat(Passage.through(slot(w, h), box(10, 80, 100))).isEqualTo(attitude);
    }

    // The worked example of the rebuild brief: wheel Ø96 × 28, side hole Ø80, top opening 110 × 40.
    @Test
    void takesAWheelEdgeOnThroughTheTop() {
        var wheel = Envelope.round(96, 28);

        assertThat(Passage.through(round(80), wheel)).isNull();
        assertThat(Passage.through(slot(110, 40), wheel)).isEqualTo(Passage.Attitude.EDGE_ON);
        assertThat(Passage.through(round(96.4), wheel)).isNull();
        assertThat(Passage.through(round(96.5), wheel)).isEqualTo(Passage.Attitude.END_ON);
    }

    @Test
    void needsTheDiagonalInARoundHole() {
        assertThat(Passage.through(round(50 + ROOM), box(30, 40, 60)))
                .isEqualTo(Passage.Attitude.END_ON);
        assertThat(Passage.through(round(50 + ROOM - 0.01), box(30, 40, 60))).isNull();
    }

    /** Reference: the cross-section turned in steps of a hundredth of a degree, its bounding box compared. */
    @Test
    void agreesWithTurningThePartBySmallSteps() {
        var random = new Random(7);
        int turned = 0;
        for (int i = 0; i < 400; i++) {
            double a = 5 + random.nextInt(40);
            double b = a + random.nextInt(60);
            double w = 5 + random.nextInt(60);
            double h = w + random.nextInt(60);
            boolean passes = Passage.through(slot(w + ROOM, h + ROOM), box(a, b, 1000)) != null;
            double slack = slackByTurning(a, b, w, h);
            if (Math.abs(slack) > 0.05) {
                assertThat(passes)
                        .as("%s × %s through %s × %s, slack %s", a, b, w, h, slack)
                        .isEqualTo(slack > 0);
                turned += passes && b > h ? 1 : 0;
            }
        }
        assertThat(turned).as("cases that pass only when turned").isPositive();
    }

    private static double slackByTurning(double a, double b, double w, double h) {
        double best = Double.NEGATIVE_INFINITY;
        for (double t = 0; t <= 90; t += 0.01) {
            double sin = Math.sin(Math.toRadians(t));
            double cos = Math.cos(Math.toRadians(t));
            best = Math.max(best, Math.min(w - (a * cos + b * sin), h - (a * sin + b * cos)));
        }
        return best;
    }

    @Test
    void refusesSizesThatCannotBe() {
        assertThatThrownBy(() -> round(0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Width of the opening 0 mm");
        assertThatThrownBy(() -> Envelope.round(Double.NaN, 10))
                .hasMessageContaining("Diameter or width is missing");
        assertThatThrownBy(() -> new Opening(" ", Opening.Shape.ROUND, 10, 10, ""))
                .hasMessageContaining("name");
    }
}
