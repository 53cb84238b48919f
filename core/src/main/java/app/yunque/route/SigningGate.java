package app.yunque.route;

import app.yunque.measure.Verdict;
import app.yunque.route.JobFacts.PartFact;
import app.yunque.route.SigningPoint.Weight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What stands against signing a job, by name and by who may sign in spite of it. Only parts that go back are asked about: what is renewed
 * or scrapped harms nobody.
 *
 * <p>Source: common practice, no source; what nobody signs is what holds, stops, binds or is condemned.
 */
final class SigningGate {
    /** Two things that a lead answers for on one part want a second person. */
    static final String SECOND_PERSON = "second-person";

    private static final int NAMED = 6;
    private static final int MADE_OUT = 3;

    private SigningGate() {}

    /** Heaviest first, then in the order of the stations. */
    static List<SigningPoint> of(JobFacts facts) {
        var points = new ArrayList<SigningPoint>();
        parts(points, facts.parts());
        meshes(points, facts.meshes());
        receive(points, facts.receive());
        proof(points, facts.parts(), facts.proof());
        points.sort(Comparator.comparing(SigningPoint::weight));
        return List.copyOf(points);
    }

    private static void parts(List<SigningPoint> points, JobFacts.Parts parts) {
        if (parts.undecided() > 0) {
            points.add(
                    new SigningPoint(
                            "undecided",
                            Route.counted(parts.undecided(), "part")
                                    + " without a decision (Decide).",
                            together(parts)));
        }
        if (!parts.balanced()) {
            points.add(
                    new SigningPoint(
                            "ledger",
                            "The ledger does not balance: %d on the bench, %d missing (Build)."
                                    .formatted(parts.onBench(), parts.missing()),
                            together(parts)));
        }
        if (!parts.toPutBack().isEmpty()) {
            points.add(
                    lead(
                            "not-put-back",
                            "Undone at Strip and not put back: %s (Build)."
                                    .formatted(named(parts.toPutBack()))));
        }
        told(
                points,
                parts,
                Weight.NEVER,
                "condemned",
                PartFact::condemned,
                "Cracked or broken, and going back: %s (Decide).");
        told(
                points,
                parts,
                Weight.NEVER,
                "lock-used-again",
                PartFact::lock,
                "A lock that holds once only, used again: %s (Decide).");
        told(
                points,
                parts,
                Weight.NEVER,
                "strict-not-looked-at",
                p -> p.strict() && !p.condemned() && !p.open().isEmpty(),
                "Holds, stops or carries the load, and is not looked at as it must be: %s (Inspect).",
                PartFact::open);
        told(
                points,
                parts,
                Weight.NEVER,
                "strict-not-fit",
                p -> p.strict() && isBad(p.worst()),
                "Holds, stops or carries the load, and was measured doubtful or beyond its limit: %s (Decide).");
        told(
                points,
                parts,
                Weight.LEAD,
                "not-looked-at",
                p -> !p.strict() && !p.condemned() && !p.open().isEmpty(),
                "Going back, and not looked at as it must be: %s (Inspect).",
                PartFact::open);
        told(
                points,
                parts,
                Weight.LEAD,
                "left-open",
                p -> !p.left().isEmpty(),
                "Going back with a check that was not made: %s (Inspect).",
                PartFact::left);
        told(
                points,
                parts,
                Weight.LEAD,
                "beyond",
                p -> !p.strict() && p.worst() == Verdict.CLEAR_FAIL,
                "Measured beyond its limit, and going back: %s (Decide).");
        told(
                points,
                parts,
                Weight.LEAD,
                "doubtful",
                p -> !p.strict() && p.worst() == Verdict.DOUBTFUL,
                "Measured too close to its limit to tell, and left so: %s (Inspect).");
        told(
                points,
                parts,
                Weight.LEAD,
                SECOND_PERSON,
                p -> leadsOn(p) > 1,
                "Two things are taken on one part, so a second person has to look at it and be named: %s.");
    }

    /** How many things a lead answers for on one part that goes back. */
    private static long leadsOn(PartFact part) {
        return part.strict() || part.condemned()
                ? 0
                : Stream.of(!part.open().isEmpty(), !part.left().isEmpty(), isBad(part.worst()))
                        .filter(so -> so)
                        .count();
    }

    private static void meshes(List<SigningPoint> points, JobFacts.Meshes meshes) {
        if (meshes.bindsAfter()) {
            points.add(
                    never(
                            "binds",
                            "A mesh binds after the rebuild: nothing is left at its tightest place (Set)."));
        }
        if (meshes.measuredAfter() < meshes.count()) {
            points.add(
                    lead(
                            "mesh-not-measured",
                            "Backlash after the rebuild is not measured on every mesh (Set)."));
        }
        if (meshes.worstAfter() == Verdict.CLEAR_FAIL) {
            points.add(
                    lead(
                            "mesh-fails",
                            "A measurement after the rebuild is outside its limits (Set)."));
        } else if (meshes.worstAfter() == Verdict.DOUBTFUL) {
            points.add(
                    lead(
                            "mesh-doubtful",
                            "A measurement after the rebuild is doubtful, and was left so (Set)."));
        }
    }

