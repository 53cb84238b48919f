package app.yunque.finding;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.parts.AlternateGrade.Duty;
import app.yunque.teardown.PartKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What gives way so that nothing dearer does: common practice, no source. */
class StrictPartsTest {
    @ParameterizedTest
    @CsvSource({
        "shear pin, PIN, true",
        "fibre safety gear, GEAR, true",
        "nylon gear, GEAR, true",
        "fuse gear, GEAR, true",
        "dowel pin, PIN, false",
        "bull gear, GEAR, false",
        "shear pin 6 × 40, PIN, true",
        "Shear bolt M6, SCREW, true",
        "shear key, KEY, true",
        "shear pin, OTHER, true",
        "shear pin bush, BUSH, false",
        "shear pin bush, SPACER, false",
        "coupling with shear pin, COUPLING, false",
        "fibre washer, WASHER, false",
        "nylon locknut, NUT, false",
        "plastic plug, PLUG, false",
        "plastic cover, COVER, false",
        "safety valve, OTHER, false",
        "Clutch springs, SPRING, true",
        "overload clutch spring, SPRING, true",
        "detent spring, SPRING, false",
    })
    void whatLimitsTheTorque(String part, PartKind kind, boolean limits) {
        var step = step(1, part, kind).build();
        assertThat(StrictParts.limitsTorque(step)).isEqualTo(limits);
        assertThat(StrictParts.duty(step))
                .isEqualTo(limits ? Duty.LIMITS_TORQUE : Duty.INSIDE_THE_BOX);
    }
}
