package app.yunque.server.bench;

import app.yunque.server.AtBench;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Ordinary requests of the bench; a test changes only what it is about. */
public final class Requests {
    private Requests() {}

    public static Map<String, Object> mm(String text) {
        return Map.of("text", text, "unit", "mm");
    }

    public static Map<String, Object> in(String unit, String text) {
        return Map.of("text", text, "unit", unit);
    }

    /** A number without a unit, or a word of a choice. */
    static Map<String, Object> plain(Object value) {
        return in("", String.valueOf(value));
    }

    /** A spur pair 20/40, module 3. */
    static Map<String, Object> stage() {
        return stage(
                "PAIR",
                Map.of(
                        "pinion.teeth", plain(20),
                        "wheel.teeth", plain(40),
                        "wheelKind", plain("OUTSIDE"),
                        "normalModuleMm", in("module", "3"),
                        "pressureAngleDeg", in("°", "20"),
                        "hand", plain("RIGHT"),
                        "rack", plain("full depth"),
                        "faceWidthMm", mm("30"),
                        "centreDistanceMm", mm("90.2")));
    }

    static Map<String, Object> stage(String kind, Map<String, Object> values) {
        return new HashMap<>(Map.of("kind", kind, "values", new HashMap<>(values)));
    }

    /** The stage with one value entered otherwise. */
    @SuppressWarnings("unchecked")
    static Map<String, Object> with(Map<String, Object> stage, String field, Object entered) {
        ((Map<String, Object>) stage.get("values")).put(field, entered);
        return stage;
    }

    static Map<String, Object> unit(Map<String, Object> stage) {
        var unit = new HashMap<String, Object>();
        unit.put("id", UUID.randomUUID());
        unit.put("tag", "T-" + UUID.randomUUID().toString().substring(0, 6));
        unit.put("name", "Test reducer");
        unit.put("kind", "single-stage spur");
        unit.put("duty", "ENCLOSED_POWER");
        unit.put("underWarranty", false);
        unit.put("stages", List.of(stage));
        unit.put("inputSpeedRpm", 960);
        return unit;
    }

