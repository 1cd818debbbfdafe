package dev.schachtel.app;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

import dev.schachtel.core.files.CardFile;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Server and database are killed without a warning, in the middle of loading the demo and while four clients change cards:
 * what was confirmed is there afterwards. {@code -Dkills=9} kills more often.
 */
class KillsTest {
    private static final int KILLS = Integer.getInteger("kills", 1);
    private static final int CLIENTS = 4;
    private static final Pattern STATE = Pattern.compile("name=\"(version|revision|_csrf)\" value=\"([^\"]+)\"");

    private ServerProcess server;
    private JdbcTemplate content;

    @Test
    void nothingConfirmedIsLost(@TempDir Path dir) throws Exception {
        OwnDatabase database = OwnDatabase.made(dir.resolve("database"));
        content = database.content();
        server = new ServerProcess(dir, database);
        try {
            theDemoIsLoadedWholeOrNotAtAll();
            List<Long> cards = content.queryForList("select id from card limit " + CLIENTS, Long.class);
            Random random = new Random(26);
            Set<String> confirmed = ConcurrentHashMap.newKeySet();
            for (int kill = 0; kill < KILLS; kill++) {
                int enough = confirmed.size() + 20 + random.nextInt(20);
                List<Thread> clients = new ArrayList<>();
                for (Long card : cards) {
                    Client client = new Client(card, confirmed);
                    clients.add(begun(client));
                }
                server.until(() -> confirmed.size() >= enough);
                if (kill % 2 == 1) {
                    server.kill();
                } else {
                    database.kill();
                    server.kill();
                    database.start();
                }
                for (Thread client : clients) {
                    client.join();
                }
                assertThat(stored()).containsAll(confirmed);
                if (kill + 1 < KILLS) {
                    server.begin();
                    server.answers();
                }
            }
            assertThat(confirmed).hasSizeGreaterThanOrEqualTo(20 * KILLS);
        } finally {
            server.kill();
            database.kill();
        }
    }

    private static Thread begun(Client client) {
        Thread thread = new Thread(client::change);
        thread.start();
        return thread;
    }

    /** Killed when the cards are in, and builds and occasions are not. */
    private void theDemoIsLoadedWholeOrNotAtAll() throws Exception {
        server.until(() -> server.said().contains("demo cards"));
        server.kill();
        assertThat(many("card")).isZero();
        server.begin();
        server.answers();
        server.until(() -> many("card") > 0);
        assertThat(List.of(many("card") > 20, many("logged_build") > 5, many("occasion") > 1))
                .containsOnly(true);
    }

    private int many(String table) {
        return java.util.Objects.requireNonNull(content.queryForObject("select count(*) from " + table, Integer.class));
    }

    private Set<String> stored() {
        Set<String> all = new HashSet<>();
        content.query("select card_id, spec from revision where about <> 'demo'", row -> {
            all.add(row.getLong(1) + ": "
                    + CardFile.read(row.getString(2)).brief().cards());
        });
        return all;
    }

    /** Changes how many are made of one card, one value after the other, until nobody answers any more. */
    private final class Client {
        private final HttpClient http = HttpClient.newHttpClient();
        private final long card;
        private final Set<String> confirmed;

        Client(long card, Set<String> confirmed) {
            this.card = card;
            this.confirmed = confirmed;
        }

        void change() {
            int next = (int)
                    confirmed.stream().filter(c -> c.startsWith(card + ": ")).count();
            try {
                while (true) {
                    HttpResponse<String> page = send(HttpRequest.newBuilder(at("/cards/" + card + "/brief"))
                            .build());
                    int value = 1 + next++;
                    if (page.statusCode() == 200 && changed(page, value).statusCode() < 400) {
                        confirmed.add(card + ": " + value);
                    }
                }
            } catch (IOException killed) {
                return;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        private HttpResponse<String> changed(HttpResponse<String> page, int value)
                throws IOException, InterruptedException {
            Map<String, String> fields = new java.util.HashMap<>(Map.of(
                    "piece", "brief", "component", "cards", "select", "brief", "view", "front", "value", "" + value));
            // What one window types is one revision for some seconds: each value comes from a window of its own.
            fields.put("window", card + "-" + value);
            Matcher state = STATE.matcher(page.body());
            while (state.find()) {
                fields.putIfAbsent(state.group(1), state.group(2));
            }
            String body = fields.entrySet().stream()
                    .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                    .collect(Collectors.joining("&"));
            String cookie =
                    page.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
            return send(HttpRequest.newBuilder(at("/cards/" + card + "/brief/set"))
                    .header("Cookie", cookie)
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build());
        }

        private URI at(String path) {
            return URI.create(server.address() + path);
        }

        private HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
            return http.send(request, HttpResponse.BodyHandlers.ofString());
        }
    }
}
