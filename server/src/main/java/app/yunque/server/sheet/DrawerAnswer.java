package app.yunque.server.sheet;

import app.yunque.backlash.BacklashMap;
import app.yunque.backlash.BacklashPlaces;
import app.yunque.backlash.BacklashSchools;
import app.yunque.backlash.BacklashVerdict;
import app.yunque.identify.GearIdentity;
import app.yunque.measure.Reading;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;
import app.yunque.measure.Working;
import app.yunque.measure.Zone;
import app.yunque.mesh.GearDrawing;
import app.yunque.mesh.MeshPicture;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What a drawer answers.
 *
 * @param verdict  the verdict; NOT_JUDGED where there is no limit
 * @param zone     where a measured value lies between new and renewal; missing where it is not known
 * @param renewNow true when it will be past its limit before the unit is opened again
 * @param reading  the value that decides, with how well it is known; missing where there is no single one
 * @param coarse   true where the tool is too coarse for its answer to overrule a feel
 * @param sentence the answer in words
 *
 * @param figures  the numbers
 * @param warnings doubts about what was entered
 * @param workings formulas and numbers
 * @param bar      the value on a scale with its limits; missing where there is none
 * @param tables   tables of words, such as ranked gear trains or what a school says
 * @param shelf    what the shelf offers for a place; missing elsewhere
 * @param map      backlash round a turn; missing elsewhere
 * @param mesh     the true picture of a mesh; missing elsewhere
 * @param schools  what each school says; missing elsewhere
 * @param identity ranked answers for an unknown gear; missing elsewhere
 * @param chart    an oil on the viscosity chart; missing elsewhere
 * @param sump     the section of a sump with its oil; missing elsewhere
 * @param gear     a gear to draw at true scale; missing elsewhere
 * @param why      what the answer rests on, where that is an answer of its own, as the choice of an oil beside its
 *                 quantity; missing elsewhere
 */
