package app.yunque.bench;

import app.yunque.gear.CylindricalGear;
import app.yunque.gear.Hand;
import app.yunque.gear.Involute;
import app.yunque.identify.GearIdentity;
import app.yunque.identify.UnknownGear;
import app.yunque.mesh.ActualTeeth;
import app.yunque.mesh.MeshPicture;
import app.yunque.mesh.MeshState;
import java.util.concurrent.TimeUnit;
import org.apache.commons.math3.analysis.solvers.BrentSolver;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A mesh, its picture and an identification beside one inverse involute by a general-purpose solver. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
public class GearBench {
    private final ActualTeeth pinion = ActualTeeth.thinnedBy(gear(20), 0.05);
    private final ActualTeeth wheel = ActualTeeth.thinnedBy(gear(40), 0.08);
    private final UnknownGear unknown = UnknownGears.numbered(17).measured();
    private double value = 0.0149;
    private double a = 90.2;

    private static CylindricalGear gear(int teeth) {
        return new CylindricalGear(teeth, 3, 20, 0, Hand.NONE, 0, 30);
    }

    /** The reference: inv α solved for α by Brent's method of a mathematics library. */
    @Benchmark
    public double inverseByLibrary() {
        return new BrentSolver(1e-15, 1e-15).solve(200, x -> Math.tan(x) - x - value, 1e-6, 1.5);
    }

    /** The same by the core. */
    @Benchmark
    public double inverse() {
        return Involute.inverse(value);
    }

    /** A mesh in numbers. */
    @Benchmark
    public MeshState mesh() {
        return MeshState.of(pinion, wheel, a);
    }

    /** A mesh with everything its drawing needs. */
    @Benchmark
    public MeshPicture picture() {
        return MeshPicture.of(pinion, wheel, a, 0.3);
    }

    /** An unknown gear ranked. */
    @Benchmark
    public GearIdentity identification() {
        return GearIdentity.of(unknown);
    }
}
