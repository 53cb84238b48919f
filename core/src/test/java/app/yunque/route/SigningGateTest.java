package app.yunque.route;

import static app.yunque.route.RouteTest.BUILT;
import static app.yunque.route.RouteTest.LOOKED_AT;
import static app.yunque.route.RouteTest.PROVED;
import static app.yunque.route.RouteTest.SET;
import static app.yunque.route.RouteTest.SETTLED;
import static app.yunque.route.RouteTest.left;
import static app.yunque.route.RouteTest.part;
import static app.yunque.route.RouteTest.step;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.yunque.measure.Verdict;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: what stands against a signature, by name and by who may sign in spite of it. */
class SigningGateTest {
    @Test
    void sevenOpenStepsAreSixNamedAndOneMore() {
        var seven =
                IntStream.rangeClosed(1, 7)
                        .mapToObj(i -> step("P-0" + i, true, false, SigningPoint.Weight.LEAD))
                        .toArray(JobFacts.StepFact[]::new);
        assertThat(against(List.of(), SET, left(seven)).get(0).says())
                .contains("P-06 turns free; and 1 more (Prove)")
                .doesNotContain("P-07");
        var six = java.util.Arrays.copyOf(seven, 6);
        assertThat(against(List.of(), SET, left(six)).get(0).says())
                .endsWith("P-06 turns free (Prove).");
    }

    @Test
    void aMeshThatWasNotMeasuredAgainIsNamed() {
        var half = new JobFacts.Meshes(2, Verdict.CLEAR_PASS, 1, Verdict.CLEAR_PASS, false);
        assertThat(against(List.of(), half, PROVED))
                .extracting(SigningPoint::id)
                .containsExactly("mesh-not-measured");
        var six = notLookedAt(6);
        assertThat(against(six, SET, PROVED).get(0).says())
                .contains("part (6): whole (ANY-1) (Inspect)");
    }

    // Common practice, no source: what nobody signs is what holds, stops, binds or is condemned.
    @ParameterizedTest(name = "{0}: {5}")
    @CsvSource({
        "strict-not-looked-at, false, NOT_JUDGED, true,  false, NEVER",
        "strict-not-fit,       true,  DOUBTFUL,   true,  false, NEVER",
        "strict-not-fit,       true,  CLEAR_FAIL, true,  false, NEVER",
        "not-looked-at,        false, NOT_JUDGED, false, false, LEAD",
        "doubtful,             true,  DOUBTFUL,   false, false, LEAD",
        "beyond,               true,  CLEAR_FAIL, false, false, LEAD"
    })
    void whatGoesBackIsAskedFor(
            String id,
            boolean lookedAt,
            Verdict worst,
            boolean strict,
            boolean damaged,
            SigningPoint.Weight weight) {
        var back = part("pawl (7)", true, lookedAt, worst, strict, damaged);
        var renewed = part("pawl (7)", false, lookedAt, worst, strict, damaged);

        assertThat(against(List.of(back), SET, PROVED))
                .singleElement()
                .satisfies(
                        p -> {
                            assertThat(p.id()).isEqualTo(id);
                            assertThat(p.weight()).isEqualTo(weight);
                            assertThat(p.says()).contains("pawl (7)");
                        });
        assertThat(against(List.of(renewed), SET, PROVED))
                .as("what is renewed harms nobody")
                .isEmpty();
    }

    @Test
    void whatIsCondemnedAndWhatHoldsOnceOnlyNobodySigns() {
        var cracked =
                new JobFacts.PartFact(
                        "gear (2)",
                        true,
                        false,
                        List.of(),
                        List.of(),
                        true,
                        true,
                        Verdict.CLEAR_PASS,
                        false,
                        false);
        var lock =
                new JobFacts.PartFact(
                        "tab washer (4)",
                        true,
                        false,
                        List.of(),
                        List.of(),
                        false,
                        false,
                        Verdict.NOT_JUDGED,
                        false,
                        true);

        assertThat(against(List.of(cracked, lock), SET, PROVED))
                .extracting(SigningPoint::id, SigningPoint::weight)
                .containsExactly(
                        tuple("condemned", SigningPoint.Weight.NEVER),
                        tuple("lock-used-again", SigningPoint.Weight.NEVER));
    }

    // Judgement, no source: every combination of open, left and measured badly on a part that goes
    // back.
    @ParameterizedTest(name = "open {0}, left {1}, {2}, strict {3}: second person {4}")
    @CsvSource({
        "false, false, CLEAR_FAIL, false, false", "true, false, CLEAR_PASS, false, false",
        "false, true, CLEAR_PASS, false, false", "true, true, CLEAR_PASS, false, true",
        "true, false, CLEAR_FAIL, false, true", "true, false, DOUBTFUL, false, true",
        "false, true, CLEAR_FAIL, false, true", "false, true, DOUBTFUL, false, true",
        "true, true, DOUBTFUL, false, true", "true, true, CLEAR_FAIL, true, false",
        "true, true, NOT_JUDGED, false, true", "false, false, DOUBTFUL, false, false"
    })
    void twoThingsTakenOnOnePartWantASecondPerson(
            boolean open, boolean left, Verdict worst, boolean strict, boolean second) {
        var part =
                new JobFacts.PartFact(
                        "idler (3)",
                        true,
                        false,
                        open ? List.of("whole (ANY-1)") : List.of(),
                        left ? List.of("hardness (GER-9)") : List.of(),
                        false,
                        false,
                        worst,
                        strict,
                        false);
        assertThat(against(List.of(part), SET, PROVED))
                .filteredOn(p -> p.id().equals("second-person"))
                .hasSize(second ? 1 : 0)
                .allSatisfy(
                        p -> {
                            assertThat(p.weight()).isEqualTo(SigningPoint.Weight.LEAD);
                            assertThat(p.says()).contains("idler (3)");
                        });
    }

