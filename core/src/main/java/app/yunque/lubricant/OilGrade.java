package app.yunque.lubricant;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The oil grade for an enclosed spur, helical or bevel drive without a plate: the velocity-and-ambient table by
 * default, the formula 500/√v beside it.
 *
 * <p>The table is the default because it takes the climate into account, needs no load and errs on the thick side at
 * the speeds most boxes run at. Where the formula is two grades or more thicker, the grade halfway between is proposed,
 * rounded to the thicker (common practice, no source).
 *
 * @param proposed  the grade to fill
 * @param byTable   what the table says
 * @param byFormula what 500/√v says
 * @param agree     true when the two schools are at most one grade apart
 * @param reason    one sentence a mechanic can repeat
 * @param warnings  what to check before pouring
 * @param working   the table cell, the formula and the sources
 */
public record OilGrade(
        IsoViscosityGrade proposed,
        IsoViscosityGrade byTable,
        IsoViscosityGrade byFormula,
        boolean agree,
        String reason,
        List<String> warnings,
        Working working) {
    private static final double SPLASH_LIMIT_M_PER_S = 15;
    private static final double COLD_START_DEG_C = -10;

    public static OilGrade forDuty(GearOilDuty duty) {
        var table = VelocityAmbientTable.grade(duty);
        var formula = VelocityFormula.grade(duty);
        int apart = formula.gradesThickerThan(table);
        var proposed = apart >= 2 ? table.shifted((apart + 1) / 2) : table;
        boolean agree = Math.abs(apart) <= 1;
        return new OilGrade(
                proposed,
                table,
                formula,
                agree,
                reason(duty, proposed, table, formula, agree),
                warnings(duty, agree),
                working(duty, table, formula, proposed));
    }

    private static String reason(
            GearOilDuty duty,
            IsoViscosityGrade proposed,
            IsoViscosityGrade table,
            IsoViscosityGrade formula,
            boolean agree) {
        var because =
                "%s: last stage %s m/s, hottest surroundings %s °C."
                        .formatted(
                                proposed.words(),
                                PlainDigits.rounded(duty.pitchLineVelocityMPerS(), 1),
                                PlainDigits.exact(duty.hottestAmbientDegC()));
        if (agree) {
            return because
                    + " Table "
                    + table.words()
                    + ", formula "
                    + formula.words()
                    + ": they agree.";
        }
        return because
                + " Table says "
                + table.words()
                + ", formula "
                + formula.words()
                + (proposed == table ? "; the table stands." : "; the grade between is proposed.");
    }

    private static List<String> warnings(GearOilDuty duty, boolean agree) {
        var warnings = new ArrayList<String>();
        if (!agree) {
            warnings.add(
                    "The two schools are two grades or more apart: look for the plate or ask the maker.");
        }
        if (duty.pitchLineVelocityMPerS() > SPLASH_LIMIT_M_PER_S) {
            warnings.add(
                    "Above 15 m/s splash throws the oil off the teeth: spray lubrication is usual.");
        }
        if (duty.coldestAmbientDegC() < COLD_START_DEG_C) {
            warnings.add(
                    "Starts below −10 °C: check the pour point on the data sheet, at least 5 °C below the coldest"
                            + " start.");
        }
        return warnings;
    }

    private static Working working(
            GearOilDuty duty,
            IsoViscosityGrade table,
            IsoViscosityGrade formula,
            IsoViscosityGrade proposed) {
        double v = duty.pitchLineVelocityMPerS();
        return new Working(
                List.of(
                        line(
                                "table of velocity and ambient",
                                VelocityAmbientTable.cellInWords(duty) + ": " + table.words()),
                        line(
                                "ν₄₀ = 500 / √v",
                                "500 / √%s = %s mm²/s, with the climate step %s"
                                        .formatted(
                                                PlainDigits.rounded(v, 3),
                                                PlainDigits.rounded(
                                                        VelocityFormula.viscosityMm2PerS(v), 1),
                                                formula.words())),
                        line(
                                "proposed",
                                proposed.words()
                                        + ", "
                                        + PlainDigits.rounded(proposed.lowestMm2PerS(), 0)
                                        + " to "
                                        + PlainDigits.rounded(proposed.highestMm2PerS(), 0)
                                        + " mm²/s at 40 °C")),
                "Table in the manner of AGMA 9005-D94, grades ISO 3448, from memory; 500/√v: gear-failure literature,"
                        + " from memory",
                List.of(
                        "The plate and the maker's table win over both.",
                        "Load-speed factor (DIN 51509): thicker for slow, heavy drives; needs the load."));
    }
}
