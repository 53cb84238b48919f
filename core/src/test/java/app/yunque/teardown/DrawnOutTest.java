package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.yunque.measure.Refused;
import app.yunque.plan.HandlingCost;
import app.yunque.teardown.DrawnOut.Fate;
import app.yunque.teardown.Envelope.Section;
import app.yunque.teardown.Opening.Faces;
import app.yunque.teardown.Opening.Shape;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The puzzle of the blind shaft: a hub that has to be inside before its shaft, a snap ring that goes on inside, a thick end that does not
 * pass the small bore. Common practice, no source; what passes what is geometry.
 */
class DrawnOutTest {
    private static final HandlingCost COST = HandlingCost.USUAL;
    private static final List<String> SHAFTS = List.of("feed shaft", "worm shaft");

    private static Opening bore(String name, double diameter, Faces faces, String closedBy) {
        return new Opening(name, Shape.ROUND, diameter, diameter, closedBy, faces, 1, null);
    }

    private static final Opening SMALL = bore("small bore", 35, Faces.LEFT, "");
    private static final Opening LARGE = bore("large bore", 62, Faces.RIGHT, "end cover");
    private static final Opening TOP =
            new Opening("top opening", Shape.RECTANGLE, 60, 110, "top cover", Faces.TOP, 0, 150.0);

    private final TeardownStep topCover =
            step(1, "top cover", PartKind.COVER).on(0, Side.MIDDLE).build();
    private final TeardownStep endCover =
            step(2, "end cover", PartKind.COVER).on(1, Side.RIGHT).build();
    private final TeardownStep ring =
            step(3, "snap ring", PartKind.CIRCLIP)
                    .on(1, Side.LEFT)
                    .envelope(Envelope.round(34, 2), "top opening")
                    .build();
    private final TeardownStep shaft =
            step(4, "feed shaft", PartKind.SHAFT)
                    .on(1, Side.MIDDLE)
                    .envelope(outline(30, 34, 58))
                    .build();
    private final TeardownStep hub =
            step(5, "hub", PartKind.GEAR)
                    .on(1, Side.MIDDLE)
                    .hub(Envelope.round(96, 28), 34.0, null)
                    .build();

    private static Envelope outline(double... diameters) {
        return Envelope.stepped(
                java.util.Arrays.stream(diameters).mapToObj(d -> new Section(d, 60)).toList());
    }

    private StripModel unit(TeardownStep... steps) {
        return new StripModel(List.of(steps), List.of(), List.of(SMALL, LARGE, TOP), SHAFTS);
    }

    @Test
    void theHubIsInsideBeforeItsShaftAndTheRingGoesOnInside() {
        var model = unit(topCover, endCover, ring, shaft, hub);
        assertThat(model.contradiction()).isEmpty();
        assertThat(model.logAgainstOpenings()).isEmpty();
        assertThat(model.trapped()).isEmpty();
        var order = model.rebuild(COST).order();
        assertThat(order.indexOf("s5")).as("hub before shaft").isLessThan(order.indexOf("s4"));
        assertThat(order.indexOf("s4")).as("shaft before ring").isLessThan(order.indexOf("s3"));
        assertThat(order.indexOf("s3")).as("ring before top cover").isLessThan(order.indexOf("s1"));
        assertThat(order.indexOf("s4"))
                .as("shaft before end cover")
                .isLessThan(order.indexOf("s2"));
        assertThat(model.follows())
                .contains(
                        "Hub goes in before the feed shaft: hub, Ø96 × 28, does not pass the large bore (Ø62) by which the shaft leaves.",
                        "Feed shaft goes in before the snap ring: the snap ring would be drawn against the hub, which stays inside.",
                        "Snap ring goes in before the top cover: snap ring goes out by the top opening, which the top cover closes.");
    }

