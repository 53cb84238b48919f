package app.yunque.bench;

import app.yunque.finding.PartRecord;
import app.yunque.gear.ServiceDuty;
import app.yunque.inspection.CheckPlan;
import app.yunque.inspection.Circumstance;
import app.yunque.teardown.Condition;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import app.yunque.teardown.StepDetail;
import app.yunque.teardown.TeardownStep;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The plan of checks for 120 parts beside what reading their records costs at the least: a question and an answer of 256 kB over the
 * loopback, without any database behind it.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class CheckPlanBench {
    private static final int PARTS = 120;
    private static final int SHAFTS = 6;
    private static final int ANSWER_BYTES = 256 * 1024;

    private final List<PartRecord> parts =
            IntStream.range(0, PARTS).mapToObj(CheckPlanBench::part).toList();
    private ServerSocket records;
    private Socket line;

    private static PartRecord part(int i) {
        var kind = PartKind.values()[i % PartKind.values().length];
        return PartRecord.of(
                new TeardownStep(
                        "step " + i,
                        i + 1,
                        "part " + kind.words(),
                        kind,
                        1,
                        i % SHAFTS,
                        Side.MIDDLE,
                        null,
                        "",
                        null,
                        false,
                        "",
                        Condition.SOUND,
                        "",
                        StepDetail.NONE),
                ServiceDuty.LIFTING);
    }

    @Setup
    public void open() throws IOException {
        records = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        var answering = new Thread(this::answer);
        answering.setDaemon(true);
        answering.start();
        line = new Socket(records.getInetAddress(), records.getLocalPort());
    }

    private void answer() {
        var answer = new byte[ANSWER_BYTES];
        try (var asked = records.accept()) {
            while (asked.getInputStream().read() >= 0) {
                asked.getOutputStream().write(answer);
            }
        } catch (IOException closed) {
            // The run is over.
        }
    }

    @TearDown
    public void close() throws IOException {
        line.close();
        records.close();
    }

    /** The reference: one read of the records of the parts. */
    @Benchmark
    public int oneRead() {
        try {
            line.getOutputStream().write(1);
            return line.getInputStream().readNBytes(ANSWER_BYTES).length;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The plan, and what each part must be asked. */
    @Benchmark
    public List<PartRecord> plan() {
        return CheckPlan.of(parts, Set.of(Circumstance.GROWL, Circumstance.LASH)).asked(parts);
    }
}
