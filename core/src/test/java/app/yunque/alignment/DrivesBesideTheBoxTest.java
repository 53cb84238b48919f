package app.yunque.alignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.alignment.CouplingFeet.Feet;
import app.yunque.alignment.CouplingFeet.Growth;
import app.yunque.alignment.CouplingFeet.Plane;
import app.yunque.alignment.CouplingFeet.Round;
import app.yunque.alignment.NutPlay.Use;
import app.yunque.alignment.PluckedBelt.Wanted;
import app.yunque.fit.SeatMaterial;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.measure.Zone;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Belts, sprockets, lead screws and what the warmth does to a coupling. */
class DrivesBesideTheBoxTest {

    // Source: frequency of a stretched string f = √(T/μ)/(2 l), turned round.
    @Test
    void aPluckedBelt() {
        var belt = PluckedBelt.of(0.11, 398, List.of(60.0, 60.0, 60.0), Optional.empty());
        assertThat(belt.tensionN()).isEqualTo(250.912, within(5e-4));
        assertThat(Math.sqrt(belt.tensionN() / 0.11) / (2 * 0.398)).isEqualTo(60, within(1e-9));
        assertThat(belt.told().verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(belt.told().sentence()).endsWith("so it is not judged.");
        assertThat(belt.told().warnings()).hasSize(1);
        assertThat(
                        PluckedBelt.of(0.11, 398, List.of(60.0, 60.0), Optional.empty())
                                .told()
                                .warnings())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "250, 300, 60, 60, CLEAR_PASS, as wanted",
        "200, 250, 60, 60, CLEAR_FAIL, too tight",
        "252, 300, 60, 60, CLEAR_FAIL, too slack",
        "250, 300, 58, 62, DOUBTFUL, Pluck it again",
    })
    void aBeltAgainstItsBand(
            double least, double most, double low, double high, Verdict verdict, String words) {
        var told =
                PluckedBelt.of(0.11, 398, List.of(low, high), Optional.of(new Wanted(least, most)))
                        .told();
        assertThat(told.verdict()).isEqualTo(verdict);
        assertThat(told.sentence()).contains(words);
    }

    @Test
    void aBandHasTwoEnds() {
        assertThatThrownBy(() -> new Wanted(300, 300))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("has to be more than the least");
        new Wanted(0, 1);
    }

    // Source: tangent of a right triangle, worked by hand: 0.6 over 120 mm.
    @Test
    void sprocketsByStraightEdge() {
        var pair = SprocketsInLine.of(0.4, 1.0, 120, 0);
        assertThat(pair.twistDeg()).isEqualTo(0.286477, within(1e-6));
        assertThat(pair.offsetMm()).isEqualTo(0.7, within(1e-12));
        assertThat(pair.told().sentence())
                .isEqualTo("Its shaft is turned by 0.29°; then it stands back by 0.70 mm.");
        var wider = SprocketsInLine.of(0.4, 1.0, 120, 2);
        assertThat(wider.offsetMm()).isEqualTo(-0.3, within(1e-12));
        assertThat(wider.told().sentence()).endsWith("then it stands proud by 0.30 mm.");
        assertThat(SprocketsInLine.of(1.0, 0.4, 120, 0).twistDeg())
                .isEqualTo(-0.286477, within(1e-6));
    }

    private static NutPlay nut(Use use, double play) {
        return NutPlay.of(use, 10, 2, play, play, play, 0, false);
    }

    /** Limits of the check STM-2 (common practice, no source): lead 10 on two starts is a pitch of 5. */
    @ParameterizedTest
    @CsvSource({
        "LIFTING_OR_GATE, 0.20, AS_NEW",
        "LIFTING_OR_GATE, 0.201, WATCH",
        "LIFTING_OR_GATE, 0.60, WATCH",
        "LIFTING_OR_GATE, 0.601, BEYOND",
        "OTHER, 0.30, AS_NEW",
        "OTHER, 0.301, WATCH",
        "OTHER, 1.00, WATCH",
        "OTHER, 1.001, BEYOND",
        "TOOLROOM_FEED, 0.05, AS_NEW",
        "TOOLROOM_FEED, 0.051, WATCH",
        "TOOLROOM_FEED, 0.15, WATCH",
        "TOOLROOM_FEED, 0.151, BEYOND",
        "MACHINE_FEED, 0.10, AS_NEW",
        "MACHINE_FEED, 0.101, WATCH",
        "MACHINE_FEED, 0.30, WATCH",
        "MACHINE_FEED, 0.301, BEYOND",
    })
    void aNutByItsPlay(Use use, double play, Zone zone) {
        assertThat(nut(use, play).told().zone()).isEqualTo(zone);
    }

    @Test
    void theScrewIsWornWhereItWorksMost() {
        var worn = NutPlay.of(Use.OTHER, 5, 1, 0.10, 0.30, 0.12, 0.01, false);
        assertThat(worn.screwIsWorn()).isTrue();
        assertThat(worn.worstMm()).isEqualTo(0.30);
        assertThat(worn.told().sentence()).endsWith("The screw is worn, not only the nut.");
        assertThat(NutPlay.of(Use.OTHER, 5, 1, 0.30, 0.30, 0.30, 0.01, false).screwIsWorn())
                .as("worn alike all along")
                .isFalse();
        assertThat(NutPlay.of(Use.OTHER, 5, 1, 0.10, 0.30, 0.12, 0.25, false).screwIsWorn())
                .as("within what the reading is good to")
                .isFalse();
        assertThat(NutPlay.of(Use.OTHER, 5, 1, 0.27, 0.36, 0.27, 0, false).screwIsWorn())
                .as("0.09 is 30 % of 0.30 and not more")
                .isFalse();
        assertThat(NutPlay.of(Use.OTHER, 5, 1, 0.50, 0.20, 0.20, 0.01, false).worstMm())
                .as("also an end can be the worst")
                .isEqualTo(0.50);
    }

