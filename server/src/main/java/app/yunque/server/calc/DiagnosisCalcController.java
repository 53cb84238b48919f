package app.yunque.server.calc;

import app.yunque.diagnosis.Diagnosis;
import app.yunque.diagnosis.Evidence;
import app.yunque.diagnosis.EvidenceTable;
import app.yunque.diagnosis.EvidenceTable.Cause;
import app.yunque.diagnosis.EvidenceTable.Test;
import app.yunque.inspection.UnitKind;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** From signs to causes and the next look, without a job. */
@RestController
@RequestMapping("/api/calc/diagnosis")
class DiagnosisCalcController {

    /**
     * @param kinds    kinds of unit; missing thinks of what any unit may have
     * @param present  signs that are there; missing means none
     * @param absent   signs that are not there; missing means none
     * @param positive tests that were positive; missing means none
     * @param negative tests that were negative; missing means none
     */
    record EvidenceInput(
            @Nullable Set<UnitKind> kinds,
            @Nullable Set<String> present,
            @Nullable Set<String> absent,
            @Nullable Set<String> positive,
            @Nullable Set<String> negative) {}

    /** A sign as it is said. */
    record SignLine(String id, String words) {}

    /**
     * @param signs  every sign
     * @param causes every cause with its weight and levels
     * @param tests  every test with its minutes and levels
     */
    record TableAnswer(List<SignLine> signs, List<CauseLine> causes, List<TestLine> tests) {}

    /** A cause as it stands in the table. */
    record CauseLine(
            String id,
            String words,
            double weight,
            Set<UnitKind> kinds,
            Map<String, Double> levels,
            String putRight) {
        static CauseLine of(Cause c) {
            return new CauseLine(
                    c.id(), c.words(), c.weight(), c.kinds(), c.levels(), c.putRight());
        }
    }

    /** A test as it stands in the table. */
    record TestLine(
            String id,
            String words,
            double minutes,
            Map<String, Double> levels,
            List<String> checks) {
        static TestLine of(Test t) {
            return new TestLine(t.id(), t.words(), t.minutes(), t.levels(), t.checks());
        }
    }

    /** Causes ranked, what speaks for and against them, and which look tells the most for its minutes. */
    @PostMapping("/causes")
    Diagnosis causes(@RequestBody EvidenceInput input) {
        return Diagnosis.of(
                Objects.requireNonNullElse(input.kinds, Set.of()),
                new Evidence(
                        Objects.requireNonNullElse(input.present, Set.of()),
                        Objects.requireNonNullElse(input.absent, Set.of()),
                        Objects.requireNonNullElse(input.positive, Set.of()),
                        Objects.requireNonNullElse(input.negative, Set.of())));
    }

    /** The table of evidence, every weight of it judgement. */
    @GetMapping("/table")
    TableAnswer table() {
        var table = EvidenceTable.shipped();
        return new TableAnswer(
                table.signs().values().stream().map(s -> new SignLine(s.id(), s.words())).toList(),
                table.causes().values().stream().map(CauseLine::of).toList(),
                table.tests().values().stream().map(TestLine::of).toList());
    }
}