    /** The thick end lets the shaft go one way only, whatever the log says. */
    @Test
    void aLogThatHasTheRingOffAfterTheShaftIsTold() {
        var late =
                step(5, "snap ring", PartKind.CIRCLIP)
                        .on(1, Side.LEFT)
                        .envelope(Envelope.round(34, 2), "top opening")
                        .build();
        var early =
                step(3, "feed shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(outline(30, 34, 58))
                        .build();
        var after =
                step(4, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 28), 34.0, null)
                        .build();
        assertThat(unit(topCover, endCover, early, after, late).logAgainstOpenings())
                .containsExactly(
                        "3 feed shaft is logged before 5 snap ring, but the snap ring would be drawn against the hub, which stays inside. The order, a size or what closes the opening is wrong: correct one of them.");
    }

    /**
     * A shaft of 58, 30 and 34 whose middle runs in an inner wall with a bore of 40: to the right the 58 would have to go through it; to the
     * left a hub of 96 that sits on the 34 is beyond the wall, and one that sits on the 58 is not.
     */
    @ParameterizedTest(name = "wall {0}, hub Ø{1} on step {2}, to the {3}: {4}")
    @CsvSource({
        "40, 96, 3, LEFT,  STAYS_INSIDE",
        "40, 96, 1, LEFT,  AS_LOGGED",
        "40, 96, 2, LEFT,  AS_LOGGED",
        "40, 39.5, 3, LEFT, AS_LOGGED",
        "40, 39.6, 3, LEFT, STAYS_INSIDE",
        "40, 96, 1, RIGHT, STAYS_INSIDE",
        "40, 96, 3, RIGHT, AS_LOGGED",
        "40, 96,  , LEFT,  STAYS_INSIDE",
        "  , 96, 3, LEFT,  AS_LOGGED"
    })
    void anInnerWallKeepsWhatItsBoreDoesNotLetThrough(
            Double wall, double hubAcross, Integer seat, Faces to, Fate fate) {
        var drawn = new DrawnOut(walled(wall), bore("end", 120, to, ""));
        var on =
                step(2, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(hubAcross, 20), seat == null ? 34.0 : 58.0, seat)
                        .build();
        assertThat(drawn.of(on, List.of(on)).fate()).isEqualTo(fate);
    }

    @Test
    void aShaftIsHeldByAWallThatItsThickEndDoesNotPass() {
        assertThat(new DrawnOut(walled(40.0), bore("end", 120, Faces.RIGHT, "")).heldByAWall())
                .isEqualTo(
                        "the step Ø58 of the shaft does not pass the inner wall in which step 2 runs, Ø40");
        assertThat(new DrawnOut(walled(40.0), bore("end", 120, Faces.LEFT, "")).heldByAWall())
                .isEmpty();
        assertThat(new DrawnOut(walled(58.0), bore("end", 120, Faces.RIGHT, "")).heldByAWall())
                .as("it runs through its own bore")
                .isEmpty();
        assertThat(new DrawnOut(walled(57.995), bore("end", 120, Faces.RIGHT, "")).heldByAWall())
                .as("two readings of one size")
                .isEmpty();
        assertThat(new DrawnOut(walled(57.98), bore("end", 120, Faces.RIGHT, "")).heldByAWall())
                .isNotEmpty();
        assertThat(new DrawnOut(walled(40.0), bore("lid", 120, Faces.TOP, "")).heldByAWall())
                .isEmpty();
        var model =
                new StripModel(
                        List.of(walled(40.0)),
                        List.of(),
                        List.of(bore("right end", 120, Faces.RIGHT, "")),
                        SHAFTS);
        assertThat(model.trapped().values())
                .singleElement()
                .asString()
                .contains("the step Ø58 of the shaft does not pass the inner wall");
    }

