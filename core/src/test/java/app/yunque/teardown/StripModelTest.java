package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.plan.Before;
import app.yunque.plan.HandlingCost;
import app.yunque.plan.LeastStrip;
import app.yunque.teardown.Statement.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A feed box with a blind shaft: the hub on it is larger than the side hole by which the shaft leaves. */
class StripModelTest {
    private static final List<String> SHAFTS = List.of("feed shaft", "worm shaft");
    private static final Opening SIDE =
            new Opening("side hole", Opening.Shape.ROUND, 80, 80, "side cover");
    private static final Opening TOP =
            new Opening("top opening", Opening.Shape.RECTANGLE, 40, 110, "top cover");

    private final TeardownStep topCover =
            step(1, "top cover", PartKind.COVER).on(0, Side.MIDDLE).work("hex 5", "up", 6).build();
    private final TeardownStep sideCover =
            step(2, "side cover", PartKind.COVER)
                    .on(1, Side.LEFT)
                    .work("hex 5", "left up", 4)
                    .build();
    private final TeardownStep circlip =
            step(3, "circlip", PartKind.CIRCLIP)
                    .on(1, Side.LEFT)
                    .work("pliers", "left up", 2)
                    .build();
    private final TeardownStep shaft =
            step(4, "feed shaft", PartKind.SHAFT)
                    .on(1, Side.MIDDLE)
                    .work("press", "left up", 8)
                    .envelope(Envelope.round(30, 220), "side hole")
                    .build();
    private final TeardownStep hub =
            step(5, "hub", PartKind.GEAR)
                    .on(1, Side.MIDDLE)
                    .work("", "up", 1)
                    .envelope(Envelope.round(96, 28))
                    .build();
    private final List<TeardownStep> strip = List.of(topCover, sideCover, circlip, shaft, hub);

    private static Statement said(Kind kind, TeardownStep first, TeardownStep then) {
        return new Statement("x", kind, first.id(), then.id(), "", "so says the bench");
    }

    private StripModel model(List<TeardownStep> steps, Statement... statements) {
        return new StripModel(steps, List.of(statements), List.of(SIDE, TOP), SHAFTS);
    }

    @Test
    void putsTheHubInsideBeforeItsShaft() {
        var plan = model(strip).rebuild(HandlingCost.USUAL);

        assertThat(plan.order().indexOf(hub.id())).isLessThan(plan.order().indexOf(shaft.id()));
        assertThat(model(strip).befores())
                .filteredOn(b -> b.origin() == Before.Origin.PASSAGE)
                .extracting(Before::reason)
                .containsExactlyInAnyOrder(
                        "hub, Ø96 × 28, does not pass the side hole (Ø80) by which the shaft leaves",
                        "feed shaft goes out by the side hole, which the side cover closes",
                        "hub goes out by the top opening, which the top cover closes",
                        "the hub is held by the top opening while the feed shaft goes through it, and the top cover closes that");
    }

    @Test
    void explainsALogThatThePassageForbids() {
        var wrong =
                List.of(
                        topCover,
                        sideCover,
                        step(3, "hub", PartKind.GEAR)
                                .on(1, Side.MIDDLE)
                                .envelope(Envelope.round(96, 28))
                                .build(),
                        step(4, "feed shaft", PartKind.SHAFT)
                                .on(1, Side.MIDDLE)
                                .envelope(Envelope.round(30, 220), "side hole")
                                .build());

        var why = model(wrong).contradiction().orElseThrow();

        assertThat(why.cycle()).hasSize(2);
        assertThat(why.says())
                .contains("“hub” must come off before “feed shaft”")
                .contains("does not pass the side hole (Ø80)");
        assertThat(why.frees())
                .extracting(Before::origin)
                .containsExactly(Before.Origin.LOG, Before.Origin.PASSAGE);
        assertThatThrownBy(() -> model(wrong).rebuild(HandlingCost.USUAL))
                .isInstanceOf(NotApplicable.class);
    }

    @Test
    void isFreedByASentenceFromTheBench() {
        var wrong = List.of(topCover, hubAs(2), shaftAs(3));

        var freed =
                new StripModel(
                        wrong,
                        List.of(said(Kind.FREE, wrong.get(1), wrong.get(2))),
                        List.of(SIDE, TOP),
                        SHAFTS);

        assertThat(freed.contradiction()).isEmpty();
        assertThat(freed.rebuild(HandlingCost.USUAL).order()).containsExactly("s2", "s3", "s1");
    }

    private static TeardownStep hubAs(int number) {
        return step(number, "hub", PartKind.GEAR)
                .on(1, Side.MIDDLE)
                .envelope(Envelope.round(96, 28))
                .build();
    }

    private static TeardownStep shaftAs(int number) {
        return step(number, "feed shaft", PartKind.SHAFT)
                .on(1, Side.MIDDLE)
                .envelope(Envelope.round(30, 220), "side hole")
                .build();
    }

