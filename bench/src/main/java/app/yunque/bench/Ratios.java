package app.yunque.bench;

import org.openjdk.jmh.runner.RunnerException;

/** All figures, one after the other. */
public final class Ratios {
    private Ratios() {}

    public static void main(String[] arguments) throws RunnerException {
        GearRatios.main(arguments);
        PlannerRatios.main(arguments);
        WholePlanRatios.main(arguments);
        CheckPlanRatios.main(arguments);
    }
}
