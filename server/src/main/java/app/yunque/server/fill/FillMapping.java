package app.yunque.server.fill;

import app.yunque.drive.GearTrain;
import app.yunque.gear.Member;
import app.yunque.lubricant.DipDepth;
import app.yunque.lubricant.FillQuantity;
import app.yunque.lubricant.GearOilDuty;
import app.yunque.lubricant.ImmersedGear;
import app.yunque.lubricant.OilGrade;
import app.yunque.lubricant.RectangularSump;
import app.yunque.measure.NotApplicable;
import app.yunque.measure.Refused;
import app.yunque.server.job.JobText;
import app.yunque.server.problem.AtField;
import app.yunque.server.problem.Faults;
import app.yunque.server.quantity.Entered;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.quantity.EntryUnit.EntryKind;
import app.yunque.teardown.GearPlace;
import app.yunque.teardown.ShaftStack;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** Between a fill as entered, its columns and the core. */
final class FillMapping {
    private static final Map<String, String> FIELDS =
            Map.of(
                    "coldestAmbientDegC", "coldest",
                    "hottestAmbientDegC", "hottest",
                    "sumpLengthMm", "sumpLength",
                    "sumpWidthMm", "sumpWidth",
                    "sumpHeightMm", "sumpHeight",
                    "centreAboveFloorMm", "shaftHeight",
                    "levelMm", "level");

    private FillMapping() {}

    static void fill(FillEntity f, FillRequest r) {
        var faults = new Faults();
        f.coldest = temperature(faults, r.coldest(), "coldest", "coldest surroundings");
        f.hottest = temperature(faults, r.hottest(), "hottest", "hottest surroundings");
        f.sumpLength = length(faults, r.sumpLength(), "sumpLength", "inside length of the sump");
        f.sumpWidth = length(faults, r.sumpWidth(), "sumpWidth", "inside width of the sump");
        f.sumpHeight = length(faults, r.sumpHeight(), "sumpHeight", "inside height of the sump");
        f.shaftHeight =
                length(
                        faults,
                        r.shaftHeight(),
                        "shaftHeight",
                        "height of the shafts above the floor");
        f.level = length(faults, r.level(), "level", "oil level");
        faults.throwIfAny();
        f.grade = r.grade();
        f.gradeSource = r.gradeSource().strip();
        f.oilName = r.oilName().strip();
    }

    /** What a kept fill needs beyond a preview: a name on the can, a quantity, a source for another grade. */
    static void complete(FillEntity f, FillRequest r, OilGrade proposed) {
        var faults = new Faults();
        faults.gather(() -> JobText.required("oilName", "Name on the can", r.oilName(), 120));
        if (r.grade() != proposed.proposed()) {
            faults.gather(
                    () ->
                            JobText.required(
                                    "gradeSource",
                                    "Another grade than the proposed "
                                            + proposed.proposed().words()
                                            + ": the plate or maker's table",
                                    r.gradeSource(),
                                    200));
        }
        var filled =
                faults.gather(
                        () ->
                                EnteredNumber.read(
                                        r.filled(), "filled", "quantity filled", EntryKind.VOLUME));
        if (filled != null && !(filled.canonical() > 0 && filled.canonical() <= 10_000)) {
            faults.gather(
                    () -> {
                        throw Refused.because(
                                "filled",
                                "Quantity filled "
                                        + filled.asEntered()
                                        + " is outside 0 to 10000 L. Read it off the can or the pump.");
                    });
        }
        faults.throwIfAny();
        f.filled = Objects.requireNonNull(filled);
    }

    static FillAnswer answer(FillEntity f, GearTrain train) {
        return AtField.named(FIELDS, () -> answered(f, train));
    }

    static FillRequest given(FillEntity f) {
        return new FillRequest(
                f.version(),
                EnteredNumber.given(f.coldest),
                EnteredNumber.given(f.hottest),
                EnteredNumber.given(f.sumpLength),
                EnteredNumber.given(f.sumpWidth),
                EnteredNumber.given(f.sumpHeight),
                EnteredNumber.given(f.shaftHeight),
                EnteredNumber.given(f.level),
                f.grade,
                f.gradeSource,
                f.oilName,
                EnteredNumber.given(f.filled));
    }

    private static FillAnswer answered(FillEntity f, GearTrain train) {
        int last = train.stages().size();
        if (last == 0) {
            throw new NotApplicable(
                    "fill",
                    "The papers do not describe the gears of this unit, so neither velocity nor immersed gears are known.",
                    "Take the maker's grade and quantity, or describe the stages under Units.");
        }
        double velocity = train.pitchLineVelocityMPerS(last);
        var grade =
                OilGrade.forDuty(
                        new GearOilDuty(velocity, f.coldest.canonical(), f.hottest.canonical()));
        var sump =
                new RectangularSump(
                        f.sumpLength.canonical(),
                        f.sumpWidth.canonical(),
                        f.sumpHeight.canonical());
        var gears = gears(train, f.shaftHeight.canonical());
        var wheel = gears.get(gears.size() - 1);
        double module = train.stages().get(last - 1).wheel().normalModuleMm();
        return new FillAnswer(
                grade,
                DipDepth.levelMm(wheel, module, velocity),
                FillQuantity.of(sump, f.level.canonical(), gears));
    }

    /** Every gear of the train, the wheel of the last stage at the end. */
    private static List<ImmersedGear> gears(GearTrain train, double shaftHeightMm) {
        var gears = new ArrayList<ImmersedGear>();
        for (int stage = 1; stage <= train.stages().size(); stage++) {
            for (var member : Member.values()) {
                var gear = train.stages().get(stage - 1).gear(member);
                gears.add(
                        new ImmersedGear(
                                ShaftStack.gearName(new GearPlace(stage, member), gear),
                                gear.tipDiameterMm(),
                                gear.rootDiameterMm(),
                                gear.faceWidthMm(),
                                shaftHeightMm));
            }
        }
        return gears;
    }

    private static Entered length(Faults faults, EnteredNumber n, String field, String label) {
        return orNothing(
                faults.gather(() -> EnteredNumber.read(n, field, label, EntryKind.LENGTH)));
    }

    private static Entered temperature(Faults faults, EnteredNumber n, String field, String label) {
        return orNothing(
                faults.gather(() -> EnteredNumber.read(n, field, label, EntryKind.TEMPERATURE)));
    }

    private static Entered orNothing(@org.jspecify.annotations.Nullable Entered read) {
        return read == null ? Entered.NOTHING : read;
    }
}