    @Test
    void reachesTheHubByTheTopOnly() {
        var ways = model(strip).leastStrip(hub.id());

        assertThat(ways.get(0).choices())
                .extracting(LeastStrip.Choice::part)
                .contains(topCover.id(), shaft.id(), hub.id());
        assertThat(ways.get(0).choices().get(ways.get(0).choices().size() - 1).way())
                .isEqualTo("by the top opening");
    }

    @Test
    void namesAPartThatPassesNothing() {
        var drum = step(1, "drum", PartKind.OTHER).envelope(Envelope.round(300, 200)).build();

        assertThat(model(List.of(drum)).trapped().get("s1"))
                .contains(
                        "drum, Ø300 × 200, passes no opening on record (side hole (Ø80), top opening (40 × 110))");
        assertThat(WatchList.of(model(List.of(drum))).warnings())
                .anyMatch(w -> w.title().equals("Passes no opening: drum"));
    }

    @Test
    void savesAToolChangeAgainstTheLogTurnedRound() {
        var left =
                step(1, "left plate", PartKind.COVER).on(1, Side.LEFT).work("hex 5", "", 3).build();
        var ring = step(2, "ring", PartKind.CIRCLIP).on(1, Side.LEFT).work("pliers", "", 3).build();
        var right =
                step(3, "right plate", PartKind.COVER)
                        .on(1, Side.RIGHT)
                        .work("hex 5", "", 3)
                        .build();
        var other =
                step(4, "other ring", PartKind.CIRCLIP)
                        .on(1, Side.RIGHT)
                        .work("pliers", "", 3)
                        .build();
        var model = new StripModel(List.of(left, ring, right, other), List.of(), List.of(), SHAFTS);

        assertThat(model.asLogged(HandlingCost.USUAL).orElseThrow().minutes())
                .isCloseTo(16, within(1e-9));
        var plan = model.rebuild(HandlingCost.USUAL);
        assertThat(plan.minutes()).as("two rings, then two plates").isCloseTo(14, within(1e-9));
        assertThat(model.allows(plan.order())).isTrue();
        assertThat(model.allows(List.of("s1", "s2", "s3", "s4"))).isFalse();
    }

    @Test
    void takesEitherWay() {
        var front = step(1, "front plate", PartKind.COVER).on(1, Side.LEFT).work("", "", 9).build();
        var back = step(2, "back plate", PartKind.COVER).on(1, Side.RIGHT).work("", "", 2).build();
        var fork = step(3, "fork", PartKind.LEVER).on(1, Side.MIDDLE).work("", "", 1).build();
        var either = new Statement("x", Kind.EITHER, "s1", "s3", "s2", "both sides are open");
        var model = new StripModel(List.of(front, back, fork), List.of(either), List.of(), SHAFTS);

        assertThat(model.leastStrip("s3"))
                .extracting(LeastStrip::minutes)
                .containsExactly(3.0, 10.0);
    }

    @Test
    void opensASubassemblyOnTheBenchAfterItCameOutWhole() {
        var cluster =
                step(1, "sliding cluster", PartKind.GEAR).on(1, Side.MIDDLE).in("cluster").build();
        var other = step(2, "worm", PartKind.WORM).on(2, Side.MIDDLE).build();
        var key = step(3, "key", PartKind.KEY).on(1, Side.LEFT).in("cluster").build();
        var model = new StripModel(List.of(cluster, other, key), List.of(), List.of(), SHAFTS);

        var order = model.rebuild(HandlingCost.USUAL).order();

        assertThat(order.indexOf("s3")).isLessThan(order.indexOf("s1"));
        assertThat(model.befores())
                .extracting(Before::first, Before::then)
                .contains(org.assertj.core.groups.Tuple.tuple("s1", "s3"))
                .doesNotContain(org.assertj.core.groups.Tuple.tuple("s2", "s3"));
    }

    /** A gasket laid early would be torn by all that still has to pass it; common practice, no source. */
    @Test
    void laysTheGasketLastBeforeItsCover() {
        var cover = step(1, "top cover", PartKind.COVER).on(0, Side.MIDDLE).build();
        var gasket = step(2, "top gasket", PartKind.GASKET).on(0, Side.MIDDLE).build();
        var wheel = step(3, "wheel", PartKind.GEAR).on(1, Side.MIDDLE).build();

        var order =
                new StripModel(List.of(cover, gasket, wheel), List.of(), List.of(), SHAFTS)
                        .rebuild(HandlingCost.USUAL)
                        .order();

        assertThat(order).containsExactly("s3", "s2", "s1");
    }

    /** The log turned round is always a legal first answer. */
    @Test
    void neverForbidsTheLogItself() {
        assertThat(model(strip).asLogged(HandlingCost.USUAL)).isPresent();
        assertThat(model(strip).allows(List.of("s5", "s4", "s3", "s2", "s1"))).isTrue();
    }

    @Test
    void refusesHalfASentence() {
        assertThatThrownBy(() -> new Statement("x", Kind.MUST, "s1", "s2", "", " "))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Say why");
        assertThatThrownBy(() -> new Statement("x", Kind.FREE, "s1", "s1", "", ""))
                .hasMessageContaining("cannot have to come off before itself");
    }

