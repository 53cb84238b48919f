package app.yunque.server.place;

import app.yunque.drive.Drive;
import app.yunque.gear.Member;
import app.yunque.gear.WormSet;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.sheet.DrawerEntries;
import app.yunque.server.unit.StageSheets;
import app.yunque.server.unit.UnitPapers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the papers of a unit and its last fill say of a lubricated place, under the names its sheet asks them. */
final class PlacePapers {
    private static final double ROUND = 1000;
    private static final double ROOM_AT_THE_WALL_MM = 15;
    private static final Set<String> PLANETARY =
            Set.of("PLANETARY", "STEPPED_PLANETS", "TWO_RINGS");

    private final Map<String, EnteredNumber> fields = new HashMap<>();
    private final Map<String, List<EnteredNumber>> readings = new HashMap<>();

    private PlacePapers() {}

    static DrawerEntries of(UnitPapers unit, Optional<FillEntity> last) {
        var papers = new PlacePapers();
        papers.drive(unit.drive());
        unit.stages().stream()
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
        var kinds = unit.stages().stream().map(o -> o.kind()).toList();
        if (kinds.contains("PAIR") || kinds.contains("BEVEL")) {
            found.add(suggested("sump", PlaceSort.GEARS));
        }
        if (kinds.contains("WORM")) {
            found.add(suggested("worm box", PlaceSort.WORM));
        }
        if (kinds.stream().anyMatch(PLANETARY::contains)) {
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

    /** Gears with teeth outside; what stands in a ring is asked for by itself. */
    private void drive(Drive drive) {
        var outside =
                drive.pairs().stream()
                        .filter(n -> !drive.pair(n).orElseThrow().isInternal())
                        .toList();
        if (outside.isEmpty()) {
            return;
        }
        int last = outside.get(outside.size() - 1);
        var pair = drive.pair(last).orElseThrow();
        number("pickTipMm", pair.wheel().tipDiameterMm(), "mm");
        number("pickModuleMm", pair.wheel().normalModuleMm(), "module");
        double velocity = drive.pitchLineVelocityMPerS(last);
        if (velocity > 0) {
            number("velocity", velocity, "");
            number("pickRpm", drive.driverSpeedRpm(last) / pair.ratio(), "min⁻¹");
        }
        fields.put("arrangement", new EnteredNumber("CYLINDRICAL", ""));
        if (drive.inputPowerKw() > 0 && velocity > 0) {
            number("powerKw", drive.inputPowerKw(), "kW");
            number("tangentialN", 1000 * drive.inputPowerKw() / velocity, "");
            number("loadFaceMm", pair.wheel().faceWidthMm(), "mm");
            number("loadPinionMm", 2 * pair.pinionWorkingRadiusMm(), "mm");
            number("loadRatio", pair.ratio(), "");
        }
        gearsAcross(drive, outside);
    }

    /** Each gear on its shaft; the first stands its own radius and a little from the wall. */
    private void gearsAcross(Drive drive, List<Integer> outside) {
        var shafts = drive.shafts();
        var across = new HashMap<Integer, Double>();
        for (int stage : outside) {
            var mesh = drive.pair(stage).orElseThrow();
            double driver =
                    across.computeIfAbsent(
                            shafts.of(stage, false),
                            s -> mesh.pinion().tipDiameterMm() / 2 + ROOM_AT_THE_WALL_MM);
            across.putIfAbsent(shafts.of(stage, true), driver + mesh.centreDistanceMm());
            for (var member : Member.values()) {
                var gear = mesh.gear(member);
                reading("tips", gear.tipDiameterMm());
                reading("roots", gear.rootDiameterMm());
                reading("faces", gear.faceWidthMm());
                reading("gearsAcross", across.get(shafts.of(stage, member == Member.WHEEL)));
            }
        }
    }

    private void worm(UnitPapers unit, Map<String, EnteredNumber> values) {
        var stage = StageSheets.read("WORM", values);
        if (stage instanceof app.yunque.drive.Stage.Worm worm) {
            WormSet set = worm.set();
            double rpm = unit.drive().inputSpeedRpm();
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
