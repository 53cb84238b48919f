package app.yunque.server.place;

import app.yunque.drive.GearTrain;
import app.yunque.gear.Member;
import app.yunque.gear.WormSet;
import app.yunque.lubricant.PlaceSort;
import app.yunque.measure.PlainDigits;
import app.yunque.server.drawer.DrawerEntries;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.unit.UnitPapers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the papers of a unit and its last fill say of a lubricated place, under the names its sheet asks them. */
final class PlacePapers {
    private static final double ROUND = 1000;

    private final Map<String, EnteredNumber> fields = new HashMap<>();
    private final Map<String, List<EnteredNumber>> readings = new HashMap<>();

    private PlacePapers() {}

    static DrawerEntries of(UnitPapers unit, Optional<FillEntity> last) {
        var papers = new PlacePapers();
        if (!unit.train().stages().isEmpty()) {
            papers.train(unit.train());
        }
        unit.otherStages().stream()
                .filter(o -> o.kind().equals("WORM"))
                .findFirst()
                .ifPresent(o -> papers.worm(unit, o.values()));
        last.ifPresent(papers::old);
        return new DrawerEntries(papers.fields, papers.readings, null);
    }

    /** What was entered, and under it what the papers say where nothing was. */
    static DrawerEntries under(DrawerEntries entered, UnitPapers unit) {
        var papers = of(unit, Optional.empty());
        var fields = new HashMap<>(papers.fields());
        fields.putAll(entered.fields());
        var readings = new HashMap<>(papers.readings());
        readings.putAll(entered.readings());
        return new DrawerEntries(fields, readings, entered.instrument());
    }

    /** The sheet with what was put in last as what is still in it, unless it says itself what is. */
    static DrawerEntries withOld(DrawerEntries entries, Optional<FillEntity> last) {
        var said = entries.fields().get("old");
        if (said != null && said.text().equals("YES")) {
            return entries;
        }
        var papers = new PlacePapers();
        last.ifPresent(papers::old);
        var fields = new HashMap<>(entries.fields());
        fields.putAll(papers.fields);
        return new DrawerEntries(fields, entries.readings(), entries.instrument());
    }

    /** Places that a unit of these stages usually has. */
    static List<PlaceRequest> suggested(UnitPapers unit) {
        var found = new ArrayList<PlaceRequest>();
        var kinds = unit.otherStages().stream().map(o -> o.kind()).toList();
        if (!unit.train().stages().isEmpty() || kinds.contains("BEVEL")) {
            found.add(suggested("sump", PlaceSort.GEARS));
        }
        if (kinds.contains("WORM")) {
            found.add(suggested("worm box", PlaceSort.WORM));
        }
        if (kinds.contains("PLANETARY")) {
            found.add(suggested("planetary set", PlaceSort.PLANETARY));
        }
        if (kinds.contains("CYCLOIDAL")) {
            found.add(suggested("cycloidal gear", PlaceSort.CYCLOIDAL));
        }
        if (found.isEmpty()) {
            found.add(suggested("sump", PlaceSort.GEARS));
        }
        return found;
    }

    private static PlaceRequest suggested(String name, PlaceSort sort) {
        return new PlaceRequest(
                null,
                name,
                new DrawerEntries(
                        Map.of("sort", new EnteredNumber(sort.name(), "")), Map.of(), null));
    }

    private void train(GearTrain train) {
        int last = train.stages().size();
        var pair = train.stages().get(last - 1);
        number("pickTipMm", pair.wheel().tipDiameterMm(), "mm");
        number("pickModuleMm", pair.wheel().normalModuleMm(), "module");
        if (train.isSpeedKnown()) {
            number("velocity", train.pitchLineVelocityMPerS(last), "");
            number("pickRpm", train.outputSpeedRpm(), "min⁻¹");
        }
        fields.put("arrangement", new EnteredNumber("CYLINDRICAL", ""));
        if (train.inputPowerKw() > 0 && train.isSpeedKnown()) {
            number("powerKw", train.inputPowerKw(), "kW");
            number(
                    "tangentialN",
                    1000 * train.inputPowerKw() / train.pitchLineVelocityMPerS(last),
                    "");
            number("loadFaceMm", pair.wheel().faceWidthMm(), "mm");
            number("loadPinionMm", 2 * pair.pinionWorkingRadiusMm(), "mm");
            number("loadRatio", pair.ratio(), "");
        }
        double across = 0;
        for (int stage = 1; stage <= last; stage++) {
            var mesh = train.stages().get(stage - 1);
            for (var member : Member.values()) {
                var gear = mesh.gear(member);
                reading("tips", gear.tipDiameterMm());
                reading("roots", gear.rootDiameterMm());
                reading("faces", gear.faceWidthMm());
                reading("gearsAcross", across + firstRadius(train));
                across += member == Member.PINION ? mesh.centreDistanceMm() : 0;
            }
        }
    }

    /** The first gear stands its own radius and a little from the wall. */
    private static double firstRadius(GearTrain train) {
        return train.stages().get(0).pinion().tipDiameterMm() / 2 + 15;
    }

    private void worm(UnitPapers unit, Map<String, EnteredNumber> values) {
        var stage = app.yunque.server.drawer.StageSheets.read("WORM", values);
        if (stage instanceof app.yunque.drive.Stage.Worm worm) {
            WormSet set = worm.set();
            double rpm = unit.train().inputSpeedRpm();
            number("wormMm", set.wormDiameterMm(), "mm");
            if (rpm > 0) {
                number("wormRpm", rpm, "min⁻¹");
            }
            number("leadAngleDeg", Math.toDegrees(set.leadAngleRad()), "°");
            number("wormDistanceMm", set.centreDistanceMm(), "mm");
            if (rpm > 0) {
                number(
                        "velocity",
                        Math.PI * set.wheelDiameterMm() * rpm / Math.abs(set.ratio()) / 60_000,
                        "");
            }
        }
    }

    /** What was put in last is the old lubricant now, unless it was washed out. */
    private void old(FillEntity last) {
        var can = last.fromShelf;
        if (can == null) {
            return;
        }
        put("old", "YES");
        put("old.base", can.base().name());
        put("old.additive", can.additive().name());
        put("old.thickener", can.thickener() == null ? "OIL" : can.thickener().name());
        put("old.food", can.food() ? "YES" : "NO");
    }

    private void put(String name, @Nullable String text) {
        fields.put(name, new EnteredNumber(String.valueOf(text), ""));
    }

    private void number(String name, double value, String unit) {
        fields.put(name, new EnteredNumber(rounded(value), unit));
    }

    private void reading(String name, double value) {
        readings.computeIfAbsent(name, n -> new ArrayList<>())
                .add(new EnteredNumber(rounded(value), "mm"));
    }

    private static String rounded(double value) {
        return PlainDigits.exact(Math.rint(value * ROUND) / ROUND);
    }
}
