package app.yunque.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.gear.ServiceDuty;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Common practice, no source: kinds by the words people use. */
class UnitKindTest {
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            nullValues = "-",
            value = {
                "two-stage helical reducer of a brine pump, RED",
                "Worm reducer, WGB",
                "worm gearbox of the conveyor, WGB",
                "right-angle mower, BVL",
                "Verge flail mower right-angle box, BVL",
                "cycloidal drive, CYC",
                "planetary winch, PLW",
                "hand winch with pawls, HWN",
                "Self-tailing deck winch, HWN",
                "capstan, PLW",
                "hoist, HOI",
                "rising stem gate, ACT",
                "power feed of the mill, FDB",
                "mill head, HDS",
                "Toolroom lathe, SLD",
                "metering pump, MTP",
                "lift pump, PGE",
                "walking tractor, REV",
                "snow thrower, THR",
                "recoil starter, STA",
                "washing head, WSH",
                "steering sector, STE",
                "two splined outputs, TWN",
                "a box, -",
                "gate pump, ACT PGE"
            })
    void isGivenAwayBy(String words, String kinds) {
        assertThat(UnitKind.of(words))
                .containsExactlyInAnyOrderElementsOf(
                        kinds == null
                                ? java.util.List.of()
                                : Arrays.stream(kinds.split(" ")).map(UnitKind::valueOf).toList());
    }

    @ParameterizedTest
    @EnumSource(UnitKind.class)
    void isACircumstanceOfItsName(UnitKind kind) {
        assertThat(kind.circumstance().name()).isEqualTo(kind.name());
        assertThat(kind.circumstance().isComplaint()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "HWN, LIFTING",
        "PLW, LIFTING",
        "HOI, LIFTING",
        "RED, ENCLOSED_POWER",
        "FDB, FEED",
        "ACT, FEED"
    })
    void isThereForSomethingWhereNobodySays(UnitKind kind, ServiceDuty duty) {
        assertThat(kind.usualDuty()).isEqualTo(duty);
    }

    /** A hoist, and nothing else, leaves the shop without its release. */
    @ParameterizedTest
    @EnumSource
    void onlyAHoistIsReleasedElsewhere(UnitKind kind) {
        assertThat(kind.notReleased().isEmpty()).isEqualTo(kind != UnitKind.HOI);
        if (kind == UnitKind.HOI) {
            assertThat(kind.notReleased())
                    .startsWith("Not released for lifting by this shop")
                    .contains("licensed");
        }
    }
}
