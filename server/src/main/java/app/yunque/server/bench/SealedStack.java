package app.yunque.server.bench;

import app.yunque.drive.StageOutline.Lie;
import app.yunque.drive.StageOutline.Role;
import java.util.List;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Jobs sealed while the picture knew pairs on parallel shafts only: each shaft told its distance to the next, and how two shafts
 * met was not said. What was drawn then is drawn again: the gears of a stage on the two shafts that carried them.
 */
final class SealedStack {
    private SealedStack() {}

    /** Where a stage was seen first, and what was on record of it there. */
    private record First(int shaft, double centreToNextMm) {}

    static JsonNode carriedOver(JsonNode job) {
        if (job.path("stack") instanceof ObjectNode stack) {
            if (!stack.has("meetings")) {
                meetings(stack);
            }
            outputs(stack);
        }
        return job;
    }

    /** Sealed before a unit could have several outputs: the last shaft left it, and every stage had a driving wheel of its own. */
    private static void outputs(ObjectNode stack) {
        var shafts = stack.path("shafts");
        if (!shafts.isEmpty() && shafts.get(0).path("isOutput").isMissingNode()) {
            ((ObjectNode) shafts.get(shafts.size() - 1)).put("isOutput", true);
        }
        for (var meeting : stack.path("meetings")) {
            if (meeting.path("drivenBy").isMissingNode()) {
                ((ObjectNode) meeting).set("drivenBy", meeting.path("stage"));
            }
        }
    }

    private static void meetings(ObjectNode stack) {
        var meetings = stack.putArray("meetings");
        var first = new TreeMap<Integer, First>();
        int shaft = 0;
        for (var one : stack.path("shafts")) {
            shaft++;
            for (var each : one.path("items")) {
                var item = (ObjectNode) each;
                item.set("diameter", item.remove("tipDiameterMm"));
                item.set("width", item.remove("faceWidthMm"));
                int stage = item.path("stage").asInt();
                if (stage == 0) {
                    continue;
                }
                var driver = first.get(stage);
                item.put("role", (driver == null ? Role.DRIVER : Role.DRIVEN).name());
                if (driver == null) {
                    first.put(stage, new First(shaft, one.path("centreToNextMm").asDouble()));
                } else {
                    meetings.add(meeting(stack.objectNode(), stage, driver, shaft));
                }
            }
        }
        stack.path("housing")
                .forEach(
                        item ->
                                ((ObjectNode) item)
                                        .put("diameter", 0)
                                        .put("width", 0)
                                        .remove(List.of("tipDiameterMm", "faceWidthMm")));
    }

    private static ObjectNode meeting(ObjectNode meeting, int stage, First driver, int driven) {
        meeting.put("stage", stage)
                .put("lie", Lie.PARALLEL.name())
                .put("driver", driver.shaft)
                .put("driven", driven)
                .put("centreDistance", driver.centreToNextMm)
                .put("isToSize", true)
                .put("inWords", "");
        meeting.putArray("positions");
        meeting.putArray("members");
        return meeting;
    }
}
