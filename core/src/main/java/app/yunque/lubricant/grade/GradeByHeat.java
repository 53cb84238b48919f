package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * Grade and sump temperature worked out together until they agree: the grade gives the churning loss, the loss the temperature,
 * the temperature the viscosity, and the viscosity must hold what the teeth need and still move at the coldest start. Too thin:
 * one grade up; stiff at the start: one grade down. It stops when both hold, when a grade comes back (the thicker stays and is
 * warned of) or after twelve rounds. Source: heat balance; order of the steps common practice.
 *
 * @param grade    the grade that agrees
 * @param heat     its temperature and viscosity
 * @param start    how it starts cold
 * @param rounds   every grade tried
 * @param verdict  clear pass when all holds
 * @param sentence the same in words
 */
public record GradeByHeat(
        IsoViscosityGrade grade,
        SumpHeat heat,
        ColdStart start,
        List<Round> rounds,
        Verdict verdict,
        String sentence) {
    public static final Range LEAST =
            Range.of("leastViscosity", "viscosity needed at work", 1, 2000, "mm²/s");
    private static final int MOST_ROUNDS = 12;

    /**
     * The verdict on a place: by the heat where it is worked out, else by the coldest start; a level that is doubtful makes it no better
     * than doubtful.
     */
    public static Verdict together(
            Optional<GradeByHeat> heat, Optional<ColdStart> start, boolean levelDoubtful) {
        var cold = Verdict.orNotJudged(start.map(ColdStart::verdict).orElse(null));
        var warm = heat.map(GradeByHeat::verdict).orElse(cold);
        return levelDoubtful ? warm.worse(Verdict.DOUBTFUL) : warm;
    }

    /** One grade tried, its sump temperature (°C) and viscosity there (mm²/s). */
    public record Round(IsoViscosityGrade grade, double temperatureDegC, double viscosity) {}

    /**
     * What heats the case and carries the heat off.
     *
     * @param powerW      power through the box (W)
     * @param efficiency  η of all meshes
     * @param areaM2      free outer surface (m²)
     * @param transfer    h (W/m²K)
     * @param ambientDegC surroundings (°C)
     * @param churningW   no-load loss measured at 100 mm²/s (W); 0 when unknown
     */
    public record Case(
            double powerW,
            double efficiency,
            double areaM2,
            double transfer,
            double ambientDegC,
            double churningW) {
        private static final double REFERENCE = 100;

        public SumpHeat with(ViscosityLine oil, BaseOil base) {
            return SumpHeat.of(
                    powerW,
                    efficiency,
                    areaM2,
                    transfer,
                    ambientDegC,
                    churningW,
                    REFERENCE,
                    oil,
                    base,
                    Optional.empty());
        }
    }

    /**
     * The coldest start.
     *
     * @param startDegC (°C)
     * @param feed      how the oil reaches the teeth
     * @param pourDegC  pour point (°C); empty when unknown
     */
    public record Cold(double startDegC, ColdStart.Feed feed, Optional<Double> pourDegC) {}

    /**
     * @param first          grade the schools propose
     * @param base           what the oil is made from
     * @param index          its viscosity index
     * @param box            the case
     * @param leastViscosity what the teeth need at work (mm²/s)
     * @param cold           the coldest start
     */
    public static GradeByHeat of(
            IsoViscosityGrade first,
            BaseOil base,
            double index,
            Case box,
            double leastViscosity,
            Cold cold) {
        Refused.ifAny(LEAST.judge(leastViscosity));
        var rounds = new ArrayList<Round>();
        var tried = EnumSet.noneOf(IsoViscosityGrade.class);
        var grade = first;
        while (true) {
            var oil = ViscosityLine.of(grade.midpointMm2PerS(), index);
            var heat = box.with(oil, base);
            var start = ColdStart.of(oil, base, cold.startDegC, cold.feed, cold.pourDegC);
            rounds.add(new Round(grade, heat.temperatureDegC(), heat.viscosity()));
            tried.add(grade);
            boolean thin = heat.viscosity() < leastViscosity;
            boolean stiff = start.verdict() == Verdict.CLEAR_FAIL;
            var next = thin ? grade.shifted(1) : stiff ? grade.shifted(-1) : grade;
            boolean turned = next != grade && tried.contains(next);
            if (next == grade || turned || rounds.size() == MOST_ROUNDS) {
                return end(grade, heat, start, rounds, thin, stiff, leastViscosity);
            }
            grade = next;
        }
    }

    private static GradeByHeat end(
            IsoViscosityGrade grade,
            SumpHeat heat,
            ColdStart start,
            List<Round> rounds,
            boolean thin,
            boolean stiff,
            double least) {
        var settles =
                "%s settles at %s °C with %s mm²/s, %s needed. "
                        .formatted(
                                grade.words(),
                                PlainDigits.rounded(heat.temperatureDegC(), 0),
                                PlainDigits.rounded(heat.viscosity(), 0),
                                PlainDigits.exact(least));
        var verdict =
                thin || stiff
                        ? Verdict.CLEAR_FAIL
                        : heat.warnings().isEmpty() ? start.verdict() : Verdict.DOUBTFUL;
        var told =
                thin && stiff
                        ? "No grade does both: take a higher viscosity index, heat the sump or warm up without load."
                        : thin
                                ? "Too thin: the grade above would not move at the coldest start."
                                : stiff
                                        ? "It does not move at the coldest start; a thinner one would starve the teeth when hot."
                                        : start.sentence();
        return new GradeByHeat(grade, heat, start, List.copyOf(rounds), verdict, settles + told);
    }
}
