package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.Working;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.GearDrawing;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import app.yunque.tooth.ChordalThickness;
import app.yunque.tooth.PinMeasurement;
import app.yunque.tooth.SpanMeasurement;
import app.yunque.tooth.ThicknessLoss;
import app.yunque.tooth.TipDiameter;
import app.yunque.tooth.ToothWear;
import app.yunque.tooth.WearLimit.ToothMaterial;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How thick the teeth still are. */
@Configuration
class ToothDrawers {
    static final String READINGS = "The readings";
    private static final String LIMITS = "Limits";

    @Bean
    Drawer gearData() {
        return new Drawer(
                "gear",
                "A gear in full",
                "Every circle, thickness and pitch of one gear, and what its tooth count allows.",
                Section.TEETH,
                Takes.NONE,
                GearFields.gear(true),
                ToothDrawers::gearData);
    }

    private static DrawerAnswer gearData(DrawerSheet sheet) {
        var gear = GearFields.gear(sheet);
        var warnings = new ArrayList<String>();
        if (!gear.internal()) {
            if (gear.profileShift() < gear.leastShiftWithoutUndercut()) {
                warnings.add(
                        "Cut with a rack this gear is undercut: it needs a shift of %s or more."
                                .formatted(
                                        PlainDigits.rounded(gear.leastShiftWithoutUndercut(), 3)));
            }
            if (gear.isTipThin()) {
                warnings.add(
                        "The tips are thin, %s mm: below a quarter of the module they chip."
                                .formatted(PlainDigits.rounded(gear.tipLandMm(), 3)));
            }
        }
        var answer =
                DrawerAnswer.saying(gear.inWords() + ".")
                        .mm("reference diameter d", gear.referenceDiameterMm())
                        .mm("tip diameter d_a", gear.tipDiameterMm())
                        .mm("root diameter d_f", gear.rootDiameterMm())
                        .mm("base diameter d_b", gear.baseDiameterMm())
                        .mm("tooth thickness sₙ", gear.normalToothThicknessMm())
                        .mm(
                                "whole depth",
                                Math.abs(gear.tipDiameterMm() - gear.rootDiameterMm()) / 2)
                        .mm("base pitch, transverse", gear.transverseBasePitchMm())
                        .figure(
                                "diametral pitch, normal",
                                25.4 / gear.normalModuleMm(),
                                "per in",
                                4)
                        .figure(
                                "pressure angle, transverse",
                                Math.toDegrees(gear.transversePressureAngleRad()),
                                "°",
                                3)
                        .warn(warnings)
                        .gear(GearDrawing.of(ActualTeeth.nominal(gear), 0));
        if (!gear.internal()) {
            answer.mm("width of the tip", gear.tipLandMm());
        }
        if (gear.helixAngleDeg() > 0) {
            answer.mm("lead", gear.leadMm());
        }
        return answer.working(
                        new Working(
                                List.of(
                                        Working.line(
                                                "d = z mₙ / cos β",
                                                PlainDigits.rounded(gear.referenceDiameterMm(), 4)
                                                        + " mm"),
                                        Working.line(
                                                "sₙ = mₙ (π/2 + 2 x tan αₙ)",
                                                PlainDigits.rounded(
                                                                gear.normalToothThicknessMm(), 4)
                                                        + " mm")),
                                "ISO 21771 and ISO 53, from memory"))
                .build();
    }

    @Bean
    Drawer span() {
        return new Drawer(
                "span",
                "Span over several teeth",
                "How many teeth to span, what they should read, and how much of the tooth is gone.",
                Section.TEETH,
                Takes.CALIPER,
                all(
                        GearFields.gear(false),
                        List.of(
                                Field.count("teethSpanned", "Teeth between the jaws", "")
                                        .mayBeEmpty()
                                        .hinting("Empty: the best number is chosen.")
                                        .in(READINGS),
                                Field.readings("readings", "Span", "mm", "in")
                                        .mayBeEmpty()
                                        .in(READINGS),
                                Field.length("referenceSpanMm", "Span when new, if known", "")
                                        .mayBeEmpty()
                                        .in(LIMITS),
                                GearFields.duty(),
                                makersRenewal(),
                                GearFields.makersReference())),
                ToothDrawers::span);
    }

