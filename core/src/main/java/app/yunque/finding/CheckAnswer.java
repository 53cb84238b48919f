package app.yunque.finding;

import app.yunque.measure.Verdict;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was said about one check.
 *
 * @param state   where it stands
 * @param says    the answer in words; empty while it is open
 * @param verdict what it means: of a word seen its weight, of a measurement its verdict; NOT_JUDGED where nothing was looked at
 */
public record CheckAnswer(CheckState state, String says, Verdict verdict) {
    public static final CheckAnswer OPEN = new CheckAnswer(CheckState.OPEN, "", Verdict.NOT_JUDGED);

    public CheckAnswer {
        Objects.requireNonNull(state);
    }

    public static CheckAnswer seen(StandingFinding finding) {
        var verdict =
                switch (finding.severity()) {
                    case SOUND, NOTED -> Verdict.CLEAR_PASS;
                    case DRESS, MEASURE, WASH -> Verdict.DOUBTFUL;
                    case CONDEMNED -> Verdict.CLEAR_FAIL;
                };
        return new CheckAnswer(CheckState.SEEN, finding.word(), verdict);
    }

    public static CheckAnswer measured(Measured measured) {
        return new CheckAnswer(CheckState.MEASURED, measured.sentence(), measured.verdict());
    }

    /** What was measured and lost its value since. */
    public static Optional<CheckAnswer> stale(Check check, List<Measured> measured) {
        return measured.stream()
                .filter(m -> m.isStale() && m.check().equals(check.id()))
                .reduce((first, second) -> second)
                .map(m -> new CheckAnswer(CheckState.STALE, m.sentence(), Verdict.NOT_JUDGED));
    }

    public static CheckAnswer left(LeftOpen left) {
        var says =
                left.why().words() + (left.remark().isBlank() ? "" : ": " + left.remark().strip());
        return new CheckAnswer(left.state(), says, Verdict.NOT_JUDGED);
    }

    /**
     * What was said about a check, of all that stands on record. What was looked at or measured outweighs a word that it is left; of an eye
     * and the last measurement the worse is told.
     */
    public static Optional<CheckAnswer> of(
            Check check,
            List<StandingFinding> standing,
            List<Measured> measured,
            List<LeftOpen> left) {
        var seen =
                standing.stream().filter(s -> s.check().equals(check.id())).map(CheckAnswer::seen);
        var taken =
                measured.stream()
                        .filter(m -> m.isJudged() && m.check().equals(check.id()))
                        .reduce((first, second) -> second)
                        .map(CheckAnswer::measured);
        return Stream.concat(seen, taken.stream())
                .reduce((a, b) -> a.verdict().worse(b.verdict()) == a.verdict() ? a : b)
                .or(
                        () ->
                                left.stream()
                                        .filter(l -> l.check().equals(check.id()))
                                        .reduce((first, second) -> second)
                                        .map(CheckAnswer::left));
    }
}
