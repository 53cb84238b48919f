package app.yunque.server.unit;

import app.yunque.drive.DriveLine;
import app.yunque.gear.ServiceDuty;
import app.yunque.server.quantity.EnteredNumber;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A unit with what follows from its papers.
 *
 * @param id             identity
 * @param tag            tag on the machine
 * @param name           what it is
 * @param kind           kind of gearbox in words
 * @param duty           what the drive is there for
 * @param dutyWords      the same in words
 * @param underWarranty  true while the maker's warranty runs
 * @param stages         from the input to the output
 * @param otherStages    stages of other kinds as entered
 * @param drive          every stage at work, from the input to the output; empty while the papers name none
 * @param shafts         names of the shafts, input first
 * @param ratio          i = n_in/n_out
 * @param inputSpeedRpm  speed of the input (min⁻¹); missing while nobody knows it
 * @param outputSpeedRpm speed of the output (min⁻¹); missing as the input's
 * @param turnsTheSameWay true when the output turns the same way as the input
 * @param inputPower     power as entered; may be missing
 * @param layout         shafts and openings as entered
 * @param version        version of the record
 */
public record UnitView(
        UUID id,
        String tag,
        String name,
        String kind,
        ServiceDuty duty,
        String dutyWords,
        boolean underWarranty,
        List<StageView> stages,
        List<OtherStageRequest> otherStages,
        List<DriveLine.At> drive,
        List<String> shafts,
        double ratio,
        @Nullable Double inputSpeedRpm,
        @Nullable Double outputSpeedRpm,
        boolean turnsTheSameWay,
        @Nullable EnteredNumber inputPower,
        UnitLayout layout,
        long version) {}
