package app.yunque.server.bench;

import app.yunque.procedure.ProcedureList;
import app.yunque.procedure.ProcedureStep;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Jobs sealed before stages of every kind stood in one row: pairs on parallel shafts had a list of their own and the others another.
 * The pairs keep the numbers they were sealed with, and the others come after them; nothing that was said is changed.
 */
final class SealedStages {
    private static final double MM_PER_INCH = 25.4;

    private SealedStages() {}

    static JsonNode carriedOver(JsonNode job) {
        if (job.get("unit") instanceof ObjectNode unit && unit.has("otherStages")) {
            var pairs = unit.withArray("stages");
            var line = unit.withArray("drive");
            var stages = unit.arrayNode();
            for (var pair : pairs) {
                stages.add(pair(pair, stages.size() + 1));
            }
            for (var other : unit.withArray("otherStages")) {
                stages.add(other(other, unit.objectNode(), stages.size() + 1));
            }
            unit.remove("otherStages");
            unit.set("stages", stages);
            unit.putArray("positions");
            unit.set("drive", atWork(unit, line, stages.size()));
        }
        if (job.path("proof").path("given") instanceof ObjectNode proof && proof.has("turnsFree")) {
            ((ObjectNode) job).set("procedure", procedure(proof));
        }
        return job;
    }

    /** The two ticks of before were steps of proving. */
    private static ObjectNode procedure(ObjectNode proof) {
        var procedure = proof.objectNode();
        procedure.putArray("setting");
        var acceptance = procedure.putArray("acceptance");
        acceptance.add(step(proof, "P-02", proof.path("turnsFree").asBoolean()));
        acceptance.add(step(proof, "P-09", proof.path("tight").asBoolean()));
        acceptance.add(step(proof, "P-13", proof.path("tight").asBoolean()));
        procedure.putArray("against");
        procedure.putArray("notAsked");
        return procedure;
    }

    private static ObjectNode step(ObjectNode proof, String id, boolean done) {
        var known = ProcedureList.step(id);
        var step = proof.objectNode();
        step.put("id", id).put("at", known.at().name()).put("what", known.what());
        step.putArray("after");
        step.put("target", "").put("doneWhen", "").put("by", known.by().name());
        step.put("measured", known.measured()).put("unit", known.unit());
        step.put("limit", known.limitInWords());
        step.put("nobody", known.without() == ProcedureStep.Without.NOBODY);
        step.put("state", done ? "PASSED" : "OPEN").put("verdict", "NOT_JUDGED");
        step.put("says", done ? "done" : "").put("stale", false);
        step.put("source", known.source()).put("caution", known.caution());
        step.putArray("tries");
        return step;
    }

    private static ObjectNode pair(JsonNode was, int number) {
        var given = was.path("given");
        var stage = ((ObjectNode) was).objectNode();
        stage.put("stage", number);
        var values = stage.putObject("given").put("kind", "PAIR").putObject("values");
        typed(values, "pinion.teeth", given.path("pinionTeeth").asString(), "");
        typed(values, "wheel.teeth", given.path("wheelTeeth").asString(), "");
        typed(values, "wheelKind", "OUTSIDE", "");
        values.set("normalModuleMm", given.path("module"));
        typed(values, "pressureAngleDeg", given.path("pressureAngleDeg").asString(), "°");
        typed(values, "helixAngleDeg", given.path("helixAngleDeg").asString(), "°");
        typed(values, "hand", given.path("pinionHand").asString(), "");
        typed(values, "pinion.profileShift", given.path("pinionShift").asString(), "");
        typed(values, "wheel.profileShift", given.path("wheelShift").asString(), "");
        values.set("faceWidthMm", given.path("faceWidth"));
        values.set("centreDistanceMm", given.path("centreDistance"));
        stage.put(
                "words",
                "z %s/%s"
                        .formatted(
                                given.path("pinionTeeth").asString(),
                                given.path("wheelTeeth").asString()));
        stage.set("ratio", was.path("ratio"));
        stage.set("driverSpeedRpm", was.path("pinionSpeedRpm"));
        var gears = stage.putObject("pair");
        gears.set("pinionTeeth", given.path("pinionTeeth"));
        gears.set("wheelTeeth", given.path("wheelTeeth"));
        gears.put("pinionShaft", number).put("wheelShaft", number + 1);
        gears.put("centreDistanceMm", mm(given.path("centreDistance")));
        for (var same :
                new String[] {
                    "pinion",
                    "wheel",
                    "pitchLineVelocityMPerS",
                    "pinionWorkingRadiusMm",
                    "wheelWorkingRadiusMm",
                    "pinionTeethToSpan",
                    "wheelTeethToSpan"
                }) {
            gears.set(same, was.path(same));
        }
        return stage;
    }

    private static double mm(JsonNode typed) {
        double number = Double.parseDouble(typed.path("text").asString("0").replace(',', '.'));
        return typed.path("unit").asString().equals("in") ? number * MM_PER_INCH : number;
    }

    private static ObjectNode other(JsonNode was, ObjectNode stage, int number) {
        stage.put("stage", number);
        var given = stage.putObject("given");
        given.set("kind", was.path("kind"));
        given.set("values", was.path("values"));
        stage.put("words", was.path("kind").asString().toLowerCase(java.util.Locale.ROOT));
        return stage.put("ratio", 0).put("driverSpeedRpm", 0);
    }

    private static ArrayNode atWork(ObjectNode unit, ArrayNode line, int stages) {
        var positions = unit.arrayNode();
        if (line.isEmpty()) {
            return positions;
        }
        var only = positions.addObject();
        only.put("name", "");
        var numbers = only.putArray("stages");
        for (int number = 1; number <= stages; number++) {
            numbers.add(number);
        }
        only.set("ratio", unit.path("ratio"));
        only.set("outputSpeedRpm", unit.path("outputSpeedRpm"));
        only.set("turnsTheSameWay", unit.path("turnsTheSameWay"));
        only.put("travelMmPerInputTurn", 0).put("outputForceN", 0);
        only.set("line", line);
        return positions;
    }

    private static void typed(ObjectNode values, String name, String text, String unit) {
        values.putObject(name).put("text", text).put("unit", unit);
    }
}
