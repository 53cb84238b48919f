package app.yunque.server.drawer;

import app.yunque.server.quantity.EnteredNumber;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Worked examples by drawer, so that nobody faces an empty form; the unknown gears are those in the drawer of the salt
 * works' shop. Values as the bench would type them.
 */
final class DrawerExamples {
    /**
     * One example.
     *
     * @param title   what it is
     * @param entries field name, value with unit; readings with spaces between and the unit last
     */
    record Example(String title, Map<String, String> entries) {}

    private static final Map<String, List<Example>> ALL = all();

    private DrawerExamples() {}

    static List<Example> of(String drawer) {
        return ALL.getOrDefault(drawer, List.of());
    }

    /** The example as it would have been entered. */
    static DrawerEntries entries(Example example, List<Field> fields) {
        var numbers = new HashMap<String, EnteredNumber>();
        var readings = new HashMap<String, List<EnteredNumber>>();
        for (var field : fields) {
            var value = example.entries.getOrDefault(field.name(), field.start());
            var unit = field.units().isEmpty() ? "" : field.units().get(0);
            if (field.kind() == Field.Kind.READINGS) {
                var list = new ArrayList<EnteredNumber>();
                Arrays.stream(value.split(" "))
                        .filter(v -> !v.isBlank())
                        .forEach(v -> list.add(new EnteredNumber(v, unit)));
                readings.put(field.name(), list);
            } else if (field.kind() == Field.Kind.QUANTITY && value.contains(" ")) {
                var parts = value.split(" ");
                numbers.put(field.name(), new EnteredNumber(parts[0], parts[1]));
            } else {
                numbers.put(field.name(), new EnteredNumber(value, unit));
            }
        }
        return new DrawerEntries(numbers, readings, null);
    }

    private static Example example(String title, String... pairs) {
        var entries = new HashMap<String, String>();
        for (int i = 0; i < pairs.length; i += 2) {
            entries.put(pairs[i], pairs[i + 1]);
        }
        return new Example(title, Map.copyOf(entries));
    }

