package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.yunque.server.AtBench;
import app.yunque.server.RunningApp;
import app.yunque.server.bench.Requests;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Records on a file system that is really full, a small one in memory: whatever was acknowledged is there afterwards, everything else was
 * refused as something to be sent again. Only root may mount one; without root rights this is left out.
 */
class FullDiskTest {
    private static final String SIZE = "224m";
    private static final int MOST_WRITES = 400;
    private static final int SIDE = 200;
    private static final Random DICE = new Random(11);

    @TempDir static Path place;
    private static Launcher launcher;
    private static ConfigurableApplicationContext app;
    private static String cluster = "";
    private static int port;

    @BeforeAll
    static void recordsOnASmallDisk() throws Exception {
        launcher = new Launcher(Files.createDirectories(place.resolve("home")));
        var disk = Files.createDirectories(place.resolve("disk"));
        assumeTrue(
                launcher.script(
                                        "is_root && mount -t tmpfs -o size=%s,mode=755 tmpfs '%s'"
                                                .formatted(SIZE, disk))
                                .status()
                        == 0,
                "only root may mount a small file system");
        port = FreePort.find();
        cluster = disk + "/pg";
        did(
                "chmod 755 '%s' '%s' '%s'; install -d -o postgres '%s'; new_password \"$state/test.password\"; make_cluster '%s' \"$state/test.password\""
                        .formatted(place, place.resolve("home"), disk, cluster, cluster));
        did(runCluster());
        app =
                RunningApp.onNewRecordsIn(
                        "jdbc:postgresql://127.0.0.1:%d/".formatted(port),
                        Files.readString(place.resolve("home/test.password")));
    }

    private static String runCluster() {
        return "run_cluster '%s' %d -c min_wal_size=32MB -c max_wal_size=32MB -c fsync=off"
                .formatted(cluster, port);
    }

    @AfterAll
    static void gone() {
        if (app != null) {
            app.close();
        }
        launcher.script(
                "stop_cluster '%s'; umount '%s' || true".formatted(cluster, place.resolve("disk")));
    }

    private static String did(String script) {
        var outcome = launcher.script(script);
        assertThat(outcome.status()).as(outcome.said()).isZero();
        return outcome.said();
    }

    @Test
    void nothingAcknowledgedIsLostAndAllGoesOnOnceThereIsRoom() {
        var bench = AtBench.strangerAt(RunningApp.portOf(app));
        assertThat(bench.signIn("Tomás Vega", "1470").status()).isEqualTo(200);
        var job = "/api/jobs/" + Requests.openedForStrip(bench);
        // Nearly all of it is taken by something else.
        did(
                "free=$(df --output=avail -k '%s' | tail -1); dd if=/dev/zero of='%s/ballast' bs=1k count=$((free - 3000)) status=none"
                        .formatted(place.resolve("disk"), place.resolve("disk")));
        var acknowledged = new ArrayList<String>();
        int refused = 0;
        for (int i = 0; i < MOST_WRITES && refused < 2; i++) {
            var id = UUID.randomUUID().toString();
            var answer = bench.put(job + "/steps/" + id, Requests.step("washer " + i, "OTHER", 1));
            if (answer.status() == 200) {
                acknowledged.add(id);
                var picture = UUID.randomUUID().toString();
                answer = bench.file("PUT", job + "/photos/" + picture + "?step=" + id, noise());
                if (answer.status() == 200) {
                    acknowledged.add(picture);
                }
            }
            if (answer.status() != 200) {
                refused++;
                assertThat(answer.status()).as(answer.detail()).isEqualTo(503);
                assertThat(answer.detail()).contains("records");
            }
        }
        assertThat(refused).as("the disk became full").isPositive();
        assertThat(acknowledged).isNotEmpty();

        did("rm '%s/ballast'".formatted(place.resolve("disk")));
        did("cluster_runs '%s' || ".formatted(cluster) + runCluster());
        int last = 0;
        for (int i = 0; i < 20 && last != 200; i++) {
            var id = UUID.randomUUID().toString();
            last = bench.put(job + "/steps/" + id, Requests.step("shim", "OTHER", 1)).status();
            assertThat(last).isIn(200, 503);
            if (last == 200) {
                acknowledged.add(id);
            }
        }
        assertThat(last).as("once there is room again").isEqualTo(200);
        var whole = bench.get(job).body();
        assertThat(
                        Stream.concat(
                                whole.path("steps").valueStream(),
                                whole.path("photos").valueStream()))
                .extracting(record -> record.path("id").asString())
                .doesNotHaveDuplicates()
                .containsAll(acknowledged);
    }

    /** A picture that cannot be made small. */
    private static byte[] noise() {
        var image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < SIDE; x++) {
            for (int y = 0; y < SIDE; y++) {
                image.setRGB(x, y, DICE.nextInt());
            }
        }
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException defect) {
            throw new UncheckedIOException(defect);
        }
        return out.toByteArray();
    }
}
