package dev.schachtel.app;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;

/** The application as a process of its own on a database of its own; both may be killed without a warning and started again. */
final class ServerProcess {
    private final Path dir;
    private final int port;
    private final OwnDatabase database;
    private Process server;

    /** Begun, not answering yet. */
    ServerProcess(Path dir, OwnDatabase database) throws IOException {
        this.dir = dir;
        this.database = database;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        later(0);
        begin();
    }

    /** Sets the clock that it lives by, in seconds after the start of the demo's day. */
    void later(long seconds) throws IOException {
        Path next = dir.resolve("clock.next");
        Files.writeString(next, Long.toString(seconds));
        Files.move(
                next,
                dir.resolve("clock"),
                java.nio.file.StandardCopyOption.ATOMIC_MOVE,
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }

    void begin() throws IOException {
        String classes = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xmx512m",
                "-Dschachtel.clock=" + dir.resolve("clock"),
                "-cp",
                classes,
                OwnServer.class.getName(),
                "--server.port=" + port);
        database.tell(builder.environment());
        server = builder.redirectErrorStream(true)
                .redirectOutput(dir.resolve("server.log").toFile())
                .start();
    }

    void answers() throws Exception {
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest health = HttpRequest.newBuilder(URI.create(address() + "/actuator/health"))
                .build();
        until(() -> {
            try {
                return client.send(health, HttpResponse.BodyHandlers.ofString()).statusCode() == 200;
            } catch (IOException notYet) {
                return false;
            }
        });
    }

    /** Waits for a state, as long as the process lives and ten minutes at most. */
    void until(Callable<Boolean> met) throws Exception {
        for (int i = 0; i < 6_000; i++) {
            if (met.call()) {
                return;
            }
            if (!server.isAlive()) {
                break;
            }
            Thread.sleep(100);
        }
        throw new IllegalStateException(said());
    }

    String said() throws IOException {
        return Files.readString(dir.resolve("server.log"));
    }

    /** As kill -9 does. */
    void kill() throws InterruptedException {
        server.destroyForcibly().waitFor();
    }

    OwnDatabase database() {
        return database;
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }
}
