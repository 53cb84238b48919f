package app.yunque.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.yunque.drive.StageOutline.Lie;
import app.yunque.drive.StageOutline.Role;
import app.yunque.teardown.ShaftStack.Item;
import app.yunque.teardown.ShaftStack.Meeting;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A job sealed by an earlier version is read for ever: what it did not know yet was not so. */
class SealedViewTest {
    private static String landed() throws IOException {
        // A signed job of the demo as version 9 of the records sealed it.
        try (var seal = SealedViewTest.class.getResourceAsStream("/seals/version-9.json")) {
            return new String(Objects.requireNonNull(seal).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void aSealOfAnEarlierVersionIsRead() throws IOException {
        var job = SealedView.read(landed());
        assertThat(job.job().number()).isEqualTo(3);
        assertThat(job.steps()).hasSize(27);
        assertThat(job.decisions()).hasSize(27);
        assertThat(job.decisions().get(0).checks()).isEmpty();
        assertThat(job.decisions().get(0).standing()).isEmpty();
        assertThat(job.answers()).hasSize(1);
        assertThat(job.answers().get(0).answer().renewNow()).isFalse();
        assertThat(job.unit().inputSpeedRpm()).isEqualTo(1450);
        assertThat(job.seen()).isEmpty();
        assertThat(job.otherMeshes()).isEmpty();
    }

    /** Two pairs of that pump, 86 and 136.6 mm apart, as its picture showed them then. */
    @Test
    void thePictureOfAnEarlierSealIsDrawnAgain() throws IOException {
        var stack = SealedView.read(landed()).stack();
        assertThat(stack.meetings())
                .extracting(
                        Meeting::stage,
                        Meeting::lie,
                        Meeting::driver,
                        Meeting::driven,
                        Meeting::centreDistance)
                .containsExactly(
                        tuple(1, Lie.PARALLEL, 1, 2, 86.0), tuple(2, Lie.PARALLEL, 2, 3, 136.6));
        assertThat(stack.shafts().stream().flatMap(s -> s.items().stream()))
                .filteredOn(i -> i.stage() > 0)
                .extracting(Item::part, Item::role, i -> Math.round(i.diameter()), Item::width)
                .containsExactly(
                        tuple("pinion shaft 1", Role.DRIVER, 43L, 28.0),
                        tuple("wheel 1", Role.DRIVEN, 137L, 28.0),
                        tuple("pinion 2", Role.DRIVER, 70L, 42.0),
                        tuple("wheel 2", Role.DRIVEN, 215L, 42.0));
    }

    @Test
    void whatWasReadIsWrittenWithAllThatWasInIt() throws IOException {
        var mapper = JsonMapper.builder().build();
        var before = (ObjectNode) mapper.readTree(landed());
        var after = (ObjectNode) mapper.readTree(SealedView.write(SealedView.read(landed())));
        before.propertyNames().forEach(name -> assertThat(after.has(name)).as(name).isTrue());
        // What is asked of a step since then is not there, and nothing else is different.
        after.path("steps")
                .forEach(
                        step -> {
                            if (step.path("given").path("fastening") instanceof ObjectNode held) {
                                assertThat(held.remove("byFeel").isNull()).isTrue();
                            }
                        });
        assertThat(after.path("steps")).isEqualTo(before.path("steps"));
        assertThat(after.path("ledger")).isEqualTo(before.path("ledger"));
    }
}
