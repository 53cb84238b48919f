package app.yunque.server.launcher;

import java.io.IOException;
import java.net.ServerSocket;
import java.util.concurrent.ThreadLocalRandom;

/**
 * A port nobody listens on. One that the system hands out by itself may be handed to a connection to the database before it is used, so it lies
 * below those.
 */
final class FreePort {
    private static final int LOWEST = 20_000;
    private static final int ABOVE = 32_000;
    private static final int TRIES = 100;

    private FreePort() {}

    static int find() {
        for (int i = 0; i < TRIES; i++) {
            int port = ThreadLocalRandom.current().nextInt(LOWEST, ABOVE);
            try (var socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException taken) {
                continue;
            }
        }
        throw new IllegalStateException("no free port between %d and %d".formatted(LOWEST, ABOVE));
    }
}
