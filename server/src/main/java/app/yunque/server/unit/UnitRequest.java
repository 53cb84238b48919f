package app.yunque.server.unit;

import app.yunque.gear.ServiceDuty;
import app.yunque.server.quantity.EnteredNumber;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A unit as the mechanic describes it.
 *
 * @param id            identity, made where it was typed
 * @param tag           tag on the machine, 1 to 20 characters
 * @param name          what it is and where it stands, 1 to 120 characters
 * @param kind          kind of gearbox in words, 1 to 60 characters
 * @param duty          what the drive is there for, which sets the wear limits
 * @param underWarranty true when the maker's warranty still runs
 * @param stages        from the input on, of whatever kind; none while the unit is unopened
 * @param positions     positions of the levers; missing where every stage always carries the load
 * @param inputSpeedRpm speed of the input (min⁻¹); missing while nobody knows it
 * @param inputPower    power of the input; may be missing
 * @param layout        shafts and openings; may be missing
 */
public record UnitRequest(
        UUID id,
        String tag,
        String name,
        String kind,
        ServiceDuty duty,
        boolean underWarranty,
        List<StageRequest> stages,
        @Nullable List<PositionRequest> positions,
        @Nullable Double inputSpeedRpm,
        @Nullable EnteredNumber inputPower,
        @Nullable UnitLayout layout) {

    /** Old numbers of the stages that are still there. */
    public Set<Integer> stagesThatStay(int before) {
        return PapersMoves.stages(before, stages).keySet();
    }
}
