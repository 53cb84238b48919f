package app.yunque.route;

import app.yunque.measure.Refused;

/** Nothing is taken off before the owner allows it and the unit is isolated. */
public final class StripGate {
    private StripGate() {}

    /** @throws Refused saying what is missing and where to record it */
    public static void refuseUnless(boolean permission, boolean isolated) {
        if (!permission) {
            throw Refused.because(
                    "permission",
                    "Strip is shut: permission to open is not on record. Record it at Receive.");
        }
        if (!isolated) {
            throw Refused.because(
                    "isolation",
                    "Strip is shut: the unit is not isolated. Confirm the isolation at Receive.");
        }
    }
}
