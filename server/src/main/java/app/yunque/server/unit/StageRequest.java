package app.yunque.server.unit;

import app.yunque.gear.Hand;
import app.yunque.server.quantity.EnteredNumber;

/**
 * One stage as its papers describe it; both gears share module, pressure angle, helix and face width.
 *
 * @param pinionTeeth      teeth of the driving gear
 * @param wheelTeeth       teeth of the driven gear
 * @param module           normal module in "module", or diametral pitch in "DP"
 * @param pressureAngleDeg normal pressure angle (degrees)
 * @param helixAngleDeg    helix angle (degrees); 0 for a spur gear
 * @param pinionHand       hand of the pinion's helix; NONE for a spur gear
 * @param pinionShift      profile shift coefficient of the pinion
 * @param wheelShift       profile shift coefficient of the wheel
 * @param faceWidth        face width
 * @param centreDistance   working centre distance
 */
public record StageRequest(
        int pinionTeeth,
        int wheelTeeth,
        EnteredNumber module,
        double pressureAngleDeg,
        double helixAngleDeg,
        Hand pinionHand,
        double pinionShift,
        double wheelShift,
        EnteredNumber faceWidth,
        EnteredNumber centreDistance) {}
