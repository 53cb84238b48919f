package app.yunque.server.unit;

import app.yunque.gear.ServiceDuty;
import app.yunque.server.history.PutAway;
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
 * @param stages         from the input on, of whatever kind
 * @param positions      positions of the levers as entered
 * @param drive          the unit at work in each position; empty while the papers name no stage
 * @param inNoPosition   numbers of stages that carry the load in no position of the levers
 * @param shafts         names of the shafts, input first
 * @param ratio          i = n_in/n_out of the first position
 * @param inputSpeedRpm  speed of the input (min⁻¹); missing while nobody knows it
 * @param outputSpeedRpm speed of the output (min⁻¹); missing as the input's
 * @param turnsTheSameWay true when the output turns the same way as the input
 * @param inputPower     power as entered; may be missing
 * @param layout         shafts and openings as entered
 * @param putAway        who put it away, and why; missing while it is in use
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
        List<PositionRequest> positions,
        List<PositionView> drive,
        List<Integer> inNoPosition,
        List<String> shafts,
        double ratio,
        @Nullable Double inputSpeedRpm,
        @Nullable Double outputSpeedRpm,
        boolean turnsTheSameWay,
        @Nullable EnteredNumber inputPower,
        UnitLayout layout,
        @Nullable PutAway putAway,
        long version) {
    /** Views that were sealed before stages in no position were told. */
    public UnitView {
        inNoPosition = inNoPosition == null ? List.of() : List.copyOf(inNoPosition);
    }
}
