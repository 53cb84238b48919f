package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.backlash.BacklashPlaces;
import app.yunque.backlash.BacklashVerdict;
import app.yunque.backlash.BevelBacklash;
import app.yunque.backlash.BevelLimits;
import app.yunque.backlash.PaperSlip;
import app.yunque.backlash.ScrewAndNut;
import app.yunque.backlash.WormBacklash;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.RunOut;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.Field.Option;
import app.yunque.server.sheet.GearFields;
import app.yunque.tooth.WearLimit;
import app.yunque.tooth.WearLimit.ToothMaterial;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Backlash of worms and bevels, lost motion of a screw, paper slip, run-out. */
@Configuration
class PlayDrawers {
    private static final String READINGS = "The readings";
    private static final String LIMITS = "Limits";

    @Bean
    Drawer worm() {
        return new Drawer(
                "worm-backlash",
                "Backlash of a worm set",
                "From the wheel with the worm held, or from the worm with the wheel held; end float taken off.",
                Section.BACKLASH,
                Takes.DIAL,
                all(
                        GearFields.worm(),
                        List.of(
                                Field.choice(
                                                "way",
                                                "Measured at",
                                                "WHEEL",
                                                new Option("WHEEL", "the wheel, dial at its rim"),
                                                new Option("WORM", "the worm, turned to and fro"))
                                        .in(READINGS),
                                Field.length("radiusMm", "Stylus radius on the wheel", "")
                                        .onlyWhen("way", "WHEEL")
                                        .in(READINGS),
                                Field.readings("readings", "Reading", "mm", "thou", "µm")
                                        .onlyWhen("way", "WHEEL")
                                        .in(READINGS),
                                Field.quantity("wormAngleDeg", "Free turn of the worm", "", "°")
                                        .onlyWhen("way", "WORM")
                                        .in(READINGS),
                                Field.length("endFloatMm", "End float of the worm", "0")
                                        .in(READINGS),
                                GearFields.duty())),
                PlayDrawers::worm);
    }

    private static DrawerAnswer worm(DrawerSheet sheet) {
        var set = GearFields.worm(sheet);
        var duty = sheet.choice("duty", ServiceDuty.class);
        double floatMm = sheet.number("endFloatMm");
        WormBacklash lash;
        BacklashPlaces places;
        var odd = List.<String>of();
        if (sheet.is("way", "WHEEL")) {
            var readings = new RepeatedReadings(sheet.readings("readings"));
            double radius = sheet.number("radiusMm");
            odd = ToothDrawers.oddOne(readings, sheet);
            lash = WormBacklash.atWheel(set, readings.meanMm(), radius, floatMm);
            places = WormBacklash.placesAtWheel(set, readings, sheet.gauge(), radius, floatMm);
        } else {
            lash = WormBacklash.atWorm(set, sheet.number("wormAngleDeg"), floatMm);
            places = WormBacklash.placeAtWorm(set, sheet.number("wormAngleDeg"), floatMm);
        }
        var limit = WearLimit.of(duty, ToothMaterial.BRONZE);
        var limits = WormBacklash.limits(set, duty);
        var judged = BacklashVerdict.of(places, limits, duty);
        return DrawerAnswer.saying(judged.sentence())
                .judged(judged, places, limits)
                .mm("at the rim j_t2", lash.rimMm())
                .mm("square to the flanks j_bn", lash.normalMm())
                .figure("wheel, worm held", lash.wheelAngleMin(), "′", 1)
                .figure("worm, wheel held, float included", lash.wormAngleDeg(), "°", 2)
                .mm("worm could come nearer by", lash.radialMm())
                .figure("bronze gone, if the worm is unworn", lash.thinningPercent(), "%", 1)
                .words(
                        "renewed at",
                        PlainDigits.exact(limit.renewPercent())
                                + " % of the tooth: "
                                + limit.reason())
                .warn(lash.warnings())
                .warn(odd)
                .warn(sheet.gaugeWarnings())
                .working(lash.working())
                .build();
    }

