package app.yunque.server.calc;

import app.yunque.backlash.IndicatorBacklash;
import app.yunque.backlash.RecommendedBacklash;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.RepeatedReadings;
import app.yunque.server.api.RangesOf;
import app.yunque.tooth.SpanMeasurement;
import app.yunque.tooth.ToothWear;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The gear rules. */
@RestController
@RequestMapping("/api/calc/gear")
class GearCalcController {

    /** teethSpanned may be missing: then the best number is chosen. */
    @RangesOf(SpanMeasurement.class)
    record SpanInput(GearInput gear, @Nullable Integer teethSpanned) {}

    record WearInput(
            GearInput gear,
            int teethSpanned,
            List<Double> readingsMm,
            GaugeInput gauge,
            @Nullable Double referenceSpanMm,
            ServiceDuty duty,
            @Nullable Double makersRenewalPercent) {}

    @RangesOf(RecommendedBacklash.class)
    record LimitsInput(PairInput pair, ServiceDuty duty, @Nullable Double makersLimitMm) {}

    @RangesOf(IndicatorBacklash.class)
    record BacklashInput(
            PairInput pair,
            Member touched,
            double radiusMm,
            double tiltDeg,
            List<Double> readingsMm,
            GaugeInput gauge,
            ServiceDuty duty,
            @Nullable Double makersLimitMm) {}

    /** Base tangent length over k teeth. Source: ISO 21771 and DIN 3960, from memory. */
    @PostMapping("/span")
    SpanMeasurement span(@RequestBody SpanInput input) {
        var gear = input.gear.gear();
        int k = input.teethSpanned == null ? SpanMeasurement.teethToSpan(gear) : input.teethSpanned;
        return SpanMeasurement.of(gear, k);
    }

    /** Tooth thickness and wear from span readings. Source: ISO 21771, ISO 14253-1, from memory. */
    @PostMapping("/tooth-wear")
    ToothWear toothWear(@RequestBody WearInput input) {
        return ToothWear.bySpan(
                input.gear.gear(),
                input.teethSpanned,
                new RepeatedReadings(input.readingsMm),
                input.gauge.gauge(),
                Optional.ofNullable(input.referenceSpanMm),
                input.duty,
                Optional.ofNullable(input.makersRenewalPercent));
    }

    /** What backlash a pair should have. Source: ISO/TR 10064-2, from memory; limits common practice. */
    @PostMapping("/recommended-backlash")
    RecommendedBacklash recommendedBacklash(@RequestBody LimitsInput input) {
        return RecommendedBacklash.of(
                input.pair.pair(), input.duty, Optional.ofNullable(input.makersLimitMm));
    }

    /** Backlash from indicator readings round a gear, judged. */
    @PostMapping("/backlash")
    IndicatorBacklash backlash(@RequestBody BacklashInput input) {
        return IndicatorBacklash.of(
                input.pair.pair(),
                new IndicatorBacklash.Setup(input.touched, input.radiusMm, input.tiltDeg),
                new RepeatedReadings(input.readingsMm),
                input.gauge.gauge(),
                input.duty,
                Optional.ofNullable(input.makersLimitMm));
    }
}