    /** What leaves in pieces, as it was taken apart, a lead may close; what was put together has to be whole. */
    @ParameterizedTest(name = "{0} steps fitted: {1}")
    @CsvSource({"0, LEAD", "1, NEVER"})
    void aUnitPutTogetherHasToBeWhole(int fitted, SigningPoint.Weight weight) {
        var parts = new JobFacts.Parts(9, 20, 2, fitted, 3, 1, false, List.of());
        var proof =
                left(
                        step("P-02", true, false, SigningPoint.Weight.NEVER),
                        step("P-19", false, true, SigningPoint.Weight.NEVER));

        assertThat(Route.of(new JobFacts(SETTLED, parts, LOOKED_AT, SET, proof)).againstSigning())
                .extracting(SigningPoint::id, SigningPoint::weight)
                .containsExactly(
                        tuple("undecided", weight),
                        tuple("ledger", weight),
                        tuple("prove-open-never", weight),
                        tuple("P-19", weight));
    }

    /** What was undone beside parts is told by name, six of them, and a lead answers for it; put back it stands against nothing. */
    @Test
    void whatIsNotPutBackALeadAnswersFor() {
        var undone = List.of("a", "b", "c", "d", "e", "f", "g", "h");
        var parts = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true, List.of(), undone);
        assertThat(Route.of(new JobFacts(SETTLED, parts, LOOKED_AT, SET, PROVED)).againstSigning())
                .extracting(SigningPoint::id, SigningPoint::weight, SigningPoint::says)
                .containsExactly(
                        tuple(
                                "not-put-back",
                                SigningPoint.Weight.LEAD,
                                "Undone at Strip and not put back: a; b; c; d; e; f; and 2 more (Build)."));
        var six = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true, List.of(), undone.subList(0, 6));
        assertThat(
                        Route.of(new JobFacts(SETTLED, six, LOOKED_AT, SET, PROVED))
                                .againstSigning()
                                .get(0)
                                .says())
                .endsWith("e; f (Build).");
        var all = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true, List.of());
        assertThat(Route.of(new JobFacts(SETTLED, all, LOOKED_AT, SET, PROVED)).againstSigning())
                .isEmpty();
    }

    @Test
    void aMeshThatBindsNobodySignsAndADoubtfulOneTheLead() {
        var binding = new JobFacts.Meshes(2, Verdict.CLEAR_PASS, 2, Verdict.CLEAR_FAIL, true);
        assertThat(against(List.of(), binding, PROVED))
                .extracting(SigningPoint::id)
                .containsExactly("binds", "mesh-fails");
        var doubtful = new JobFacts.Meshes(2, Verdict.CLEAR_PASS, 2, Verdict.DOUBTFUL, false);
        assertThat(against(List.of(), doubtful, PROVED))
                .extracting(SigningPoint::id)
                .containsExactly("mesh-doubtful");
        var wrongCount = new JobFacts.Receive(true, true, true, Verdict.CLEAR_FAIL);
        assertThat(
                        Route.of(new JobFacts(wrongCount, BUILT, LOOKED_AT, SET, PROVED))
                                .againstSigning())
                .extracting(SigningPoint::id)
                .containsExactly("turn-count");
    }

    private static List<JobFacts.PartFact> notLookedAt(int count) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(
                        i ->
                                part(
                                        "part (" + i + ")",
                                        true,
                                        false,
                                        Verdict.NOT_JUDGED,
                                        false,
                                        false))
                .toList();
    }

    @Test
    void namesAFewPartsAndCountsTheRest() {
        var many = notLookedAt(8);
        assertThat(against(many, SET, PROVED).get(0).says())
                .contains("part (1): whole (ANY-1); ")
                .contains("part (6): whole (ANY-1); and 2 more")
                .doesNotContain("part (7)");
    }

    /** Three checks of a part are named, the others counted; what a lead answers for is told apart from what nobody looked at. */
    @Test
    void namesWhatWasNotLookedAtAndWhatWasLeft() {
        var shaft =
                new JobFacts.PartFact(
                        "shaft (2)",
                        true,
                        false,
                        List.of("a (JRN-1)", "b (JRN-2)", "c (JRN-3)", "d (SHF-4)"),
                        List.of("straight (SHF-1)"),
                        false,
                        false,
                        Verdict.NOT_JUDGED,
                        false,
                        false);
        assertThat(against(List.of(shaft), SET, PROVED))
                .containsExactly(
                        new SigningPoint(
                                "not-looked-at",
                                "Going back, and not looked at as it must be: shaft (2): a (JRN-1), b (JRN-2), c (JRN-3) and 1 more (Inspect).",
                                SigningPoint.Weight.LEAD),
                        new SigningPoint(
                                "left-open",
                                "Going back with a check that was not made: shaft (2): straight (SHF-1) (Inspect).",
                                SigningPoint.Weight.LEAD),
                        new SigningPoint(
                                "second-person",
                                "Two things are taken on one part, so a second person has to look at it and be named: shaft (2).",
                                SigningPoint.Weight.LEAD));
    }

    private static List<SigningPoint> against(
            List<JobFacts.PartFact> each, JobFacts.Meshes meshes, JobFacts.Proof proof) {
        var parts = new JobFacts.Parts(9, 20, 0, 9, 0, 0, true, each);
        return Route.of(new JobFacts(SETTLED, parts, LOOKED_AT, meshes, proof)).againstSigning();
    }
}
