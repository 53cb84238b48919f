package app.yunque.server.fill;

import app.yunque.lubricant.IsoViscosityGrade;
import app.yunque.server.quantity.EnteredNumber;
import org.jspecify.annotations.Nullable;

/**
 * Climate, sump and what went in.
 *
 * @param version     version that was seen; missing when nothing was kept yet
 * @param coldest     coldest surroundings at start
 * @param hottest     hottest surroundings in service
 * @param sumpLength  inside length of the sump
 * @param sumpWidth   inside width
 * @param sumpHeight  inside height
 * @param shaftHeight height of the shafts above the lowest floor point
 * @param level       oil level above the lowest floor point
 * @param grade       grade that was filled
 * @param gradeSource the plate or maker's table, when the grade is not the proposed one
 * @param oilName     name on the can
 * @param filled      quantity that went in; missing in a preview
 */
public record FillRequest(
        @Nullable Long version,
        EnteredNumber coldest,
        EnteredNumber hottest,
        EnteredNumber sumpLength,
        EnteredNumber sumpWidth,
        EnteredNumber sumpHeight,
        EnteredNumber shaftHeight,
        EnteredNumber level,
        IsoViscosityGrade grade,
        String gradeSource,
        String oilName,
        @Nullable EnteredNumber filled) {}
