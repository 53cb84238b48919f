package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.yunque.drive.Drive;
import app.yunque.drive.PlanetarySet;
import app.yunque.drive.RackDrive;
import app.yunque.drive.ScrewAndNut;
import app.yunque.drive.Stage;
import app.yunque.drive.StageOutline.Lie;
import app.yunque.drive.StageOutline.Role;
import app.yunque.drive.StageOutline.Wheel;
import app.yunque.drive.SteppedPlanets;
import app.yunque.drive.TwoRings;
import app.yunque.gear.BevelPair;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.WormSet;
import app.yunque.teardown.ShaftStack.Item;
import app.yunque.teardown.ShaftStack.Now;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the picture shows of stages that are no pair on parallel shafts. Geometry by the definitions of the gears themselves. */
class PictureTrueToKindTest {
    private static final PlanetarySet.Path USUAL = PlanetarySet.Path.SUN_TO_CARRIER;

    private static final Stage WORM =
            new Stage.Worm(new WormSet(1, 40, 4, 40, 20, 0, Hand.RIGHT), 0.06);
    private static final Stage BEVEL = new Stage.Bevel(new BevelPair(16, 32, 4, 90, 20, 0, 20));
    private static final Stage PLANETARY =
            new Stage.Planetary(new PlanetarySet(18, 21, 60, 3), USUAL);
    private static final Stage CYCLOIDAL = new Stage.Cycloidal(29, 30, false);

    private static Drive drive(Stage... stages) {
        return new Drive(List.of(stages), 900, 1);
    }

    private static ShaftStack stack(Drive drive, TeardownStep... off) {
        return ShaftStack.of(drive, List.of(), List.of(off), Map.of());
    }

    /** Every wheel of the papers, wherever it stands. */
    private static List<Item> wheels(ShaftStack stack) {
        return Stream.concat(
                        stack.shafts().stream().flatMap(s -> s.items().stream()),
                        stack.meetings().stream().flatMap(m -> m.members().stream()))
                .filter(i -> i.role() != null)
                .toList();
    }

