package app.yunque.server.bench;

import app.yunque.bearing.BearingSizes;
import app.yunque.bearing.ClearanceGroups;
import app.yunque.bearing.NamedBearing;
import app.yunque.fastener.ScrewInHole;
import app.yunque.fastener.ScrewThread;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * What the log says of a part, under the drawer and the name it is asked for by, so that nothing is entered twice. The drawer stands before the name because rules
 * call unlike things alike: the diameter of a thread is not that of a seat.
 */
final class LoggedEntries {
    private LoggedEntries() {}

    static Map<String, EnteredNumber> of(TeardownStep step) {
        var entries = new HashMap<String, EnteredNumber>();
        var fastening = step.fastening();
        if (fastening != null) {
            screws(entries, fastening);
        }
        var thickness = step.detail().body().thicknessMm();
        if (step.kind() == PartKind.GASKET) {
            for (var when : new String[] {"found", "fitted"}) {
                count(entries, "shim-gaskets." + when + ".count", step.count());
                if (thickness != null) {
                    mm(entries, "shim-gaskets." + when + ".thicknessMm", thickness);
                }
            }
        }
        var room = step.detail().body().envelope();
        if (step.kind() == PartKind.BEARING
                && room != null
                && room.shape() == Envelope.Shape.ROUND) {
            mm(entries, "bearing-by-size.outsideMm", room.aMm());
            mm(entries, "bearing-by-size.widthMm", room.lengthMm());
        }
        step.bearing().ifPresent(b -> bearing(entries, b));
        return entries;
    }

    /** What the designation says of its sizes, its seats and its clearance. */
    private static void bearing(Map<String, EnteredNumber> entries, NamedBearing bearing) {
        var size = bearing.size();
        for (var bore :
                new String[] {
                    "bearing-by-size.boreMm",
                    "fit-fit.nominalMm",
                    "fit-measured-fit.nominalMm",
                    "fit-mounting-heat.diameterMm",
                    "fit-press-sleeve.rings.boreMm"
                }) {
            mm(entries, bore, size.boreMm());
        }
        for (var outside :
                new String[] {"bearing-by-size.outsideMm", "fit-press-sleeve.rings.outsideMm"}) {
            mm(entries, outside, size.outsideMm());
        }
        mm(entries, "bearing-by-size.widthMm", size.widthMm());
        for (var hole : new String[] {"fit-fit.hole", "fit-measured-fit.hole"}) {
            entries.put(hole, new EnteredNumber("bearing", ""));
        }
        if (size.kind() == BearingSizes.Kind.DEEP_GROOVE) {
            clearance(entries, bearing);
        }
    }

    /** The table of clearances is that of deep-groove ball bearings: nothing is said of the others, and of a tapered one it is set. */
    private static void clearance(Map<String, EnteredNumber> entries, NamedBearing bearing) {
        for (var bore :
                new String[] {
                    "bearing-clearance-groups.boreMm",
                    "bearing-clearance-left.bearing.boreMm",
                    "bearing-worn-clearance.boreMm"
                }) {
            mm(entries, bore, bearing.size().boreMm());
        }
        mm(entries, "bearing-clearance-left.bearing.outsideMm", bearing.size().outsideMm());
        var group = bearing.group() == null ? ClearanceGroups.Group.CN.name() : bearing.group();
        // Of a wider group than the table has nothing is said.
        if (Arrays.stream(ClearanceGroups.Group.values()).anyMatch(g -> g.name().equals(group))) {
            entries.put("bearing-worn-clearance.group", new EnteredNumber(group, ""));
        }
    }

    private static void screws(Map<String, EnteredNumber> entries, Fastening fastening) {
        for (var drawer : new String[] {"fastener-torque", "fastener-thread"}) {
            entries.put(drawer + ".thread", new EnteredNumber(fastening.thread(), ""));
        }
        var thread = ScrewThread.of(fastening.thread());
        if (thread.diameterMm() != null) {
            mm(entries, "fastener-compound.diameterMm", thread.diameterMm());
        }
        var torque = fastening.torqueNm();
        if (torque != null) {
            entries.put(
                    "fastener-wet-torque.givenNm",
                    new EnteredNumber(PlainDigits.exact(torque), "N·m"));
            entries.put(
                    "fastener-adaptor.wantedNm",
                    new EnteredNumber(PlainDigits.exact(torque), "N·m"));
        }
        var hole = fastening.hole();
        var length = fastening.lengthMm();
        if (hole != null && length != null) {
            entries.put("fastener-torque.into", new EnteredNumber(hole.into().name(), ""));
            mm(
                    entries,
                    "fastener-torque.engagedMm",
                    ScrewInHole.of(thread, length, hole).engagementMm());
        }
        if (fastening.locking() == Fastening.Locking.THREADLOCK_LOW
                || fastening.locking() == Fastening.Locking.THREADLOCK_MEDIUM
                || fastening.locking() == Fastening.Locking.THREADLOCK_HIGH) {
            entries.put("fastener-torque.condition", new EnteredNumber("COMPOUND_WET", ""));
        }
    }

    private static void mm(Map<String, EnteredNumber> entries, String name, double value) {
        entries.put(name, new EnteredNumber(PlainDigits.exact(value), "mm"));
    }

    private static void count(Map<String, EnteredNumber> entries, String name, int value) {
        entries.put(name, new EnteredNumber(String.valueOf(value), ""));
    }
}