    /** A new unit with an open job; the number of the job. */
    static long openJob(AtBench bench) {
        var unit = unit(stage());
        var kept = bench.post("/api/units", unit);
        if (kept.status() != 200) {
            throw new IllegalStateException(kept.detail());
        }
        var job =
                bench.post(
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID(),
                                "unitId",
                                unit.get("id"),
                                "complaint",
                                "Growls"));
        return job.body().path("job").path("number").asLong();
    }

    /** As {@link #openJob}, with permission and isolation on record. */
    public static long openedForStrip(AtBench bench) {
        long number = openJob(bench);
        bench.put("/api/jobs/" + number + "/permission", permission());
        bench.put("/api/jobs/" + number + "/isolation", isolation());
        return number;
    }

    static Map<String, Object> permission() {
        return Map.of("approvedBy", "Works manager", "reference", "");
    }

    static Map<String, Object> isolation() {
        return Map.of(
                "sources",
                List.of("ELECTRIC"),
                "how",
                "breaker locked and tagged",
                "triedToStart",
                true,
                "done",
                List.of("ELECTRIC_LOCKED", "ELECTRIC_DEAD"));
    }

    public static Map<String, Object> step(String part, String kind, int count) {
        var step = new HashMap<String, Object>();
        step.put("part", part);
        step.put("kind", kind);
        step.put("count", count);
        step.put("shaft", 1);
        step.put("side", "LEFT");
        step.put("wayRound", "");
        step.put("singleUse", kind.equals("SEAL"));
        step.put("tray", "A");
        step.put("condition", "SOUND");
        step.put("note", "");
        return step;
    }

    static Map<String, Object> backlash(String station, String... readings) {
        var all = new ArrayList<Object>();
        for (var reading : readings) {
            all.add(mm(reading));
        }
        var measurement = new HashMap<String, Object>();
        measurement.put("station", station);
        measurement.put("kind", "BACKLASH");
        measurement.put("stage", 1);
        measurement.put("member", "WHEEL");
        measurement.put("radius", mm("61"));
        measurement.put("resolution", mm("0.01"));
        measurement.put("maxError", mm("0.01"));
        measurement.put("makersReference", "");
        measurement.put("remark", "");
        measurement.put("readings", all);
        return measurement;
    }

    /** Somebody finds something on a part by eye or feel. */
    static AtBench.Answer seen(
            AtBench bench, String job, UUID step, String check, String look, String word) {
        return bench.put(
                job + "/findings/" + UUID.randomUUID(),
                Map.of("stepId", step, "check", check, "look", look, "word", word, "remark", ""));
    }

    /** A share that shrinks with wear is held against its limits. */
    static AtBench.Answer against(
            AtBench bench,
            String job,
            UUID step,
            String check,
            String value,
            String mostNew,
            String renew) {
        var fields =
                Map.of(
                        "measure", in("", "NUMBER"),
                        "uncertaintyNumber", in("", "0.01"),
                        "direction", in("", "SHRINKS"),
                        "mostNewNumber", in("", mostNew),
                        "renewNumber", in("", renew),
                        "part", in("", "STRICT"));
        return bench.put(
                job + "/answers/" + UUID.randomUUID(),
                Map.of(
                        "station", "INSPECT",
                        "drawer", "against-limits",
                        "subject", "",
                        "about", Map.of("stepId", step),
                        "check", check,
                        "remark", "",
                        "entries",
                                Map.of(
                                        "fields",
                                        fields,
                                        "readings",
                                        Map.of("readingsNumber", List.of(in("", value))))));
    }

    /** Takes every proposal there is, each part by its name. */
    static AtBench.Answer accept(AtBench bench, String job) {
        var steps = new ArrayList<String>();
        for (var part : bench.get(job).body().path("decisions")) {
            steps.add(part.path("stepId").asString());
        }
        return bench.post(job + "/decisions/accept", Map.of("steps", steps));
    }

    /** A lead's signature although something stands against it. */
    public static Map<String, Object> allTheSame(String risk) {
        return Map.of(
                "despite",
                Map.of(
                        "risk", risk,
                        "restriction", "half load",
                        "nextLook", "1 March",
                        "toldBy", "Inés Roldán"));
    }

    static Map<String, Object> fitting(int refitted, int renewed, int scrapped) {
        return Map.of(
                "done", true,
                "refitted", refitted,
                "renewed", renewed,
                "scrapped", scrapped,
                "reason", "");
    }

    /** Describes the sump of a job's unit, once; the path of what is filled there. */
    public static String sump(AtBench bench, long number) {
        var unit = bench.get("/api/jobs/" + number).body().path("unit").path("id").asString();
        var id = UUID.randomUUID();
        var kept = bench.put("/api/units/" + unit + "/places/" + id, sump("95"));
        if (kept.status() != 200) {
            throw new IllegalStateException(kept.detail());
        }
        return "/api/jobs/" + number + "/places/" + id + "/fill";
    }

    /** A box of 420 by 260 by 200 mm with oil up to a level. */
    public static Map<String, Object> sump(String level) {
        var fields = new HashMap<String, Object>();
        fields.put("sort", in("", "GEARS"));
        fields.put("coldest", in("°C", "0"));
        fields.put("hottest", in("°C", "30"));
        fields.put("shape", in("", "BOX"));
        fields.put("lengthMm", mm("420"));
        fields.put("widthMm", mm("260"));
        fields.put("heightMm", mm("200"));
        fields.put("axesMm", mm("150"));
        fields.put("arrangement", in("", "NONE"));
        fields.put("levelMm", mm(level));
        return place("sump", fields);
    }

    /** A place from 0 to 30 °C, unless its fields say otherwise. */
    public static Map<String, Object> place(String name, Map<String, Object> fields) {
        var all = new HashMap<String, Object>();
        all.put("coldest", in("°C", "0"));
        all.put("hottest", in("°C", "30"));
        all.putAll(fields);
        var place = new HashMap<String, Object>();
        place.put("name", name);
        place.put("entries", Map.of("fields", all, "readings", Map.of()));
        return place;
    }

    public static Map<String, Object> fill(String litres) {
        var fill = new HashMap<String, Object>();
        fill.put("kind", "FILLED");
        fill.put("can", "Mineral gear oil");
        fill.put("amount", in("L", litres));
        fill.put("source", "");
        fill.put("despite", "");
        return fill;
    }

    static Map<String, Object> proof() {
        return Map.of(
                "remark", "", "ambient", in("°C", "20"), "hot", in("°F", "131"), "runMinutes", 60);
    }
}
