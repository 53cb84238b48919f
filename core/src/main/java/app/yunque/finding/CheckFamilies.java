package app.yunque.finding;

import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Which families of checks a part is asked: those of its kind, of the places on it that run, seal or engage, and of what its name gives
 * away. A finding on such a place is a finding of the part. Source: common practice, no source.
 */
final class CheckFamilies {
    /** A family that the name of a part adds, on parts of a kind or of any. */
    private record ByName(Pattern words, List<PartKind> kinds, List<String> families) {
        static ByName on(String words, List<PartKind> kinds, String... families) {
            return new ByName(
                    Pattern.compile("\\b(" + words + ")\\b", Pattern.CASE_INSENSITIVE),
                    kinds,
                    List.of(families));
        }

        static ByName anywhere(String words, String... families) {
            return on(words, List.of(), families);
        }

        /** The "clock spring of the brake" is a spring and no brake. */
        private static String head(String name) {
            return name.split(" (of|for|to|under) ", 2)[0];
        }

        boolean fits(PartKind kind, String name) {
            return (kinds.isEmpty() || kinds.contains(kind)) && words.matcher(head(name)).find();
        }
    }

    private static final List<ByName> NAMES =
            List.of(
                    ByName.anywhere("brakes?|bands?|linings?", "BRK"),
                    ByName.anywhere("(clock|recoil) springs?", "CLK"),
                    ByName.anywhere("shear pins?", "SHP"),
                    ByName.anywhere("ratchets?", "PWL"),
                    ByName.anywhere("one-?way(?! washers?)|sprag|backstops?|free ?wheels?", "OWC"),
                    ByName.anywhere("stem( nuts?)?|lead ?screws?|feed ?screws?|half ?nuts?", "STM"),
                    ByName.anywhere("worm ?wheels?", "WWL"),
                    ByName.anywhere("calibration|stroke|(travel|limit) stops?", "CAL"),
                    ByName.anywhere("sprockets?|chains?", "CHN"),
                    ByName.anywhere("pulleys?|belts?|sheaves?", "BLT"),
                    ByName.anywhere("(rubber|spider|flexible) ?elements?|spiders?", "ELM"),
                    ByName.anywhere("dogs?|dog clutch(es)?|clutch teeth", "DOG"),
                    ByName.anywhere("cones?|synchro\\w*", "CON"),
                    ByName.anywhere("detents?", "DET"),
                    ByName.anywhere("check (balls?|valves?)", "CHK"),
                    ByName.anywhere("gibs?|slides?|ways?", "WAY"),
                    ByName.anywhere("ball joints?|kingpins?|tie rods?", "JNT"),
                    ByName.anywhere("splines?|splined", "SPL"),
                    ByName.anywhere("fibre|nylon|plastic|fuse gears?", "FUS"),
                    ByName.on("planets?", List.of(PartKind.GEAR, PartKind.PIN), "PPN"),
                    ByName.on(
                            "cycloidal|ring pins?", List.of(PartKind.ROLLER, PartKind.PIN), "CYR"),
                    ByName.on("pump|metering", List.of(PartKind.PLUNGER), "PMP"));

    private CheckFamilies() {}

    /** Families in the order they are asked, each once; the last is what every part is asked when it is renewed. */
    static List<String> of(PartKind kind, String name) {
        var families = new ArrayList<String>();
        families.add("ANY");
        families.addAll(ofKind(kind));
        NAMES.stream().filter(n -> n.fits(kind, name)).forEach(n -> families.addAll(n.families));
        families.add("NEW");
        return families.stream().distinct().toList();
    }

    /** True for what a part of its kind always has: the teeth of a gear, the nose of a pawl. */
    static boolean isOfItsKind(Check check, TeardownStep step) {
        var ofKind = ofKind(step.kind());
        return PartFeatures.of(check, step) == PartFeatures.Holds.YES
                && !ofKind.isEmpty()
                && ofKind.get(0).equals(check.family());
    }

    /** True where the name of the part tells that it has this. */
    static boolean isNamed(Check check, TeardownStep step) {
        return NAMES.stream()
                .filter(n -> n.fits(step.kind(), step.part()))
                .anyMatch(n -> n.families.contains(check.family()));
    }

    private static List<String> ofKind(PartKind kind) {
        return switch (kind) {
            case O_RING -> List.of("ORG");
            case TAB_WASHER -> List.of("TAB");
            case COTTER_PIN -> List.of("COT");
            case FELT -> List.of("FLT");
            case CIRCLIP -> List.of("CLP");
            case COLLET -> List.of("COL");
            case BEARING -> List.of("BRG");
            case SEAL -> List.of("SLS");
            case GASKET -> List.of("GSK");
            case SHIM -> List.of("SHM");
            case SPACER -> List.of("SPC");
            case PLUG -> List.of("PLG");
            case COUPLING -> List.of("CPL");
            case COVER -> List.of("COV", "HBR");
            case HOUSING -> List.of("HSG", "HBR");
            case NUT -> List.of("NUT");
            case WASHER -> List.of("WSR");
            case KEY -> List.of("KEY");
            case CARRIER -> List.of("CAR", "PPN");
            case RING_GEAR -> List.of("RNG", "GER");
            case WORM -> List.of("WOR");
            case CAM_DISC -> List.of("DSC");
            case ECCENTRIC -> List.of("ECC");
            case GEAR -> List.of("GER");
            case PAWL -> List.of("PWL");
            case SPRING -> List.of("SPR");
            case ROLLER -> List.of("ROL");
            case BALL -> List.of("BAL");
            case PLUNGER -> List.of("PLN");
            case PIN -> List.of("PIN");
            case BUSH -> List.of("BSH");
            case LEVER -> List.of("LEV");
            case SHAFT -> List.of("SHF", "JRN", "LND", "SPL");
            case SCREW -> List.of("SCR");
            case OTHER -> List.of();
        };
    }
}
