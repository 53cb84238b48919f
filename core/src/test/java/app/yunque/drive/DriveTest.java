package app.yunque.drive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.drive.Drive.Position;
import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Gears;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.teardown.ShaftStack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Papers of a unit: stages of any kind, and the positions of its levers. */
class DriveTest {
    /** A headstock: three pairs of a sliding cluster, then two, so six speeds. All centre distances agree. */
    private static final List<Stage> HEADSTOCK =
            List.of(
                    new Stage.Counted(30, 60, false),
                    new Stage.Counted(40, 50, false),
                    new Stage.Counted(45, 45, false),
                    new Stage.Counted(20, 80, false),
                    new Stage.Counted(50, 50, false));

    private static List<Position> six() {
        var positions = new ArrayList<Position>();
        for (int first = 1; first <= 3; first++) {
            for (int second = 4; second <= 5; second++) {
                positions.add(
                        new Position("A" + first + " B" + (second - 3), List.of(first, second)));
            }
        }
        return positions;
    }

    private final Drive headstock = new Drive(HEADSTOCK, six(), 900, 4);

    @Test
    void aStageThatNoPositionGoesThroughIsTold() {
        assertThat(headstock.inNoPosition()).isEmpty();
        var forgotten =
                new Drive(
                        HEADSTOCK,
                        List.of(
                                new Position("slow", List.of(1, 4)),
                                new Position("fast", List.of(3, 4))),
                        900,
                        4);
        assertThat(forgotten.inNoPosition()).containsExactly(2, 5);
        assertThat(new Drive(HEADSTOCK, 900, 4).inNoPosition())
                .as("without levers every stage carries")
                .isEmpty();
    }

