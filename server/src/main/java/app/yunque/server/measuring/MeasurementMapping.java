package app.yunque.server.measuring;

import app.yunque.backlash.IndicatorBacklash;
import app.yunque.drive.Drive;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Gauge;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.server.job.JobText;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.ShaftStack;
import app.yunque.tooth.ToothWear;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Between a measurement as entered, its columns and the core. */
final class MeasurementMapping {
    private static final Map<String, String> FIELDS =
            Map.of(
                    "radiusMm", "radius",
                    "tiltDeg", "tilt",
                    "resolutionMm", "resolution",
                    "maxErrorMm", "maxError",
                    "makersLimitMm", "makersBacklash",
                    "renewalPercent", "makersWearPercent",
                    "referenceSpanMm", "referenceSpan",
                    "circumferentialMm", "readings");

    private MeasurementMapping() {}

    /**
     * Reads a measurement as entered.
     *
     * @throws Refused naming every value that cannot be
     */
    static Taken read(MeasurementRequest r, Drive drive) {
        if (drive.pair(r.stage()).isEmpty()) {
            throw Refused.because(
                    "stage",
                    drive.stage(r.stage())
                            .map(
                                    s ->
                                            "Stage %d (%s) is no pair of gears on parallel shafts; measure it with its own drawer."
                                                    .formatted(r.stage(), s.inWords()))
                            .orElse(
                                    "There is no stage %d: this unit has %d."
                                            .formatted(r.stage(), drive.stages().size())));
        }
        var faults = new Faults();
        var span = r.kind() == MeasurementKind.SPAN;
        var resolution = length(faults, r.resolution(), "resolution", "resolution of the gauge");
        var maxError = length(faults, r.maxError(), "maxError", "calibration limit of the gauge");
        var radius = span ? null : length(faults, r.radius(), "radius", "stylus radius");
        var tilt = EnteredNumber.gatherOptional(faults, r.tilt(), "tilt", "tilt", EntryKind.ANGLE);
        var makers =
                EnteredNumber.gatherOptional(
                        faults,
                        r.makersBacklash(),
                        "makersBacklash",
                        "the maker's backlash",
                        EntryKind.LENGTH);
        var reference =
                EnteredNumber.gatherOptional(
                        faults,
                        r.referenceSpan(),
                        "referenceSpan",
                        "span of the unworn gear",
                        EntryKind.LENGTH);
        var readings = readings(faults, r.readings(), span ? "span" : "indicator reading");
        if (span && r.teethSpanned() == null) {
            faults.gather(
                    () -> {
                        throw Refused.because(
                                "teethSpanned", "Number of teeth spanned is missing.");
                    });
        }
        if (makers != null || r.makersWearPercent() != null) {
            faults.gather(
                    () ->
                            JobText.required(
                                    "makersReference",
                                    "Where the maker's figure stands",
                                    r.makersReference(),
                                    200));
        }
        faults.gather(() -> JobText.optional("remark", "Remark", r.remark(), 500));
        faults.throwIfAny();
        return new Taken(
                r,
                radius,
                tilt,
                resolution == null ? Entered.NOTHING : resolution,
                maxError == null ? Entered.NOTHING : maxError,
                makers,
                reference,
                List.copyOf(readings));
    }

    /** What is entered, in the units of the core. */
    record Taken(
            MeasurementRequest given,
            @Nullable Entered radius,
            @Nullable Entered tilt,
            Entered resolution,
            Entered maxError,
            @Nullable Entered makersBacklash,
            @Nullable Entered referenceSpan,
            List<Entered> readings) {}

    static MeasurementResult result(MeasurementRequest r, Drive drive, ServiceDuty duty) {
        var taken = read(r, drive);
        return AtField.named(FIELDS, () -> judged(taken, drive, duty));
    }

    static String gear(int stage, Member member, Drive drive) {
        return drive.pair(stage)
                .map(p -> ShaftStack.gearName(new GearPlace(stage, member), p.gear(member)))
                .orElse("stage " + stage);
    }

    private static MeasurementResult judged(Taken taken, Drive drive, ServiceDuty duty) {
        var m = taken.given();
        var pair = drive.pair(m.stage()).orElseThrow();
        var gauge = new Gauge(taken.resolution.canonical(), taken.maxError.canonical());
        var readings =
                new RepeatedReadings(taken.readings.stream().map(Entered::canonical).toList());
        if (m.kind() == MeasurementKind.SPAN) {
            var wear =
                    ToothWear.bySpan(
                            pair.gear(m.member()),
                            m.teethSpanned() == null ? 0 : m.teethSpanned(),
                            readings,
                            gauge,
                            Optional.ofNullable(Entered.valueOf(taken.referenceSpan)),
                            duty,
                            Optional.ofNullable(m.makersWearPercent()));
            return new MeasurementResult(wear.verdict(), wear.zone(), wear.sentence(), null, wear);
        }
        var setup =
                new IndicatorBacklash.Setup(
                        m.member(),
                        taken.radius == null ? Double.NaN : taken.radius.canonical(),
                        taken.tilt == null ? 0 : taken.tilt.canonical());
        var backlash =
                IndicatorBacklash.of(
                        pair,
                        setup,
                        readings,
                        gauge,
                        duty,
                        Optional.ofNullable(Entered.valueOf(taken.makersBacklash)));
        var judged = backlash.judged();
        return new MeasurementResult(
                judged.verdict(), judged.zone(), judged.sentence(), backlash, null);
    }

    private static @Nullable Entered length(
            Faults faults, @Nullable EnteredNumber number, String field, String label) {
        return faults.gather(() -> EnteredNumber.read(number, field, label, EntryKind.LENGTH));
    }

    private static List<Entered> readings(
            Faults faults, List<EnteredNumber> entered, String label) {
        var read = new ArrayList<Entered>();
        for (int i = 0; i < entered.size(); i++) {
            int place = i;
            var one =
                    length(
                            faults,
                            entered.get(place),
                            "readings[" + place + "]",
                            label + " " + (place + 1));
            if (one != null) {
                read.add(one);
            }
        }
        return read;
    }
}