    private static Map<String, List<Example>> all() {
        var all = new HashMap<String, List<Example>>();
        all.put(
                "gear",
                List.of(
                        example(
                                "wheel of the pan agitator",
                                "teeth",
                                "54",
                                "normalModuleMm",
                                "2.5")));
        all.put(
                "span",
                List.of(
                        example("a worn gear, z 30", "readings", "31.95 31.97 31.94"),
                        example(
                                "inch gear, DP 10, 14.5°",
                                "teeth",
                                "24",
                                "normalModuleMm",
                                "10 DP",
                                "pressureAngleDeg",
                                "14.5",
                                "rack",
                                "full depth, old inch",
                                "teethSpanned",
                                "2")));
        all.put(
                "over-pins",
                List.of(
                        example(
                                "the same worn gear",
                                "pinDiameterMm",
                                "5.1",
                                "readings",
                                "96.40 96.42 96.39"),
                        example(
                                "ring of the capstan, z 72",
                                "internal",
                                "INSIDE",
                                "teeth",
                                "72",
                                "normalModuleMm",
                                "2.5")));
        all.put(
                "tooth-caliper",
                List.of(
                        example(
                                "a feathered winch gear",
                                "teeth",
                                "25",
                                "duty",
                                "LIFTING",
                                "readings",
                                "4.38 4.36 4.40")));
        all.put(
                "by-eye",
                List.of(
                        example(
                                "pits below the pitch line",
                                "mode",
                                "PROGRESSIVE_PITTING",
                                "areaPercent",
                                "25",
                                "teethHit",
                                "6",
                                "firstTooth",
                                "4")));
        all.put("tip-diameter", List.of(example("seventeen teeth", "readingMm", "56.68")));
        all.put(
                "hardness",
                List.of(
                        example(
                                "a soft pin",
                                "knownHardness",
                                "229",
                                "knownDimpleMm",
                                "4.0",
                                "partDimpleMm",
                                "4.6")));
        all.put(
                "backlash",
                List.of(
                        example(
                                "dial on the wheel",
                                "centreDistanceMm",
                                "90.2",
                                "radiusMm",
                                "60",
                                "readings",
                                "0.31 0.33 0.32 0.30"),
                        example(
                                "long lever on the wheel shaft",
                                "way",
                                "LEVER",
                                "centreDistanceMm",
                                "90.2",
                                "lengthMm",
                                "400",
                                "readings",
                                "2.1 2.2 2.0"),
                        example(
                                "soft wire, both flats together",
                                "way",
                                "WIRE",
                                "centreDistanceMm",
                                "90.2",
                                "readings",
                                "0.28 0.30")));
        all.put(
                "backlash-map",
                List.of(
                        example(
                                "one damaged tooth",
                                "pinion.teeth",
                                "18",
                                "wheel.teeth",
                                "36",
                                "normalModuleMm",
                                "2.5",
                                "centreDistanceMm",
                                "67.8",
                                "readings",
                                "0.33 0.34 0.36 0.34 0.33 0.30 0.28 0.36 0.25 0.26 0.26 0.30"),
                        example(
                                "an eccentric wheel",
                                "centreDistanceMm",
                                "90.2",
                                "readings",
                                "0.27 0.30 0.31 0.28 0.25 0.21 0.20 0.23")));
        all.put(
                "two-gear-map",
                List.of(
                        example(
                                "a hunting pair, 17 and 40",
                                "readings",
                                "0.306 0.277 0.217 0.294 0.340 0.300 0.254 0.330 0.343 0.235 0.297 0.370")));
        all.put(
                "worm-backlash",
                List.of(
                        example(
                                "sluice gate, at the wheel",
                                "starts",
                                "2",
                                "wheelTeeth",
                                "41",
                                "radiusMm",
                                "84",
                                "readings",
                                "0.38 0.39 0.37",
                                "endFloatMm",
                                "0.05")));
        all.put(
                "bevel-backlash",
                List.of(example("right-angle box", "readings", "0.24 0.22 0.20 0.23")));
        all.put(
                "lost-motion",
                List.of(
                        example(
                                "cross slide",
                                "busyMm",
                                "0.46",
                                "endMm",
                                "0.34",
                                "floatMm",
                                "0.12",
                                "driveMm",
                                "0.03")));
        all.put(
                "paper-slip",
                List.of(
                        example(
                                "writing paper, change gears",
                                "pinion.teeth",
                                "30",
                                "wheel.teeth",
                                "60",
                                "normalModuleMm",
                                "1.5")));
        all.put(
                "run-out",
                List.of(
                        example(
                                "a bent shaft",
                                "readings",
                                "0.02 0.05 0.09 0.11 0.09 0.05 0.02 0.00",
                                "limitMm",
                                "0.05")));
        all.put(
                "mesh",
                List.of(
                        example(
                                "a worn pair",
                                "centreDistanceMm",
                                "90.2",
                                "pinion.normalThicknessMm",
                                "4.55",
                                "wheel.normalThicknessMm",
                                "4.60"),
                        example(
                                "planet in its ring",
                                "pinion.teeth",
                                "24",
                                "wheel.teeth",
                                "72",
                                "wheelKind",
                                "INSIDE",
                                "normalModuleMm",
                                "2",
                                "centreDistanceMm",
                                "47.95"),
                        example(
                                "aluminium housing, 60 K warmer",
                                "pinion.teeth",
                                "20",
                                "wheel.teeth",
                                "60",
                                "centreDistanceMm",
                                "120.3",
                                "housingMaterial",
                                "ALUMINIUM",
                                "gearRise",
                                "60",
                                "housingRise",
                                "60")));
        all.put(
                "centre-distance",
                List.of(
                        example(
                                "shifted pair",
                                "pinion.teeth",
                                "18",
                                "wheel.teeth",
                                "41",
                                "normalModuleMm",
                                "2",
                                "pinion.profileShift",
                                "0.3",
                                "wheel.profileShift",
                                "0.1",
                                "centreDistanceMm",
                                "60")));
        all.put(
                "rack",
                List.of(
                        example(
                                "quarter turn, module 3, z 20",
                                "teeth",
                                "20",
                                "turnDeg",
                                "90",
                                "travelMm",
                                "10")));
        all.put("crossed-helical", List.of(example("20 and 30 at right angles")));
        all.put(
                "contact-pattern",
                List.of(
                        example(
                                "heel on both flanks",
                                "kind",
                                "STRAIGHT_BEVEL",
                                "drive",
                                "FAR_END",
                                "coast",
                                "FAR_END")));
        all.put(
                "bevel-shims",
                List.of(
                        example(
                                "too much backlash",
                                "backlashMm",
                                "0.30",
                                "wantedMm",
                                "0.18",
                                "packMm",
                                "0.60",
                                "shimsMm",
                                "0.05 0.10 0.20 0.50")));
        all.put("misaligned-shafts", List.of(example("a bearing 0.05 off", "gapMm", "0.01")));
        all.put(
                "train",
                List.of(
                        example(
                                "brine pump reducer",
                                "stage1.driverTeeth",
                                "19",
                                "stage1.drivenTeeth",
                                "64",
                                "stage2.kind",
                                "EXTERNAL",
                                "stage2.driverTeeth",
                                "21",
                                "stage2.drivenTeeth",
                                "68",
                                "inputTorqueNm",
                                "36.2"),
                        example(
                                "capstan, two planetary stages",
                                "stage1.kind",
                                "PLANETARY",
                                "stage2.kind",
                                "PLANETARY",
                                "stage2.sunTeeth",
                                "21",
                                "stage2.planetTeeth",
                                "21",
                                "stage2.ringTeeth",
                                "63",
                                "inputSpeedRpm",
                                "960")));
        all.put("planetary", List.of(example("24, 24, 72")));
        all.put(
                "ratio-by-turning",
                List.of(example("50 turns in", "outputTurns", "11", "extraAngleDeg", "240")));
        all.put(
                "overall-lash",
                List.of(
                        example(
                                "two stages",
                                "mesh2.backlashMm",
                                "0.20",
                                "mesh2.drivenRadiusMm",
                                "81",
                                "mesh2.ratio",
                                "3")));
        all.put(
                "re-ratio",
                List.of(example("a faster brine pump", "pump", "CENTRIFUGAL", "motorKw", "7.5")));
        all.put(
                "change-gears",
                List.of(
                        example(
                                "1.5 mm on 8 threads an inch",
                                "gears",
                                "20 30 40 45 50 54 60 63 65 70 80 127")));
        all.put("spline-timing", List.of(example("ten splines, 27 teeth")));
        all.put("output-timing", List.of(example("two augers")));
        all.put(
                "viscosity",
                List.of(
                        example(
                                "ISO VG 220, mineral, winter",
                                "startDegC",
                                "-15",
                                "wantedLeast",
                                "60",
                                "wantedMost",
                                "110"),
                        example("old plate: 1000 Saybolt seconds", "known", "SAYBOLT"),
                        example("two points of a data sheet", "known", "POINTS")));
        all.put("oil-blend", List.of(example("68 into 220")));
        all.put("sump-temperature", List.of(example("7.5 kW box", "churningW", "120")));
        all.put(
                "oil-sample",
                List.of(
                        example(
                                "brine lift pump, fourth year",
                                "used",
                                "246",
                                "waterPpm",
                                "700",
                                "acidRise",
                                "0.4",
                                "count4",
                                "24500",
                                "count6",
                                "5200",
                                "count14",
                                "610",
                                "iron",
                                "64",
                                "earlierIron",
                                "41 38 45 40 43 39",
                                "copper",
                                "12")));
        all.put(
                "change-interval",
                List.of(example("a warm dusty box", "sumpDegC", "86", "dirt", "DUSTY")));
        all.put("flush-and-draw", List.of(example("a hot mark", "hotDegC", "70")));
        all.put(
                "does-it-go-there",
                List.of(
                        example(
                                "sulphur oil on a bronze wheel",
                                "additive",
                                "ACTIVE_SULPHUR",
                                "wantedAt40",
                                "460",
                                "meets1",
                                "BRONZE_WORM_WHEEL"),
                        example(
                                "lithium grease on pawls in salt spray",
                                "thickener",
                                "LITHIUM",
                                "meets1",
                                "PAWL",
                                "meets2",
                                "SALT"),
                        example(
                                "polyglycol after mineral oil",
                                "base",
                                "PAG",
                                "additive",
                                "NONE",
                                "old",
                                "YES",
                                "meets1",
                                "BRONZE_WORM_WHEEL",
                                "meets2",
                                "ORDINARY_PAINT")));
        all.put(
                "sump-volume",
                List.of(
                        example("box 420 × 260"),
                        example(
                                "lying cylinder, dished ends",
                                "shape",
                                "LYING",
                                "lengthMm",
                                "600",
                                "diameterMm",
                                "400",
                                "endDepthMm",
                                "100",
                                "levelMm",
                                "120"),
                        example(
                                "measured sections",
                                "shape",
                                "SECTIONS",
                                "heights",
                                "0 15 40 80 120",
                                "areas",
                                "18000 30000 42000 46000 46000",
                                "levelMm",
                                "60"),
                        example(
                                "cast trough with a sloping side",
                                "shape",
                                "DRAWN",
                                "lengthMm",
                                "380",
                                "across",
                                "60 200 260 260 0 0",
                                "up",
                                "0 0 70 190 190 60",
                                "levelMm",
                                "110")));
        all.put("grease-amount", List.of(example("6208 on a motor")));
        all.put("unknown-gear", unknownGears());
        all.put(
                "broken-gear",
                List.of(example("half a gear", "chordMm", "41.2", "tipDiameterMm", "87")));
        return Map.copyOf(all);
    }

