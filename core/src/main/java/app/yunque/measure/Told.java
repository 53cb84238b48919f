package app.yunque.measure;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a rule tells, in the form that screens, papers and other programs share: one verdict, one sentence, the figures with their keys, the
 * doubts, and how it came about. A result keeps its values in components of its own; this is the same for whoever reads it.
 *
 * @param verdict  the verdict; NOT_JUDGED where the rule works out and does not judge
 * @param zone     where a measured value lies between new and renewal; null where that is not known
 * @param reading  the value that was judged, with how well it is known; null where there is no single one
 * @param coarse   true where it is known too coarsely to overrule a feel
 * @param sentence the answer in words
 *
 * @param figures  the numbers
 * @param warnings doubts and cautions, hardest first
 * @param working  formulas and numbers
 */
public record Told(
        Verdict verdict,
        @Nullable Zone zone,
        @Nullable Reading reading,
        boolean coarse,
        String sentence,
        List<Figure> figures,
        List<String> warnings,
        Working working) {

    public Told {
        figures = List.copyOf(figures);
        warnings = List.copyOf(warnings);
    }

    public static Builder of(String source) {
        return new Builder(source);
    }

    /** Puts together what a rule tells. */
    public static final class Builder {
        private final String source;
        private final List<Figure> figures = new ArrayList<>();
        private final List<String> warnings = new ArrayList<>();
        private final List<Working.Line> lines = new ArrayList<>();
        private final List<String> schools = new ArrayList<>();
        private Verdict verdict = Verdict.NOT_JUDGED;
        private @Nullable Zone zone;
        private @Nullable Reading reading;
        private boolean coarse;

        private Builder(String source) {
            this.source = source;
        }

        public Builder verdict(Verdict value) {
            verdict = value;
            return this;
        }

        /**
         * The judgement of what was measured.
         *
         * @param of what was judged, in the unit of the edges
         */
        public Builder judged(Zoned value, Reading of) {
            verdict = value.verdict();
            zone = value.counts();
            coarse = value.coarse();
            reading = of;
            return this;
        }

        public Builder figure(String key, String label, double value, String unit, int decimals) {
            figures.add(new Figure(key, label, value, unit, decimals, null));
            return this;
        }

        public Builder mm(String key, String label, double value) {
            return figure(key, label, value, "mm", 3);
        }

        public Builder words(String key, String label, String words) {
            figures.add(new Figure(key, label, null, "", 0, words));
            return this;
        }

        public Builder warn(String sentence) {
            warnings.add(sentence);
            return this;
        }

        public Builder warnIf(boolean so, String sentence) {
            return so ? warn(sentence) : this;
        }

        /** A formula in the source's symbols, and the same with its numbers put in. */
        public Builder line(String formula, String numbers, Object... values) {
            lines.add(Working.line(formula, numbers.formatted(values)));
            return this;
        }

        /** What others would do, and when they are right. */
        public Builder school(String sentence) {
            schools.add(sentence);
            return this;
        }

        public Told saying(String sentence) {
            return new Told(
                    verdict,
                    zone,
                    reading,
                    coarse,
                    sentence,
                    figures,
                    warnings,
                    new Working(lines, source, schools));
        }
    }
}
