package app.yunque;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.backlash.IndicatorBacklash;
import app.yunque.drive.Drives;
import app.yunque.drive.TurnCountCheck;
import app.yunque.gear.Gears;
import app.yunque.gear.Hand;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.OilGrade;
import app.yunque.lubricant.sump.FillQuantity;
import app.yunque.lubricant.sump.ImmersedGear;
import app.yunque.lubricant.sump.SumpShape;
import app.yunque.measure.Gauge;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Working;
import app.yunque.tooth.SpanMeasurement;
import app.yunque.tooth.ToothWear;
import app.yunque.upkeep.RunTemperature;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is printed as the working out must end in the number that is the result: prose and code drift apart otherwise. */
class WorkingAgreesWithTheResultTest {
    private static final Gauge GAUGE = new Gauge(0.01, 0.01);

    private static void endsIn(Working working, int line, String number) {
        assertThat(working.lines().get(line).numbers()).contains(number);
        assertThat(working.source()).isNotBlank();
        assertThat(working.lines()).allSatisfy(l -> assertThat(l.formula()).isNotBlank());
    }

    private static String mm(double value, int decimals) {
        return "= " + PlainDigits.rounded(value, decimals) + " mm";
    }

    @Test
    void ofASpan() {
        var span =
                SpanMeasurement.of(
                        Gears.helical(15, Hand.LEFT).teeth(64).moduleMm(2).faceWidthMm(28).build(),
                        8);
        endsIn(span.working(), 0, mm(span.spanMm(), 4));
        assertThat(span.working().lines().get(0).numbers())
                .startsWith("2 × cos 20° × [π × (8 − 0.5) + 64 ×");
    }

    @Test
    void ofToothWear() {
        var gear = Gears.spur().teeth(30).build();
        var wear =
                ToothWear.bySpan(
                        gear,
                        4,
                        new RepeatedReadings(List.of(31.95, 31.97, 31.93)),
                        GAUGE,
                        Optional.empty(),
                        ServiceDuty.ENCLOSED_POWER,
                        Optional.empty());
        endsIn(wear.working(), 0, mm(wear.wearMm(), 4));
        assertThat(wear.working().lines().get(1).numbers()).contains("nominal span of the drawing");
        assertThat(wear.sentence()).startsWith(PlainDigits.rounded(wear.wearPercent(), 1));
    }

    @Test
    void ofBacklashAndItsLimits() {
        var backlash =
                IndicatorBacklash.of(
                        Gears.spurPairAt(20, 40, 3, 90.2),
                        new IndicatorBacklash.Setup(Member.WHEEL, 61, 5),
                        new RepeatedReadings(List.of(0.31, 0.33, 0.32, 0.30)),
                        GAUGE,
                        ServiceDuty.FEED,
                        Optional.empty());
        endsIn(backlash.working(), 0, mm(backlash.mean().circumferentialMm(), 4));
        endsIn(backlash.working(), 1, mm(backlash.mean().normalMm(), 4));
        endsIn(backlash.working(), 3, "U " + mm(backlash.uncertaintyMm(), 4));
        var limits = backlash.recommended();
        endsIn(limits.working(), 0, mm(limits.leastNormalMm(), 4));
        endsIn(limits.working(), 1, mm(limits.leastCircumferentialMm(), 4));
        endsIn(limits.working(), 2, mm(limits.renewCircumferentialMm(), 3));
        assertThat(limits.working().schools()).anyMatch(s -> s.contains("0.03 to 0.05 × module"));
    }

    @Test
    void ofATurnCount() {
        var train =
                Drives.ofPairs(
                        List.of(Gears.spurPair(18, 54, 2), Gears.spurPair(20, 65, 3)), 1440, 0);
        var check =
                TurnCountCheck.of(train, Optional.empty(), new TurnCountCheck.Count(97.5, 10, 3));
        endsIn(check.working(), 0, "54/18 × 65/20 = 9.75000");
        endsIn(check.working(), 1, "= " + PlainDigits.rounded(check.countedRatio(), 5));
        endsIn(check.working(), 2, "± " + PlainDigits.rounded(check.uncertainty(), 5));
    }

    @Test
    void ofOilAndItsQuantity() {
        var grade = OilGrade.forDuty(new GearOilDuty(1.45, 2, 32));
        endsIn(grade.working(), 0, grade.byTable().words());
        endsIn(grade.working(), 1, grade.byFormula().words());
        endsIn(grade.working(), 2, grade.proposed().words());

        var wheel = new ImmersedGear("wheel 2", 204, 195, 40, 150);
        var fill = FillQuantity.of(new SumpShape.Box(420, 260, 200, 0), 95, List.of(wheel));
        endsIn(fill.working(), 0, "= " + PlainDigits.rounded(fill.grossLitres(), 3) + " L");
        endsIn(
                fill.working(),
                1,
                "wheel 2 dips 47.0 mm: " + PlainDigits.rounded(fill.displacedLitres(), 3));
        endsIn(fill.working(), 2, "= " + PlainDigits.rounded(fill.litres(), 3) + " L");
    }

    @Test
    void ofARun() {
        var run = RunTemperature.of(22, 51.5, 60, Optional.empty());
        endsIn(run.working(), 0, PlainDigits.rounded(run.riseK(), 1) + " K");
        endsIn(run.working(), 1, "51.5 °C against 72 °C");
    }
}