    /** "In any order" says nothing where nothing holds the two, or where others stand between: then that is told. */
    @Test
    void tellsWhereAFreeingFreesNothing() {
        var free = said(Kind.FREE, sideCover, shaft);
        assertThat(model(strip, free).withoutEffect(free))
                .isEqualTo(
                        "What holds them is a size or was said at the bench, not the log: it changes nothing.");
        var apart =
                List.of(
                        ringAt(1, Side.LEFT),
                        ringAt(2, Side.LEFT),
                        ringAt(3, Side.LEFT),
                        ringAt(4, Side.RIGHT));
        var far = said(Kind.FREE, apart.get(0), apart.get(2));
        assertThat(model(apart, far).withoutEffect(far))
                .isEqualTo(
                        "What holds them apart stands between: ring 2. Say it of the neighbours instead.");
        var near = said(Kind.FREE, apart.get(0), apart.get(1));
        assertThat(model(apart, near).withoutEffect(near)).isEmpty();
        var never = said(Kind.FREE, apart.get(0), apart.get(3));
        assertThat(model(apart, never).withoutEffect(never))
                .isEqualTo("Nothing held these two in an order: it changes nothing.");
        assertThat(model(apart).withoutEffect(said(Kind.MUST, apart.get(0), apart.get(3))))
                .isEmpty();
    }

    private static TeardownStep ringAt(int number, Side side) {
        return step(number, "ring " + number, PartKind.CIRCLIP).on(1, side).build();
    }

    /** Other orders are told only where they change something less often, and take at most a twentieth longer. */
    @Test
    void offersOrdersThatTakeHardlyLonger() {
        var steps =
                List.of(
                        step(1, "a", PartKind.CIRCLIP)
                                .on(1, Side.LEFT)
                                .work("pliers", "up", 40)
                                .build(),
                        step(2, "b", PartKind.CIRCLIP)
                                .on(1, Side.RIGHT)
                                .work("hook", "up", 40)
                                .build(),
                        step(3, "c", PartKind.CIRCLIP)
                                .on(2, Side.LEFT)
                                .work("pliers", "down", 40)
                                .build(),
                        step(4, "d", PartKind.CIRCLIP)
                                .on(2, Side.RIGHT)
                                .work("hook", "down", 40)
                                .build());
        var model = new StripModel(steps, List.of(), List.of(), SHAFTS);
        // Two tools and two ways up: by tool 2 + 3 changes, by side 3 + 2. Turning costs 2, a tool
        // 1.
        var best = model.rebuild(HandlingCost.USUAL);
        assertThat(best.minutes()).isCloseTo(160 + 3 + 4, within(1e-9));
        var others = model.nearlyAsQuick(best, HandlingCost.USUAL, () -> true);
        assertThat(others)
                .singleElement()
                .satisfies(
                        o -> {
                            assertThat(o.changes().tools()).isEqualTo(2);
                            assertThat(o.changes().flips()).isEqualTo(3);
                            assertThat(o.minutes()).isCloseTo(160 + 2 + 6, within(1e-9));
                        });
        assertThat(model.nearlyAsQuick(best, HandlingCost.USUAL, () -> false)).isEmpty();
    }

    /** Who does not wait has the best until then, never called the quickest; who does has the same answer each time. */
    @Test
    void whatIsBrokenOffIsNotCalledFinished() {
        var steps = new java.util.ArrayList<TeardownStep>();
        for (int n = 1; n <= 30; n++) {
            steps.add(
                    step(n, "part " + n, PartKind.KEY)
                            .on(n, Side.LEFT)
                            .work("tool " + n % 7, "side " + n % 4, 1)
                            .build());
        }
        var model = new StripModel(steps, List.of(), List.of(), List.of());
        var begun = new java.util.ArrayList<RebuildPlan.Stage>();
        var plan =
                RebuildPlan.of(
                        model,
                        HandlingCost.USUAL,
                        new RebuildPlan.Listener() {
                            @Override
                            public boolean lasts() {
                                return false;
                            }

                            @Override
                            public void begins(RebuildPlan.Stage stage) {
                                begun.add(stage);
                            }
                        });
        assertThat(begun).containsExactly(RebuildPlan.Stage.values());
        assertThat(plan.isFinished()).isFalse();
        assertThat(model.allows(java.util.Objects.requireNonNull(plan.planned()).order())).isTrue();
        assertThat(plan.planned().boundMinutes()).isLessThanOrEqualTo(plan.planned().minutes());
        assertThat(java.util.Objects.requireNonNull(plan.withTwo()).turns()).hasSize(30);
        var waited = RebuildPlan.of(model, HandlingCost.USUAL);
        assertThat(waited.isFinished()).isTrue();
        assertThat(java.util.Objects.requireNonNull(waited.planned()).minutes())
                .isLessThanOrEqualTo(plan.planned().minutes());
        assertThat(waited.why()).hasSize(30);
        assertThat(RebuildPlan.of(model, HandlingCost.USUAL)).isEqualTo(waited);
    }
}
