package dev.schachtel.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Clients that all change a size of a card of their own, one change after the other, against a running application:
 * {@code Load http://127.0.0.1:8090 8 20} is eight of them for twenty seconds.
 */
public final class Load {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern SEEN = Pattern.compile("name=\"(version|revision)\" value=\"(\\d+)\"");

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    /** The card of which every client changes a copy: Upper Station of the demo, if nothing else is said. */
    private final String copied;

    private Load(String address, String copied) {
        this.address = address;
        this.copied = copied;
    }

    public static void main(String[] args) throws InterruptedException {
        Load load = new Load(args[0], args.length > 3 ? args[3] : "11");
        int clients = Integer.parseInt(args[1]);
        Duration time = Duration.ofSeconds(Long.parseLong(args[2]));
        List<Long> all = Collections.synchronizedList(new ArrayList<>());
        CountDownLatch ready = new CountDownLatch(clients);
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < clients; i++) {
            Thread thread = new Thread(() -> load.edit(ready, time, all));
            thread.start();
            threads.add(thread);
        }
        for (Thread thread : threads) {
            thread.join();
        }
        Collections.sort(all);
        System.out.printf(
                "%d clients: %.1f requests/s, half within %d ms, 95 %% within %d ms, slowest %d ms%n",
                clients,
                (double) all.size() / time.toSeconds(),
                all.get(all.size() / 2),
                all.get(all.size() * 95 / 100),
                all.get(all.size() - 1));
    }

    private void edit(CountDownLatch ready, Duration time, List<Long> all) {
        try {
            HttpResponse<String> home = get("/new");
            String cookie =
                    home.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
            String token = found(TOKEN, home.body());
            String card = post("/cards/" + copied + "/duplicate", cookie, token, "")
                    .headers()
                    .firstValue("Location")
                    .orElseThrow()
                    .replaceAll(".*/cards/(\\d+)/.*", "$1");
            String page = get("/cards/" + card + "/structure?select=window").body();
            ready.countDown();
            ready.await();
            long until = System.nanoTime() + time.toNanos();
            for (int i = 0; System.nanoTime() < until; i++) {
                String seen = seen(page);
                long before = System.nanoTime();
                HttpResponse<String> answer = post(
                        "/cards/" + card + "/structure/set",
                        cookie,
                        token,
                        seen + "select=window&view=front&piece=window&component=shape.diameter&value=" + (50 + i % 9)
                                + "+mm");
                all.add((System.nanoTime() - before) / 1_000_000);
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(answer.statusCode() + " " + answer.body());
                }
                page = answer.body();
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String found(Pattern pattern, String text) {
        Matcher m = pattern.matcher(text);
        if (!m.find()) {
            throw new IllegalStateException("nothing like " + pattern);
        }
        return m.group(1);
    }

    /** The version and revision that the page shows, as a form sends them. */
    private static String seen(String page) {
        StringBuilder seen = new StringBuilder();
        Matcher m = SEEN.matcher(page.substring(page.indexOf("id=\"seen\"")));
        for (int i = 0; i < 2 && m.find(); i++) {
            seen.append(m.group(1)).append('=').append(m.group(2)).append('&');
        }
        return seen.toString();
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String path, String cookie, String token, String body)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Cookie", cookie)
                        .header("X-XSRF-TOKEN", token)
                        .header("HX-Request", "true")
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
