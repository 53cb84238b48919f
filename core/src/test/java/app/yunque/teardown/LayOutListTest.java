package app.yunque.teardown;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.teardown.Belongs.Standing;
import app.yunque.teardown.LayOutList.Group;
import app.yunque.teardown.StepDetail.Back;
import app.yunque.teardown.StepDetail.Body;
import app.yunque.teardown.StepDetail.Work;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What lies ready before the first screw; common practice, no source. */
class LayOutListTest {
    private static Fastening screws(String drive, Double torqueNm, Fastening.Locking locking) {
        return new Fastening(
                4,
                "M8",
                25.0,
                false,
                torqueNm,
                torqueNm == null ? "" : "plate",
                drive,
                locking,
                null);
    }

    private static List<String> what(LayOutList list, Group group) {
        return list.items().stream()
                .filter(i -> i.group() == group)
                .map(LayOutList.Item::what)
                .toList();
    }

    @Test
    void saysWhatAnyGearboxAsksForWhileNobodyOpenedIt() {
        var list = LayOutList.of(List.of(), false, true);
        assertThat(what(list, Group.TOOL))
                .contains(
                        "hex keys and sockets, metric and inch",
                        "circlip pliers, inside and outside",
                        "dial indicator on its stand, feeler gauges, caliper");
        assertThat(what(list, Group.PULLER))
                .containsExactly("two- and three-leg puller, bearing splitter");
        assertThat(what(list, Group.SPARE)).isEmpty();
        assertThat(what(list, Group.CONSUMABLE))
                .contains("drain tray larger than the fill, funnel, sample bottle");
        assertThat(what(LayOutList.of(List.of(), false, false), Group.CONSUMABLE))
                .noneMatch(w -> w.contains("drain"));
        assertThat(what(LayOutList.of(List.of(), true, false), Group.PULLER))
                .contains("hoist and slings, looked over before use");
    }

    @Test
    void takesKeysTorquesPullersSparesAndCompoundsFromTheLastStrip() {
        var cover =
                step(1, "cover", PartKind.COVER)
                        .fastened(screws("hex 6", 24.5, Fastening.Locking.THREADLOCK_MEDIUM))
                        .alsoHeldBy(screws("hex 5", 10.0, Fastening.Locking.COTTER))
                        .build();
        var flange =
                step(2, "flange", PartKind.COVER)
                        .fastened(screws("hex 6", null, Fastening.Locking.NONE))
                        .build();
        var seal = step(3, "oil seal", PartKind.SEAL).count(2).build();
        var bearing =
                step(4, "bearing", PartKind.BEARING)
                        .work(new Work("two-leg puller", "", "", null, 1))
                        .build();
        var drum =
                step(5, "drum", PartKind.COUPLING)
                        .body(new Body(null, List.of(), 31.0, null, null))
                        .build();
        var pin =
                step(6, "shear pin 5/16", PartKind.PIN)
                        .belongs(new Belongs(Standing.WRONG, "shear pin 1/4", null, ""))
                        .build();
        var gear =
                step(7, "gear", PartKind.GEAR)
                        .back(new Back("", "", null, GoesOn.GREASE, false, ""))
                        .build();
        var list =
                LayOutList.of(List.of(cover, flange, seal, bearing, drum, pin, gear), false, false);

        assertThat(list.items())
                .contains(
                        new LayOutList.Item(Group.TOOL, "hex 6", "for cover, flange"),
                        new LayOutList.Item(Group.TOOL, "hex 5", "for cover"),
                        new LayOutList.Item(
                                Group.TOOL,
                                "torque wrench, 10 to 24.5 N·m",
                                "for what was tightened by figure"),
                        new LayOutList.Item(
                                Group.PULLER, "two-leg puller", "used last time on bearing"),
                        new LayOutList.Item(
                                Group.PULLER,
                                "hoist and slings, looked over before use",
                                "for drum"),
                        new LayOutList.Item(Group.SPARE, "2 × oil seal", "single use"),
                        new LayOutList.Item(
                                Group.SPARE, "4 × cotter pin for M8 cover", "holds once"),
                        new LayOutList.Item(
                                Group.CONSUMABLE,
                                "threadlocker, medium strength",
                                "on screws last time"));
        // The right pin went in at that rebuild: it is no spare that goes in anyway.
        assertThat(what(list, Group.SPARE)).noneMatch(w -> w.contains("shear pin"));
        assertThat(what(list, Group.CONSUMABLE)).contains(GoesOn.GREASE.words());
        assertThat(what(list, Group.TOOL)).doesNotContain("circlip pliers, inside and outside");
        assertThat(list.items()).extracting(LayOutList.Item::group).isSorted();
    }

    @Test
    void namesThreePartsAndHowManyMore() {
        var parts =
                List.of("a", "b", "c", "d", "e").stream()
                        .map(
                                name ->
                                        step(1, name, PartKind.COVER)
                                                .fastened(
                                                        screws(
                                                                "hex 6",
                                                                null,
                                                                Fastening.Locking.NONE))
                                                .build())
                        .toList();
        assertThat(LayOutList.of(parts, false, false).items().get(0).because())
                .isEqualTo("for a, b, c and 2 more");
    }
}