    private static void receive(List<SigningPoint> points, JobFacts.Receive receive) {
        if (isBad(receive.turnCount())) {
            points.add(lead("turn-count", "The turn count does not fit the teeth (Receive)."));
        }
    }

    /** What is filled, set and shown. */
    private static void proof(
            List<SigningPoint> points, JobFacts.Parts parts, JobFacts.Proof proof) {
        if (proof.places() == 0) {
            points.add(
                    lead(
                            "no-place",
                            "No lubricated place of this unit is described, so nothing was filled (Fill)."));
        } else if (!proof.toFill().isEmpty()) {
            points.add(
                    lead(
                            "not-filled",
                            "Not filled, and not left on purpose: %s (Fill)."
                                    .formatted(String.join(", ", proof.toFill()))));
        }
        for (var at : List.of(Station.SET, Station.PROVE)) {
            for (var weight : Weight.values()) {
                open(points, at, weight, parts, proof);
            }
        }
        for (var step : proof.steps()) {
            if (!step.open()) {
                points.add(
                        new SigningPoint(
                                step.id(),
                                "%s, %s: %s (%s)."
                                        .formatted(
                                                step.id(),
                                                step.what(),
                                                step.says(),
                                                step.at().words()),
                                step.weight() == Weight.NEVER ? together(parts) : step.weight()));
            }
        }
    }

    private static void open(
            List<SigningPoint> points,
            Station at,
            Weight weight,
            JobFacts.Parts parts,
            JobFacts.Proof proof) {
        var these = proof.at(at).stream().filter(s -> s.open() && s.weight() == weight).toList();
        if (these.isEmpty()) {
            return;
        }
        var named =
                these.stream()
                        .limit(NAMED)
                        .map(s -> s.id() + " " + shortly(s.what()))
                        .collect(Collectors.joining("; "));
        int more = these.size() - NAMED;
        points.add(
                new SigningPoint(
                        "%s-open-%s".formatted(at, weight).toLowerCase(Locale.ROOT),
                        "%s: %s%s (%s)."
                                .formatted(
                                        at == Station.SET ? "Not set" : "Not proved",
                                        named,
                                        more > 0 ? "; and " + more + " more" : "",
                                        at.words()),
                        weight == Weight.NEVER ? together(parts) : weight));
    }

    /** The first words of a step, up to where it goes into detail. */
    private static String shortly(String what) {
        return what.split("[,:;]", 2)[0];
    }

    /** A unit that leaves as it was taken apart, nothing put back, harms nobody: a lead may close it with a reason. */
    private static Weight together(JobFacts.Parts parts) {
        return parts.fittedSteps() > 0 ? Weight.NEVER : Weight.LEAD;
    }

    private static boolean isBad(Verdict verdict) {
        return verdict == Verdict.CLEAR_FAIL || verdict == Verdict.DOUBTFUL;
    }

    private static void told(
            List<SigningPoint> points,
            JobFacts.Parts parts,
            Weight weight,
            String id,
            Predicate<PartFact> isSo,
            String sentence) {
        told(points, parts, weight, id, isSo, sentence, p -> List.of());
    }

    /** @param which what of each part it is about, in words */
    private static void told(
            List<SigningPoint> points,
            JobFacts.Parts parts,
            Weight weight,
            String id,
            Predicate<PartFact> isSo,
            String sentence,
            Function<PartFact, List<String>> which) {
        var these = parts.each().stream().filter(p -> p.goesBack() && isSo.test(p)).toList();
        if (!these.isEmpty()) {
            points.add(new SigningPoint(id, sentence.formatted(names(these, which)), weight));
        }
    }

    static String names(List<PartFact> parts, Function<PartFact, List<String>> which) {
        var named =
                parts.stream()
                        .limit(NAMED)
                        .map(p -> named(p, which.apply(p)))
                        .collect(Collectors.joining("; "));
        int more = parts.size() - NAMED;
        return more > 0 ? named + "; and " + more + " more" : named;
    }

    private static String named(PartFact part, List<String> which) {
        if (which.isEmpty()) {
            return part.name();
        }
        var some = which.stream().limit(MADE_OUT).collect(Collectors.joining(", "));
        int more = which.size() - MADE_OUT;
        return part.name() + ": " + some + (more > 0 ? " and " + more + " more" : "");
    }

    private static String named(List<String> things) {
        var some = things.stream().limit(NAMED).collect(Collectors.joining("; "));
        int more = things.size() - NAMED;
        return more > 0 ? some + "; and " + more + " more" : some;
    }

    private static SigningPoint never(String id, String says) {
        return new SigningPoint(id, says, Weight.NEVER);
    }

    private static SigningPoint lead(String id, String says) {
        return new SigningPoint(id, says, Weight.LEAD);
    }
}
