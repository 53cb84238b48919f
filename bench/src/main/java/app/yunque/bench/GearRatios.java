package app.yunque.bench;

import app.yunque.identify.GearIdentity;
import java.util.Map;
import java.util.stream.Collectors;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Prints the figures of the gear measuring room as ratios of one run. */
public final class GearRatios {
    private static final int GEARS = 1000;

    private GearRatios() {}

    public static void main(String[] arguments) throws RunnerException {
        identification();
        var results =
                new Runner(new OptionsBuilder().include(GearBench.class.getSimpleName()).build())
                        .run();
        Map<String, Double> micros =
                results.stream()
                        .collect(
                                Collectors.toMap(
                                        r -> r.getPrimaryResult().getLabel(),
                                        r -> r.getPrimaryResult().getScore()));
        double library = micros.get("inverseByLibrary");
        System.out.printf(
                "in inverse involutes of the library's solver: core's inverse %.2f, mesh %.1f, picture %.1f, identification %.1f%n",
                micros.get("inverse") / library,
                micros.get("mesh") / library,
                micros.get("picture") / library,
                micros.get("identification") / library);
    }

    private static void identification() {
        int right = 0;
        int rightDecided = 0;
        int decided = 0;
        int secondOrThird = 0;
        for (int i = 0; i < GEARS; i++) {
            var gear = UnknownGears.numbered(i);
            var identity = GearIdentity.of(gear.measured());
            boolean first = gear.isFirstOf(identity);
            right += first ? 1 : 0;
            decided += identity.decided() ? 1 : 0;
            rightDecided += identity.decided() && first ? 1 : 0;
            if (!first && System.getenv("YUNQUE_BENCH_MISSES") != null) {
                System.out.println(gear + " -> " + identity.sentence());
            }
            secondOrThird += first ? 0 : 1;
        }
        System.out.printf(
                "%d worn gears by caliper: %.1f %% named right first (aim 95), %d missed; decided %d, of those right %.1f %%%n",
                GEARS,
                100.0 * right / GEARS,
                secondOrThird,
                decided,
                100.0 * rightDecided / Math.max(1, decided));
    }
}