    // Worked out by hand: 60/30 = 2, 50/40 = 1.25, 45/45 = 1; 80/20 = 4, 50/50 = 1.
    @Test
    void eachPositionHasItsOwnRatio() {
        assertThat(headstock.positions())
                .extracting(p -> headstock.ratio(Optional.of(p)))
                .containsExactly(8.0, 2.0, 5.0, 1.25, 4.0, 1.0);
        assertThat(headstock.ratio()).as("of the first, unless another is asked").isEqualTo(8);
        assertThat(headstock.outputSpeedRpm()).isEqualTo(112.5);
        assertThat(headstock.position("a3 b2").map(Position::stages)).contains(List.of(3, 5));
        assertThat(headstock.position(" ")).isEqualTo(headstock.first());
        assertThatThrownBy(() -> headstock.position("A4 B1"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("no gear position “A4 B1”")
                .hasMessageContaining("A1 B1, A1 B2");
    }

    // 900/1 = 900 min⁻¹ at the second shaft at most; a first stage always runs at the input's.
    @Test
    void aStageIsJudgedByItsFastestPosition() {
        assertThat(headstock.driverSpeedRpm(1)).isEqualTo(900);
        assertThat(headstock.driverSpeedRpm(4)).isEqualTo(900);
        var noDirect = new Drive(HEADSTOCK, six().subList(0, 4), 900, 4);
        assertThat(noDirect.driverSpeedRpm(4)).as("900/1.25").isEqualTo(720);
        assertThat(noDirect.driverSpeedRpm(3)).as("in no position").isZero();
    }

    /** The pairs of a cluster lie between the same two shafts, whichever of them carries the load. */
    @Test
    void pairsOfAClusterShareTheirShafts() {
        var shafts = headstock.shafts();
        assertThat(shafts.driver()).containsExactly(1, 1, 1, 2, 2);
        assertThat(shafts.driven()).containsExactly(2, 2, 2, 3, 3);
        assertThat(shafts.count()).isEqualTo(3);
        assertThat(ShaftStack.shaftNames(headstock))
                .containsExactly("input shaft", "intermediate shaft", "output shaft");
    }

    /** A back-geared spindle: straight through, or over the back shaft; both begin and end at the same shafts. */
    @Test
    void aDirectPositionAndTheBackGearShareTheirEnds() {
        var back =
                new Drive(
                        List.of(
                                new Stage.Coupled(),
                                new Stage.Counted(24, 60, false),
                                new Stage.Counted(24, 60, false)),
                        List.of(
                                new Position("direct", List.of(1)),
                                new Position("back gear", List.of(2, 3))),
                        300,
                        1);
        assertThat(back.ratio(back.position("direct"))).isEqualTo(1);
        assertThat(back.ratio(back.position("back gear"))).isCloseTo(6.25, within(1e-12));
        assertThat(back.turnsTheSameWay(back.position("back gear"))).isTrue();
        assertThat(back.shafts().driver()).containsExactly(1, 1, 2);
        assertThat(back.shafts().driven()).containsExactly(3, 2, 3);
        assertThat(back.shafts().count()).isEqualTo(3);
    }

    private static final Stage BEVEL = new Stage.Bevel(new BevelPair(14, 28, 5, 90, 20, 0, 30));

    /** A pinion between two bevel wheels: two outputs in one axis, turning against each other, each with a shaft of its own. */
    @Test
    void everyOutputHasAShaftOfItsOwn() {
        var twin =
                new Drive(
                        List.of(BEVEL, BEVEL, new Stage.Counted(20, 60, false)),
                        List.of(
                                new Position("left", List.of(1)),
                                new Position("right", List.of(2, 3), 2)),
                        540,
                        11);
        var shafts = twin.shafts();
        assertThat(shafts.driver()).containsExactly(1, 1, 2);
        assertThat(shafts.driven()).containsExactly(3, 2, 4);
        assertThat(shafts.outputs()).containsExactly(3, 4);
        assertThat(ShaftStack.shaftNames(twin))
                .containsExactly(
                        "input shaft", "intermediate shaft", "output shaft 1", "output shaft 2");
        assertThat(twin.ratio(twin.position("left"))).isEqualTo(2);
        assertThat(twin.ratio(twin.position("right"))).isEqualTo(6);
        assertThat(twin.drivenBy(1)).isEqualTo(1);
        assertThat(twin.drivenBy(2)).as("one pinion stands between both wheels").isEqualTo(1);
        assertThat(twin.drivenBy(3)).isEqualTo(3);
        assertThat(twin.chosenByLever()).isEmpty();
        assertThat(headstock.chosenByLever()).isEqualTo(headstock.positions());
        assertThat(headstock.shafts().outputs()).containsExactly(3);
        assertThat(new Drive(List.of(), 0, 0).shafts().outputs()).containsExactly(2);
    }

    /** A washer of two screws: the first output drives the second, both leave the unit. */
    @Test
    void anOutputMayDriveTheNext() {
        var screws =
                new Drive(
                        List.of(new Stage.Counted(20, 60, false), new Stage.Counted(30, 30, false)),
                        List.of(
                                new Position("first", List.of(1)),
                                new Position("second", List.of(1, 2), 2)),
                        540,
                        11);
        assertThat(screws.shafts().driven()).containsExactly(2, 3);
        assertThat(screws.shafts().outputs()).containsExactly(2, 3);
    }

    /** Other teeth, another shaft or another kind: a pinion of its own. */
    @Test
    void onlyABevelPinionOnTheSameShaftIsShared() {
        var other = new Stage.Bevel(new BevelPair(16, 28, 5, 90, 20, 0, 30));
        var row = new Drive(List.of(BEVEL, BEVEL), 540, 0);
        assertThat(row.drivenBy(2)).as("one behind the other").isEqualTo(2);
        var twin = List.of(new Position("left", List.of(1)), new Position("right", List.of(2), 2));
        assertThat(new Drive(List.of(BEVEL, other), twin, 540, 0).drivenBy(2)).isEqualTo(2);
        var finer = new Stage.Bevel(new BevelPair(14, 28, 4, 90, 20, 0, 30));
        assertThat(new Drive(List.of(BEVEL, finer), twin, 540, 0).drivenBy(2)).isEqualTo(2);
        var counted = new Stage.Counted(14, 28, false);
        assertThat(new Drive(List.of(counted, counted), twin, 540, 0).drivenBy(2)).isEqualTo(2);
    }

    @Test
    void anOutputStaysWhatItWasWhenPapersAreCorrected() {
        var one = new Drive(List.of(BEVEL), 540, 0).shafts();
        var two =
                new Drive(
                                List.of(BEVEL, BEVEL, BEVEL),
                                List.of(
                                        new Position("left", List.of(1, 2)),
                                        new Position("right", List.of(3), 2)),
                                540,
                                0)
                        .shafts();
        assertThat(two.outputs()).containsExactly(3, 4);
        assertThat(one.movedTo(two, Map.of())).isEqualTo(Map.of(1, 1, 2, 3));
        assertThat(two.movedTo(two, Map.of())).isEqualTo(Map.of(1, 1, 3, 3, 4, 4));
    }

    @Test
    void twoOutputsDoNotEndOnOneShaft() {
        assertThatThrownBy(
                        () ->
                                with(
                                        new Position("left", List.of(1, 4)),
                                        new Position("right", List.of(2, 4), 2)))
                .hasMessageContaining("“left” and “right” both end with stage 4");
        assertThatThrownBy(() -> new Position("left", List.of(1), 5))
                .hasMessageContaining("1 to 4");
        assertThatThrownBy(() -> new Position("left", List.of(1), 0))
                .hasMessageContaining("1 to 4");
        assertThat(new Position("left", List.of(1), 4).output()).isEqualTo(4);
    }

    /** Reverse over an idler turns the other way, with the ratio of its two gears. */
    @Test
    void anIdlerTurnsTheSenseRound() {
        var gears =
                new Drive(
                        List.of(
                                new Stage.Counted(20, 40, false),
                                new Stage.Idler(18),
                                new Stage.Counted(16, 40, false)),
                        List.of(
                                new Position("forward", List.of(1)),
                                new Position("reverse", List.of(2, 3))),
                        1000,
                        0);
        assertThat(gears.turnsTheSameWay(gears.position("forward"))).isFalse();
        assertThat(gears.turnsTheSameWay(gears.position("reverse"))).isTrue();
        assertThat(gears.ratio(gears.position("reverse"))).isEqualTo(2.5);
        assertThat(gears.shafts().of(3, true)).isEqualTo(gears.shafts().of(1, true));
    }

    /** One row of pairs: a shaft more than there are stages, as the picture has always drawn it. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5})
    void aRowOfStagesHasAShaftMore(int stages) {
        var row = Drives.ofPairs(List.copyOf(pairs(stages)), 100, 0);
        assertThat(row.shafts().count()).isEqualTo(Math.max(2, stages + 1));
        for (int n = 1; n <= stages; n++) {
            assertThat(row.shafts().of(n, false)).isEqualTo(n);
            assertThat(row.shafts().of(n, true)).isEqualTo(n + 1);
        }
        assertThat(new Drive(List.of(), 0, 0).shafts().count()).isEqualTo(2);
    }

    private static List<GearPair> pairs(int count) {
        return Collections.nCopies(count, Gears.spurPair(20, 40, 2));
    }

    @Test
    void numbersEveryStageWhateverItsKind() {
        var drive =
                new Drive(
                        List.of(
                                new Stage.Chain(15, 30),
                                new Stage.Parallel(Gears.spurPair(20, 60, 2))),
                        600,
                        1);
        assertThat(drive.pairs()).containsExactly(2);
        assertThat(drive.pair(1)).isEmpty();
        assertThat(drive.pair(3)).isEmpty();
        assertThat(drive.stage(0)).isEmpty();
        assertThat(drive.pitchLineVelocityMPerS(1)).isZero();
        // d 40 mm at 300 min⁻¹.
        assertThat(drive.pitchLineVelocityMPerS(2))
                .isCloseTo(Math.PI * 40 * 300 / 60_000, within(1e-12));
        assertThat(drive.turnsTheSameWay()).isFalse();
    }

    @Test
    void refusesPositionsThatCannotBe() {
        assertThatThrownBy(() -> new Position(" ", List.of(1)))
                .hasMessageContaining("needs a name");
        assertThatThrownBy(() -> new Position("x".repeat(41), List.of(1)))
                .hasMessageContaining("1 to 40 characters");
        assertThat(new Position("x".repeat(40), List.of(1)).name()).hasSize(40);
        assertThatThrownBy(() -> new Position("N", List.of()))
                .hasMessageContaining("Number of stages 0 is outside 1 to 12");
        assertThatThrownBy(() -> new Position("1", List.of(2, 2)))
                .hasMessageContaining("goes through a stage twice");
        assertThatThrownBy(() -> with(new Position("1", List.of(6))))
                .hasMessageContaining("goes through stage 6; the papers describe 5");
        assertThatThrownBy(() -> with(new Position("1", List.of(0))))
                .hasMessageContaining("goes through stage 0");
        assertThatThrownBy(
                        () ->
                                with(
                                        new Position("Low", List.of(1)),
                                        new Position("low", List.of(2))))
                .hasMessageContaining("Two gear positions are called “low”");
        assertThat(with(new Position("five", List.of(5))).ratio()).isEqualTo(1);
    }

    private static Drive with(Position... positions) {
        return new Drive(HEADSTOCK, List.of(positions), 900, 4);
    }

    /** A count in one position is held against the teeth of that position. */
    @Test
    void aTurnCountIsHeldAgainstItsPosition() {
        var low = headstock.position("A1 B1");
        var count = new TurnCountCheck.Count(160, 20, 5);
        assertThat(TurnCountCheck.of(headstock, low, count).verdict())
                .isEqualTo(Verdict.CLEAR_PASS);
        var other = TurnCountCheck.of(headstock, headstock.position("A1 B2"), count);
        assertThat(other.verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(other.expectedRatio()).isEqualTo(2);
        assertThat(other.working().lines().get(0).numbers()).isEqualTo("2.0000 × 1.0000 = 2.00000");
    }

    /** The tooth that explains a count is told with the number of its stage. */
    @Test
    void namesTheStageOfAWrongTooth() {
        var twice =
                new Drive(
                        List.of(new Stage.Counted(20, 40, false), new Stage.Counted(20, 40, false)),
                        100,
                        0);
        // 40/20 × 41/20 = 4.1 fits either stage; the first is named.
        var check =
                TurnCountCheck.of(twice, Optional.empty(), new TurnCountCheck.Count(410, 100, 1));
        assertThat(check.sentence()).contains("stage 1 with z 20/41");
    }

    // ISO 54 module 2: 20 teeth move a rack 2π·20 = 125.664 mm a turn, behind 4:1 31.416 mm.
    @Test
    void aRackMovesAlongALine() {
        var feed =
                new Drive(List.of(new Stage.Counted(15, 60, false), new RackDrive(20, 2)), 60, 0.5);
        assertThat(feed.travelMmPerInputTurn(Optional.empty())).isCloseTo(31.4159, within(5e-5));
        assertThat(feed.ratio()).isEqualTo(4);
        var line = DriveLine.of(feed.stages(), 60, 10);
        assertThat(line.travelMmPerInputTurn()).isCloseTo(31.4159, within(5e-5));
        // Without losses 10 N·m × 2π over 31.416 mm is 2000 N; 0.98 × 0.97 of it remain.
        assertThat(line.outputForceN()).isCloseTo(2000 * 0.98 * 0.97, within(1e-6));
        assertThat(DriveLine.of(HEADSTOCK, 60, 10).outputForceN()).isZero();
        assertThatThrownBy(
                        () ->
                                new Drive(
                                        List.of(
                                                new RackDrive(20, 2),
                                                new Stage.Counted(15, 60, false)),
                                        60,
                                        0.5))
                .hasMessageContaining(
                        "Stage 1 (pinion z 20 on a rack, module 2 mm) moves along a line")
                .hasMessageContaining("Put it last");
        assertThatThrownBy(
                        () ->
                                TurnCountCheck.of(
                                        new Drive(List.of(new RackDrive(20, 2)), 0, 0),
                                        Optional.empty(),
                                        new TurnCountCheck.Count(10, 1, 3)))
                .isInstanceOf(NotApplicable.class)
                .hasMessageContaining("125.664 mm for one turn");
    }

    // Tr 20 × 4: d₂ 18 mm, tan γ = 4/18π = 0.070736, tan ρ' = 0.12/cos 15° = 0.124233, so
    // tan (γ + ρ') = 0.194969/0.991212 = 0.196698 and η = 0.35962, by hand.
    @Test
    void aScrewKnowsItsEfficiencyAndWhetherItHolds() {
        var screw = new ScrewAndNut(4, 1, 18, 30, 0.12);
        assertThat(screw.efficiency()).isCloseTo(0.35962, within(5e-6));
        assertThat(screw.holdsItsLoad()).isTrue();
        assertThat(screw.travelMmPerTurn()).isEqualTo(4);
        var balls = new ScrewAndNut(5, 2, 20, 0, 0.005);
        assertThat(balls.efficiency()).isBetween(0.9, 1.0);
        assertThat(balls.holdsItsLoad()).isFalse();
        assertThat(balls.inWords()).isEqualTo("screw 20 × 5 mm, 2 starts, lead 10 mm");
        assertThatThrownBy(() -> new ScrewAndNut(0.1, 0, 1, 61, 0.5))
                .hasMessageContaining("Pitch of the screw 0.1 mm is outside")
                .hasMessageContaining("Included angle of the thread 61 degrees is outside");
    }

    /** Stepped planets and two rings, each against the equations of their meshes. */
    @Test
    void planetarySetsOfOtherKindsAgreeWithTheirMeshes() {
        var stepped = new SteppedPlanets(18, 24, 16, 58, 2, PlanetarySet.Path.SUN_TO_CARRIER);
        var meshes =
                List.of(
                        new ShaftSpeeds.Mesh("sun", 18, "planet", 24, false, "carrier"),
                        new ShaftSpeeds.Mesh("planet", 16, "ring", 58, true, "carrier"));
        for (var path : PlanetarySet.Path.values()) {
            var names = path.name().split("_TO_");
            var held =
                    List.of("SUN", "CARRIER", "RING").stream()
                            .filter(m -> !List.of(names).contains(m))
                            .findFirst()
                            .orElseThrow();
            var speeds =
                    ShaftSpeeds.of(
                            meshes,
                            Set.of(held.toLowerCase(Locale.ROOT)),
                            names[0].toLowerCase(Locale.ROOT));
            double output = speeds.get(names[1].toLowerCase(Locale.ROOT));
            var stage = new SteppedPlanets(18, 24, 16, 58, 2, path);
            assertThat(stage.ratio()).as(path.words()).isCloseTo(1 / output, within(1e-9));
            assertThat(stage.teethPerInputTurn())
                    .as("teeth of the sun, " + path.words())
                    .isCloseTo(
                            18 * Math.abs(speeds.get("sun") - speeds.get("carrier")), within(1e-9));
        }
        assertThat(stepped.ratio()).as("1 + 24·58/(18·16)").isCloseTo(5.8333333, within(1e-7));
        assertThatThrownBy(
                        () ->
                                new SteppedPlanets(
                                        18, 24, 16, 58, 4, PlanetarySet.Path.SUN_TO_CARRIER))
                .hasMessageContaining("4 planets with 24 and 16 teeth cannot be spaced evenly");
        assertThatThrownBy(
                        () ->
                                new SteppedPlanets(
                                        18, 24, 58, 58, 2, PlanetarySet.Path.SUN_TO_CARRIER))
                .hasMessageContaining("does not fit into a ring of 58");
    }

    @Test
    void twoRingsAgreeWithTheirMeshes() {
        var set = new TwoRings(12, 24, 60, 24, 63, 3);
        var speeds =
                ShaftSpeeds.of(
                        List.of(
                                new ShaftSpeeds.Mesh("sun", 12, "planet", 24, false, "carrier"),
                                new ShaftSpeeds.Mesh("planet", 24, "held", 60, true, "carrier"),
                                new ShaftSpeeds.Mesh("planet", 24, "out", 63, true, "carrier")),
                        Set.of("held"),
                        "sun");
        assertThat(set.ratio()).isCloseTo(1 / speeds.get("out"), within(1e-6));
        assertThat(set.ratio()).as("6/(1 − 60/63) = 126").isCloseTo(126, within(1e-9));
        assertThat(set.teethPerInputTurn())
                .isCloseTo(12 * (1 - speeds.get("carrier")), within(1e-9));
        assertThat(new TwoRings(12, 24, 60, 24, 57, 3).ratio())
                .as("fewer teeth than the held ring: the other way round, 6/(1 − 60/57) = −114")
                .isCloseTo(-114, within(1e-9));
        assertThatThrownBy(() -> new TwoRings(12, 24, 60, 24, 60, 3))
                .hasMessageContaining("second ring would stand still");
        assertThatThrownBy(() -> new TwoRings(12, 24, 60, 24, 62, 3))
                .hasMessageContaining("cannot be spaced evenly in both rings");
        assertThatThrownBy(() -> new TwoRings(12, 24, 66, 24, 63, 3))
                .hasMessageContaining("cannot share an axis");
    }

    /** Whatever a stage says its neighbours are, they are other stages that can be, with another ratio or travel. */
    @Test
    void oneToothOffIsAnotherRatio() {
        for (Stage stage :
                List.<Stage>of(
                        new SteppedPlanets(18, 24, 16, 58, 1, PlanetarySet.Path.SUN_TO_CARRIER),
                        new SteppedPlanets(18, 24, 16, 58, 2, PlanetarySet.Path.SUN_TO_CARRIER),
                        new SteppedPlanets(21, 20, 20, 66, 3, PlanetarySet.Path.SUN_TO_CARRIER),
                        new TwoRings(12, 24, 60, 24, 63, 3),
                        new Stage.Cycloidal(29, 30, false),
                        new Stage.Planetary(
                                new PlanetarySet(24, 24, 72, 3),
                                PlanetarySet.Path.SUN_TO_CARRIER))) {
            assertThat(stage.withOneToothOff())
                    .as(stage.inWords())
                    .isNotEmpty()
                    .noneMatch(off -> off.ratio() == stage.ratio());
        }
    }

    /** Two stages that read alike are still two. */
    @Test
    void theStackDrawsThePairsOfTheirOwnStages() {
        var drive =
                new Drive(
                        List.of(
                                new Stage.WormCounted(1, 20),
                                new Stage.Parallel(Gears.spurPair(20, 60, 2))),
                        600,
                        1);
        var stack = ShaftStack.of(drive, List.of(), List.of(), Map.of());
        assertThat(stack.shafts()).hasSize(3);
        assertThat(stack.shafts().get(0).items())
                .extracting(ShaftStack.Item::part)
                .containsExactly("worm 1");
        assertThat(stack.shafts().get(1).items())
                .extracting(ShaftStack.Item::part)
                .containsExactly("worm wheel 1, z 20", "pinion 2, z 20");
        assertThat(stack.meetings().get(1).centreDistance()).isEqualTo(80);
    }
}
