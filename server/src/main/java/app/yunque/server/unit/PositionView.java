package app.yunque.server.unit;

import app.yunque.drive.DriveLine;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A unit at work in one position of its levers.
 *
 * @param name            what stands at the lever; empty where the unit has one position only
 * @param stages          numbers of the stages that carry the load
 * @param ratio           i = n_in/n_out
 * @param outputSpeedRpm  speed of the output (min⁻¹); missing while the input's is
 * @param turnsTheSameWay true when the output turns the same way as the input
 * @param travelMmPerInputTurn travel of the output for one turn of the input (mm); 0 where it turns
 * @param outputForceN    force along the line (N); 0 where the output turns or the input torque is unknown
 * @param line            each of these stages at work
 */
public record PositionView(
        String name,
        List<Integer> stages,
        double ratio,
        @Nullable Double outputSpeedRpm,
        boolean turnsTheSameWay,
        double travelMmPerInputTurn,
        double outputForceN,
        List<DriveLine.At> line) {}