    private static DrawerAnswer span(DrawerSheet sheet) {
        var gear = GearFields.gear(sheet);
        int k =
                sheet.optionalCount("teethSpanned")
                        .orElseGet(() -> SpanMeasurement.teethToSpan(gear));
        var nominal = SpanMeasurement.of(gear, k);
        if (sheet.readings("readings").isEmpty()) {
            return DrawerAnswer.saying(
                            "Span %d teeth: new and unworn they read %s mm, a little less when thinned for backlash."
                                    .formatted(k, PlainDigits.rounded(nominal.spanMm(), 3)))
                    .mm("span W over k teeth", nominal.spanMm())
                    .figure("teeth between the jaws k", k, "", 0)
                    .mm("jaws touch at diameter", nominal.contactDiameterMm())
                    .mm("one tooth more adds", gear.normalBasePitchMm())
                    .working(nominal.working())
                    .build();
        }
        sheet.refuseBeyondInstrument("readings");
        var readings = new RepeatedReadings(sheet.readings("readings"));
        var wear =
                ToothWear.bySpan(
                        gear,
                        k,
                        readings,
                        sheet.gauge(),
                        sheet.optional("referenceSpanMm"),
                        sheet.choice("duty", ServiceDuty.class),
                        sheet.optional("renewalPercent"));
        return DrawerAnswer.saying(wear.sentence())
                .verdict(wear.verdict())
                .zone(wear.zone())
                .coarse(wear.coarse())
                .figure("tooth gone", wear.wearPercent(), "%", 1)
                .mm("wear at the pitch circle", wear.wearMm())
                .mm("tooth left sₙ", wear.thicknessMm())
                .mm("span, worst place", wear.worstSpanMm())
                .mm("span, mean", wear.meanSpanMm())
                .mm("span when new", wear.referenceSpanMm())
                .mm("uncertainty of the wear (95 %)", wear.uncertaintyMm())
                .warn(wear.warnings())
                .warn(sheet.makersReference("renewalPercent"))
                .warn(oddOne(readings, sheet))
                .warn(sheet.gaugeWarnings())
                .bar(
                        new DrawerAnswer.Bar(
                                wear.wearPercent(),
                                wear.uncertaintyPercent(),
                                wear.wearPercent(),
                                wear.wearPercent(),
                                0,
                                wear.watchPercent(),
                                wear.renewPercent(),
                                "%"))
                .working(wear.working())
                .working(nominal.working())
                .build();
    }

    @Bean
    Drawer pins() {
        return new Drawer(
                "over-pins",
                "Over pins or balls",
                "Which pin suits the gear, what it should read over two of them, and the wear from a reading; rings too.",
                Section.TEETH,
                Takes.CALIPER,
                all(
                        GearFields.gear(true),
                        List.of(
                                Field.length("pinDiameterMm", "Pin or ball diameter", "")
                                        .mayBeEmpty()
                                        .hinting("Empty: the best usual one is chosen.")
                                        .in(READINGS),
                                Field.readings("readings", "Over pins", "mm", "in")
                                        .mayBeEmpty()
                                        .in(READINGS),
                                Field.length("referenceMm", "Reading when new, if known", "")
                                        .mayBeEmpty()
                                        .in(LIMITS),
                                GearFields.duty(),
                                GearFields.material(),
                                makersRenewal(),
                                GearFields.makersReference())),
                ToothDrawers::pins);
    }

    private static DrawerAnswer pins(DrawerSheet sheet) {
        var gear = GearFields.gear(sheet);
        double best = PinMeasurement.bestPinMm(gear);
        double pin =
                sheet.optional("pinDiameterMm")
                        .orElseGet(() -> PinMeasurement.nearestUsualPinMm(best));
        var nominal = PinMeasurement.of(gear, pin);
        var tool = nominal.isBall() ? "balls" : "pins";
        if (sheet.readings("readings").isEmpty()) {
            return DrawerAnswer.saying(
                            "Two %s of %s mm: new and unworn they read %s mm."
                                    .formatted(
                                            tool,
                                            PlainDigits.exact(pin),
                                            PlainDigits.rounded(nominal.overPinsMm(), 3)))
                    .mm("over the pins M", nominal.overPinsMm())
                    .mm("pin diameter D", pin)
                    .mm("best pin, touching mid-flank", best)
                    .mm("pins touch at diameter", nominal.contactDiameterMm())
                    .working(nominal.working())
                    .build();
        }
        sheet.refuseBeyondInstrument("readings");
        var readings = new RepeatedReadings(sheet.readings("readings"));
        double perMm = PinMeasurement.thicknessPerDimension(gear, nominal);
        double reference =
                sheet.optional("referenceMm")
                        .map(m -> PinMeasurement.normalThicknessMm(gear, pin, m))
                        .orElse(gear.normalToothThicknessMm());
        // Inside a ring a worn tooth reads larger, outside smaller: the thinnest tooth is judged.
        double thickness =
                Math.min(
                        PinMeasurement.normalThicknessMm(gear, pin, readings.smallestMm()),
                        PinMeasurement.normalThicknessMm(gear, pin, readings.largestMm()));
        var loss =
                loss(
                        sheet,
                        gear,
                        thickness,
                        reference,
                        2 * perMm * RepeatedReadings.standardUncertaintyOfOneMm(sheet.gauge()));
        return lossAnswer(loss, sheet, readings)
                .mm("over the pins, mean", readings.meanMm())
                .mm("over the pins when new", nominal.overPinsMm())
                .working(nominal.working())
                .build();
    }

