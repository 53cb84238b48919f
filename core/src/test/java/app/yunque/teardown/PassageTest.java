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

    /** Half a millimetre is wanted on each size, and not more: what just has it passes. */
    @ParameterizedTest(name = "{0} × {1} with {2} deep, Ø{3} × {4}: {5}")
    @CsvSource({
        "28.5, 96.5, 10,  96, 28,  EDGE_ON",
        "28.4, 96.5, 10,  96, 28,  ",
        "28.5, 96.4, 10,  96, 28,  ",
        "30.5, 120,  75,  30, 180, TILTED",
        "30.4, 120,  75,  30, 180, ",
        "30.5, 120,  74,  30, 180, ",
        "30.5, 30.5, 180, 30, 180, END_ON",
        "30.5, 30.4, 180, 30, 180, ",
        "30.5, 30.5, 179, 30, 180, "
    })
    void justPasses(
            double w, double h, double depth, double d, double length, Passage.Attitude attitude) {
        var opening = facing(slot(w, h), Opening.Faces.TOP, depth);
        assertThat(Passage.through(opening, Envelope.round(d, length))).isEqualTo(attitude);
    }

    @Test
    void namesTheOpeningsThatAPartPasses() {
        assertThat(
                        Passage.passable(
                                java.util.List.of(round(80), round(100)), Envelope.round(96, 28)))
                .extracting(Opening::widthMm)
                .containsExactly(100.0);
        assertThat(Passage.Attitude.TILTED.words()).isEqualTo("tilted, one end first");
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

    private static Opening facing(Opening opening, Opening.Faces faces, Double depthMm) {
        return new Opening(
                opening.name(),
                opening.shape(),
                opening.widthMm(),
                opening.heightMm(),
                opening.closedBy(),
                faces,
                0,
                depthMm);
    }

    /** Along the shafts a shaft is drawn straight out, however long; across them it wants depth. Common practice, no source. */
    @Test
    void drawsAShaftStraightOutOfABore() {
        var shaft = Envelope.round(30, 1000);
        assertThat(Passage.through(facing(round(31), Opening.Faces.LEFT, 10.0), shaft))
                .isEqualTo(Passage.Attitude.STRAIGHT);
        assertThat(Passage.through(facing(round(31), Opening.Faces.RIGHT, null), shaft))
                .isEqualTo(Passage.Attitude.STRAIGHT);
        assertThat(Passage.through(facing(round(30.4), Opening.Faces.LEFT, null), shaft)).isNull();
        for (var across :
                new Opening.Faces[] {
                    Opening.Faces.TOP, Opening.Faces.BOTTOM, Opening.Faces.FRONT, Opening.Faces.BACK
                }) {
            assertThat(Passage.through(facing(round(31), across, 999.0), shaft)).isNull();
            assertThat(Passage.through(facing(round(31), across, 1000.0), shaft))
                    .isEqualTo(Passage.Attitude.END_ON);
        }
    }

    /** A shaft Ø30 × 180 through 60 × 120: end-on it wants 180 mm behind it, tilted 74. */
    @Test
    void tiltsALongShaftOutOfASlot() {
        var shaft = Envelope.round(30, 180);
        assertThat(Passage.depthTilted(slot(60, 120), shaft).orElseThrow())
                .isCloseTo(
                        180 * 30 / 119.5 + 30 * Math.sqrt(1 - Math.pow(30 / 119.5, 2)),
                        within(1e-9));
        assertThat(Passage.through(facing(slot(60, 120), Opening.Faces.TOP, 180.0), shaft))
                .isEqualTo(Passage.Attitude.END_ON);
        assertThat(Passage.through(facing(slot(60, 120), Opening.Faces.TOP, 74.3), shaft))
                .isEqualTo(Passage.Attitude.TILTED);
        assertThat(Passage.through(facing(slot(60, 120), Opening.Faces.TOP, 74.2), shaft)).isNull();
    }

    /** Reference: the bar tilted in steps of a hundredth of a degree; its section in the plane of the slot, and how deep it stands. */
    @Test
    void agreesWithTiltingTheBarBySmallSteps() {
        var random = new Random(11);
        for (int i = 0; i < 100; i++) {
            double d = 10 + random.nextInt(40);
            double length = d + 20 + random.nextInt(300);
            double h = d + 5 + random.nextInt(120);
            double least = Double.POSITIVE_INFINITY;
            for (double t = 0.01; t < 90; t += 0.01) {
                double sine = Math.sin(Math.toRadians(t));
                if (d / sine <= h) {
                    least = Math.min(least, length * sine + d * Math.cos(Math.toRadians(t)));
                    break;
                }
            }
            var slot = slot(d + 5 + ROOM, h + ROOM);
            double told = Passage.depthTilted(slot, Envelope.round(d, length)).orElseThrow();
            assertThat(told).as("Ø%s × %s through %s", d, length, h).isCloseTo(least, within(0.1));
        }
    }

    @Test
    void asksForADepthOnlyWhereSomethingHangsOnIt() {
        var shaft = Envelope.round(30, 180);
        assertThat(Passage.depthToMeasure(slot(60, 120), shaft).orElseThrow())
                .isCloseTo(74.23, within(0.01));
        assertThat(Passage.depthToMeasure(round(40), shaft).orElseThrow()).isEqualTo(180);
        assertThat(Passage.depthToMeasure(facing(round(40), Opening.Faces.LEFT, null), shaft))
                .isEmpty();
        assertThat(Passage.depthToMeasure(facing(round(40), Opening.Faces.TOP, 200.0), shaft))
                .isEmpty();
        assertThat(Passage.depthToMeasure(round(25), shaft)).as("it does not pass").isEmpty();
        assertThat(Passage.depthToMeasure(slot(60, 190), shaft)).as("it goes out lying").isEmpty();
        assertThat(Passage.depthToMeasure(slot(60, 180), Envelope.round(50, 170)))
                .as("not long")
                .isEmpty();
    }

    @Test
    void aShaftOfStepsIsAsThickAsTheThickestAndAsLongAsAll() {
        var shaft =
                Envelope.stepped(
                        java.util.List.of(
                                new Envelope.Section(30, 60), new Envelope.Section(58, 20)));
        assertThat(shaft.aMm()).isEqualTo(58);
        assertThat(shaft.lengthMm()).isEqualTo(80);
        assertThat(shaft.inWords()).isEqualTo("Ø30, Ø58 over 80");
        assertThatThrownBy(() -> new Envelope.Section(0, 10))
                .hasMessageContaining("Diameter of the step 0 mm");
        assertThatThrownBy(() -> new Envelope.Section(10, Double.NaN))
                .hasMessageContaining("Length of the step is missing");
        assertThatThrownBy(
                        () ->
                                Envelope.stepped(
                                        java.util.Collections.nCopies(
                                                13, new Envelope.Section(10, 10))))
                .hasMessageContaining("A shaft of 13 steps; at most 12 fit");
        assertThatThrownBy(() -> facing(round(20), Opening.Faces.TOP, 0.0))
                .hasMessageContaining("Free depth behind the opening 0 mm");
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
