package dev.schachtel.app;

import java.io.IOException;
import java.io.InputStream;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.jar.Attributes;
import java.util.jar.JarEntry;
import java.util.jar.JarOutputStream;
import java.util.jar.Manifest;
import java.util.stream.Stream;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** The launcher in a folder of its own, with a stand-in for the application and a real database. */
class LauncherTest {
    private static final boolean ROOT = "root".equals(System.getProperty("user.name"));

    @TempDir
    Path around;

    /** A folder whose name has a space. */
    private Path dir;

    private Path out;
    private int port;
    private int databasePort;

    @BeforeEach
    void folder() throws IOException {
        Files.setPosixFilePermissions(around, PosixFilePermissions.fromString("rwx--x--x"));
        dir = Files.createDirectory(around.resolve("our cards"));
        // Killed in the middle of its first start.
        Files.createDirectories(dir.resolve("var/mariadb.new/mysql"));
        Files.setPosixFilePermissions(dir, PosixFilePermissions.fromString("rwx--x--x"));
        Files.copy(Path.of("..", "schachtel"), dir.resolve("schachtel"));
        for (String needed : List.of("schachtel-core/src/main", "schachtel-app/src/main", "demo")) {
            Files.createDirectories(dir.resolve(needed));
        }
        for (String needed : List.of("pom.xml", "schachtel-core/pom.xml", "schachtel-app/pom.xml")) {
            Files.createFile(dir.resolve(needed));
        }
        Path jar = Files.createDirectories(dir.resolve("schachtel-app/target"))
                .resolve("schachtel-app-0.1.0-SNAPSHOT.jar");
        Manifest manifest = new Manifest();
        manifest.getMainAttributes().put(Attributes.Name.MANIFEST_VERSION, "1.0");
        manifest.getMainAttributes().put(Attributes.Name.MAIN_CLASS, StandIn.class.getName());
        String entry = StandIn.class.getName().replace('.', '/') + ".class";
        try (JarOutputStream made = new JarOutputStream(Files.newOutputStream(jar), manifest);
                InputStream code = StandIn.class.getClassLoader().getResourceAsStream(entry)) {
            made.putNextEntry(new JarEntry(entry));
            java.util.Objects.requireNonNull(code).transferTo(made);
        }
        out = dir.resolve("start.out");
        port = free();
        databasePort = free();
    }