    @Bean
    Drawer caliper() {
        return new Drawer(
                "tooth-caliper",
                "Gear-tooth caliper",
                "The height to set, the chord to read, and the wear from a reading.",
                Section.TEETH,
                Takes.TOOTH_CALIPER,
                all(
                        GearFields.gear(false),
                        List.of(
                                Field.length("tipDiameterMm", "Tip diameter as measured", "")
                                        .mayBeEmpty()
                                        .hinting(
                                                "Empty: the nominal one; a worn tip shifts the height.")
                                        .in(READINGS),
                                Field.readings("readings", "Chord", "mm", "in")
                                        .mayBeEmpty()
                                        .in(READINGS),
                                GearFields.duty(),
                                GearFields.material(),
                                makersRenewal(),
                                GearFields.makersReference())),
                ToothDrawers::caliper);
    }

    private static DrawerAnswer caliper(DrawerSheet sheet) {
        var gear = GearFields.gear(sheet);
        double tip = sheet.orElse("tipDiameterMm", gear.tipDiameterMm());
        var nominal = ChordalThickness.of(gear, gear.normalToothThicknessMm(), tip);
        if (sheet.readings("readings").isEmpty()) {
            return DrawerAnswer.saying(
                            "Set the height to %s mm; an unworn tooth reads %s mm."
                                    .formatted(
                                            PlainDigits.rounded(nominal.heightMm(), 3),
                                            PlainDigits.rounded(nominal.chordMm(), 3)))
                    .mm("height to set h̄", nominal.heightMm())
                    .mm("chord to read s̄", nominal.chordMm())
                    .mm("constant chord s̄_c", nominal.constantChordMm())
                    .mm("its height", nominal.constantHeightMm())
                    .working(nominal.working())
                    .build();
        }
        sheet.refuseBeyondInstrument("readings");
        var readings = new RepeatedReadings(sheet.readings("readings"));
        double thickness = ChordalThickness.normalThicknessMm(gear, readings.smallestMm());
        var loss =
                loss(
                        sheet,
                        gear,
                        thickness,
                        gear.normalToothThicknessMm(),
                        2 * RepeatedReadings.standardUncertaintyOfOneMm(sheet.gauge()));
        var answer = lossAnswer(loss, sheet, readings);
        if (loss.uncertaintyPercent() > loss.limit().renewPercent() / 4) {
            answer.warn(
                    List.of(
                            "The uncertainty is more than a quarter of the limit: measure the span or over pins instead."));
        }
        return answer.mm("height to set h̄", nominal.heightMm())
                .mm("chord when new", nominal.chordMm())
                .working(nominal.working())
                .build();
    }

    @Bean
    Drawer tip() {
        return new Drawer(
                "tip-diameter",
                "Tip and root diameter",
                "A caliper across an odd number of teeth reads small: what the diameter really is.",
                Section.TEETH,
                Takes.CALIPER,
                List.of(
                        Field.choice(
                                        "circle",
                                        "Measured",
                                        "TIP",
                                        new Option("TIP", "over the tips"),
                                        new Option("ROOT", "at the roots, with two blades"))
                                .in(READINGS),
                        Field.count("teeth", "Number of teeth", "17").in(READINGS),
                        Field.length("readingMm", "Reading across", "")
                                .hinting("The smallest steady reading, one jaw square on a tip.")
                                .in(READINGS),
                        Field.length("landMm", "Width of the tip", "")
                                .mayBeEmpty()
                                .onlyWhen("circle", "TIP")
                                .in(READINGS)),
                ToothDrawers::tip);
    }

