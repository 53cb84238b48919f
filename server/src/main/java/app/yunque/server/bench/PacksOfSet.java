package app.yunque.server.bench;

import app.yunque.route.Station;
import app.yunque.server.drawer.KeptAnswerView;
import app.yunque.server.sheet.DrawerAnswer.ShownFigure;
import app.yunque.teardown.TeardownStep;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** How many pieces the packs have that were worked out at Set, for the ledger and the Build card; the last word for a part stands. */
final class PacksOfSet {
    private static final String DRAWER = "shim-pack";
    private static final String PIECES = "pieces";

    private PacksOfSet() {}

    /**
     * @param answers kept answers of the job
     * @param strip   its parts; an answer that names no part is for the one it is called after, where only one is called so
     * @return pieces by the step they are for; nothing where no pack was found, or its instrument is in doubt since
     */
    static Map<String, Integer> of(List<KeptAnswerView> answers, List<TeardownStep> strip) {
        var packs = new HashMap<String, Integer>();
        answers.stream()
                .filter(a -> a.given().station() == Station.SET)
                .filter(a -> a.given().drawer().equals(DRAWER))
                .sorted(Comparator.comparing(KeptAnswerView::keptAt))
                .forEach(a -> step(a, strip).ifPresent(step -> packs.put(step, pieces(a))));
        packs.values().removeIf(pieces -> pieces < 0);
        return packs;
    }

    private static Optional<String> step(KeptAnswerView answer, List<TeardownStep> strip) {
        var about = answer.given().about();
        if (about != null) {
            return Optional.ofNullable(about.stepId()).map(UUID::toString);
        }
        var called =
                strip.stream()
                        .filter(s -> s.part().equalsIgnoreCase(answer.given().subject().strip()))
                        .map(TeardownStep::id)
                        .toList();
        return called.size() == 1 ? Optional.of(called.get(0)) : Optional.empty();
    }

    private static int pieces(KeptAnswerView answer) {
        return answer.answer().figures().stream()
                .filter(f -> answer.lost() == null && f.key().equals(PIECES))
                .map(ShownFigure::value)
                .filter(value -> value != null)
                .findFirst()
                .map(Double::intValue)
                .orElse(-1);
    }
}
