package app.yunque.server.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A server can have a port only where nothing answers and from which nothing has gone out. */
class PortsTest {
    @TempDir static Path place;

    @Test
    void aPortFromWhichAConnectionGoesOutIsTaken() throws IOException {
        var here = InetAddress.getLoopbackAddress();
        int port = FreePort.find();
        assertThat(judged(port)).isEqualTo("free");
        try (var listening = new ServerSocket(0, 1, here);
                var going = new Socket()) {
            going.bind(new InetSocketAddress(here, port));
            going.connect(listening.getLocalSocketAddress());
            assertThat(judged(port)).isEqualTo("taken");
            assertThat(judged(listening.getLocalPort())).isEqualTo("taken");
            assertThat(said("free_port " + port)).isNotEqualTo(String.valueOf(port));
        }
        assertThat(judged(port)).as("what is over holds nobody up").isEqualTo("free");
    }

    private static String judged(int port) {
        return said("if port_is_free " + port + "; then echo free; else echo taken; fi");
    }

    private static String said(String script) {
        var outcome = new Launcher(place.resolve("home")).script(script);
        assertThat(outcome.status()).as(outcome.said()).isZero();
        return outcome.said().strip();
    }
}