    @AfterEach
    void stopped() throws Exception {
        run("stop");
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private Process begun(Path to, String... words) throws IOException {
        List<String> command =
                new ArrayList<>(List.of("bash", dir.resolve("schachtel").toString()));
        command.addAll(Arrays.asList(words));
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(to.toFile());
        builder.environment().put("SCHACHTEL_PORT", "" + port);
        builder.environment().put("SCHACHTEL_DB_PORT", "" + databasePort);
        builder.environment().put("SCHACHTEL_PATIENCE", "1");
        return builder.start();
    }

    private String run(String... words) throws Exception {
        Path to = Files.createTempFile(dir, "said", ".txt");
        assertThat(begun(to, words).waitFor(2, TimeUnit.MINUTES)).isTrue();
        return Files.readString(to);
    }

    private String sql(String statement, String... how) throws Exception {
        List<String> command = new ArrayList<>(List.of("mariadb", "--no-defaults", "-N"));
        command.addAll(Arrays.asList(how));
        command.addAll(List.of("-e", statement));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        return new String(process.getInputStream().readAllBytes());
    }

    private String own(String statement) throws Exception {
        return sql(statement, "--socket=" + socket(), "-u" + System.getProperty("user.name"));
    }

    private Path socket() {
        return dir.resolve("var/db/mariadb.sock");
    }

    private long number(String file) throws IOException {
        return Long.parseLong(Files.readString(dir.resolve("var").resolve(file)).strip());
    }

    private void until(java.util.concurrent.Callable<Boolean> met) throws Exception {
        long end = System.nanoTime() + TimeUnit.MINUTES.toNanos(2);
        while (!met.call()) {
            assertThat(System.nanoTime()).as(Files.readString(out)).isLessThan(end);
            Thread.sleep(100);
        }
    }

    @Test
    void itStartsOnceKeepsItsDatabaseAndItsCards() throws Exception {
        begun(out, "start");
        until(() -> Files.readString(out).contains("is ready"));
        assertThat(run("start")).contains("runs already (process " + number("run/app.pid"));
        assertThat(run("status"))
                .contains("answers at http://127.0.0.1:" + port)
                .contains("room taken");
        nobodyElseGetsIn();

        own(
                "create table schachtel.card (name varchar(20)); create table schachtel.revision (id int);"
                        + " create table schachtel.flyway_schema_history (id int); insert into schachtel.card values ('Zebra')");
        long before = number("db/mariadb.pid");
        ProcessHandle.of(before).orElseThrow().destroyForcibly();
        until(() -> Files.exists(dir.resolve("var/db/mariadb.pid"))
                && number("db/mariadb.pid") != before
                && own("select name from schachtel.card").equals("Zebra\n"));
        assertThat(Files.readString(out))
                .contains("The database stopped by itself")
                .doesNotContain("Killed");

        long server = number("run/app.pid");
        ProcessHandle.of(server).orElseThrow().destroyForcibly();
        until(() -> number("run/app.pid") != server && run("status").contains("answers at"));
        assertThat(Files.readString(out)).contains("The application did not answer any more");
        assertThat(dir.resolve("var/log/app.log.1")).exists();

        // It lives, and answers nobody.
        long hung = number("run/app.pid");
        new ProcessBuilder("kill", "-STOP", "" + hung).start().waitFor();
        until(() -> number("run/app.pid") != hung && run("status").contains("answers at"));

        Path backup = dir.resolve("cards.sql");
        assertThat(run("backup", dir.resolve("no/cards.sql").toString()))
                .isEqualTo("schachtel: there is no folder " + dir.resolve("no") + "; make it first.\n");
        assertThat(run("backup", backup.toString())).contains("Kept in");
        assertThat(run("backup", backup.toString())).contains("is there already");
        own("update schachtel.card set name = 'Changed'");
        assertThat(run("restore", backup.toString())).contains("stop Schachtel first");
        assertThat(run("stop")).contains("Stopped.");
        restored(backup);
        strangersAreLeftAlone();
        cardsOfAnotherUserAreNotTaken();
    }

    /** Root, once, in the folder of somebody else. */
    private void cardsOfAnotherUserAreNotTaken() throws Exception {
        if (ROOT) {
            Path data = dir.resolve("var/mariadb");
            Object owner = Files.getAttribute(data, "unix:uid");
            Files.setAttribute(data, "unix:uid", 65_534);
            assertThat(run("start")).contains("belong to nobody").contains("Nothing was changed.");
            assertThat(Files.getAttribute(data, "unix:uid")).isEqualTo(65_534);
            Files.setAttribute(data, "unix:uid", owner);
        }
    }

    private void nobodyElseGetsIn() throws Exception {
        assertThat(sql("select 1", "-h127.0.0.1", "-P" + databasePort, "-uroot"))
                .contains("Access denied");
        assertThat(own("select @@secure_file_priv")).contains("var/mariadb");
        if (ROOT) {
            Process other = new ProcessBuilder(
                            "setpriv",
                            "--reuid",
                            "65534",
                            "--clear-groups",
                            "mariadb",
                            "--no-defaults",
                            "--socket=" + socket(),
                            "-uroot",
                            "-e",
                            "select 1")
                    .redirectErrorStream(true)
                    .start();
            assertThat(new String(other.getInputStream().readAllBytes())).contains("Access denied");
            assertThat(ProcessHandle.of(number("db/mariadb.pid"))
                            .orElseThrow()
                            .info()
                            .user())
                    .hasValue("mysql");
        }
    }

    /** What is damaged changes nothing, however often it is tried; what is whole takes the place of what is there. */
    private void restored(Path backup) throws Exception {
        Path damaged = dir.resolve("damaged.sql");
        String whole = Files.readString(backup);
        Files.writeString(damaged, whole.substring(0, whole.length() / 2));
        Path broken = dir.resolve("broken.sql");
        Files.writeString(broken, whole.replace("INSERT INTO", "INSERT OUT OF"));
        for (int i = 0; i < 2; i++) {
            assertThat(run("restore", damaged.toString())).contains("is no whole backup; nothing was changed.");
            assertThat(run("restore", broken.toString())).contains("nothing was changed.");
        }
        commandsAreNotObeyed(whole);
        Path now = dir.resolve("now.sql");
        run("backup", now.toString());
        assertThat(Files.readString(now)).contains("Changed").doesNotContain("Zebra");
        assertThat(run("restore", backup.toString())).contains("Restored from");
        Path then = dir.resolve("then.sql");
        run("backup", then.toString());
        assertThat(Files.readString(then)).contains("Zebra").doesNotContain("Changed");
        try (Stream<Path> copies = Files.list(dir.resolve("var/copies"))) {
            assertThat(copies.toList()).isNotEmpty().allSatisfy(c -> assertThat(Files.readString(c))
                    .contains("Changed"));
        }
    }

    /** A backup that runs programs, or reaches for what is there, is not read; not even where a row hides it. */
    private void commandsAreNotObeyed(String whole) throws Exception {
        Path mark = dir.resolve("run-by-a-backup");
        int first = whole.indexOf("DROP TABLE");
        for (String line : List.of(
                "\\! touch " + mark,
                "system touch " + mark,
                "USE schachtel;",
                "DROP TABLE schachtel.card;",
                "/*!40101 SET @x = 1 */; DROP TABLE schachtel.card;",
                "SELECT 'x' INTO OUTFILE '" + mark + "';",
                "DELIMITER //",
                "source " + mark)) {
            Path hostile = dir.resolve("hostile.sql");
            Files.writeString(hostile, whole.substring(0, first) + line + "\n" + whole.substring(first));
            assertThat(run("restore", hostile.toString()))
                    .as(line)
                    .contains("holds what no backup of Schachtel holds")
                    .contains("nothing was changed.");
        }
        int row = whole.indexOf("('Zebra')");
        for (String hidden : List.of(
                "('Zebra'); DROP TABLE schachtel.card;",
                "('Zebra'); \\! touch " + mark + ";",
                "('Zebra'); CREATE VIEW v AS SELECT 1;",
                "('Zebra'); CREATE TRIGGER t BEFORE INSERT ON card FOR EACH ROW SET NEW.name = 'x';")) {
            Path hostile = dir.resolve("hidden.sql");
            Files.writeString(hostile, whole.substring(0, row) + hidden + whole.substring(whole.indexOf('\n', row)));
            assertThat(run("restore", hostile.toString())).as(hidden).contains("nothing was changed.");
        }
        assertThat(mark).doesNotExist();
    }

    /** A number that was given to another program since is not taken for ours. */
    private void strangersAreLeftAlone() throws Exception {
        Process stranger = new ProcessBuilder("sleep", "600").start();
        try {
            Files.writeString(dir.resolve("var/run/app.pid"), "" + stranger.pid());
            Files.writeString(dir.resolve("var/db/mariadb.pid"), "" + stranger.pid());
            assertThat(run("status")).contains("application: stopped").contains("database: stopped");
            run("stop");
            assertThat(stranger.isAlive()).isTrue();
        } finally {
            stranger.destroyForcibly();
        }
    }
}
