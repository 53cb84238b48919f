package app.yunque.teardown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import app.yunque.teardown.TippingHalf.Place;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is reckoned before a joint is opened: oil above it, a spring under it, a half that tips. Check values of the brief, part A. */
class BeforeItOpensTest {
    private static final double TINY = 1e-9;

    @Test
    void oilAboveTheJointRunsOut() {
        var open = JointBelowOil.of(62, 40, 1.8);
        assertThat(open.litres()).isCloseTo(0.396, within(TINY));
        assertThat(open.told().verdict()).isEqualTo(Verdict.CLEAR_FAIL);
        assertThat(open.told().sentence()).startsWith("Drain first: about 0.40 L");
        assertThat(open.told().warnings()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"40,40", "39.9,40", "0,5000"})
    void aJointThatIsNotBelowLetsNothingOutAndIsNeverCalledDry(double level, double joint) {
        var open = JointBelowOil.of(level, joint, 1.8);
        assertThat(open.litres()).isZero();
        assertThat(open.told().verdict()).isEqualTo(Verdict.NOT_JUDGED);
        assertThat(open.told().sentence()).contains("a tray under it");
    }

    @ParameterizedTest
    @EnumSource(PartKind.class)
    void tellsOfOilOnlyWhereWhatComesOffLetsItOut(PartKind kind) {
        boolean lets =
                Set.of(
                                PartKind.COVER,
                                PartKind.HOUSING,
                                PartKind.PLUG,
                                PartKind.SEAL,
                                PartKind.GASKET)
                        .contains(kind);
        var cautions =
                StripCautions.of(StripAct.TAKE_OFF, EnumSet.of(kind), "it", null, () -> true);
        assertThat(cautions.contains(JointBelowOil.NOT_DRAINED)).isEqualTo(lets);
        assertThat(StripCautions.of(StripAct.TAKE_OFF, EnumSet.of(kind), "it", null, () -> false))
                .doesNotContain(JointBelowOil.NOT_DRAINED);
        assertThat(StripCautions.of(StripAct.LEFT_IN, EnumSet.of(kind), "it", null, () -> true))
                .doesNotContain(JointBelowOil.NOT_DRAINED);
    }

    @Test
    void screwsOverASpringReachUntilItIsFree() {
        var screws = GuideScrews.of(62, 38, 5.2, 6);
        assertThat(screws.threadMm()).isCloseTo(35.2, within(TINY));
        assertThat(screws.told().sentence()).contains("at least 35.2 mm").contains("rises 24.0 mm");
        assertThat(screws.told().verdict()).isEqualTo(Verdict.NOT_JUDGED);
    }

    @ParameterizedTest
    @CsvSource({"38,38", "37,38"})
    void aSpringThatDoesNotPushIsNamed(double free, double installed) {
        assertThatThrownBy(() -> GuideScrews.of(free, installed, 5.2, 6))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("does not push. Measure both again");
    }

    @ParameterizedTest
    @CsvSource({"-1,40,1.8,oil level", "62,5001,1.8,joint", "62,40,0,surface of the oil"})
    void aLevelThatCannotBeIsNamed(double level, double joint, double surface, String says) {
        assertThatThrownBy(() -> JointBelowOil.of(level, joint, surface))
                .isInstanceOf(Refused.class)
                .message()
                .containsIgnoringCase(says);
    }

    @ParameterizedTest
    @CsvSource({
        "0,38,5.2,6,free length",
        "62,0,5.2,6,under the cover",
        "62,38,0.4,6,height of the nut",
        "62,38,5.2,0.9,diameter of the screw"
    })
    void aScrewThatCannotBeIsNamed(
            double free, double installed, double nut, double diameter, String says) {
        assertThatThrownBy(() -> GuideScrews.of(free, installed, nut, diameter))
                .isInstanceOf(Refused.class)
                .message()
                .containsIgnoringCase(says);
    }

    private static final List<Place> BENCH =
            List.of(new Place(0, 0), new Place(200, 0), new Place(200, 100), new Place(0, 100));

    @ParameterizedTest
    @CsvSource({
        "190,50,10,DOUBTFUL,It stands by 10.0 mm only",
        "180,50,20,NOT_JUDGED,Its weight is 20.0 mm inside",
        "180.1,50,19.9,DOUBTFUL,It stands by 19.9 mm only",
        "100,50,50,NOT_JUDGED,Its weight is 50.0 mm inside",
        "200,50,0,CLEAR_FAIL,It will tip",
        "210,50,-10,CLEAR_FAIL,It will tip",
        "203,104,-5,CLEAR_FAIL,It will tip"
    })
    void aHalfStandsByItsMargin(
            double across, double up, double margin, Verdict verdict, String says) {
        var half = TippingHalf.of(BENCH, new Place(across, up));
        assertThat(half.marginMm()).isCloseTo(margin, within(TINY));
        assertThat(half.told().verdict()).isEqualTo(verdict);
        assertThat(half.told().sentence()).startsWith(says);
        assertThat(half.told().warnings()).as("never said to be safe").hasSize(1);
    }

    /** In whatever order the feet are named, and with feet between them, the answer is one. */
    @Test
    void theOrderOfTheFeetDoesNotMatter() {
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            var feet = new ArrayList<>(BENCH);
            feet.add(new Place(20 + random.nextInt(160), 10 + random.nextInt(80)));
            feet.add(new Place(100, 0));
            Collections.shuffle(feet, random);
            var centre = new Place(random.nextInt(240) - 20, random.nextInt(140) - 20);
            double nearestEdge =
                    Math.min(
                            Math.min(centre.acrossMm(), 200 - centre.acrossMm()),
                            Math.min(centre.upMm(), 100 - centre.upMm()));
            double margin = TippingHalf.of(feet, centre).marginMm();
            if (nearestEdge >= 0) {
                assertThat(margin).isCloseTo(nearestEdge, within(TINY));
            } else {
                double dx = Math.max(0, Math.abs(centre.acrossMm() - 100) - 100);
                double dy = Math.max(0, Math.abs(centre.upMm() - 50) - 50);
                assertThat(margin).isCloseTo(-Math.hypot(dx, dy), within(TINY));
            }
        }
    }

    @Test
    void whatStandsInOneLineTips() {
        for (var feet :
                List.of(
                        List.<Place>of(),
                        List.of(new Place(0, 0)),
                        List.of(new Place(0, 0), new Place(50, 50)),
                        List.of(new Place(0, 0), new Place(50, 50), new Place(100, 100)),
                        List.of(new Place(5, 5), new Place(5, 5), new Place(5, 5)))) {
            assertThatThrownBy(() -> TippingHalf.of(feet, new Place(10, 10)))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining("tips. Name three feet");
        }
    }
}
