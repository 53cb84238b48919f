package app.yunque.server.bench;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Hand;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.server.unit.UnitPapers;
import java.util.HashMap;
import java.util.Map;

/** What the papers of a unit already say, under the names the drawers ask for it, so that nothing is entered twice. */
final class PapersEntries {
    private PapersEntries() {}

    /**
     * @param stage  stage of the mesh, 1 first
     * @param member the gear a drawer about one gear is for
     * @return entries by field name; empty when the papers name no such stage
     */
    static Map<String, EnteredNumber> of(UnitPapers unit, int stage, Member member) {
        var entries = new HashMap<String, EnteredNumber>();
        put(entries, "duty", unit.duty().name(), "");
        unit.otherStages().stream()
                .filter(o -> o.kind().equals("WORM") || o.kind().equals("BEVEL"))
                .findFirst()
                .ifPresent(
                        o ->
                                o.values()
                                        .forEach(
                                                (name, value) -> {
                                                    if (!value.text().isBlank()) {
                                                        entries.put(name, value);
                                                    }
                                                }));
        if (stage < 1 || stage > unit.train().stages().size()) {
            return entries;
        }
        var pair = unit.train().stages().get(stage - 1);
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
        put(entries, "member", member.name(), "");
        put(entries, "radiusMm", PlainDigits.rounded(pair.workingRadiusMm(member), 2), "mm");
        return entries;
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
