package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import java.util.Optional;

/**
 * What one school says of the grade.
 *
 * @param name    the school, as the trade calls it
 * @param grade   the grade it names; empty where it names none
 * @param says    with its numbers
 * @param source  where it comes from
 */
public record GradeSchool(
        String name, Optional<IsoViscosityGrade> grade, String says, String source) {}
