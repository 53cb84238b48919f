package app.yunque.finding;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The proposals for all parts of a strip together: each from what is on record about it, then what a renewal pulls with it. */
public final class Proposals {
    private Proposals() {}

    /**
     * @param parts what is on record about each part
     * @param made  what was decided already, by id of the step
     * @return by id of the step
     */
    public static Map<String, DispositionProposal> of(
            List<PartRecord> parts, Map<String, Disposition> made) {
        Map<String, DispositionProposal> each =
                parts.stream()
                        .collect(Collectors.toMap(p -> p.step().id(), DispositionProposal::of));
        var sets = RenewalSets.of(parts, renewed(each, made));
        return parts.stream()
                .map(p -> p.step().id())
                .collect(
                        Collectors.toMap(
                                Function.identity(), id -> withSet(each.get(id), sets.get(id))));
    }

    /** What is decided to be renewed, and what is proposed so and not decided otherwise. */
    private static Set<String> renewed(
            Map<String, DispositionProposal> each, Map<String, Disposition> made) {
        var renewed = new TreeSet<String>();
        each.forEach(
                (id, proposal) -> {
                    var decided = made.getOrDefault(id, proposal.disposition());
                    if (decided == Disposition.RENEW) {
                        renewed.add(id);
                    }
                });
        return renewed;
    }

    private static DispositionProposal withSet(
            DispositionProposal alone, RenewalSets.@Nullable Advice set) {
        if (set == null || alone.disposition() == Disposition.RENEW) {
            return alone;
        }
        if (set.pull() == RenewalSets.Pull.RENEW_TOO) {
            return new DispositionProposal(
                    Disposition.RENEW,
                    "Renewed as a set with %s: %s".formatted(set.because(), set.why()),
                    false);
        }
        return new DispositionProposal(
                alone.disposition(),
                "%s Look again (%s), %s is renewed: %s"
                        .formatted(alone.reason(), set.check(), set.because(), set.why()),
                alone.watch());
    }
}