    /** The maker's band, both ends or none. */
    private static Optional<BevelLimits.Makers> makersBand(DrawerSheet sheet) {
        var least = sheet.optional("makersLeastMm");
        var most = sheet.optional("makersMostMm");
        if (least.isPresent() && most.isEmpty()) {
            throw Refused.because(
                    "makersMostMm",
                    "Maker's largest backlash is missing. Enter both ends of his band, or none.");
        }
        return most.map(m -> new BevelLimits.Makers(least.orElse(0.0), m));
    }

    @Bean
    Drawer bevel() {
        return new Drawer(
                "bevel-backlash",
                "Backlash of a bevel pair",
                "Read at the heel with the pinion held, four places or more: the smallest answers for binding, the mean for wear.",
                Section.BACKLASH,
                Takes.DIAL,
                all(
                        GearFields.bevel(),
                        List.of(
                                Field.choice(
                                                "stylus",
                                                "Stylus stood",
                                                "ALONG",
                                                new Option("ALONG", "along the circle"),
                                                new Option("ACROSS", "square to the flank"))
                                        .in(READINGS),
                                Field.readings("readings", "Reading", "mm", "thou", "µm")
                                        .in(READINGS),
                                Field.choice(
                                                "accuracy",
                                                "Teeth are",
                                                BevelLimits.Accuracy.CUT_OR_GROUND.name(),
                                                Arrays.stream(BevelLimits.Accuracy.values())
                                                        .map(a -> new Option(a.name(), a.words()))
                                                        .toArray(Option[]::new))
                                        .in(LIMITS),
                                GearFields.duty(),
                                Field.length("makersLeastMm", "Maker’s least backlash", "")
                                        .hinting("Square to the flanks.")
                                        .mayBeEmpty()
                                        .in(LIMITS),
                                Field.length("makersMostMm", "Maker’s largest backlash", "")
                                        .hinting("Square to the flanks.")
                                        .mayBeEmpty()
                                        .in(LIMITS),
                                GearFields.makersReference())),
                sheet -> {
                    var pair = GearFields.bevel(sheet);
                    var readings = new RepeatedReadings(sheet.readings("readings"));
                    boolean across = sheet.is("stylus", "ACROSS");
                    var duty = sheet.choice("duty", ServiceDuty.class);
                    var lash = BevelBacklash.of(pair, readings.smallestMm(), across);
                    var places =
                            BacklashPlaces.of(
                                    readings,
                                    sheet.gauge(),
                                    BevelBacklash.normalPerReading(pair, across),
                                    0);
                    var limits =
                            BevelLimits.of(
                                    pair,
                                    sheet.choice("accuracy", BevelLimits.Accuracy.class),
                                    duty,
                                    makersBand(sheet));
                    var judged = BacklashVerdict.of(places, limits, duty);
                    var answer =
                            DrawerAnswer.saying(judged.sentence())
                                    .judged(judged, places, limits)
                                    .mm("at the heel, smallest j_te", lash.heelMm())
                                    .mm("square to the flanks j_ne, smallest", lash.normalMm())
                                    .mm("the same, mean", places.meanMm())
                                    .mm("at mid-face, smallest", lash.midFaceMm())
                                    .figure("wheel, pinion held", lash.wheelAngleMin(), "′", 1)
                                    .mm("spread of the readings", readings.spreadMm())
                                    .words("as a new pair", lash.sentence())
                                    .warn(readings.tooFewRound("bevel wheel").stream().toList())
                                    .warn(sheet.makersReference("makersMostMm"))
                                    .warn(ToothDrawers.oddOne(readings, sheet))
                                    .warn(sheet.gaugeWarnings());
                    return answer.working(lash.working()).build();
                });
    }

