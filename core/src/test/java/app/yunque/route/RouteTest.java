package app.yunque.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RouteTest {
    static final JobFacts.Receive SETTLED =
            new JobFacts.Receive(true, true, true, Verdict.CLEAR_PASS);
    static final JobFacts.Parts BUILT = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true, List.of());
    static final JobFacts.Meshes SET =
            new JobFacts.Meshes(2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_PASS, false);
    static final JobFacts.Proof PROVED = new JobFacts.Proof(1, List.of(), List.of(), false);
    static final JobFacts.Checks LOOKED_AT = new JobFacts.Checks(0, 0, 0);

    static JobFacts.StepFact step(
            String id, boolean open, boolean failed, SigningPoint.Weight weight) {
        boolean sets = id.startsWith("S");
        return new JobFacts.StepFact(
                id,
                sets ? Station.SET : Station.PROVE,
                "turns free: no tick",
                failed ? "3 mm: clear fail, at most 1 mm" : "open",
                open,
                failed,
                weight,
                Set.of(sets ? Station.SET : Station.INSPECT));
    }

    static JobFacts.Proof left(JobFacts.StepFact... steps) {
        return new JobFacts.Proof(1, List.of(), List.of(steps), false);
    }

    private static Route.Stop stop(Route route, Station station) {
        return route.stops().get(station.ordinal());
    }

    @Test
    void keepsStripShutUntilPermissionAndIsolation() {
        var none = new JobFacts.Parts(0, 0, 0, 0, 0, 0, true, List.of());
        var noPermission = new JobFacts.Receive(true, false, true, Verdict.NOT_JUDGED);
        var notIsolated = new JobFacts.Receive(true, true, false, Verdict.NOT_JUDGED);

        assertThat(
                        stop(
                                Route.of(new JobFacts(noPermission, none, LOOKED_AT, SET, PROVED)),
                                Station.STRIP))
                .isEqualTo(
                        new Route.Stop(
                                Station.STRIP, Route.State.SHUT, "shut: no permission to open"));
        var route = Route.of(new JobFacts(notIsolated, none, LOOKED_AT, SET, PROVED));
        assertThat(stop(route, Station.STRIP).says()).isEqualTo("shut until it is isolated");
        assertThat(stop(route, Station.RECEIVE).says()).isEqualTo("missing: isolation, turn count");
    }

    @Test
    void shutsStripAgainWhenTheEnergyIsBackOnInTheMiddleOfIt() {
        var half = new JobFacts.Parts(4, 9, 4, 0, 9, 9, false, List.of());
        var energised = new JobFacts.Receive(true, true, false, Verdict.CLEAR_PASS);
        assertThat(
                        stop(
                                        Route.of(
                                                new JobFacts(
                                                        energised, half, LOOKED_AT, SET, PROVED)),
                                        Station.STRIP)
                                .state())
                .isEqualTo(Route.State.SHUT);
    }

    /** Papers that describe no gears ask for no turn count, and are no sign that anything was inspected or set. */
    @Test
    void ticksNothingOffThatNobodyDid() {
        var noMesh = new JobFacts.Meshes(0, Verdict.CLEAR_PASS, 0, Verdict.CLEAR_PASS, false);
        var arrived = new JobFacts.Receive(true, true, true, Verdict.NOT_JUDGED);
        var stripped = new JobFacts.Parts(9, 20, 9, 0, 20, 20, false, List.of(UNSEEN));

        var unseen = new JobFacts.Checks(4, 9, 0);
        var early = Route.of(new JobFacts(arrived, stripped, unseen, noMesh, PROVED));
        assertThat(stop(early, Station.RECEIVE).state()).isEqualTo(Route.State.DONE);
        assertThat(stop(early, Station.INSPECT).state()).isEqualTo(Route.State.OPEN);
        assertThat(stop(early, Station.SET).state()).isEqualTo(Route.State.OPEN);
        var built = Route.of(new JobFacts(arrived, BUILT, LOOKED_AT, noMesh, PROVED));
        assertThat(stop(built, Station.INSPECT).state()).isEqualTo(Route.State.DONE);
        assertThat(stop(built, Station.SET).state()).isEqualTo(Route.State.DONE);
        assertThat(built.againstSigning()).isEmpty();
    }

    @ParameterizedTest(name = "{0} steps, {1} undecided, {2} fitted, balanced {3}: {4}; {5}; {6}")
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | 0 | 0 | true  | nothing taken off yet OPEN | no parts yet OPEN | nothing to put back yet OPEN",
                "9 | 9 | 0 | false | 9 steps, 20 parts out OPEN | 9 parts to decide OPEN | 0 of 9 fitted OPEN",
                "9 | 8 | 0 | false | 9 steps, 20 parts out DONE | 8 parts to decide OPEN | 0 of 9 fitted OPEN",
                "9 | 9 | 1 | false | 9 steps, 20 parts out DONE | 9 parts to decide OPEN | 1 of 9 fitted OPEN",
                "9 | 1 | 9 | false | 9 steps, 20 parts out DONE | 1 part to decide OPEN | ledger does not balance ATTENTION",
                "9 | 0 | 9 | true  | 9 steps, 20 parts out DONE | every part decided DONE | ledger balances DONE"
            })
    void saysHowFarStripDecideAndBuildAre(
            int steps,
            int undecided,
            int fitted,
            boolean balanced,
            String strip,
            String decide,
            String build) {
        var parts = new JobFacts.Parts(steps, 20, undecided, fitted, 0, 0, balanced, List.of());
        var route = Route.of(new JobFacts(SETTLED, parts, LOOKED_AT, SET, PROVED));

        assertThat(told(route, Station.STRIP)).isEqualTo(strip);
        assertThat(told(route, Station.DECIDE)).isEqualTo(decide);
        assertThat(told(route, Station.BUILD)).isEqualTo(build);
    }

    private static String told(Route route, Station station) {
        var stop = stop(route, station);
        return stop.says() + " " + stop.state();
    }

    @ParameterizedTest(name = "{0} meshes, {1} measured again, {2} and {3}: {4}; {5}")
    @CsvSource(
            delimiter = '|',
            value = {
                "2 | 0 | CLEAR_PASS | CLEAR_PASS | every must answered DONE | 2 meshes to measure again OPEN",
                "2 | 2 | CLEAR_PASS | CLEAR_PASS | every must answered DONE | backlash in limits DONE",
                "2 | 2 | DOUBTFUL | DOUBTFUL | a measurement is doubtful ATTENTION | backlash wants a look ATTENTION",
                "2 | 1 | CLEAR_FAIL | CLEAR_PASS | a measurement fails ATTENTION | 1 mesh to measure again OPEN",
                "0 | 0 | CLEAR_PASS | CLEAR_PASS | every must answered DONE | no mesh on the papers DONE",
                "0 | 0 | CLEAR_FAIL | CLEAR_FAIL | a measurement fails ATTENTION | backlash wants a look ATTENTION"
            })
    void saysHowFarInspectAndSetAre(
            int meshes,
            int after,
            Verdict worstBefore,
            Verdict worstAfter,
            String inspect,
            String set) {
        var measured = new JobFacts.Meshes(meshes, worstBefore, after, worstAfter, false);
        var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, measured, PROVED));

        assertThat(told(route, Station.INSPECT)).isEqualTo(inspect);
        assertThat(told(route, Station.SET)).isEqualTo(set);
    }

    /** Worn but usable is never told as a bare pass, at neither station. */
    @Test
    void saysThatSomethingIsWornButUsable() {
        for (boolean before : new boolean[] {false, true}) {
            for (boolean after : new boolean[] {false, true}) {
                var measured =
                        new JobFacts.Meshes(
                                2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_PASS, false, before, after);
                var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, measured, PROVED));
                assertThat(told(route, Station.INSPECT))
                        .isEqualTo(
                                before
                                        ? "every must answered, worn but usable DONE"
                                        : "every must answered DONE");
                assertThat(told(route, Station.SET))
                        .isEqualTo(after ? "worn but usable DONE" : "backlash in limits DONE");
            }
        }
    }

    @Test
    void saysHowFarReceiveFillAndProveAre() {
        var nothing = new JobFacts.Receive(false, false, false, Verdict.NOT_JUDGED);
        assertThat(
                        told(
                                Route.of(new JobFacts(nothing, BUILT, LOOKED_AT, SET, PROVED)),
                                Station.RECEIVE))
                .isEqualTo("missing: complaint, permission, isolation, turn count OPEN");
        assertThat(
                        told(
                                Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, PROVED)),
                                Station.RECEIVE))
                .isEqualTo("isolated, ratio confirmed DONE");
        var wrong = new JobFacts.Receive(true, true, true, Verdict.DOUBTFUL);
        assertThat(
                        told(
                                Route.of(new JobFacts(wrong, BUILT, LOOKED_AT, SET, PROVED)),
                                Station.RECEIVE))
                .isEqualTo("the turn count does not fit ATTENTION");

        var undescribed = new JobFacts.Proof(0, List.of(), List.of(), false);
        var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, undescribed));
        assertThat(told(route, Station.FILL)).isEqualTo("no lubricated place described yet OPEN");
        assertThat(told(route, Station.PROVE)).isEqualTo("1 point before signing OPEN");
        assertThat(route.next()).isEqualTo(Station.FILL);
        var toFill =
                new JobFacts.Proof(
                        2,
                        List.of("sump", "pawls"),
                        List.of(step("P-12", false, true, SigningPoint.Weight.LEAD)),
                        false);
        var hot = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, toFill));
        assertThat(told(hot, Station.FILL)).isEqualTo("to fill: sump, pawls OPEN");
        assertThat(told(hot, Station.PROVE)).isEqualTo("2 points before signing ATTENTION");
        var signed = new JobFacts.Proof(1, List.of(), List.of(), true);
        var done = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, signed));
        assertThat(told(done, Station.PROVE)).isEqualTo("signed DONE");
        assertThat(done.next()).isEqualTo(Station.PROVE);
        var doubt = new JobFacts.Meshes(2, Verdict.DOUBTFUL, 2, Verdict.CLEAR_PASS, false);
        assertThat(Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, doubt, signed)).next())
                .as("what wants a look comes after what is open")
                .isEqualTo(Station.INSPECT);
    }

    /** Common practice, no source: what a failure points at is opened again, and the same step is made again. */
    @Test
    void aStepThatFailedOpensItsStationAgain() {
        var failed = left(step("P-20", false, true, SigningPoint.Weight.NEVER));
        var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, failed));
        assertThat(told(route, Station.INSPECT)).isEqualTo("P-20 failed at Prove ATTENTION");
        assertThat(told(route, Station.SET)).isEqualTo("backlash in limits DONE");
        assertThat(told(route, Station.PROVE)).isEqualTo("1 point before signing ATTENTION");
        assertThat(route.againstSigning())
                .containsExactly(
                        new SigningPoint(
                                "P-20",
                                "P-20, turns free: no tick: 3 mm: clear fail, at most 1 mm (Prove).",
                                SigningPoint.Weight.NEVER));
    }

    @Test
    void openStepsAreToldTogetherByStationAndByWhoMaySign() {
        var open =
                left(
                        step("S-01", true, false, SigningPoint.Weight.NEVER),
                        step("S-06", true, false, SigningPoint.Weight.LEAD),
                        step("P-02", true, false, SigningPoint.Weight.NEVER),
                        step("P-10", true, false, SigningPoint.Weight.NEVER),
                        step("P-39", false, false, SigningPoint.Weight.LEAD));
        var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, open));
        assertThat(told(route, Station.SET)).isEqualTo("2 steps to set OPEN");
        assertThat(route.againstSigning())
                .extracting(SigningPoint::id, SigningPoint::weight, SigningPoint::says)
                .containsExactly(
                        tuple(
                                "set-open-never",
                                SigningPoint.Weight.NEVER,
                                "Not set: S-01 turns free (Set)."),
                        tuple(
                                "prove-open-never",
                                SigningPoint.Weight.NEVER,
                                "Not proved: P-02 turns free; P-10 turns free (Prove)."),
                        tuple(
                                "set-open-lead",
                                SigningPoint.Weight.LEAD,
                                "Not set: S-06 turns free (Set)."),
                        tuple(
                                "P-39",
                                SigningPoint.Weight.LEAD,
                                "P-39, turns free: no tick: open (Prove)."));
        var wrong = left(step("S-11", false, true, SigningPoint.Weight.NEVER));
        assertThat(told(Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, wrong)), Station.SET))
                .isEqualTo("a setting is not as it should be ATTENTION");
        var noMesh = new JobFacts.Meshes(0, Verdict.CLEAR_PASS, 0, Verdict.CLEAR_PASS, false);
        assertThat(
                        told(
                                Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, noMesh, open)),
                                Station.SET))
                .isEqualTo("2 steps to set OPEN");
    }

    @Test
    void isReadyToSignWhenNothingStandsAgainstIt() {
        var route = Route.of(new JobFacts(SETTLED, BUILT, LOOKED_AT, SET, PROVED));
        assertThat(route.againstSigning()).isEmpty();
        assertThat(stop(route, Station.PROVE).says()).isEqualTo("ready to sign");
        assertThat(route.next()).isEqualTo(Station.PROVE);
    }

    @Test
    void namesEverythingThatStandsAgainstSigning() {
        var open =
                new JobFacts(
                        SETTLED,
                        new JobFacts.Parts(9, 20, 2, 7, 3, 1, false, List.of()),
                        LOOKED_AT,
                        new JobFacts.Meshes(2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_FAIL, false),
                        new JobFacts.Proof(
                                1,
                                List.of("sump"),
                                List.of(step("P-12", false, true, SigningPoint.Weight.LEAD)),
                                false));
        assertThat(Route.of(open).againstSigning().stream().map(SigningPoint::says))
                .containsExactly(
                        "2 parts without a decision (Decide).",
                        "The ledger does not balance: 3 on the bench, 1 missing (Build).",
                        "A measurement after the rebuild is outside its limits (Set).",
                        "Not filled, and not left on purpose: sump (Fill).",
                        "P-12, turns free: no tick: 3 mm: clear fail, at most 1 mm (Prove).");
        assertThat(stop(Route.of(open), Station.PROVE).says()).isEqualTo("5 points before signing");
    }

    /** Inspect is done when every must is answered, whatever was measured. */
    @ParameterizedTest(name = "{0} musts, {1} min, {2} left: {3}")
    @CsvSource({
        "6, 24.5, 0, '6 musts open, about 25 min OPEN'",
        "1, 0.5,  2, '1 must open, about 1 min OPEN'",
        "0, 0,    1, '1 check not possible ATTENTION'",
        "0, 0,    2, '2 checks not possible ATTENTION'",
        "0, 0,    0, 'every must answered DONE'"
    })
    void inspectSpeaksFromThePlan(int musts, double minutes, int left, String says) {
        var checks = new JobFacts.Checks(musts, minutes, left);
        assertThat(
                        told(
                                Route.of(new JobFacts(SETTLED, BUILT, checks, SET, PROVED)),
                                Station.INSPECT))
                .isEqualTo(says);
    }

    @Test
    void aPartFoundDamagedWantsALookUntilANewOneTakesItsPlace() {
        var damaged = part("bearing (5)", true, true, Verdict.NOT_JUDGED, false, true);
        var seen = new JobFacts.Parts(1, 1, 1, 0, 1, 1, false, List.of(damaged));
        var found =
                stop(
                        Route.of(new JobFacts(SETTLED, seen, LOOKED_AT, SET, PROVED)),
                        Station.INSPECT);
        assertThat(found.state()).isEqualTo(Route.State.ATTENTION);
        assertThat(found.says()).isEqualTo("1 part found damaged");
        var renewed =
                new JobFacts.PartFact(
                        "bearing (5)",
                        false,
                        true,
                        List.of(),
                        List.of(),
                        true,
                        false,
                        Verdict.NOT_JUDGED,
                        false,
                        false);
        var settled = new JobFacts.Parts(1, 1, 0, 1, 0, 0, true, List.of(renewed));
        assertThat(
                        stop(
                                        Route.of(
                                                new JobFacts(
                                                        SETTLED, settled, LOOKED_AT, SET, PROVED)),
                                        Station.INSPECT)
                                .state())
                .as("a new one takes its place")
                .isEqualTo(Route.State.DONE);
        var nothing = new JobFacts.Parts(0, 0, 0, 0, 0, 0, true, List.of());
        assertThat(
                        told(
                                Route.of(new JobFacts(SETTLED, nothing, LOOKED_AT, SET, PROVED)),
                                Station.INSPECT))
                .isEqualTo("nothing taken off yet OPEN");
    }

    private static final JobFacts.PartFact UNSEEN =
            part("oil pump (3)", true, false, Verdict.NOT_JUDGED, false, false);

    static JobFacts.PartFact part(
            String name,
            boolean goesBack,
            boolean lookedAt,
            Verdict worst,
            boolean strict,
            boolean damaged) {
        return new JobFacts.PartFact(
                name,
                goesBack,
                false,
                lookedAt ? List.of() : List.of("whole (ANY-1)"),
                List.of(),
                damaged,
                false,
                worst,
                strict,
                false);
    }
}