    private static Wheel wheel(Stage stage, Role role) {
        return stage.outline().wheels().stream()
                .filter(w -> w.role() == role)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void axesLieAsInTheKind() {
        assertThat(
                        Stream.of(
                                        new Stage.Parallel(Gears.spurPair(20, 60, 2)),
                                        new Stage.Counted(20, 60, false),
                                        new Stage.Chain(15, 30),
                                        new Stage.Idler(20),
                                        new RackDrive(20, 2),
                                        BEVEL,
                                        new Stage.FrictionDisc(50, 80, 0),
                                        WORM,
                                        new Stage.WormCounted(1, 40),
                                        PLANETARY,
                                        CYCLOIDAL,
                                        new ScrewAndNut(6, 1, 33, 30, 0.1),
                                        new Stage.Coupled())
                                .map(s -> s.outline().lie()))
                .containsExactly(
                        Lie.PARALLEL,
                        Lie.PARALLEL,
                        Lie.PARALLEL,
                        Lie.PARALLEL,
                        Lie.PARALLEL,
                        Lie.CROSSING,
                        Lie.CROSSING,
                        Lie.SKEW,
                        Lie.SKEW,
                        Lie.COAXIAL,
                        Lie.COAXIAL,
                        Lie.COAXIAL,
                        Lie.COAXIAL);
    }

    /** In mesh, the tips of standard teeth reach two modules past each other: the working depth. Definition of the basic rack. */
    @Test
    void wheelsInMeshReachTwoModulesIntoEachOther() {
        assertThat(depth(new Stage.Counted(17, 51, false), Role.DRIVER, Role.DRIVEN))
                .isCloseTo(2, within(1e-12));
        assertThat(depth(new Stage.Parallel(Gears.spurPair(20, 60, 3)), Role.DRIVER, Role.DRIVEN))
                .isCloseTo(6, within(1e-9));
        assertThat(depth(WORM, Role.WORM, Role.WORM_WHEEL)).isCloseTo(8, within(1e-9));
        assertThat(depth(new Stage.WormCounted(2, 30), Role.WORM, Role.WORM_WHEEL))
                .isCloseTo(2, within(1e-12));
        assertThat(depth(PLANETARY, Role.SUN, Role.PLANET)).isCloseTo(2, within(1e-12));
        assertThat(WORM.outline().centreDistance()).isEqualTo(100);
    }

    private static double depth(Stage stage, Role one, Role other) {
        return (wheel(stage, one).diameter() + wheel(stage, other).diameter()) / 2
                - stage.outline().centreDistance();
    }

    /** A ring's roots lie outside the tips of what turns in it: by less than a tooth, more than nothing. */
    @Test
    void whatTurnsInARingStaysInsideIt() {
        var rings =
                List.of(
                        PLANETARY,
                        new SteppedPlanets(20, 30, 20, 70, 1, USUAL),
                        new TwoRings(18, 21, 60, 20, 59, 1));
        for (var stage : rings) {
            var wheels = stage.outline().wheels();
            for (int i = 1; i < wheels.size(); i++) {
                if (wheels.get(i).role() == Role.RING) {
                    assertThat(wheels.get(i - 1).role()).isEqualTo(Role.PLANET);
                    double outermost =
                            stage.outline().centreDistance() + wheels.get(i - 1).diameter() / 2;
                    assertThat(wheels.get(i).diameter() / 2 - outermost)
                            .as(stage.inWords())
                            .isBetween(-1e-9, 2.0);
                }
            }
        }
        assertThat(wheel(CYCLOIDAL, Role.RING_PINS).diameter())
                .isGreaterThan(wheel(CYCLOIDAL, Role.DISC).diameter());
    }

    /** A gear with teeth inside and the pinion in it: a = (z₂ − z₁) m/2. */
    @Test
    void aRingOnParallelShaftsStandsOffByTheDifference() {
        var ring = new Stage.Counted(20, 80, true).outline();
        assertThat(ring.centreDistance()).isEqualTo(30);
        assertThat(ring.wheels()).extracting(Wheel::role).containsExactly(Role.DRIVER, Role.RING);
    }

    @Test
    void oneAxisKeepsItsWheelsTogetherAndNoShaftHoldsThem() {
        var stack = stack(drive(PLANETARY, PLANETARY));
        assertThat(stack.shafts()).hasSize(3).allSatisfy(s -> assertThat(s.items()).isEmpty());
        assertThat(stack.meetings())
                .hasSize(2)
                .allSatisfy(
                        m ->
                                assertThat(m.members())
                                        .extracting(Item::role, Item::count)
                                        .containsExactly(
                                                tuple(Role.SUN, 1),
                                                tuple(Role.PLANET, 3),
                                                tuple(Role.RING, 1),
                                                tuple(Role.CARRIER, 1)));
    }

    @Test
    void tellsInWhichPositionsAStageCarries() {
        var drive =
                new Drive(
                        List.of(
                                new Stage.Counted(20, 60, false),
                                new Stage.Counted(30, 50, false),
                                new Stage.Counted(25, 75, false)),
                        List.of(
                                new Drive.Position("low", List.of(1, 3)),
                                new Drive.Position("high", List.of(2, 3))),
                        900,
                        1);
        assertThat(stack(drive).meetings())
                .extracting(ShaftStack.Meeting::positions)
                .containsExactly(List.of("low"), List.of("high"), List.of());
    }

    private static final Drive TWIN =
            new Drive(
                    List.of(BEVEL, BEVEL),
                    List.of(
                            new Drive.Position("left", List.of(1)),
                            new Drive.Position("right", List.of(2), 2)),
                    540,
                    11);

    /** Wheels alike are told by the lever position in which they carry, or by the output that they drive. */
    @Test
    void aWheelIsToldByItsPosition() {
        var reversing =
                new Drive(
                        List.of(BEVEL, BEVEL),
                        List.of(
                                new Drive.Position("forward", List.of(1)),
                                new Drive.Position("reverse", List.of(2))),
                        1500,
                        0);
        assertThat(off(reversing, "reverse bevel wheel", PartKind.GEAR, 2)).containsExactly(2);
        assertThat(off(reversing, "forward bevel wheel", PartKind.GEAR, 2)).containsExactly(1);
        assertThat(off(reversing, "bevel wheel", PartKind.GEAR, 2)).isEmpty();
        assertThat(off(reversing, "straightforward wheel", PartKind.GEAR, 2)).isEmpty();
        assertThat(off(TWIN, "right bevel wheel", PartKind.GEAR, 3)).containsExactly(2);
        var headstock =
                new Drive(
                        List.of(
                                new Stage.Counted(20, 60, false),
                                new Stage.Counted(30, 60, false),
                                new Stage.Counted(20, 60, false)),
                        List.of(
                                new Drive.Position("low", List.of(1, 3)),
                                new Drive.Position("high", List.of(2, 3))),
                        1500,
                        0);
        assertThat(off(headstock, "wheel", PartKind.GEAR, 2)).isEmpty();
        assertThat(off(headstock, "high wheel", PartKind.GEAR, 2)).containsExactly(2);
        assertThat(off(headstock, "low wheel", PartKind.GEAR, 3)).containsExactly(3);
    }

    /** One pinion between two wheels is drawn once, and is one part of the log; no lever chooses between the outputs. */
    @Test
    void aPinionBetweenTwoWheelsIsOnePart() {
        var stack =
                stack(
                        TWIN,
                        step(1, "input pinion with shaft", PartKind.GEAR)
                                .on(1, Side.MIDDLE)
                                .build());
        assertThat(wheels(stack))
                .extracting(Item::role, Item::stage, Item::now)
                .containsExactly(
                        tuple(Role.BEVEL_PINION, 1, Now.ON_BENCH),
                        tuple(Role.BEVEL_WHEEL, 1, Now.IN_PLACE),
                        tuple(Role.BEVEL_WHEEL, 2, Now.IN_PLACE));
        assertThat(stack.meetings())
                .extracting(ShaftStack.Meeting::drivenBy, ShaftStack.Meeting::driven)
                .containsExactly(tuple(1, 2), tuple(1, 3));
        assertThat(stack.meetings()).allMatch(m -> m.positions().isEmpty());
        assertThat(stack.shafts())
                .extracting(ShaftStack.Shaft::isOutput)
                .containsExactly(false, true, true);
    }

    /** What was logged under its trade name is off, and nothing of it is drawn in place a second time. */
    @ParameterizedTest
    @CsvSource({
        "worm, WORM, 1, WORM",
        "worm shaft, SHAFT, 1, WORM",
        "bronze worm wheel, GEAR, 2, WORM_WHEEL",
        "wheel, GEAR, 2, WORM_WHEEL",
        "input pinion with shaft, SHAFT, 2, BEVEL_PINION",
        "bevel pinion, GEAR, 2, BEVEL_PINION",
        "crown wheel, GEAR, 3, BEVEL_WHEEL",
        "sun, GEAR, 3, SUN",
        "planet, GEAR, 4, PLANET",
        "'planet, z 21', GEAR, 3, PLANET",
        "planet carrier, CARRIER, 4, CARRIER",
        "ring gear, RING_GEAR, 3, RING",
        "upper cycloidal disc, CAM_DISC, 4, DISC",
        "eccentric with cage, ECCENTRIC, 5, ECCENTRIC",
        "ring roller, ROLLER, 5, RING_PINS",
    })
    void whatIsOffIsNotInPlace(String part, PartKind kind, int shaft, Role role) {
        var train = drive(WORM, BEVEL, PLANETARY, CYCLOIDAL);
        var stack = stack(train, step(1, part, kind).on(shaft, Side.MIDDLE).build());
        assertThat(wheels(stack))
                .filteredOn(i -> i.role() == role)
                .extracting(Item::now, Item::part)
                .containsExactly(tuple(Now.ON_BENCH, part));
        long papers = train.stages().stream().mapToLong(s -> s.outline().wheels().size()).sum();
        assertThat(wheels(stack)).hasSize((int) papers);
        assertThat(wheels(stack)).filteredOn(i -> i.now() == Now.ON_BENCH).hasSize(1);
    }

    /** Nothing else on a shaft is taken for one of its wheels. */
    @ParameterizedTest
    @CsvSource({
        "shaft, SHAFT, 1",
        "bearing of the worm, BEARING, 1",
        "worm wheel shaft, SHAFT, 2",
        "planet thrust washer, WASHER, 3",
        "roller, ROLLER, 5",
        "crown wheel, GEAR, 1",
        "'planet, z 22', GEAR, 3",
        "ratchet gear, GEAR, 5",
        "first planet carrier, CARRIER, 3",
    })
    void whatIsNoWheelOfThePapersLeavesThemInPlace(String part, PartKind kind, int shaft) {
        var stack =
                stack(
                        drive(WORM, BEVEL, PLANETARY, CYCLOIDAL),
                        step(1, part, kind).on(shaft, Side.MIDDLE).build());
        assertThat(wheels(stack)).allMatch(i -> i.now() == Now.IN_PLACE);
        assertThat(stack.shafts().get(shaft - 1).items())
                .filteredOn(i -> i.role() == null)
                .extracting(Item::part)
                .containsExactly(part);
    }

    /** Two sets alike: the number tells, then the teeth; without either nobody guesses. */
    @Test
    void ofTwoSetsTheNumberOrTheTeethTell() {
        var two = drive(PLANETARY, new Stage.Planetary(new PlanetarySet(18, 22, 62, 4), USUAL));
        assertThat(off(two, "second planet carrier", PartKind.CARRIER, 3)).containsExactly(2);
        assertThat(off(two, "first sun", PartKind.GEAR, 2)).containsExactly(1);
        assertThat(off(two, "planet, z 22", PartKind.GEAR, 2)).containsExactly(2);
        assertThat(off(two, "ring gear of 60 teeth", PartKind.RING_GEAR, 2)).containsExactly(1);
        assertThat(off(two, "planet carrier", PartKind.CARRIER, 2)).isEmpty();
        assertThat(off(two, "planet carrier", PartKind.CARRIER, 3)).containsExactly(2);
    }

    private static List<Integer> off(Drive drive, String part, PartKind kind, int shaft) {
        return wheels(stack(drive, step(1, part, kind).on(shaft, Side.MIDDLE).build())).stream()
                .filter(i -> i.now() == Now.ON_BENCH)
                .map(Item::stage)
                .toList();
    }

    /** Two rows of teeth on one planet are one part: both are off with it. */
    @Test
    void aSteppedPlanetComesOffWithBothItsRows() {
        var stack =
                stack(
                        drive(new SteppedPlanets(20, 30, 20, 70, 1, USUAL)),
                        step(1, "planet", PartKind.GEAR).on(2, Side.MIDDLE).build());
        assertThat(wheels(stack))
                .filteredOn(i -> i.role() == Role.PLANET)
                .hasSize(2)
                .allMatch(i -> i.now() == Now.ON_BENCH);
    }

    /** Two discs were logged one by one: both are drawn, none beside them in place. */
    @Test
    void piecesLoggedOneByOneAreAllDrawn() {
        var stack =
                stack(
                        drive(CYCLOIDAL),
                        step(1, "upper cycloidal disc", PartKind.CAM_DISC)
                                .on(1, Side.MIDDLE)
                                .build(),
                        step(2, "lower cycloidal disc", PartKind.CAM_DISC)
                                .on(1, Side.MIDDLE)
                                .build());
        assertThat(wheels(stack))
                .filteredOn(i -> i.role() == Role.DISC)
                .extracting(Item::number)
                .containsExactly(1, 2);
    }
}
