package app.yunque.bench;

import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Prints the figure of the plan of checks as a ratio of one run. */
public final class CheckPlanRatios {
    private CheckPlanRatios() {}

    public static void main(String[] arguments) throws RunnerException {
        var results =
                new Runner(
                                new OptionsBuilder()
                                        .include(CheckPlanBench.class.getSimpleName())
                                        .build())
                        .run();
        Map<String, Double> micros =
                results.stream()
                        .collect(
                                Collectors.toMap(
                                        r -> r.getPrimaryResult().getLabel(),
                                        r -> r.getPrimaryResult().getScore()));
        System.out.printf(
                "120 parts: plan of checks %.1f × one read of their records over the loopback%n",
                micros.get("plan") / micros.get("oneRead"));
    }
}
