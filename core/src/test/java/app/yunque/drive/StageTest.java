package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Stages against speeds solved from first principles. */
class StageTest {
    private static final PlanetarySet SET = new PlanetarySet(18, 27, 72, 3);

    private record Speeds(double sun, double carrier, double ring) {}

    /**
     * The member named first turns once, the one not named is held. Willis: z_s (n_s − n_c) + z_r (n_r − n_c) = 0, one equation
     * for the one speed that is left; a textbook identity.
     */
    private static Speeds solve(PlanetarySet.Path path) {
        double s = SET.sunTeeth();
        double r = SET.ringTeeth();
        return switch (path) {
            case SUN_TO_CARRIER -> new Speeds(1, s / (s + r), 0);
            case CARRIER_TO_SUN -> new Speeds((s + r) / s, 1, 0);
            case RING_TO_CARRIER -> new Speeds(0, r / (s + r), 1);
            case CARRIER_TO_RING -> new Speeds(0, 1, (s + r) / r);
            case SUN_TO_RING -> new Speeds(1, 0, -s / r);
            case RING_TO_SUN -> new Speeds(-r / s, 0, 1);
        };
    }

    private static double of(Speeds n, String member) {
        return switch (member) {
            case "SUN" -> n.sun;
            case "RING" -> n.ring;
            default -> n.carrier;
        };
    }

    @ParameterizedTest
    @EnumSource(PlanetarySet.Path.class)
    void aPlanetarySetTurnsAsWillisSays(PlanetarySet.Path path) {
        var n = solve(path);
        assertThat(SET.sunTeeth() * (n.sun - n.carrier) + SET.ringTeeth() * (n.ring - n.carrier))
                .as("the speeds fit each other")
                .isCloseTo(0, within(1e-12));
        var ends = path.name().split("_TO_");
        var stage = new Stage.Planetary(SET, path);
        assertThat(stage.ratio()).isCloseTo(of(n, ends[0]) / of(n, ends[1]), within(1e-12));
        // A tooth of the sun passes a planet whenever the sun has gained one pitch on the carrier.
        assertThat(Math.abs(stage.teethPerInputTurn()))
                .isCloseTo(Math.abs(SET.sunTeeth() * (n.sun - n.carrier)), within(1e-9));
    }

    /** A neighbour that could be mistaken for the set can be put together too, and has another ratio. */
    @Test
    void theNeighboursOfASetCanBeAssembled() {
        var stage = new Stage.Planetary(SET, PlanetarySet.Path.SUN_TO_CARRIER);
        assertThat(stage.withOneToothOff()).hasSize(2);
        for (var other : stage.withOneToothOff()) {
            var set = ((Stage.Planetary) other).set();
            assertThat((set.sunTeeth() + set.ringTeeth()) % set.planets()).isZero();
            assertThat(other.ratio()).isNotEqualTo(stage.ratio());
        }
        assertThat(stage.inWords()).contains("18/27/72");
    }

    @Test
    void oneToothMoreOrLessOnEveryGear() {
        assertThat(new Stage.Counted(17, 40, false).withOneToothOff())
                .containsExactlyInAnyOrder(
                        new Stage.Counted(16, 40, false),
                        new Stage.Counted(18, 40, false),
                        new Stage.Counted(17, 39, false),
                        new Stage.Counted(17, 41, false));
        assertThat(new Stage.Counted(4, 40, false).withOneToothOff())
                .as("no gear of three teeth")
                .hasSize(3);
        assertThat(new Stage.WormCounted(1, 40).withOneToothOff())
                .extracting(Stage::ratio)
                .containsExactlyInAnyOrder(20.0, 39.0, 41.0);
        assertThat(new Stage.Chain(17, 38).withOneToothOff()).hasSize(4);
        assertThat(new Stage.Cycloidal(29, 30, false).withOneToothOff())
                .extracting(Stage::ratio)
                .containsExactlyInAnyOrder(-28.0, -30.0);
    }

    /** Minus turns the sense round: outside gears do, a ring, a chain and a worm do not. */
    @Test
    void ratiosBearTheirSense() {
        assertThat(new Stage.Counted(20, 60, false).ratio()).isEqualTo(-3);
        assertThat(new Stage.Counted(20, 60, true).ratio()).isEqualTo(3);
        assertThat(new Stage.Chain(19, 38).ratio()).isEqualTo(2);
        assertThat(new Stage.WormCounted(2, 50).ratio()).isEqualTo(25);
        assertThat(new Stage.Cycloidal(11, 12, true).ratio()).isEqualTo(12);
        assertThat(new Stage.Idler(20).ratio()).isEqualTo(-1);
        // 40 mm wheel at 80 mm, 2 % slip: 0.5 / 0.98.
        assertThat(new Stage.FrictionDisc(40, 80, 2).ratio()).isCloseTo(0.510204, within(6e-7));
        assertThat(new Stage.FrictionDisc(40, -80, 2).ratio()).isNegative();
    }

    @Test
    void everyStageLosesSomething() {
        List<Stage> stages =
                List.of(
                        new Stage.Counted(20, 60, false),
                        new Stage.Chain(19, 38),
                        new Stage.WormCounted(1, 40),
                        new Stage.WormCounted(6, 40),
                        new Stage.Planetary(SET, PlanetarySet.Path.SUN_TO_CARRIER),
                        new Stage.Cycloidal(29, 30, false),
                        new Stage.FrictionDisc(40, 80, 2));
        for (var stage : stages) {
            assertThat(stage.efficiency()).as(stage.inWords()).isBetween(0.5, 0.99);
        }
        assertThat(new Stage.WormCounted(1, 40).efficiency())
                .as("one start loses more than four")
                .isLessThan(new Stage.WormCounted(4, 40).efficiency());
    }

    @Test
    void refusesWhatCannotTurn() {
        assertThatThrownBy(() -> new Stage.FrictionDisc(40, 0, 2))
                .hasMessageContaining("that is neutral and has no ratio");
        assertThatThrownBy(() -> new Stage.Cycloidal(30, 30, false))
                .hasMessageContaining("needs more than 30 pins");
        assertThatThrownBy(() -> new Stage.Counted(3, 40, false))
                .hasMessageContaining("outside 4 to 2000");
        assertThatThrownBy(() -> new Stage.Worm(null, 0.5))
                .hasMessageContaining("Coefficient of friction 0.5 is outside 0.005 to 0.3");
    }
}