    private static DrawerAnswer tip(DrawerSheet sheet) {
        int teeth = sheet.count("teeth");
        double reading = sheet.number("readingMm");
        if (sheet.is("circle", "ROOT")) {
            double root = TipDiameter.rootDiameterMm(teeth, reading);
            return DrawerAnswer.saying(
                            "The root diameter is %s mm.".formatted(PlainDigits.rounded(root, 3)))
                    .mm("root diameter d_f", root)
                    .mm("more than read", root - reading)
                    .working(
                            new Working(
                                    List.of(
                                            Working.line(
                                                    "d_f = M / cos(90°/z), odd teeth",
                                                    PlainDigits.rounded(root, 4) + " mm")),
                                    "geometry of a chord"))
                    .build();
        }
        var bounds = TipDiameter.of(teeth, reading);
        var working =
                new Working(
                        List.of(
                                Working.line(
                                        "d_a = 2 M / (1 + cos(π/z − ψ_a))",
                                        "M = %s mm, z = %d"
                                                .formatted(PlainDigits.exact(reading), teeth))),
                        "geometry of a polygon");
        if (sheet.has("landMm")) {
            double tip = TipDiameter.withLand(teeth, reading, sheet.number("landMm"));
            return DrawerAnswer.saying(
                            "The tip diameter is %s mm.".formatted(PlainDigits.rounded(tip, 3)))
                    .mm("tip diameter d_a", tip)
                    .mm("more than read", tip - reading)
                    .working(working)
                    .build();
        }
        return DrawerAnswer.saying(
                        teeth % 2 == 0
                                ? "With an even number of teeth the reading is the tip diameter."
                                : "The tip diameter lies between %s and %s mm; measure the width of a tip to know it better."
                                        .formatted(
                                                PlainDigits.rounded(bounds.smallestMm(), 3),
                                                PlainDigits.rounded(bounds.largestMm(), 3)))
                .mm("at least", bounds.smallestMm())
                .mm("at most", bounds.largestMm())
                .working(working)
                .build();
    }

    private static Field makersRenewal() {
        return Field.quantity("renewalPercent", "Maker renews at", "", "%").mayBeEmpty().in(LIMITS);
    }

    private static ThicknessLoss loss(
            DrawerSheet sheet,
            CylindricalGear gear,
            double thickness,
            double reference,
            double uncertainty) {
        return ThicknessLoss.of(
                gear,
                thickness,
                reference,
                uncertainty,
                sheet.choice("duty", ServiceDuty.class),
                sheet.choice("material", ToothMaterial.class),
                sheet.optional("renewalPercent"));
    }

    private static DrawerAnswer.Builder lossAnswer(
            ThicknessLoss loss, DrawerSheet sheet, RepeatedReadings readings) {
        return DrawerAnswer.saying(loss.sentence())
                .verdict(loss.verdict())
                .zone(loss.zone())
                .coarse(loss.coarse())
                .figure("tooth gone", loss.percent(), "%", 1)
                .mm("wear at the pitch circle", loss.lossMm())
                .mm("tooth left sₙ", loss.thicknessMm())
                .mm("uncertainty of the wear (95 %)", loss.uncertaintyMm())
                .mm("depth on a flank, if one is worn", loss.flankMm())
                .figure("bending strength left, about", 100 * loss.strengthShare(), "%", 0)
                .words("limit from", loss.limit().reason())
                .warn(sheet.makersReference("renewalPercent"))
                .warn(oddOne(readings, sheet))
                .warn(sheet.gaugeWarnings())
                .bar(
                        new DrawerAnswer.Bar(
                                loss.percent(),
                                loss.uncertaintyPercent(),
                                loss.percent(),
                                loss.percent(),
                                0,
                                loss.limit().watchPercent(),
                                loss.limit().renewPercent(),
                                "%"));
    }

    static List<String> oddOne(RepeatedReadings readings, DrawerSheet sheet) {
        var odd = readings.oddOneOut(sheet.gauge());
        return odd.isEmpty()
                ? List.of()
                : List.of(
                        "Reading %d does not belong with the others: take it again there."
                                .formatted(odd.getAsInt()));
    }
}
