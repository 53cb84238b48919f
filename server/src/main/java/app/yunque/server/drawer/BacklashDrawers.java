package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.backlash.Backlash;
import app.yunque.backlash.BacklashPlaces;
import app.yunque.backlash.BacklashReading;
import app.yunque.backlash.BacklashSchools;
import app.yunque.backlash.BacklashVerdict;
import app.yunque.backlash.FloatCorrection;
import app.yunque.backlash.IndicatorBacklash;
import app.yunque.backlash.RecommendedBacklash;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.RepeatedReadings;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import java.util.List;
import java.util.function.DoubleFunction;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How much play there is, by every way a bench has. */
@Configuration
class BacklashDrawers {
    private static final String READINGS = "The readings";
    private static final String LIMITS = "Limits";

    @Bean
    Drawer anyWay() {
        return new Drawer(
                "backlash",
                "Backlash, any way of measuring",
                "Dial on a flank, dial on an arm, long lever, feeler, soft wire or centres pushed together: what it really is and what it should be.",
                Section.BACKLASH,
                Takes.DIAL,
                all(
                        GearFields.pair(),
                        List.of(
                                Field.choice(
                                                "way",
                                                "Measured by",
                                                "FLANK",
                                                new Option("FLANK", "dial on a flank"),
                                                new Option(
                                                        "ARM",
                                                        "dial on an arm clamped to the shaft"),
                                                new Option("LEVER", "end of a long lever"),
                                                new Option(
                                                        "FEELER", "feeler or paper between flanks"),
                                                new Option(
                                                        "WIRE", "soft wire, both flats together"),
                                                new Option("CENTRES", "centres pushed together"))
                                        .in(READINGS),
                                member().onlyWhen("way", "FLANK", "ARM", "LEVER").in(READINGS),
                                Field.length("radiusMm", "Radius where it was read", "")
                                        .onlyWhen("way", "FLANK", "ARM")
                                        .hinting("From the shaft's centre.")
                                        .in(READINGS),
                                Field.length("lengthMm", "Length of the lever", "")
                                        .onlyWhen("way", "LEVER")
                                        .hinting("From the shaft's centre to where it was read.")
                                        .in(READINGS),
                                Field.quantity(
                                                "tiltDeg",
                                                "Stylus leans out of the plane by",
                                                "0",
                                                "°")
                                        .onlyWhen("way", "FLANK", "ARM")
                                        .in(READINGS),
                                Field.quantity("leanDeg", "Stylus leans outward by", "0", "°")
                                        .onlyWhen("way", "FLANK")
                                        .in(READINGS),
                                Field.choice(
                                                "stylus",
                                                "Stylus end",
                                                "SLIDES",
                                                new Option("SLIDES", "slides on the flank"),
                                                new Option("CAPTIVE", "held in a dimple or link"))
                                        .in(READINGS),
                                Field.readings("readings", "Reading", "mm", "thou", "µm")
                                        .in(READINGS),
                                Field.length("axialFloatMm", "Axial float to take off", "0")
                                        .in(READINGS),
                                Field.length("radialPlayMm", "Bearing play to take off", "0")
                                        .in(READINGS),
                                GearFields.duty(),
                                Field.length("makersLimitMm", "Maker’s largest backlash", "")
                                        .mayBeEmpty()
                                        .in(LIMITS),
                                GearFields.makersReference())),
                BacklashDrawers::anyWay);
    }

    static Field member() {
        return Field.choice(
                "member",
                "Moved gear",
                "WHEEL",
                new Option("WHEEL", "wheel, pinion held"),
                new Option("PINION", "pinion, wheel held"));
    }

    private static DrawerAnswer anyWay(DrawerSheet sheet) {
        var pair = GearFields.pair(sheet);
        sheet.refuseBeyondInstrument("readings");
        var readings = new RepeatedReadings(sheet.readings("readings"));
        var way = way(sheet, pair);
        var duty = sheet.choice("duty", ServiceDuty.class);
        var mean = way.apply(readings.meanMm());
        double along = mean.circumferentialMm(pair);
        double perMm = readings.meanMm() == 0 ? 1 : along / readings.meanMm();
        var corrected =
                FloatCorrection.of(
                        pair, along, sheet.number("axialFloatMm"), sheet.number("radialPlayMm"));
        var teeth = Backlash.ofCircumferential(pair, corrected.correctedMm());
        var recommended = RecommendedBacklash.of(pair, duty, sheet.optional("makersLimitMm"));
        var places =
                BacklashPlaces.of(
                        readings,
                        sheet.gauge(),
                        perMm,
                        corrected.measuredMm() - corrected.correctedMm());
        var judged = BacklashVerdict.ofPair(pair, places, recommended, duty);
        var answer =
                DrawerAnswer.saying(judged.sentence())
                        .judged(judged, places, recommended.limits())
                        .mm("along the circle j_wt", teeth.circumferentialMm())
                        .mm("square to the flanks j_bn", teeth.normalMm())
                        .mm(
                                "centres could close by j_r, about",
                                teeth.circumferentialMm() / pair.circumferentialPerCentreTravel())
                        .figure("pinion, wheel held", teeth.pinionAngleMin(), "′", 1)
                        .figure("wheel, pinion held", teeth.wheelAngleMin(), "′", 1)
                        .mm("uncertainty (95 %)", places.uncertaintyOfMeanMm())
                        .warn(sheet.makersReference("makersLimitMm"))
                        .warn(ToothDrawers.oddOne(readings, sheet))
                        .warn(sheet.gaugeWarnings())
                        .schools(BacklashSchools.of(pair, duty))
                        .working(mean.working(pair));
        if (corrected.measuredMm() != corrected.correctedMm()) {
            answer.mm("as read, floats included", corrected.measuredMm());
            answer.working(corrected.working());
        }
        return answer.working(recommended.working()).build();
    }

    /** A reading, by the way it was taken. */
    private static DoubleFunction<BacklashReading> way(DrawerSheet sheet, GearPair pair) {
        return switch (sheet.choice("way")) {
            case "FLANK" -> {
                var setup = setup(sheet);
                IndicatorBacklash.refuseOffFlank(pair, setup);
                yield q -> new BacklashReading.Flank(setup, q);
            }
            case "ARM" ->
                    q ->
                            new BacklashReading.Arm(
                                    sheet.choice("member", Member.class),
                                    q,
                                    sheet.number("radiusMm"),
                                    sheet.number("tiltDeg"));
            case "LEVER" ->
                    q ->
                            new BacklashReading.Lever(
                                    sheet.choice("member", Member.class),
                                    q,
                                    sheet.number("lengthMm"));
            case "CENTRES" -> BacklashReading.CentreTravel::new;
            default -> BacklashReading.Feeler::new;
        };
    }

    private static IndicatorBacklash.Setup setup(DrawerSheet sheet) {
        return new IndicatorBacklash.Setup(
                sheet.choice("member", Member.class),
                sheet.number("radiusMm"),
                sheet.number("tiltDeg"),
                sheet.number("leanDeg"),
                sheet.is("stylus", "CAPTIVE"));
    }
}
