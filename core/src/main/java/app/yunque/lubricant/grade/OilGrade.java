package app.yunque.lubricant.grade;

import static app.yunque.measure.Working.line;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
 * @param schools   what each school says, the default first
 * @param reason    one sentence a mechanic can repeat
 * @param warnings  what to check before pouring
 * @param working   the table cell, the formula and the sources
 */
public record OilGrade(
        IsoViscosityGrade proposed,
        IsoViscosityGrade byTable,
        IsoViscosityGrade byFormula,
        boolean agree,
        List<GradeSchool> schools,
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
                schools(duty, proposed, table, formula),
                reason(duty, proposed, table, formula, agree),
                warnings(duty, agree),
                working(duty, table, formula, proposed));
    }

    private static List<GradeSchool> schools(
            GearOilDuty duty,
            IsoViscosityGrade proposed,
            IsoViscosityGrade table,
            IsoViscosityGrade formula) {
        double v = duty.pitchLineVelocityMPerS();
        return List.of(
                new GradeSchool(
                        "velocity and ambient",
                        Optional.of(table),
                        VelocityAmbientTable.cellInWords(duty),
                        "in the manner of AGMA 9005-D94, from memory"),
                new GradeSchool(
                        "500/√v",
                        Optional.of(formula),
                        "%s mm²/s at %s m/s, with the step for the climate"
                                .formatted(
                                        PlainDigits.rounded(VelocityFormula.viscosityMm2PerS(v), 0),
                                        PlainDigits.rounded(v, 2)),
                        "gear-failure literature, from memory"),
                loadSpeed(duty),
                film(duty, proposed));
    }

    private static GradeSchool loadSpeed(GearOilDuty duty) {
        var source = "after DIN 51509-1, a fit of three remembered points";
        var name = "load against speed";
        if (duty.load().isEmpty()) {
            return new GradeSchool(name, Optional.empty(), "needs the tooth load", source);
        }
        double factor = LoadSpeedFactor.factor(duty.load().get(), duty.pitchLineVelocityMPerS());
        if (!LoadSpeedFactor.FACTOR.holds(factor)) {
            return new GradeSchool(
                    name,
                    Optional.empty(),
                    "k_s/v = %s is outside %s"
                            .formatted(
                                    PlainDigits.rounded(factor, 3),
                                    LoadSpeedFactor.FACTOR.inWords()),
                    source);
        }
        double viscosity = LoadSpeedFactor.viscosityMm2PerS(factor);
        return new GradeSchool(
                name,
                Optional.of(IsoViscosityGrade.nearest(viscosity)),
                "k_s/v = %s MPa·s/m: about %s mm²/s, a cross-check"
                        .formatted(
                                PlainDigits.rounded(factor, 3), PlainDigits.rounded(viscosity, 0)),
                source);
    }

    /** Names no grade: it says what film each candidate makes. */
    private static GradeSchool film(GearOilDuty duty, IsoViscosityGrade proposed) {
        var says =
                duty.load()
                        .map(
                                load ->
                                        Stream.of(-1, 0, 1)
                                                .map(proposed::shifted)
                                                .distinct()
                                                .map(g -> lambda(g, load, duty))
                                                .collect(Collectors.joining("; ")))
                        .orElse("needs the tooth load and the roughness");
        return new GradeSchool(
                "film between the flanks",
                Optional.empty(),
                says,
                "Dowson and Higginson, handbook formula, from memory");
    }

    private static String lambda(IsoViscosityGrade grade, ToothLoad load, GearOilDuty duty) {
        var oil = ViscosityLine.of(grade.midpointMm2PerS(), BaseOil.MINERAL.usualIndex());
        var film = load.film(oil, BaseOil.MINERAL, duty.pitchLineVelocityMPerS());
        return "%s λ %s".formatted(grade.words(), PlainDigits.rounded(film.lambda(), 2));
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
        duty.beyondTheTables().ifPresent(warnings::add);
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
                        "The plate and the maker's table win over every school.",
                        "The table is the default: it counts the climate, needs no load, and errs thick where most boxes run.",
                        "λ below 1 is mostly boundary friction, as in many sound gears with an EP oil; it never forbids a grade."));
    }
}