public record DrawerAnswer(
        Verdict verdict,
        @Nullable Zone zone,
        boolean renewNow,
        @Nullable Reading reading,
        boolean coarse,
        String sentence,
        List<ShownFigure> figures,
        List<String> warnings,
        List<Working> workings,
        @Nullable Bar bar,
        List<Table> tables,
        @Nullable OnTheShelf shelf,
        @Nullable BacklashMap map,
        @Nullable MeshPicture mesh,
        @Nullable BacklashSchools schools,
        @Nullable GearIdentity identity,
        @Nullable ViscosityChart chart,
        @Nullable SumpPicture sump,
        @Nullable GearDrawing gear,
        @Nullable Part why) {

    /** What an answer rests on: its own numbers, tables, chart and working under a title of its own. */
    public record Part(
            String title,
            List<ShownFigure> figures,
            List<Table> tables,
            @Nullable ViscosityChart chart,
            List<Working> workings) {}

    /**
     * One number.
     *
     * @param key      the same for ever, so that a program never reads the label; "toothGone"
     * @param label    what it is
     * @param value    the number; missing when it is told in words
     * @param unit     its unit
     * @param decimals how many decimals are worth showing
     * @param words    told in words instead; missing for a number
     */
    public record ShownFigure(
            String key,
            String label,
            @Nullable Double value,
            String unit,
            int decimals,
            @Nullable String words) {
        /** Answers that were sealed before figures had keys hold none: a key is made of the label as it is here. */
        public ShownFigure {
            key = key == null ? keyOf(label) : key;
        }

        /** "uncertainty of the wear (95 %)" is "uncertaintyOfTheWear95". */
        static String keyOf(String label) {
            var words =
                    Normalizer.normalize(label, Normalizer.Form.NFKD)
                            .replaceAll("[^A-Za-z0-9]+", " ")
                            .strip()
                            .split(" ");
            var key = new StringBuilder(words[0].toLowerCase(Locale.ROOT));
            for (int i = 1; i < words.length; i++) {
                key.append(words[i].substring(0, 1).toUpperCase(Locale.ROOT))
                        .append(words[i].substring(1));
            }
            return key.isEmpty() ? "figure" : key.toString();
        }
    }

    /**
     * A value on a scale.
     *
     * @param value       the value
     * @param uncertainty expanded uncertainty
     * @param from        smallest of the readings
     * @param to          largest of the readings
     * @param least       start of the good band
     * @param mostNew     end of the good band
     * @param renew       limit
     * @param unit        unit of all
     */
    public record Bar(
            double value,
            double uncertainty,
            double from,
            double to,
            double least,
            double mostNew,
            double renew,
            String unit) {}

    /** A small table of words; its title may be empty. */
    public record Table(String title, List<String> heads, List<List<String>> rows) {}

    /** The same without the picture of the mesh, which is drawn anew when it is opened. */
    public DrawerAnswer withoutMesh() {
        return new DrawerAnswer(
                verdict, zone, renewNow, reading, coarse, sentence, figures, warnings, workings,
                bar, tables, shelf, map, null, schools, identity, chart, sump, gear, why);
    }

    /** What a public rule of the core tells. */
    public static DrawerAnswer of(Told told, List<String> ofTheInstrument) {
        var answer =
                saying(told.sentence())
                        .verdict(told.verdict())
                        .zone(told.zone())
                        .reading(told.reading())
                        .coarse(told.coarse())
                        .warn(told.warnings())
                        .warn(ofTheInstrument)
                        .working(told.working());
        told.figures()
                .forEach(
                        f -> {
                            if (f.words() == null && f.value() != null) {
                                answer.keyed(
                                        new ShownFigure(
                                                f.key(),
                                                f.label(),
                                                f.value(),
                                                f.unit(),
                                                f.decimals(),
                                                null));
                            } else if (f.words() != null) {
                                answer.keyed(
                                        new ShownFigure(
                                                f.key(), f.label(), null, "", 0, f.words()));
                            }
                        });
        return answer.build();
    }

    public static Builder saying(String sentence) {
        return new Builder(sentence);
    }

    /** Puts an answer together. */
    public static final class Builder {
        private final String sentence;
        private Verdict verdict = Verdict.orNotJudged(null);
        private @Nullable Zone zone;
        private boolean renewNow;
        private @Nullable Reading reading;
        private boolean coarse;
        private final List<ShownFigure> figures = new ArrayList<>();
        private final List<String> warnings = new ArrayList<>();
        private final List<Working> workings = new ArrayList<>();
        private @Nullable Bar bar;
        private final List<Table> tables = new ArrayList<>();
        private @Nullable OnTheShelf shelf;
        private @Nullable BacklashMap map;
        private @Nullable MeshPicture mesh;
        private @Nullable BacklashSchools schools;
        private @Nullable GearIdentity identity;
        private @Nullable ViscosityChart chart;
        private @Nullable SumpPicture sump;
        private @Nullable GearDrawing gear;
        private @Nullable Part why;

        private Builder(String sentence) {
            this.sentence = sentence;
        }

        public Builder verdict(Verdict value) {
            verdict = value;
            return this;
        }

        public Builder zone(@Nullable Zone value) {
            zone = value;
            return this;
        }

        public Builder renewNow(boolean value) {
            renewNow = value;
            return this;
        }

        /** The judgement of a mesh, with the value on its scale. */
        public Builder judged(
                BacklashVerdict judged, BacklashPlaces places, BacklashVerdict.Limits limits) {
            verdict = judged.verdict();
            zone = judged.zone();
            var edges = limits.edges();
            if (edges.least() != null && edges.mostNew() != null && edges.renew() != null) {
                boolean byMean = limits.wearBy() == BacklashVerdict.WearBy.MEAN;
                bar =
                        new Bar(
                                byMean ? places.meanMm() : places.largestMm(),
                                byMean ? places.uncertaintyOfMeanMm() : places.uncertaintyOfOneMm(),
                                places.smallestMm(),
                                places.largestMm(),
                                edges.least(),
                                edges.mostNew(),
                                edges.renew(),
                                "mm");
            }
            return this;
        }

        /** A key that stands there already is told apart by its place. */
        Builder keyed(ShownFigure figure) {
            long same =
                    figures.stream()
                            .filter(f -> f.key().replaceAll("_\\d+$", "").equals(figure.key()))
                            .count();
            figures.add(
                    same == 0
                            ? figure
                            : new ShownFigure(
                                    figure.key() + "_" + (same + 1),
                                    figure.label(),
                                    figure.value(),
                                    figure.unit(),
                                    figure.decimals(),
                                    figure.words()));
            return this;
        }

        public Builder mm(String label, double value) {
            return figure(label, value, "mm", 3);
        }

        public Builder figure(String label, double value, String unit, int decimals) {
            return keyed(
                    new ShownFigure(ShownFigure.keyOf(label), label, value, unit, decimals, null));
        }

        public Builder words(String label, String words) {
            return keyed(new ShownFigure(ShownFigure.keyOf(label), label, null, "", 0, words));
        }

        public Builder warn(List<String> more) {
            warnings.addAll(more);
            return this;
        }

        public Builder working(Working working) {
            workings.add(working);
            return this;
        }

        /** The value that decides, where no bar shows it. */
        public Builder reading(@Nullable Reading value) {
            reading = value;
            return this;
        }

        public Builder coarse(boolean value) {
            coarse = value;
            return this;
        }

        public Builder bar(Bar value) {
            bar = value;
            reading = new Reading(value.value(), value.uncertainty(), value.unit());
            return this;
        }

        public Builder table(List<String> heads, List<List<String>> rows) {
            return table(new Table("", heads, rows));
        }

        public Builder table(Table value) {
            if (!value.rows().isEmpty()) {
                tables.add(value);
            }
            return this;
        }

        public Builder shelf(OnTheShelf value) {
            shelf = value;
            return this;
        }

        public Builder map(BacklashMap value) {
            map = value;
            return this;
        }

        public Builder mesh(MeshPicture value) {
            mesh = value;
            return this;
        }

        public Builder schools(BacklashSchools value) {
            schools = value;
            return this;
        }

        public Builder identity(GearIdentity value) {
            identity = value;
            return this;
        }

        public Builder chart(ViscosityChart value) {
            chart = value;
            return this;
        }

        public Builder sump(SumpPicture value) {
            sump = value;
            return this;
        }

        public Builder gear(GearDrawing value) {
            gear = value;
            return this;
        }

        /** What was gathered so far in another builder stands beside this answer as what it rests on. */
        public Builder why(String title, Builder part) {
            why =
                    new Part(
                            title,
                            List.copyOf(part.figures),
                            List.copyOf(part.tables),
                            part.chart,
                            List.copyOf(part.workings));
            return this;
        }

        public DrawerAnswer build() {
            return new DrawerAnswer(
                    verdict,
                    zone,
                    renewNow,
                    reading,
                    coarse,
                    sentence,
                    List.copyOf(figures),
                    List.copyOf(warnings),
                    List.copyOf(workings),
                    bar,
                    List.copyOf(tables),
                    shelf,
                    map,
                    mesh,
                    schools,
                    identity,
                    chart,
                    sump,
                    gear,
                    why);
        }
    }
}
