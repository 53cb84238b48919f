package app.yunque.server.drawer;

import static app.yunque.server.drawer.GearFields.all;

import app.yunque.backlash.Backlash;
import app.yunque.backlash.BacklashMap;
import app.yunque.backlash.BacklashReading;
import app.yunque.backlash.BacklashSchools;
import app.yunque.backlash.BevelBacklash;
import app.yunque.backlash.FloatCorrection;
import app.yunque.backlash.IndicatorBacklash;
import app.yunque.backlash.PaperSlip;
import app.yunque.backlash.RecommendedBacklash;
import app.yunque.backlash.ScrewAndNut;
import app.yunque.backlash.TwoGearMap;
import app.yunque.backlash.WormBacklash;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.GuardBand;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.measure.RunOut;
import app.yunque.measure.Verdict;
import app.yunque.server.drawer.Drawer.Section;
import app.yunque.server.drawer.Drawer.Takes;
import app.yunque.server.drawer.Field.Option;
import app.yunque.tooth.WearLimit;
import app.yunque.tooth.WearLimit.ToothMaterial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
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

    private static Field member() {
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
        double along = way.apply(readings.meanMm());
        double perMm = readings.meanMm() == 0 ? 1 : along / readings.meanMm();
        double uncertainty = 2 * perMm * readings.standardUncertaintyMm(sheet.gauge());
        var corrected =
                FloatCorrection.of(
                        pair, along, sheet.number("axialFloatMm"), sheet.number("radialPlayMm"));
        var teeth = Backlash.ofCircumferential(pair, corrected.correctedMm());
        var limits = RecommendedBacklash.of(pair, duty, sheet.optional("makersLimitMm"));
        double smallest = way.apply(readings.smallestMm()) - along + corrected.correctedMm();
        double largest = way.apply(readings.largestMm()) - along + corrected.correctedMm();
        var wear =
                GuardBand.atMost(
                        teeth.circumferentialMm(), uncertainty, limits.renewCircumferentialMm());
        if (duty == ServiceDuty.LIFTING && wear == Verdict.DOUBTFUL) {
            wear = Verdict.CLEAR_FAIL;
        }
        var tight = GuardBand.atLeast(smallest, uncertainty, limits.leastCircumferentialMm());
        var answer =
                DrawerAnswer.saying(
                                "Backlash %s ± %s mm along the circle; a new pair has %s to %s mm, renew above %s mm."
                                        .formatted(
                                                PlainDigits.rounded(teeth.circumferentialMm(), 3),
                                                PlainDigits.rounded(uncertainty, 3),
                                                PlainDigits.rounded(
                                                        limits.leastCircumferentialMm(), 3),
                                                PlainDigits.rounded(
                                                        limits.mostNewCircumferentialMm(), 3),
                                                PlainDigits.rounded(
                                                        limits.renewCircumferentialMm(), 3)))
                        .verdict(tight.worse(wear))
                        .mm("along the circle j_wt", teeth.circumferentialMm())
                        .mm("square to the flanks j_bn", teeth.normalMm())
                        .mm(
                                "centres could close by j_r, about",
                                teeth.circumferentialMm() / pair.circumferentialPerCentreTravel())
                        .figure("pinion, wheel held", teeth.pinionAngleMin(), "′", 1)
                        .figure("wheel, pinion held", teeth.wheelAngleMin(), "′", 1)
                        .mm("uncertainty (95 %)", uncertainty)
                        .warn(sheet.makersReference("makersLimitMm"))
                        .warn(ToothDrawers.oddOne(readings, sheet))
                        .warn(sheet.gaugeWarnings())
                        .bar(
                                new DrawerAnswer.Bar(
                                        teeth.circumferentialMm(),
                                        uncertainty,
                                        smallest,
                                        largest,
                                        limits.leastCircumferentialMm(),
                                        limits.mostNewCircumferentialMm(),
                                        limits.renewCircumferentialMm(),
                                        "mm"))
                        .schools(BacklashSchools.of(pair, duty));
        if (corrected.measuredMm() != corrected.correctedMm()) {
            answer.mm("as read, floats included", corrected.measuredMm());
            answer.working(corrected.working());
        }
        return answer.working(limits.working()).build();
    }

    /** What a reading means along the working circle, by the way it was taken. */
    private static DoubleFunction<Double> way(DrawerSheet sheet, GearPair pair) {
        return switch (sheet.choice("way")) {
            case "FLANK" -> {
                var setup = setup(sheet);
                IndicatorBacklash.refuseOffFlank(pair, setup);
                double factor = IndicatorBacklash.circumferentialPerReading(pair, setup);
                yield q -> q * factor;
            }
            case "ARM" ->
                    q ->
                            new BacklashReading.Arm(
                                            sheet.choice("member", Member.class),
                                            q,
                                            sheet.number("radiusMm"),
                                            sheet.number("tiltDeg"))
                                    .circumferentialMm(pair);
            case "LEVER" ->
                    q ->
                            new BacklashReading.Lever(
                                            sheet.choice("member", Member.class),
                                            q,
                                            sheet.number("lengthMm"))
                                    .circumferentialMm(pair);
            case "CENTRES" -> q -> new BacklashReading.CentreTravel(q).circumferentialMm(pair);
            default -> q -> new BacklashReading.Feeler(q).circumferentialMm(pair);
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

    @Bean
    Drawer map() {
        return new Drawer(
                "backlash-map",
                "Backlash map round a turn",
                "Readings round one turn of a gear: where it binds, where it is loose, how much the gear runs out, and which tooth is damaged.",
                Section.BACKLASH,
                Takes.DIAL,
                all(
                        GearFields.pair(),
                        List.of(
                                member().in(READINGS),
                                Field.length("radiusMm", "Stylus radius", "")
                                        .mayBeEmpty()
                                        .hinting("Empty: on the working circle.")
                                        .in(READINGS),
                                Field.readings("readings", "Reading", "mm", "thou", "µm")
                                        .hinting("Eight or more, evenly round the turned gear.")
                                        .in(READINGS),
                                Field.readings("angles", "Position", "°")
                                        .mayBeEmpty()
                                        .hinting("Empty: evenly spaced from the first.")
                                        .in(READINGS))),
                BacklashDrawers::map);
    }

    private static DrawerAnswer map(DrawerSheet sheet) {
        var pair = GearFields.pair(sheet);
        sheet.refuseBeyondInstrument("readings");
        var member = sheet.choice("member", Member.class);
        double rw = pair.workingRadiusMm(member);
        double radius = sheet.orElse("radiusMm", rw);
        var setup = new IndicatorBacklash.Setup(member, radius, 0);
        IndicatorBacklash.refuseOffFlank(pair, setup);
        double factor = IndicatorBacklash.circumferentialPerReading(pair, setup);
        var map =
                BacklashMap.of(
                        placed(sheet, factor),
                        pair.gear(member).teeth(),
                        sheet.gauge().resolutionMm(),
                        pair.circumferentialPerCentreTravel());
        var least =
                RecommendedBacklash.of(pair, ServiceDuty.ENCLOSED_POWER, Optional.empty())
                        .leastCircumferentialMm();
        double uncertainty = 2 * factor * sheet.gauge().standardUncertaintyMm();
        return DrawerAnswer.saying(String.join(" ", map.findings()))
                .verdict(GuardBand.atLeast(map.smallestMm(), uncertainty, least))
                .mm("smallest, to be judged", map.smallestMm())
                .mm("least of a new pair", least)
                .mm("mean", map.meanMm())
                .mm("wave, half", map.amplitudeMm())
                .mm("run-out of the gear", map.runOutMm())
                .mm("scatter left over", map.scatterMm())
                .warn(sheet.gaugeWarnings())
                .map(map)
                .working(map.working())
                .build();
    }

    private static List<BacklashMap.Reading> placed(DrawerSheet sheet, double factor) {
        var mm = sheet.readings("readings").stream().map(v -> v * factor).toList();
        var angles = sheet.readings("angles");
        if (angles.isEmpty()) {
            return BacklashMap.evenly(mm);
        }
        if (angles.size() != mm.size()) {
            throw Refused.because(
                    "angles",
                    "There are %d readings and %d positions: give one position for each reading, or none."
                            .formatted(mm.size(), angles.size()));
        }
        return IntStream.range(0, mm.size())
                .mapToObj(i -> new BacklashMap.Reading(angles.get(i), mm.get(i)))
                .toList();
    }

    @Bean
    Drawer twoGears() {
        return new Drawer(
                "two-gear-map",
                "Map of both gears",
                "Readings over several turns of the wheel part the run-out of wheel and pinion and find the worst meeting, or the best assembly.",
                Section.BACKLASH,
                Takes.DIAL,
                all(
                        List.of(
                                Field.count("pinionTeeth", "Teeth of the pinion", "17")
                                        .in("The pair"),
                                Field.count("wheelTeeth", "Teeth of the wheel", "40")
                                        .in("The pair"),
                                Field.quantity("stepDeg", "The wheel is turned on by", "100", "°")
                                        .hinting("The same step each time, going on beyond a turn.")
                                        .in(READINGS),
                                Field.readings("readings", "Backlash", "mm", "thou", "µm")
                                        .in(READINGS))),
                sheet -> {
                    var stops = new ArrayList<TwoGearMap.Stop>();
                    for (double mm : sheet.readings("readings")) {
                        stops.add(new TwoGearMap.Stop(stops.size() * sheet.number("stepDeg"), mm));
                    }
                    var map =
                            TwoGearMap.of(
                                    stops, sheet.count("pinionTeeth"), sheet.count("wheelTeeth"));
                    return DrawerAnswer.saying(map.sentence())
                            .mm("smallest that can ever meet", map.smallestMm())
                            .mm("smallest after the best assembly", map.bestMm())
                            .mm("mean", map.meanMm())
                            .mm("wave of the pinion, half", map.pinionMm())
                            .figure("pinion loosest at", map.pinionAtDeg(), "°", 0)
                            .mm("wave of the wheel, half", map.wheelMm())
                            .figure("wheel loosest at", map.wheelAtDeg(), "°", 0)
                            .mm("scatter left over", map.scatterMm())
                            .working(map.working())
                            .build();
                });
    }

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
                BacklashDrawers::worm);
    }

    private static DrawerAnswer worm(DrawerSheet sheet) {
        var set = GearFields.worm(sheet);
        WormBacklash lash;
        var odd = List.<String>of();
        if (sheet.is("way", "WHEEL")) {
            var readings = new RepeatedReadings(sheet.readings("readings"));
            odd = ToothDrawers.oddOne(readings, sheet);
            lash =
                    WormBacklash.atWheel(
                            set,
                            readings.meanMm(),
                            sheet.number("radiusMm"),
                            sheet.number("endFloatMm"));
        } else {
            lash =
                    WormBacklash.atWorm(
                            set, sheet.number("wormAngleDeg"), sheet.number("endFloatMm"));
        }
        var limit = WearLimit.of(sheet.choice("duty", ServiceDuty.class), ToothMaterial.BRONZE);
        double tooth = set.wheelToothThicknessMm();
        double uncertainty = 2 * sheet.gauge().standardUncertaintyMm();
        double renew =
                (lash.guideLowMm() + lash.guideHighMm()) / 2 + limit.renewPercent() / 100 * tooth;
        return DrawerAnswer.saying(
                        "Backlash %s mm at the rim of the wheel; usual at this size %s to %s mm."
                                .formatted(
                                        PlainDigits.rounded(lash.rimMm(), 3),
                                        PlainDigits.rounded(lash.guideLowMm(), 2),
                                        PlainDigits.rounded(lash.guideHighMm(), 2)))
                .verdict(GuardBand.atMost(lash.rimMm(), uncertainty, renew))
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
                .bar(
                        new DrawerAnswer.Bar(
                                lash.rimMm(),
                                uncertainty,
                                lash.rimMm(),
                                lash.rimMm(),
                                lash.guideLowMm(),
                                lash.guideHighMm(),
                                renew,
                                "mm"))
                .working(lash.working())
                .build();
    }

    @Bean
    Drawer bevel() {
        return new Drawer(
                "bevel-backlash",
                "Backlash of a bevel pair",
                "Read at the heel with the pinion held, four places or more; the smallest is judged.",
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
                                        .in(READINGS))),
                sheet -> {
                    var pair = GearFields.bevel(sheet);
                    var readings = new RepeatedReadings(sheet.readings("readings"));
                    var lash =
                            BevelBacklash.of(
                                    pair, readings.smallestMm(), sheet.is("stylus", "ACROSS"));
                    var few =
                            readings.count() < 4
                                    ? List.of(
                                            "Measure at four places or more: a bevel wheel can run out.")
                                    : List.<String>of();
                    var answer =
                            DrawerAnswer.saying(lash.sentence())
                                    .mm("at the heel, smallest j_te", lash.heelMm())
                                    .mm("square to the flanks j_ne", lash.normalMm())
                                    .mm("at mid-face", lash.midFaceMm())
                                    .figure("wheel, pinion held", lash.wheelAngleMin(), "′", 1)
                                    .mm("spread of the readings", readings.spreadMm())
                                    .warn(few)
                                    .warn(ToothDrawers.oddOne(readings, sheet))
                                    .warn(sheet.gaugeWarnings());
                    lash.usual()
                            .ifPresent(
                                    u -> {
                                        double normal = lash.normalMm();
                                        double reach = 2 * sheet.gauge().standardUncertaintyMm();
                                        answer.verdict(
                                                        GuardBand.atLeast(
                                                                normal, reach, u.leastMm()))
                                                .bar(
                                                        new DrawerAnswer.Bar(
                                                                normal,
                                                                reach,
                                                                normal,
                                                                normal,
                                                                u.leastMm(),
                                                                u.mostMm(),
                                                                3 * u.mostMm(),
                                                                "mm"));
                                    });
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
