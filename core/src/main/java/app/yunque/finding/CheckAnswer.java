package app.yunque.finding;

import app.yunque.measure.Verdict;
import java.util.Objects;

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

    public static CheckAnswer left(LeftOpen left) {
        var says =
                left.why().words() + (left.remark().isBlank() ? "" : ": " + left.remark().strip());
        return new CheckAnswer(left.state(), says, Verdict.NOT_JUDGED);
    }
}
