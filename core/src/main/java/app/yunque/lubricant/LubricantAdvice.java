package app.yunque.lubricant;

import static app.yunque.measure.Working.line;

import app.yunque.lubricant.grade.GearOilDuty;
import app.yunque.lubricant.grade.GradeSchool;
import app.yunque.lubricant.grade.OilGrade;
import app.yunque.lubricant.grade.WormOil;
import app.yunque.lubricant.place.Lubricant;
import app.yunque.lubricant.place.LubricatedPlace.Thing;
import app.yunque.lubricant.place.PlaceSort;
import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a place wants where neither plate nor good experience says: oil of a grade, grease of a consistency, or nothing. Order of
 * precedence, always shown: plate, the shop's own good experience on this machine, the table for this sort of place, the schools.
 *
 * @param sort     the place
 * @param form     oil, grease, the plate's own, or dry
 * @param grade    the grade proposed; empty for grease and dry places
 * @param thinnest thinnest grade that goes; empty likewise
 * @param thickest thickest grade that goes
 * @param softest  softest grease, NLGI with −1 for 00; empty for oil
 * @param stiffest stiffest grease
 * @param kind     type letters and what to mind
 * @param reason   one sentence a mechanic can repeat
 * @param schools  what each school says, the default first
 * @param warnings what to check before pouring
 * @param working  how it came about
 */