    @Bean
    Drawer leadScrew() {
        return new Drawer(
                "lost-motion",
                "Lost motion of screw and nut",
                "Which part of a slide's lost motion is screw, nut, thrust bearing or drive.",
                Section.BACKLASH,
                Takes.DIAL,
                List.of(
                        Field.length("busyMm", "Slide reversed, busiest place (T)", "")
                                .in(READINGS),
                        Field.length("endMm", "The same at the unused end (E)", "").in(READINGS),
                        Field.length("floatMm", "Axial float of the screw's end (F)", "")
                                .in(READINGS),
                        Field.length("driveMm", "Slack of handwheel and gears (H)", "0")
                                .hinting("As travel: angle × lead / 360.")
                                .in(READINGS),
                        Field.length("leadMm", "Lead of the screw", "5").in("The screw"),
                        Field.count("divisionsPerTurn", "Dial divisions a turn", "250")
                                .in("The screw")),
                sheet -> {
                    var split =
                            ScrewAndNut.of(
                                    sheet.number("busyMm"),
                                    sheet.number("endMm"),
                                    sheet.number("floatMm"),
                                    sheet.number("driveMm"),
                                    sheet.number("leadMm"),
                                    sheet.count("divisionsPerTurn"),
                                    2 * sheet.gauge().standardUncertaintyMm());
                    double total = Math.max(1e-9, sheet.number("busyMm"));
                    return DrawerAnswer.saying("Mend first: " + split.biggest() + ".")
                            .mm("screw, worn in the middle", split.screwMm())
                            .mm("nut, wear and clearance", split.nutMm())
                            .mm("thrust float", split.thrustMm())
                            .mm("drive", split.driveMm())
                            .words(
                                    "shares",
                                    "screw %s %%, nut %s %%, thrust %s %%, drive %s %%"
                                            .formatted(
                                                    PlainDigits.rounded(
                                                            100 * split.screwMm() / total, 0),
                                                    PlainDigits.rounded(
                                                            100 * split.nutMm() / total, 0),
                                                    PlainDigits.rounded(
                                                            100 * split.thrustMm() / total, 0),
                                                    PlainDigits.rounded(
                                                            100 * split.driveMm() / total, 0)))
                            .figure("lost divisions of the dial", split.divisions(), "", 1)
                            .figure("lost turn of the handwheel", split.degrees(), "°", 1)
                            .warn(sheet.gaugeWarnings())
                            .working(split.working())
                            .build();
                });
    }

    @Bean
    Drawer paper() {
        return new Drawer(
                "paper-slip",
                "A slip of paper in the mesh",
                "What a slip of paper or foil between open gears really leaves.",
                Section.BACKLASH,
                Takes.NONE,
                all(
                        GearFields.pair(),
                        List.of(
                                Field.length("thicknessMm", "Slip, squeezed", "0.09")
                                        .in(READINGS))),
                sheet -> {
                    var slip = PaperSlip.of(GearFields.pair(sheet), sheet.number("thicknessMm"));
                    return DrawerAnswer.saying(slip.sentence())
                            .mm("along the circle j_wt", slip.circumferentialMm())
                            .mm("square to the flanks j_bn", slip.normalMm())
                            .mm("centres opened by", slip.centresOpenedMm())
                            .working(slip.working())
                            .build();
                });
    }

    @Bean
    Drawer runOut() {
        return new Drawer(
                "run-out",
                "Run-out",
                "Indicator readings round one turn: how much, where the high side is, and whether it is eccentricity or form.",
                Section.BACKLASH,
                Takes.DIAL,
                List.of(
                        Field.readings("readings", "Reading", "mm", "thou", "µm")
                                .hinting("Evenly round one turn, plus when the plunger goes in.")
                                .in(READINGS),
                        Field.length("limitMm", "Largest allowed", "").mayBeEmpty().in(LIMITS)),
                sheet -> {
                    var out =
                            RunOut.of(
                                    sheet.readings("readings"),
                                    sheet.gauge(),
                                    sheet.optional("limitMm"));
                    return DrawerAnswer.saying(out.sentence())
                            .verdict(out.verdict())
                            .mm("run-out, largest less smallest", out.totalMm())
                            .mm("eccentricity", out.eccentricityMm())
                            .figure("high side at", out.highAtDeg(), "°", 0)
                            .mm("form left over", out.formMm())
                            .warn(sheet.gaugeWarnings())
                            .working(out.working())
                            .build();
                });
    }
}
