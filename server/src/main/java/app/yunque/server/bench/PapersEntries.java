package app.yunque.server.bench;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Hand;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.unit.StageRequest;
import app.yunque.server.unit.UnitPapers;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the papers of a unit already say, under the names the drawers ask for it, so that nothing is entered twice. */
final class PapersEntries {
    private PapersEntries() {}

    /** Kinds of stages whose drawers ask under the names that the papers use. */
    private static final Set<String> AS_ENTERED = Set.of("WORM", "BEVEL");

    /**
     * @param stage  number of the stage, 1 first; 0 when no stage was named, then the first worm or bevel pair is meant
     * @param member the gear a drawer about one gear is for
     * @return entries by field name; those of the duty only when the papers name no such stage
     */
    static Map<String, EnteredNumber> of(UnitPapers unit, int stage, Member member) {
        var entries = new HashMap<String, EnteredNumber>();
        put(entries, "duty", unit.duty().name(), "");
        asEntered(unit, stage)
                .ifPresent(
                        s ->
                                s.values()
                                        .forEach(
                                                (name, value) -> {
                                                    if (!value.text().isBlank()) {
                                                        entries.put(name, value);
                                                    }
                                                }));
        unit.drive().pair(stage).ifPresent(p -> pair(entries, p, member));
        return entries;
    }

    /** The stage itself where it is a worm or a bevel pair, else the first such. */
    private static Optional<StageRequest> asEntered(UnitPapers unit, int stage) {
        var named = unit.drive().stage(stage).map(s -> unit.stages().get(stage - 1));
        return named.filter(s -> AS_ENTERED.contains(s.kind()))
                .or(
                        () ->
                                unit.stages().stream()
                                        .filter(s -> AS_ENTERED.contains(s.kind()))
                                        .findFirst());
    }

    private static void pair(Map<String, EnteredNumber> entries, GearPair pair, Member member) {
        var gear = pair.gear(member);
        common(entries, gear);
        count(entries, "teeth", gear.teeth());
        number(entries, "profileShift", gear.profileShift(), "");
        put(entries, "internal", gear.internal() ? "INSIDE" : "OUTSIDE", "");
        count(entries, "pinion.teeth", pair.pinion().teeth());
        count(entries, "wheel.teeth", pair.wheel().teeth());
        count(entries, "pinionTeeth", pair.pinion().teeth());
        count(entries, "wheelTeeth", pair.wheel().teeth());
        number(entries, "pinion.profileShift", pair.pinion().profileShift(), "");
        number(entries, "wheel.profileShift", pair.wheel().profileShift(), "");
        put(entries, "wheelKind", pair.isInternal() ? "INSIDE" : "OUTSIDE", "");
        number(entries, "centreDistanceMm", pair.centreDistanceMm(), "mm");
        put(
                entries,
                "shim-gaskets.pressureAngleDeg",
                PlainDigits.rounded(Math.toDegrees(pair.workingPressureAngleRad()), 3),
                "°");
        put(entries, "member", member.name(), "");
        put(entries, "radiusMm", PlainDigits.rounded(pair.workingRadiusMm(member), 2), "mm");
    }

    private static void common(Map<String, EnteredNumber> entries, CylindricalGear gear) {
        number(entries, "normalModuleMm", gear.normalModuleMm(), "module");
        number(entries, "pressureAngleDeg", gear.pressureAngleDeg(), "°");
        number(entries, "helixAngleDeg", gear.helixAngleDeg(), "°");
        if (gear.hand() != Hand.NONE) {
            put(entries, "hand", gear.hand().name(), "");
        }
        number(entries, "faceWidthMm", gear.faceWidthMm(), "mm");
        put(entries, "rack", gear.rack().name(), "");
    }

    private static void count(Map<String, EnteredNumber> entries, String name, int value) {
        put(entries, name, String.valueOf(value), "");
    }

    private static void number(
            Map<String, EnteredNumber> entries, String name, double value, String unit) {
        put(entries, name, PlainDigits.exact(value), unit);
    }

    private static void put(
            Map<String, EnteredNumber> entries, String name, String text, String unit) {
        entries.put(name, new EnteredNumber(text, unit));
    }
}