    private static List<Example> unknownGears() {
        return List.of(
                example(
                        "A: from the old lathe, 30 teeth",
                        "teeth",
                        "30",
                        "tipDiameterMm",
                        "101.52",
                        "teethSpanned",
                        "3",
                        "shorterMm",
                        "24.58",
                        "longerMm",
                        "34.23"),
                example(
                        "B: stamped 34, bronze",
                        "teeth",
                        "34",
                        "tipDiameterMm",
                        "91.17",
                        "teethSpanned",
                        "5",
                        "shorterMm",
                        "34.77",
                        "longerMm",
                        "42.15"),
                example(
                        "C: helical, from a pump",
                        "teeth",
                        "27",
                        "tipDiameterMm",
                        "60.70",
                        "tipHelixDeg",
                        "19.5",
                        "teethSpanned",
                        "4",
                        "shorterMm",
                        "21.49",
                        "longerMm",
                        "27.39"),
                example(
                        "D: like B, worn",
                        "state",
                        "WORN",
                        "teeth",
                        "34",
                        "tipDiameterMm",
                        "91.05",
                        "teethSpanned",
                        "5",
                        "shorterMm",
                        "34.52",
                        "longerMm",
                        "41.91"),
                example(
                        "E: broken in half",
                        "state",
                        "BROKEN",
                        "pitches",
                        "5",
                        "chordMm",
                        "40.05",
                        "tipDiameterMm",
                        "85.0",
                        "teethSpanned",
                        "4",
                        "shorterMm",
                        "26.88",
                        "longerMm",
                        "34.25"));
    }
}
