package app.yunque.route;

import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.measure.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;

class RouteTest {
    private static final JobFacts.Receive SETTLED =
            new JobFacts.Receive(true, true, true, Verdict.CLEAR_PASS);
    private static final JobFacts.Parts BUILT = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true);
    private static final JobFacts.Meshes SET =
            new JobFacts.Meshes(2, 2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_PASS);
    private static final JobFacts.Proof PROVED =
            new JobFacts.Proof(1, List.of(), true, true, Verdict.CLEAR_PASS, false);

    private static Route.Stop stop(Route route, Station station) {
        return route.stops().get(station.ordinal());
    }

    @Test
    void keepsStripShutUntilPermissionAndIsolation() {
        var none = new JobFacts.Parts(0, 0, 0, 0, 0, 0, true);
        var noPermission = new JobFacts.Receive(true, false, true, Verdict.NOT_JUDGED);
        var notIsolated = new JobFacts.Receive(true, true, false, Verdict.NOT_JUDGED);

        assertThat(stop(Route.of(new JobFacts(noPermission, none, SET, PROVED)), Station.STRIP))
                .isEqualTo(
                        new Route.Stop(
                                Station.STRIP, Route.State.SHUT, "shut: no permission to open"));
        var route = Route.of(new JobFacts(notIsolated, none, SET, PROVED));
        assertThat(stop(route, Station.STRIP).says()).isEqualTo("shut until it is isolated");
        assertThat(stop(route, Station.RECEIVE).says()).isEqualTo("missing: isolation, turn count");
    }

    @Test
    void shutsStripAgainWhenTheEnergyIsBackOnInTheMiddleOfIt() {
        var half = new JobFacts.Parts(4, 9, 4, 0, 9, 9, false);
        var energised = new JobFacts.Receive(true, true, false, Verdict.CLEAR_PASS);
        assertThat(
                        stop(Route.of(new JobFacts(energised, half, SET, PROVED)), Station.STRIP)
                                .state())
                .isEqualTo(Route.State.SHUT);
    }

    /** Papers that describe no gears ask for no turn count, and are no sign that anything was inspected or set. */
    @Test
    void ticksNothingOffThatNobodyDid() {
        var noMesh = new JobFacts.Meshes(0, 0, Verdict.CLEAR_PASS, 0, Verdict.CLEAR_PASS);
        var arrived = new JobFacts.Receive(true, true, true, Verdict.NOT_JUDGED);
        var stripped = new JobFacts.Parts(9, 20, 9, 0, 20, 20, false);

        var early = Route.of(new JobFacts(arrived, stripped, noMesh, PROVED));
        assertThat(stop(early, Station.RECEIVE).state()).isEqualTo(Route.State.DONE);
        assertThat(stop(early, Station.INSPECT).state()).isEqualTo(Route.State.OPEN);
        assertThat(stop(early, Station.SET).state()).isEqualTo(Route.State.OPEN);
        var built = Route.of(new JobFacts(arrived, BUILT, noMesh, PROVED));
        assertThat(stop(built, Station.INSPECT).state()).isEqualTo(Route.State.DONE);
        assertThat(stop(built, Station.SET).state()).isEqualTo(Route.State.DONE);
        assertThat(built.againstSigning()).isEmpty();
    }

    @Test
    void isReadyToSignWhenNothingStandsAgainstIt() {
        var route = Route.of(new JobFacts(SETTLED, BUILT, SET, PROVED));
        assertThat(route.againstSigning()).isEmpty();
        assertThat(stop(route, Station.PROVE).says()).isEqualTo("ready to sign");
        assertThat(route.next()).isEqualTo(Station.PROVE);
    }

    @Test
    void namesEverythingThatStandsAgainstSigning() {
        var open =
                new JobFacts(
                        SETTLED,
                        new JobFacts.Parts(9, 20, 2, 7, 3, 1, false),
                        new JobFacts.Meshes(2, 2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_FAIL),
                        new JobFacts.Proof(
                                1, List.of("sump"), false, false, Verdict.CLEAR_FAIL, false));
        assertThat(Route.of(open).againstSigning())
                .containsExactly(
                        "2 parts without a decision (Decide).",
                        "The ledger does not balance: 3 on the bench, 1 missing (Build).",
                        "Backlash after the rebuild is outside its limits (Set).",
                        "Not filled, and not left on purpose: sump (Fill).",
                        "Free rotation by hand is not confirmed (Prove).",
                        "It is not confirmed tight (Prove).",
                        "The temperature after the run is too high (Prove).");
    }
}
