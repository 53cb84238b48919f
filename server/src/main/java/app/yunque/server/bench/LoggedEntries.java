package app.yunque.server.bench;

import app.yunque.fastener.ScrewInHole;
import app.yunque.fastener.ScrewThread;
import app.yunque.measure.PlainDigits;
import app.yunque.server.quantity.EnteredNumber;
import app.yunque.teardown.Envelope;
import app.yunque.teardown.Fastening;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.TeardownStep;
import java.util.HashMap;
import java.util.Map;

/** What the log says of a part, under the names the drawers ask for it, so that nothing is entered twice. */
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
                count(entries, when + ".count", step.count());
                if (thickness != null) {
                    mm(entries, when + ".thicknessMm", thickness);
                }
            }
        }
        var room = step.detail().body().envelope();
        if (step.kind() == PartKind.BEARING
                && room != null
                && room.shape() == Envelope.Shape.ROUND) {
            mm(entries, "outsideMm", room.aMm());
            mm(entries, "widthMm", room.lengthMm());
        }
        return entries;
    }

    private static void screws(Map<String, EnteredNumber> entries, Fastening fastening) {
        entries.put("thread", new EnteredNumber(fastening.thread(), ""));
        var thread = ScrewThread.of(fastening.thread());
        if (thread.diameterMm() != null) {
            mm(entries, "diameterMm", thread.diameterMm());
        }
        var torque = fastening.torqueNm();
        if (torque != null) {
            entries.put("givenNm", new EnteredNumber(PlainDigits.exact(torque), "N·m"));
            entries.put("wantedNm", new EnteredNumber(PlainDigits.exact(torque), "N·m"));
        }
        var hole = fastening.hole();
        var length = fastening.lengthMm();
        if (hole != null && length != null) {
            entries.put("into", new EnteredNumber(hole.into().name(), ""));
            mm(entries, "engagedMm", ScrewInHole.of(thread, length, hole).engagementMm());
        }
        if (fastening.locking() == Fastening.Locking.THREADLOCK_LOW
                || fastening.locking() == Fastening.Locking.THREADLOCK_MEDIUM
                || fastening.locking() == Fastening.Locking.THREADLOCK_HIGH) {
            entries.put("condition", new EnteredNumber("COMPOUND_WET", ""));
        }
    }

    private static void mm(Map<String, EnteredNumber> entries, String name, double value) {
        entries.put(name, new EnteredNumber(PlainDigits.exact(value), "mm"));
    }

    private static void count(Map<String, EnteredNumber> entries, String name, int value) {
        entries.put(name, new EnteredNumber(String.valueOf(value), ""));
    }
}
