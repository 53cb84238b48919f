package app.yunque.route;

import app.yunque.measure.Verdict;
import app.yunque.route.JobFacts.Parts;
import app.yunque.route.JobFacts.Proof;
import app.yunque.route.JobFacts.Receive;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where a job stands: a state and one line for each station, and what stands against signing it off.
 *
 * @param stops         one for each station, in order
 * @param againstSigning what has to be settled first, heaviest first; empty when the job can be signed
 */
public record Route(List<Stop> stops, List<SigningPoint> againstSigning) {

    /** State of one station. */
    public enum State {
        /** May not be worked yet; the line says why. */
        SHUT,
        OPEN,
        /** Something failed or is doubtful and wants a look. */
        ATTENTION,
        DONE
    }

    /**
     * @param station the station
     * @param state   how it stands
     * @param says    what is missing or how far it is, in one line
     */
    public record Stop(Station station, State state, String says) {}

    public Route {
        stops = List.copyOf(stops);
        againstSigning = List.copyOf(againstSigning);
    }

    public static Route of(JobFacts facts) {
        var stops =
                List.of(
                        receive(facts.receive(), facts.meshes().count() > 0),
                        strip(facts),
                        inspect(facts),
                        decide(facts.parts()),
                        build(facts.parts()),
                        set(facts),
                        fill(facts.proof()),
                        prove(facts));
        return new Route(
                facts.proof().signed() ? stops : opened(stops, facts.proof()),
                SigningGate.of(facts));
    }

    /** A step that failed opens again the stations where its cause is. */
    private static List<Stop> opened(List<Stop> stops, JobFacts.Proof proof) {
        return stops.stream()
                .map(
                        stop ->
                                proof.at(Station.PROVE).stream()
                                        .filter(
                                                s ->
                                                        s.failed()
                                                                && s.reopens()
                                                                        .contains(stop.station))
                                        .findFirst()
                                        .map(
                                                s ->
                                                        new Stop(
                                                                stop.station,
                                                                State.ATTENTION,
                                                                s.id() + " failed at Prove"))
                                        .orElse(stop))
                .toList();
    }

    /** The station a mechanic most likely wants next: the first still open, else the first that wants a look. */
    public Station next() {
        return firstIn(State.OPEN, State.SHUT)
                .or(() -> firstIn(State.ATTENTION))
                .orElse(Station.PROVE);
    }

    private Optional<Station> firstIn(State... wanted) {
        return stops.stream()
                .filter(s -> List.of(wanted).contains(s.state))
                .findFirst()
                .map(Stop::station);
    }

    private static Stop receive(Receive r, boolean hasRatio) {
        var missing = new ArrayList<String>();
        if (!r.complaint()) {
            missing.add("complaint");
        }
        if (!r.permission()) {
            missing.add("permission");
        }
        if (!r.isolated()) {
            missing.add("isolation");
        }
        if (hasRatio && r.turnCount() == Verdict.NOT_JUDGED) {
            missing.add("turn count");
        }
        if (!missing.isEmpty()) {
            return new Stop(Station.RECEIVE, State.OPEN, "missing: " + String.join(", ", missing));
        }
        if (!hasRatio) {
            return new Stop(Station.RECEIVE, State.DONE, "isolated");
        }
        return r.turnCount() == Verdict.CLEAR_PASS
                ? new Stop(Station.RECEIVE, State.DONE, "isolated, ratio confirmed")
                : new Stop(Station.RECEIVE, State.ATTENTION, "the turn count does not fit");
    }

    private static Stop strip(JobFacts facts) {
        var parts = facts.parts();
        var sofar =
                counted(parts.steps(), "step") + ", " + counted(parts.pieces(), "part") + " out";
        if (!facts.receive().permission() && parts.steps() == 0) {
            return new Stop(Station.STRIP, State.SHUT, "shut: no permission to open");
        }
        if (!facts.receive().isolated() && parts.fittedSteps() == 0) {
            return new Stop(Station.STRIP, State.SHUT, "shut until it is isolated");
        }
        if (parts.steps() == 0) {
            return new Stop(Station.STRIP, State.OPEN, "nothing taken off yet");
        }
        boolean workedOn = parts.undecided() < parts.steps() || parts.fittedSteps() > 0;
        return new Stop(Station.STRIP, workedOn ? State.DONE : State.OPEN, sofar);
    }

