package app.yunque.parts;

import app.yunque.measure.Refused;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Whether a part to buy is another than the maker's, by the bill of parts or because somebody said how well it is known, and whether it may
 * go in. Until somebody says so it may not. Source: common practice, no source.
 *
 * @param isOne  false for the maker's number, and where no bill tells and nobody said anything
 * @param mayFit false where nobody said how well it is known, or that is too little for what the part does
 * @param says   why; empty where it is none
 */
public record Alternate(boolean isOne, boolean mayFit, String says) {
    private static final Alternate NONE = new Alternate(false, true, "");

    /**
     * What is meant to be bought.
     *
     * @param name   what the part is called
     * @param number its number
     * @param holds  what it holds where it is a kit; empty for a single part, and while nobody knows
     */
    public record Meant(String name, String number, List<PartItem> holds) {
        public Meant {
            holds = List.copyOf(holds);
        }
    }

    /**
     * @param meant        what is meant to be bought
     * @param bill         bill of parts of the machine
     * @param replacements numbers that took the place of others
     * @param serial       serial number of the machine
     * @param known        how well it is known; null while nobody said so
     * @param duty         what the part does
     */
    public static Alternate of(
            Meant meant,
            BillOfParts bill,
            List<Supersession.Replacement> replacements,
            Optional<String> serial,
            AlternateGrade.@Nullable Grade known,
            AlternateGrade.Duty duty) {
        var makers =
                meant.holds.isEmpty()
                        ? bill.isMakers(meant.name, meant.number, replacements, serial)
                        : Optional.of(holdsMakers(meant, bill, replacements, serial));
        if (makers.orElse(known == null)) {
            return NONE;
        }
        if (known == null) {
            return new Alternate(
                    true,
                    false,
                    "%s is not the maker’s number for the %s. Say how well it is known, or take the maker’s."
                            .formatted(meant.number, meant.name));
        }
        var judged = AlternateGrade.judged(known, duty);
        return new Alternate(true, judged.allowed(), judged.sentence());
    }

    /** A kit is the maker's by what is in it: its own number stands on no line. */
    private static boolean holdsMakers(
            Meant meant,
            BillOfParts bill,
            List<Supersession.Replacement> replacements,
            Optional<String> serial) {
        return bill.lines().isEmpty()
                || meant.holds.stream()
                        .anyMatch(
                                held ->
                                        bill.lines().stream()
                                                .anyMatch(
                                                        line ->
                                                                BillOfParts.isMakers(
                                                                                line,
                                                                                held.number(),
                                                                                replacements,
                                                                                serial)
                                                                        .orElse(false)));
    }

    /** @throws Refused where it may not go in */
    public void refuseUnknown() {
        if (!mayFit) {
            throw Refused.because("known", says);
        }
    }
}