public record LubricantAdvice(
        PlaceSort sort,
        Form form,
        Optional<IsoViscosityGrade> grade,
        Optional<IsoViscosityGrade> thinnest,
        Optional<IsoViscosityGrade> thickest,
        Optional<Integer> softest,
        Optional<Integer> stiffest,
        String kind,
        String reason,
        List<GradeSchool> schools,
        List<String> warnings,
        Working working) {

    /** What is used. */
    public enum Form {
        OIL,
        GREASE,
        PLATE_ONLY,
        NOTHING
    }

    /**
     * What a place does and where it stands.
     *
     * @param duty velocity of its slowest stage, climate and load; the velocity of the sun against the carrier for a
     *             planetary set
     * @param worm how its worm runs; empty when unknown or where there is none
     * @param meets what the lubricant meets
     */
    public record Duty(GearOilDuty duty, Optional<WormOil.Run> worm, Set<Thing> meets) {
        public Duty {
            meets = Set.copyOf(meets);
        }
    }

    private static final String SOURCE =
            "common practice, no source; AGMA 9005-D94 and ISO 19378, from memory";
    private static final String FIRST =
            "Plate first, then the shop's good experience on this machine, then this.";
    private static final double COLD = -20;

    @PublicRule(
            at = "lubricant/advice",
            title = "Which lubricant a place wants",
            says = "Kind and grade of a place by what it does and meets.")
    public static LubricantAdvice of(PlaceSort sort, Duty duty) {
        var use = sort.use();
        if (use instanceof PlaceSort.Grease grease) {
            return grease(sort, grease, duty);
        }
        if (use instanceof PlaceSort.Oil oil) {
            return oil.usual().isPresent() ? table(sort, oil, duty) : bath(sort, oil, duty);
        }
        if (use instanceof PlaceSort.Plate plate) {
            return none(sort, Form.PLATE_ONLY, plate.kind());
        }
        return none(
                sort,
                Form.NOTHING,
                "no lubricant at all unless the manual says so: a greased lining lets the load run back");
    }

    /**
     * Whether a lubricant is of the form and grade wanted here; its kind and what it harms is asked of {@link PlaceJudgement}. On a worm
     * only a synthetic may be one grade thinner.
     */
    public boolean suits(Lubricant lubricant) {
        if (form == Form.OIL) {
            boolean isMineralWorm = sort == PlaceSort.WORM && lubricant.base() == BaseOil.MINERAL;
            return !lubricant.isGrease()
                    && (!isMineralWorm
                            || IsoViscosityGrade.nearest(lubricant.viscosity())
                                            .gradesThickerThan(grade.orElseThrow())
                                    >= 0)
                    && IsoViscosityGrade.nearest(lubricant.viscosity())
                                    .gradesThickerThan(thinnest.orElseThrow())
                            >= 0
                    && IsoViscosityGrade.nearest(lubricant.viscosity())
                                    .gradesThickerThan(thickest.orElseThrow())
                            <= 0;
        }
        if (form == Form.GREASE) {
            return lubricant.isGrease()
                    && lubricant.nlgi().orElseThrow() >= softest.orElseThrow()
                    && lubricant.nlgi().orElseThrow() <= stiffest.orElseThrow();
        }
        return false;
    }

    private static LubricantAdvice bath(PlaceSort sort, PlaceSort.Oil oil, Duty duty) {
        if (sort == PlaceSort.WORM) {
            return worm(sort, oil, duty);
        }
        if (sort == PlaceSort.CYCLOIDAL) {
            var grade = cycloidal(duty.duty().hottestAmbientDegC());
            return oil(
                    sort,
                    oil.kind(),
                    duty,
                    grade,
                    "%s: cycloidal gear, hottest surroundings %s °C."
                            .formatted(
                                    grade.words(),
                                    PlainDigits.exact(duty.duty().hottestAmbientDegC())),
                    List.of(
                            new GradeSchool(
                                    "ambient",
                                    Optional.of(grade),
                                    "up to %s °C"
                                            .formatted(
                                                    PlainDigits.exact(
                                                            duty.duty().hottestAmbientDegC())),
                                    "common practice, no source")),
                    List.of());
        }
        var chosen = OilGrade.forDuty(duty.duty());
        return oil(
                sort,
                oil.kind(),
                duty,
                chosen.proposed(),
                chosen.reason(),
                chosen.schools(),
                chosen.warnings());
    }

    private static LubricantAdvice worm(PlaceSort sort, PlaceSort.Oil oil, Duty duty) {
        var chosen =
                duty.worm()
                        .map(WormOil::of)
                        .orElseGet(
                                () ->
                                        WormOil.of(
                                                duty.duty().pitchLineVelocityMPerS(),
                                                duty.duty().hottestAmbientDegC()));
        return oil(
                sort,
                oil.kind(),
                duty,
                chosen.proposed(),
                "%s: worm, wheel at %s m/s, hottest surroundings %s °C. A synthetic may be one grade thinner."
                        .formatted(
                                chosen.proposed().words(),
                                PlainDigits.rounded(duty.duty().pitchLineVelocityMPerS(), 2),
                                PlainDigits.exact(duty.duty().hottestAmbientDegC())),
                chosen.schools(),
                List.of());
    }

    private static LubricantAdvice oil(
            PlaceSort sort,
            String kind,
            Duty duty,
            IsoViscosityGrade grade,
            String reason,
            List<GradeSchool> schools,
            List<String> warnings) {
        var thinnest = sort == PlaceSort.WORM ? grade.shifted(-1) : grade;
        return advice(
                sort,
                duty,
                new Wanted(
                        Form.OIL,
                        Optional.of(grade),
                        Optional.of(thinnest),
                        Optional.of(grade),
                        Optional.empty(),
                        Optional.empty()),
                kind,
                reason,
                schools,
                warnings);
    }

    private static LubricantAdvice table(PlaceSort sort, PlaceSort.Oil oil, Duty duty) {
        var grade =
                duty.meets().contains(Thing.FRICTION_CLUTCH)
                        ? oil.thinnest().orElseThrow()
                        : sort == PlaceSort.PUMP_CRANKCASE
                                ? crankcase(duty.duty().hottestAmbientDegC())
                                : oil.usual().orElseThrow();
        return advice(
                sort,
                duty,
                new Wanted(
                        Form.OIL,
                        Optional.of(grade),
                        oil.thinnest(),
                        oil.thickest(),
                        Optional.empty(),
                        Optional.empty()),
                oil.kind(),
                "%s: %s; %s to %s are met."
                        .formatted(
                                grade.words(),
                                sort.words(),
                                oil.thinnest().orElseThrow().words(),
                                oil.thickest().orElseThrow().words()),
                List.of(
                        new GradeSchool(
                                "table for this sort of place",
                                Optional.of(grade),
                                oil.kind(),
                                "common practice; few grades of ISO 19378, from memory")),
                List.of());
    }

    private static LubricantAdvice grease(PlaceSort sort, PlaceSort.Grease grease, Duty duty) {
        return advice(
                sort,
                duty,
                new Wanted(
                        Form.GREASE,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(grease.softest()),
                        Optional.of(grease.stiffest())),
                grease.kind(),
                "Grease NLGI %s: %s."
                        .formatted(
                                consistency(
                                        Optional.of(grease.softest()),
                                        Optional.of(grease.stiffest())),
                                sort.words()),
                List.of(),
                List.of());
    }

    private static LubricantAdvice none(PlaceSort sort, Form form, String kind) {
        return new LubricantAdvice(
                sort,
                form,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                kind,
                sort.words() + ": " + kind + ".",
                List.of(),
                List.of(),
                new Working(List.of(line(sort.words(), kind)), SOURCE, List.of(FIRST)));
    }

    private record Wanted(
            Form form,
            Optional<IsoViscosityGrade> grade,
            Optional<IsoViscosityGrade> thinnest,
            Optional<IsoViscosityGrade> thickest,
            Optional<Integer> softest,
            Optional<Integer> stiffest) {}

    private static LubricantAdvice advice(
            PlaceSort sort,
            Duty duty,
            Wanted wanted,
            String kind,
            String reason,
            List<GradeSchool> schools,
            List<String> warnings) {
        var told = new ArrayList<>(warnings);
        surroundings(wanted.form, duty).stream().filter(s -> !told.contains(s)).forEach(told::add);
        var lines = new ArrayList<Working.Line>();
        for (var school : schools) {
            lines.add(
                    line(
                            school.name(),
                            school.says() + school.grade().map(g -> ": " + g.words()).orElse("")));
        }
        lines.add(
                line(
                        "proposed",
                        wanted.grade
                                .map(IsoViscosityGrade::words)
                                .orElseGet(
                                        () ->
                                                "NLGI "
                                                        + consistency(
                                                                wanted.softest, wanted.stiffest))));
        return new LubricantAdvice(
                sort,
                wanted.form,
                wanted.grade,
                wanted.thinnest,
                wanted.thickest,
                wanted.softest,
                wanted.stiffest,
                kind,
                reason,
                schools,
                List.copyOf(told),
                new Working(lines, SOURCE, List.of(FIRST)));
    }

    private static List<String> surroundings(Form form, Duty duty) {
        var told = new ArrayList<String>();
        if (duty.meets().contains(Thing.FOOD)) {
            told.add(
                    "Food or drinking water: only a lubricant registered H1 goes here, in the same grade.");
        }
        if (form == Form.GREASE && duty.meets().contains(Thing.SALT)) {
            told.add("Salt: calcium sulfonate complex holds best; lithium washes out sooner.");
        }
        duty.duty().beyondTheTables().ifPresent(told::add);
        if (duty.duty().coldestAmbientDegC() < COLD) {
            told.add("Starts below −20 °C: a PAO base, pour point at least 5 °C below the start.");
        }
        return told;
    }

    private static IsoViscosityGrade cycloidal(double hottestDegC) {
        if (hottestDegC <= 10) {
            return IsoViscosityGrade.VG_100;
        }
        return hottestDegC <= 35 ? IsoViscosityGrade.VG_150 : IsoViscosityGrade.VG_320;
    }

    private static IsoViscosityGrade crankcase(double hottestDegC) {
        return hottestDegC <= 25 ? IsoViscosityGrade.VG_100 : IsoViscosityGrade.VG_150;
    }

    private static String consistency(Optional<Integer> softest, Optional<Integer> stiffest) {
        return nlgi(softest.orElseThrow()) + " to " + nlgi(stiffest.orElseThrow());
    }

    /** "00 to 0". */
    String consistency() {
        return consistency(softest, stiffest);
    }

    static String nlgi(int number) {
        return number < 0 ? "0".repeat(1 - number) : String.valueOf(number);
    }
}