    /** The hub beyond the wall goes out by the top, not by the end that is large enough: the wall is between. */
    @Test
    void aHubBeyondAWallGoesOutByTheTop() {
        var left = bore("left end", 120, Faces.LEFT, "end cover");
        var on =
                step(4, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 20), 34.0, 3)
                        .build();
        var top = step(2, "top cover", PartKind.COVER).on(0, Side.MIDDLE).build();
        var end = step(1, "end cover", PartKind.COVER).on(1, Side.LEFT).build();
        var shaft3 =
                step(3, "shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(walled(40.0).detail().body().envelope())
                        .build();
        var steps = List.of(end, top, shaft3, on);
        var both = new StripModel(steps, List.of(), List.of(left, TOP), SHAFTS);
        assertThat(both.follows())
                .contains(
                        "Hub goes in before the top cover: hub goes out by the top opening, which the top cover closes.")
                .doesNotContain(
                        "Hub goes in before the end cover: hub goes out by the left end, which the end cover closes.");
        assertThat(new StripModel(steps, List.of(), List.of(left), SHAFTS).trapped().values())
                .singleElement()
                .asString()
                .contains("by the left end, hub, Ø96 × 20, does not pass the inner wall");
        var known =
                step(4, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 20), 34.0, 3, "left end")
                        .build();
        assertThat(
                        new StripModel(
                                        List.of(end, top, shaft3, known),
                                        List.of(),
                                        List.of(left, TOP),
                                        SHAFTS)
                                .trapped())
                .as("somebody knows that it goes round the wall")
                .isEmpty();
    }

    /** A ring of 50 beyond the wall would be drawn against it; one of 39 goes through with the shaft. */
    @Test
    void aRingBeyondAWallComesOffFirst() {
        var drawn = new DrawnOut(walled(40.0), bore("end", 120, Faces.LEFT, ""));
        var ring =
                step(2, "ring", PartKind.CIRCLIP)
                        .on(1, Side.RIGHT)
                        .hub(Envelope.round(50, 2), 34.0, 3)
                        .build();
        assertThat(drawn.of(ring, List.of(ring)).reason())
                .isEqualTo("the ring would be drawn against the inner wall in which step 2 runs");
        var small =
                step(2, "ring", PartKind.CIRCLIP)
                        .on(1, Side.RIGHT)
                        .hub(Envelope.round(39, 2), 34.0, 3)
                        .build();
        assertThat(drawn.of(small, List.of(small)).fate()).isEqualTo(Fate.AS_LOGGED);
    }

    /** Whether a hub is beyond the wall hangs on where it sits; that is asked only where the wall would keep it. */
    @Test
    void asksWhereAHubSitsThatAWallMightKeep() {
        var drawn = new DrawnOut(walled(40.0), bore("end", 120, Faces.LEFT, ""));
        var nowhere =
                step(2, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 20), null, null)
                        .build();
        assertThat(drawn.asks(nowhere))
                .isEqualTo(
                        "Say on which step of the shaft the hub sits: whether the shaft can be drawn out of it hangs on it.");
        var small =
                step(2, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(38, 20), null, null)
                        .build();
        assertThat(drawn.asks(small)).isEmpty();
        assertThat(new DrawnOut(walled(null), bore("end", 120, Faces.LEFT, "")).asks(nowhere))
                .isEmpty();
    }

    /** The first and the last step may run in a wall too; a hub in the wall itself is not beyond it. */
    @ParameterizedTest(name = "wall at step {0}, hub on {1}, to the {2}: {3}")
    @CsvSource({
        "1, 2, LEFT,  STAYS_INSIDE",
        "1, 1, LEFT,  AS_LOGGED",
        "3, 2, RIGHT, STAYS_INSIDE",
        "3, 3, RIGHT, AS_LOGGED",
        "3, 3, LEFT,  AS_LOGGED",
        "1, 1, RIGHT, AS_LOGGED"
    })
    void aWallAtEitherEnd(int wallAt, int seat, Faces to, Fate fate) {
        var outline = new java.util.ArrayList<Section>();
        for (int i = 1; i <= 3; i++) {
            outline.add(new Section(30, 60, i == wallAt ? 40.0 : null));
        }
        var drawn =
                step(1, "shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(Envelope.stepped(outline))
                        .build();
        var on =
                step(2, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 20), 30.0, seat)
                        .build();
        var told = new DrawnOut(drawn, bore("end", 120, to, "")).of(on, List.of(on));
        assertThat(told.fate()).isEqualTo(fate);
        assertThat(told.reason())
                .isEqualTo(
                        fate == Fate.STAYS_INSIDE
                                ? "hub, Ø96 × 20, does not pass the inner wall in which step %d of the shaft runs"
                                        .formatted(wallAt)
                                : "");
    }

    @Test
    void aStepRunsInABoreThatIsNoSmaller() {
        assertThat(new Section(30, 50, 30.0).wallBoreMm()).isEqualTo(30.0);
        // A step of 30 mm in a bore that was read as 1.1811 in, which is 29.99994 mm.
        assertThat(new Section(30, 50, 1.1811 * 25.4).wallBoreMm()).isLessThan(30);
        assertThatThrownBy(() -> new Section(30, 50, 29.98)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Section(30, 50, 29.9))
                .isInstanceOf(Refused.class)
                .hasMessage("The step Ø30 cannot run in a bore of Ø29.9. Measure both again.");
        assertThatThrownBy(() -> new Section(0.05, 50, 0.05)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Section(30, 50, 10_001.0)).isInstanceOf(Refused.class);
    }

    private static TeardownStep walled(Double wallBore) {
        return step(1, "shaft", PartKind.SHAFT)
                .on(1, Side.MIDDLE)
                .envelope(
                        Envelope.stepped(
                                List.of(
                                        new Section(58, 60),
                                        new Section(30, 60, wallBore),
                                        new Section(34, 60))))
                .build();
    }

    /**
     * Drawn to the right, the steps left of the hub go through its bore; to the left, those right of it. A bore of 34 on steps of 30, 34
     * and 58 sits on the second.
     */
    @ParameterizedTest(name = "steps {0} {1} {2}, bore {3}, seat {4}, to the {5}: {6}")
    @CsvSource({
        "30, 34, 58, 34,  , RIGHT, STAYS_INSIDE",
        "30, 34, 58, 34,  , LEFT,  BARS_THE_WAY",
        "58, 34, 30, 34,  , LEFT,  STAYS_INSIDE",
        "58, 34, 30, 34,  , RIGHT, BARS_THE_WAY",
        "34, 34, 34, 34, 2, RIGHT, STAYS_INSIDE",
        "34, 34, 34, 34, 2, LEFT,  STAYS_INSIDE",
        "40, 40, 40, 34,  , LEFT,  BARS_THE_WAY",
        "40, 40, 40, 34,  , RIGHT, BARS_THE_WAY",
        "34.6, 34, 30, 34, 2, RIGHT, BARS_THE_WAY",
        "34.5, 34, 30, 34, 2, RIGHT, STAYS_INSIDE",
        "30, 58, 30, 34, 1, RIGHT, STAYS_INSIDE",
        "30, 58, 30, 34, 3, LEFT,  STAYS_INSIDE",
        "30, 58, 30, 34, 1, LEFT,  BARS_THE_WAY",
        "30, 58, 30, 34, 3, RIGHT, BARS_THE_WAY",
        "30, 58, 30, 34,  , LEFT,  STAYS_INSIDE",
        "30, 58, 30,   ,  , LEFT,  STAYS_INSIDE"
    })
    void whatTheBoreLetsThrough(
            double first,
            double second,
            double third,
            Double bore,
            Integer seat,
            Faces to,
            Fate fate) {
        var drawn =
                step(1, "shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(outline(first, second, third))
                        .build();
        var wheel =
                step(2, "wheel", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 28), bore, seat)
                        .build();
        assertThat(new DrawnOut(drawn, bore("bore", 62, to, "")).of(wheel, List.of(wheel)).fate())
                .isEqualTo(fate);
    }

    @ParameterizedTest(name = "ring on the {0}, hub on the {1}, drawn to the {2}: {3}")
    @CsvSource({
        "LEFT, MIDDLE, RIGHT, OFF_FIRST",
        "LEFT, MIDDLE, LEFT, AS_LOGGED",
        "RIGHT, MIDDLE, LEFT, OFF_FIRST",
        "RIGHT, MIDDLE, RIGHT, AS_LOGGED",
        "MIDDLE, MIDDLE, RIGHT, AS_LOGGED",
        "MIDDLE, LEFT, LEFT, OFF_FIRST",
        "LEFT, MIDDLE, TOP, AS_LOGGED"
    })
    void aRingBehindAHubThatStaysComesOffFirst(Side at, Side hubAt, Faces to, Fate fate) {
        var wheel =
                step(2, "wheel", PartKind.GEAR)
                        .on(1, hubAt)
                        .envelope(Envelope.round(96, 28))
                        .build();
        for (var kind : List.of(PartKind.CIRCLIP, PartKind.COLLET, PartKind.NUT)) {
            var holds = step(3, "ring", kind).on(1, at).build();
            assertThat(
                            new DrawnOut(shaft, bore("bore", 62, to, ""))
                                    .of(holds, List.of(wheel, holds))
                                    .fate())
                    .as("%s", kind)
                    .isEqualTo(fate);
        }
        var key = step(3, "key", PartKind.KEY).on(1, at).build();
        assertThat(
                        new DrawnOut(shaft, bore("bore", 62, to, ""))
                                .of(key, List.of(wheel, key))
                                .fate())
                .as("a key lies in its slot")
                .isEqualTo(Fate.AS_LOGGED);
    }

    /** A shaft that is lifted out sideways takes along what is on it. */
    @Test
    void liftedOutSidewaysNothingStaysBehind() {
        var trough = new Opening("trough", Shape.RECTANGLE, 25, 400, "", Faces.TOP, 0, 200.0);
        var told = new DrawnOut(shaft, trough).of(hub, List.of(hub));
        assertThat(told.fate()).isEqualTo(Fate.BARS_THE_WAY);
        assertThat(told.reason()).endsWith("a shaft that is lifted out sideways takes it along");
    }

    /** What sits outside the case, as a pulley, comes off as the log says, however large it is. */
    @Test
    void whatSitsOutsideIsNoMatter() {
        var pulley =
                step(6, "pulley", PartKind.COUPLING)
                        .on(1, Side.RIGHT)
                        .envelope(Envelope.round(200, 40))
                        .build();
        assertThat(new DrawnOut(shaft, LARGE).of(pulley, List.of(pulley)).fate())
                .isEqualTo(Fate.AS_LOGGED);
    }

    /** The trade calls a wheel in the middle a hub, and a coupling's half on the end too. */
    @Test
    void aHubInTheMiddleIsInside() {
        var middle =
                step(6, "hub", PartKind.COUPLING)
                        .on(1, Side.MIDDLE)
                        .envelope(Envelope.round(200, 40))
                        .build();
        assertThat(new DrawnOut(shaft, LARGE).of(middle, List.of(middle)).fate())
                .isEqualTo(Fate.STAYS_INSIDE);
    }

    @Test
    void saysWhatItDoesNotKnow() {
        var noBore =
                step(5, "hub", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .envelope(Envelope.round(96, 28))
                        .build();
        assertThat(unit(topCover, endCover, shaft, noBore).asks())
                .containsExactly(
                        "Measure the bore of the hub: whether the feed shaft can be drawn out of it hangs on it.");
        var twice =
                step(4, "feed shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(outline(34, 34, 58))
                        .build();
        assertThat(unit(topCover, endCover, twice, hub).asks())
                .containsExactly(
                        "Say on which step of the feed shaft the hub sits: whether the shaft can be drawn out of it hangs on it.");
        assertThat(unit(topCover, endCover, ring, shaft, hub).asks()).isEmpty();
    }

    /** A pulley on the end is no matter, and nobody is asked for its bore. */
    @Test
    void asksForNoBoreOfWhatSitsOutside() {
        var pulley =
                step(5, "pulley", PartKind.COUPLING)
                        .on(1, Side.RIGHT)
                        .envelope(Envelope.round(200, 40))
                        .build();
        assertThat(unit(topCover, endCover, shaft, pulley).asks()).isEmpty();
    }

    /** A shaft of one thickness goes through a bore of its size, and through no smaller one. */
    @ParameterizedTest(name = "shaft Ø30, bore {0}: {1}")
    @CsvSource({"30, STAYS_INSIDE", "29.5, STAYS_INSIDE", "29.4, BARS_THE_WAY", "40, STAYS_INSIDE"})
    void aShaftOfOneThicknessGoesThroughItsBore(double bore, Fate fate) {
        var plain =
                step(1, "shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(Envelope.round(30, 200))
                        .build();
        var wheel =
                step(2, "wheel", PartKind.GEAR)
                        .on(1, Side.MIDDLE)
                        .hub(Envelope.round(96, 28), bore, null)
                        .build();
        assertThat(new DrawnOut(plain, LARGE).of(wheel, List.of(wheel)).fate()).isEqualTo(fate);
    }

    /** A cover with sizes of its own closes an opening, and is drawn out of nothing. */
    @Test
    void onlyAShaftIsDrawnOutOfAHub() {
        var sized =
                step(2, "end cover", PartKind.COVER)
                        .on(1, Side.RIGHT)
                        .envelope(Envelope.round(50, 10))
                        .build();
        var model = unit(topCover, sized, ring, shaft, hub);
        assertThat(model.staysInside())
                .singleElement()
                .satisfies(
                        b -> {
                            assertThat(b.first()).isEqualTo("s4");
                            assertThat(b.then()).isEqualTo("s5");
                        });
    }

    @Test
    void aNameOfNoOpeningIsTold() {
        var lost =
                step(2, "spring", PartKind.SPRING)
                        .on(1, Side.LEFT)
                        .body(new StepDetail.Body(null, List.of("old hole"), null, null, null))
                        .build();
        assertThat(unit(topCover, lost).trapped().get("s2"))
                .isEqualTo(
                        "spring is said to go out by the old hole, and no opening is called so. Say on the picture by which it goes out.");
    }

    /** Nothing is promised where it can go out nowhere. */
    @Test
    void aShaftThatCanGoNowhereIsTrapped() {
        var both =
                step(4, "feed shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .envelope(outline(58, 34, 58))
                        .build();
        var model = unit(topCover, endCover, both, hub);
        assertThat(model.trapped().get("s4"))
                .startsWith("feed shaft can go out nowhere: by the small bore, ")
                .contains("the step Ø58 of the feed shaft does not pass its bore Ø34");
    }

    /** Common practice: a bearing that stays on a shaft has to pass with it. */
    @Test
    void whatStaysOnTheShaftHasToPassWithIt() {
        var whole =
                step(3, "feed shaft", PartKind.SHAFT)
                        .on(1, Side.MIDDLE)
                        .in("feed")
                        .envelope(outline(30, 34))
                        .build();
        var bearing =
                step(4, "bearing", PartKind.BEARING)
                        .on(1, Side.LEFT)
                        .in("feed")
                        .envelope(Envelope.round(72, 19))
                        .build();
        var small = bore("small bore", 35, Faces.LEFT, "");
        var large = bore("large bore", 62, Faces.RIGHT, "");
        var model =
                new StripModel(
                        List.of(topCover, endCover, whole, bearing),
                        List.of(),
                        List.of(small, large),
                        SHAFTS);
        assertThat(model.trapped().get("s3"))
                .startsWith("feed shaft, Ø30, Ø34 over 120, passes no opening on record");
        var slim =
                step(4, "bearing", PartKind.BEARING)
                        .on(1, Side.LEFT)
                        .in("feed")
                        .envelope(Envelope.round(60, 19))
                        .build();
        assertThat(
                        new StripModel(
                                        List.of(topCover, endCover, whole, slim),
                                        List.of(),
                                        List.of(small, large),
                                        SHAFTS)
                                .trapped())
                .isEmpty();
    }

    @Test
    void aNameThatClosesNothingIsTold() {
        var model = unit(topCover, shaft, hub);
        assertThat(model.asks())
                .contains(
                        "The large bore is closed by “end cover”, and no part of the strip is called so: it is taken to be open. Choose what closes it.");
    }
}
