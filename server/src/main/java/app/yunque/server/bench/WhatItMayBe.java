package app.yunque.server.bench;

import app.yunque.diagnosis.CauseStated;
import app.yunque.diagnosis.Diagnosis;
import app.yunque.diagnosis.Evidence;
import app.yunque.diagnosis.EvidenceFound;
import app.yunque.diagnosis.EvidenceTable;
import app.yunque.server.finding.SeenService;
import app.yunque.server.finding.SeenView;
import app.yunque.server.job.CauseRequest;
import app.yunque.server.job.CauseService;
import app.yunque.server.job.JobHead;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What a job may be about, from its complaint, all that was found and what was answered by hand.
 *
 * @param planned  what is known of the unit and its parts
 * @param evidence signs and tests
 * @param given    what was answered and stated
 * @param table    what goes with what in this shop; asked only where it is weighed
 */
record WhatItMayBe(
        PlannedChecks planned,
        Evidence evidence,
        CauseRequest given,
        Supplier<EvidenceTable> table) {

    static WhatItMayBe of(
            JobHead head,
            PlannedChecks planned,
            List<SeenView> found,
            CauseRequest given,
            Supplier<EvidenceTable> table) {
        return new WhatItMayBe(
                planned,
                EvidenceFound.alsoSaid(
                        EvidenceFound.of(
                                head.complaint(),
                                planned.situation().circumstances(),
                                found.stream().map(SeenService::core).toList(),
                                planned.measured()),
                        known(given.answers())),
                given,
                table);
    }

    /** A sign or a test that somebody took out of the table since says nothing any more, and hides no job. */
    private static Map<String, Boolean> known(Map<String, Boolean> answers) {
        var table = EvidenceTable.shipped();
        var known = new TreeMap<>(answers);
        known.keySet()
                .removeIf(n -> !table.signs().containsKey(n) && !table.tests().containsKey(n));
        return known;
    }

    private Diagnosis diagnosis() {
        return Diagnosis.of(
                planned.situation().kindKnown() ? planned.situation().kinds() : List.of(),
                evidence,
                table.get());
    }

    /** What it was, in words; null while nobody said it. */
    @Nullable String stated() {
        return given.isStated()
                ? CauseService.stated(given, diagnosis()).map(CauseStated::sentence).orElse(null)
                : null;
    }

    /** @param here at how many signed jobs of this shop each cause was it */
    DiagnosisView view(Map<String, Long> here) {
        var diagnosis = diagnosis();
        return new DiagnosisView(
                diagnosis,
                EvidenceTable.shipped().signs().values().stream()
                        .map(
                                s ->
                                        new DiagnosisView.SignOption(
                                                s.id(),
                                                s.words(),
                                                evidence.present().contains(s.id())))
                        .toList(),
                given,
                CauseService.stated(given, diagnosis).orElse(null),
                here);
    }
}