    /**
     * A pump of cast iron, 400 mm high and 50 K warmer, beside a motor of aluminium, 315 mm and 30 K: it grows by 0.21 mm, the motor by 0.2079 mm.
     * Worked by hand with 10.5 and 22 µm for a metre and kelvin (handbook values, from memory).
     */
    @Test
    void whatGrowsIsSetLow() {
        var growth = new Growth(400, 50, SeatMaterial.CAST_IRON, 315, 30, SeatMaterial.ALUMINIUM);
        assertThat(growth.coldMm()).isEqualTo(0.2079 - 0.21, within(1e-9));
        var hot = new Growth(400, 60, SeatMaterial.STEEL, 400, 0, SeatMaterial.STEEL);
        double low = 0.276; // 0.4 m × 60 K × 11.5 µm
        var still = new Round(0, 0, 0, 0);
        var set = shims(still, Plane.HEIGHT, Optional.of(hot));
        assertThat(set.frontMm()).as("taken out in front").isEqualTo(-low, within(1e-9));
        assertThat(set.rearMm()).as("and as much behind").isEqualTo(-low, within(1e-9));
        assertThat(set.told().verdict())
                .as("level when cold is out when warm")
                .isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(set.told().sentence()).endsWith("the moved shaft is to lie 0.28 mm too low.");
        var lowAlready = new Round(0, low, 2 * low, low);
        var good = shims(lowAlready, Plane.HEIGHT, Optional.of(hot));
        assertThat(good.frontMm()).isEqualTo(0, within(1e-9));
        assertThat(good.told().verdict()).isEqualTo(Verdict.CLEAR_PASS);
        assertThat(shims(still, Plane.SIDEWAYS, Optional.of(hot)).frontMm())
                .as("to the side nothing grows")
                .isZero();
        assertThatThrownBy(() -> new Growth(400, 201, SeatMaterial.STEEL, 0, 0, SeatMaterial.STEEL))
                .hasMessageContaining("200");
    }

    /** 0.4 mm low at the dials and falling by 0.06 over 150 mm: what the dials of either way say of the axis, worked by hand. */
    @Test
    void howTheAxisLies() {
        var rim =
                CouplingFeet.byRimAndFace(
                        new Round(0.1, 0.5, 0.9, 0.5),
                        new Round(0, 0.03, 0.06, 0.03),
                        150,
                        new Feet(200, 550),
                        0,
                        Plane.HEIGHT,
                        1450,
                        Optional.empty());
        assertThat(rim.offsetMm()).isEqualTo(-0.4, within(1e-9));
        assertThat(rim.slopePer100Mm()).isEqualTo(-0.04, within(1e-9));
        var rims =
                CouplingFeet.byTwoRims(
                        new Round(0.1, 0.5, 0.9, 0.5),
                        new Round(0, 0, 0, 0),
                        200,
                        new Feet(200, 550),
                        Plane.HEIGHT,
                        1450,
                        Optional.empty());
        assertThat(rims.offsetMm()).isEqualTo(-0.4, within(1e-9));
        assertThat(rims.slopePer100Mm()).isEqualTo(-0.2, within(1e-9));
        assertThat(rims.told().sentence())
                .isEqualTo("Not in line. Front: add 0.80 mm; rear: add 1.50 mm.");
    }

    @Test
    void nothingOutsideItsRange() {
        var ok = new Round(0, 0, 0, 0);
        var feet = new Feet(200, 550);
        assertThatThrownBy(
                        () ->
                                CouplingFeet.byRimAndFace(
                                        ok, ok, 9, feet, 0, Plane.HEIGHT, 0, Optional.empty()))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(
                        () ->
                                CouplingFeet.byTwoRims(
                                        ok, ok, 4, feet, Plane.HEIGHT, 0, Optional.empty()))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> PluckedBelt.of(0.11, 29, List.of(60.0), Optional.empty()))
                .hasMessageContaining("30 to 10000");
        assertThatThrownBy(() -> PluckedBelt.of(0.11, 398, List.of(60.0, 1.0), Optional.empty()))
                .hasMessageContaining("2 to 1000");
        assertThatThrownBy(() -> SprocketsInLine.of(0, 0, 4, 0)).hasMessageContaining("5 to 3000");
        assertThatThrownBy(() -> NutPlay.of(Use.OTHER, 5, 13, 0, 0, 0, 0, false))
                .hasMessageContaining("1 to 12");
    }

    @Test
    void whatNoSignIsForgottenOf() {
        assertThat(SprocketsInLine.of(0, 0, 120, 0).told().sentence())
                .isEqualTo("Its shaft is turned by 0.00°; then it stands back by 0.00 mm.");
    }

    private static CouplingFeet shims(Round rim, Plane plane, Optional<Growth> growth) {
        return CouplingFeet.byRimAndFace(
                rim, new Round(0, 0, 0, 0), 150, new Feet(200, 550), 0, plane, 1450, growth);
    }
}
