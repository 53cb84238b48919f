package app.yunque.server.drawer;

import static app.yunque.server.sheet.GearFields.all;

import app.yunque.backlash.BacklashMap;
import app.yunque.backlash.IndicatorBacklash;
import app.yunque.backlash.RecommendedBacklash;
import app.yunque.backlash.TwoGearMap;
import app.yunque.gear.Member;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Refused;
import app.yunque.measure.RepeatedReadings;
import app.yunque.server.sheet.Drawer;
import app.yunque.server.sheet.Drawer.Section;
import app.yunque.server.sheet.Drawer.Takes;
import app.yunque.server.sheet.DrawerAnswer;
import app.yunque.server.sheet.DrawerSheet;
import app.yunque.server.sheet.Field;
import app.yunque.server.sheet.GearFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Backlash at several places round a turn. */
@Configuration
class BacklashMapDrawers {
    private static final String READINGS = "The readings";

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
                                BacklashDrawers.member().in(READINGS),
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
                                        .in(READINGS),
                                GearFields.duty())),
                BacklashMapDrawers::map);
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
        var duty = sheet.choice("duty", ServiceDuty.class);
        var recommended = RecommendedBacklash.of(pair, duty, Optional.empty());
        var judged =
                map.judged(
                        pair,
                        new RepeatedReadings(sheet.readings("readings")),
                        sheet.gauge(),
                        factor,
                        recommended,
                        duty);
        return DrawerAnswer.saying(String.join(" ", map.findings()) + " " + judged.sentence())
                .verdict(judged.verdict())
                .zone(judged.zone())
                .mm("smallest, to be judged", map.smallestMm())
                .mm("least of a new pair", recommended.leastCircumferentialMm())
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
}
