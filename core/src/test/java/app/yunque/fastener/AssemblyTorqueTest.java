package app.yunque.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.fastener.AssemblyTorque.Bearing;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import org.junit.jupiter.api.Test;

class AssemblyTorqueTest {

    // Source: VDI 2230, from memory, tables of preload and torque: M10 8.8 at 0.12 about 29.6 kN
    // and 48 N·m, M8 10.9 at 0.10 about 28.1 kN.
    @Test
    void preloadAndTorque() {
        var m10 =
                AssemblyTorque.of(
                        "M10", StrengthClass.C8_8, 0.12, 0.12, new Bearing(14.63, 11), 90);
        assertThat(m10.preloadN()).isEqualTo(29604.4, within(0.1));
        assertThat(m10.torqueNm()).isEqualTo(48.3426, within(1e-4));
        assertThat(m10.told().sentence()).isEqualTo("48.3 N·m for 29604 N of preload.");
        assertThat(
                        AssemblyTorque.of(
                                        "M8",
                                        StrengthClass.C10_9,
                                        0.10,
                                        0.10,
                                        new Bearing(13, 9),
                                        90)
                                .preloadN())
                .isEqualTo(28058.7, within(0.1));
    }

    /** The stress that pulling and twisting make together, by the energy of distortion (von Mises), is the share of the yield that was asked for. */
    @Test
    void theScrewIsUsedToItsShare() {
        var screw =
                AssemblyTorque.of("M12", StrengthClass.C8_8, 0.14, 0.10, new Bearing(18, 13), 80);
        var section = ThreadSection.of("M12");
        double d0 = (section.pitchDiaMm() + section.rootDiaMm()) / 2;
        double pull = screw.preloadN() / section.stressAreaMm2();
        double threadTorque =
                screw.preloadN()
                        * (1.75 / (2 * Math.PI)
                                + section.pitchDiaMm() * 0.14 / (2 * Math.cos(Math.PI / 6)));
        // Fully plastic: the twisting moment of a round bar over π d³/12.
        double twist = threadTorque / (Math.PI * Math.pow(d0, 3) / 12);
        assertThat(Math.sqrt(pull * pull + 3 * twist * twist)).isEqualTo(0.8 * 640, within(0.01));
    }

    @Test
    void frictionUnderTheHeadTakesTorqueAndNoPreload() {
        var bearing = new Bearing(14.63, 11);
        var dry = AssemblyTorque.of("M10", StrengthClass.C8_8, 0.12, 0.20, bearing, 90);
        var oiled = AssemblyTorque.of("M10", StrengthClass.C8_8, 0.12, 0.12, bearing, 90);
        assertThat(dry.preloadN()).isEqualTo(oiled.preloadN());
        assertThat(dry.torqueNm() - oiled.torqueNm())
                .isEqualTo(29.6044 * (14.63 + 11) / 4 * 0.08, within(1e-3));
    }

    /** Of the torque only the lead of the thread stretches the screw: P/2π of it, worked by hand for M10, 1.5 over 2π × 1.6329 mm. */
    @Test
    void howMuchOfTheTorqueStretchesTheScrew() {
        var m10 =
                AssemblyTorque.of(
                        "M10", StrengthClass.C8_8, 0.12, 0.12, new Bearing(14.63, 11), 90);
        var share =
                m10.told().figures().stream()
                        .filter(f -> f.key().equals("stretchPercent"))
                        .findFirst()
                        .orElseThrow();
        assertThat(share.value()).isEqualTo(14.62, within(0.01));
        assertThatThrownBy(
                        () ->
                                AssemblyTorque.of(
                                        "M10",
                                        StrengthClass.C8_8,
                                        0.41,
                                        0.12,
                                        new Bearing(14.63, 11),
                                        90))
                .hasMessageContaining("0.04 to 0.4");
    }

    @Test
    void nearItsYieldItSaysWhatBecomesOfIt() {
        var bearing = new Bearing(14.63, 11);
        var usual = AssemblyTorque.of("M10", StrengthClass.C8_8, 0.12, 0.12, bearing, 90);
        assertThat(usual.told().verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(usual.told().warnings()).isEmpty();
        var near = AssemblyTorque.of("M10", StrengthClass.C8_8, 0.12, 0.12, bearing, 90.1);
        assertThat(near.told().verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(near.told().warnings()).singleElement().asString().contains("never used again");
        assertThat(
                        AssemblyTorque.of("M10", StrengthClass.UNMARKED, 0.12, 0.12, bearing, 90)
                                .told()
                                .warnings())
                .singleElement()
                .asString()
                .contains("lowest class");
    }

    @Test
    void aHoleThatTheScrewGoesThrough() {
        assertThatThrownBy(() -> new Bearing(11, 11))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("leaves nothing under a head");
        assertThatThrownBy(
                        () ->
                                AssemblyTorque.of(
                                        "M10",
                                        StrengthClass.C8_8,
                                        0.12,
                                        0.12,
                                        new Bearing(14.63, 9.9),
                                        90))
                .hasMessageContaining("does not go through a hole of 9.9 mm");
        AssemblyTorque.of("M10", StrengthClass.C8_8, 0.12, 0.12, new Bearing(14.63, 10), 90);
    }
}