    private static Stop inspect(JobFacts facts) {
        var checks = facts.checks();
        if (facts.parts().steps() == 0) {
            return new Stop(Station.INSPECT, State.OPEN, "nothing taken off yet");
        }
        if (checks.openMusts() > 0) {
            return new Stop(
                    Station.INSPECT,
                    State.OPEN,
                    "%s open, about %.0f min"
                            .formatted(
                                    counted(checks.openMusts(), "must"),
                                    Math.max(1, Math.ceil(checks.openMinutes()))));
        }
        var m = facts.meshes();
        var wrong = new ArrayList<String>();
        if (m.worstBefore() != Verdict.CLEAR_PASS) {
            wrong.add(
                    m.worstBefore() == Verdict.CLEAR_FAIL
                            ? "a measurement fails"
                            : "a measurement is doubtful");
        }
        // What a new one takes the place of is settled.
        int damaged =
                (int)
                        facts.parts().each().stream()
                                .filter(p -> p.damaged() && !p.renewedAnyway())
                                .count();
        if (damaged > 0) {
            wrong.add(counted(damaged, "part") + " found damaged");
        }
        if (checks.left() > 0) {
            wrong.add(counted(checks.left(), "check") + " not possible");
        }
        return wrong.isEmpty()
                ? new Stop(
                        Station.INSPECT,
                        State.DONE,
                        m.wornBefore()
                                ? "every must answered, worn but usable"
                                : "every must answered")
                : new Stop(Station.INSPECT, State.ATTENTION, String.join(", ", wrong));
    }

    private static Stop decide(Parts p) {
        if (p.steps() == 0) {
            return new Stop(Station.DECIDE, State.OPEN, "no parts yet");
        }
        return p.undecided() == 0
                ? new Stop(Station.DECIDE, State.DONE, "every part decided")
                : new Stop(
                        Station.DECIDE, State.OPEN, counted(p.undecided(), "part") + " to decide");
    }

    private static Stop build(Parts p) {
        if (p.steps() == 0) {
            return new Stop(Station.BUILD, State.OPEN, "nothing to put back yet");
        }
        if (p.fittedSteps() < p.steps()) {
            return new Stop(
                    Station.BUILD, State.OPEN, p.fittedSteps() + " of " + p.steps() + " fitted");
        }
        return p.balanced()
                ? new Stop(Station.BUILD, State.DONE, "ledger balances")
                : new Stop(Station.BUILD, State.ATTENTION, "ledger does not balance");
    }

    private static Stop set(JobFacts facts) {
        var m = facts.meshes();
        if (m.count() == 0 && m.worstAfter() == Verdict.CLEAR_PASS) {
            var parts = facts.parts();
            boolean together = parts.steps() > 0 && parts.fittedSteps() == parts.steps();
            return toSet(facts)
                    .orElseGet(
                            () ->
                                    new Stop(
                                            Station.SET,
                                            together ? State.DONE : State.OPEN,
                                            "no mesh on the papers"));
        }
        if (m.measuredAfter() < m.count()) {
            return new Stop(
                    Station.SET,
                    State.OPEN,
                    counted(m.count() - m.measuredAfter(), "mesh", "meshes") + " to measure again");
        }
        if (m.worstAfter() != Verdict.CLEAR_PASS) {
            return new Stop(Station.SET, State.ATTENTION, "backlash wants a look");
        }
        return toSet(facts)
                .orElseGet(
                        () ->
                                new Stop(
                                        Station.SET,
                                        State.DONE,
                                        m.wornAfter() ? "worn but usable" : "backlash in limits"));
    }

    private static Optional<Stop> toSet(JobFacts facts) {
        var steps = facts.proof().at(Station.SET);
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                steps.stream().anyMatch(JobFacts.StepFact::failed)
                        ? new Stop(Station.SET, State.ATTENTION, "a setting is not as it should be")
                        : new Stop(
                                Station.SET,
                                State.OPEN,
                                counted(steps.size(), "step") + " to set"));
    }

    private static Stop fill(Proof p) {
        if (p.places() == 0) {
            return new Stop(Station.FILL, State.OPEN, "no lubricated place described yet");
        }
        return p.toFill().isEmpty()
                ? new Stop(Station.FILL, State.DONE, "filled")
                : new Stop(Station.FILL, State.OPEN, "to fill: " + String.join(", ", p.toFill()));
    }

    private static Stop prove(JobFacts facts) {
        if (facts.proof().signed()) {
            return new Stop(Station.PROVE, State.DONE, "signed");
        }
        int open = SigningGate.of(facts).size();
        return new Stop(
                Station.PROVE,
                facts.proof().at(Station.PROVE).stream().anyMatch(JobFacts.StepFact::failed)
                        ? State.ATTENTION
                        : State.OPEN,
                open == 0 ? "ready to sign" : counted(open, "point") + " before signing");
    }

    static String counted(int count, String one) {
        return counted(count, one, one + "s");
    }

    private static String counted(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }
}
