package dev.schachtel.app;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A database in a folder of its own, which a test may kill without a warning and start again. */
final class OwnDatabase {
    private final Path dir;
    private final int port;
    private Process process;

    private OwnDatabase(Path dir, int port, Process process) {
        this.dir = dir;
        this.port = port;
        this.process = process;
    }

    static OwnDatabase made(Path dir) throws IOException, InterruptedException {
        Files.createDirectories(dir);
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        run(
                dir,
                "mariadb-install-db",
                "--no-defaults",
                "--datadir=" + dir.resolve("data"),
                "--user=" + user(),
                "--auth-root-authentication-method=normal");
        OwnDatabase made = new OwnDatabase(dir, port, serve(dir, port));
        made.answered();
        run(
                dir,
                "mariadb",
                "--no-defaults",
                "--socket=" + dir.resolve("s"),
                "-uroot",
                "-e",
                "create database bench character set utf8mb4; create user 'bench'@'127.0.0.1' identified by 'bench';"
                        + " grant all on bench.* to 'bench'@'127.0.0.1'");
        return made;
    }

    void tell(Map<String, String> environment) {
        environment.put("SCHACHTEL_DB_URL", "jdbc:mariadb://127.0.0.1:" + port + "/bench");
        environment.put("SCHACHTEL_DB_USER", "bench");
        environment.put("SCHACHTEL_DB_PASSWORD", "bench");
    }

    /** What is in it, as long as it runs. */
    JdbcTemplate content() {
        return new JdbcTemplate(
                new DriverManagerDataSource("jdbc:mariadb://127.0.0.1:" + port + "/bench", "bench", "bench"));
    }

    /** As kill -9 does. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    void start() throws IOException, InterruptedException {
        process = serve(dir, port);
        answered();
    }

    private static Process serve(Path dir, int port) throws IOException {
        return started(
                dir,
                List.of(
                        "mariadbd",
                        "--no-defaults",
                        "--datadir=" + dir.resolve("data"),
                        "--socket=" + dir.resolve("s"),
                        "--pid-file=" + dir.resolve("pid"),
                        "--port=" + port,
                        "--bind-address=127.0.0.1",
                        "--skip-name-resolve",
                        "--character-set-server=utf8mb4",
                        "--collation-server=utf8mb4_unicode_ci",
                        "--innodb-buffer-pool-size=32M",
                        "--user=" + user()));
    }

    private void answered() throws IOException, InterruptedException {
        for (int i = 0; i < 150; i++) {
            Process asked = started(
                    dir,
                    List.of("mariadb", "--no-defaults", "--socket=" + dir.resolve("s"), "-uroot", "-e", "select 1"));
            if (asked.waitFor() == 0) {
                return;
            }
            Thread.sleep(200);
        }
        throw new IllegalStateException(Files.readString(dir.resolve("log")));
    }

    private static void run(Path dir, String... command) throws IOException, InterruptedException {
        if (started(dir, List.of(command)).waitFor() != 0) {
            throw new IllegalStateException(Files.readString(dir.resolve("log")));
        }
    }

    private static Process started(Path dir, List<String> command) throws IOException {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(dir.resolve("log").toFile()))
                .start();
    }

    private static String user() {
        return System.getProperty("user.name");
    }
}
