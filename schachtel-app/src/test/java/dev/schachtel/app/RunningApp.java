package dev.schachtel.app;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

import dev.schachtel.app.store.CardService;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;

/** The real application, started once for all tests of a process, on a throw-away database of the process's own. */
public final class RunningApp implements BeforeAllCallback, ParameterResolver {
    private static ConfigurableApplicationContext context;
    private final HttpClient client = HttpClient.newHttpClient();

    private static synchronized ConfigurableApplicationContext context() {
        if (context == null) {
            String server = System.getenv("SCHACHTEL_DB_URL");
            if (server == null) {
                throw new IllegalStateException("these tests need a database of their own: run ./schachtel test");
            }
            String own = server + "_" + System.getProperty("process", "0") + "?createDatabaseIfNotExist=true";
            String slow = System.getenv("SCHACHTEL_TEST_SLOW");
            if (slow != null) {
                System.setProperty("schachtel.test.slow", slow);
            }
            context = SpringApplication.run(App.class, "--server.port=0", "--spring.datasource.url=" + own);
            Runtime.getRuntime().addShutdownHook(new Thread(context::close));
        }
        return context;
    }

    @Override
    public void beforeAll(ExtensionContext test) {
        context();
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == RunningApp.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return this;
    }

    String address() {
        return "http://127.0.0.1:" + context().getEnvironment().getProperty("local.server.port");
    }

    CardService cards() {
        return context().getBean(CardService.class);
    }

    public <T> T bean(Class<T> type) {
        return context().getBean(type);
    }

    /** One of several of a type. */
    <T> T bean(String name, Class<T> type) {
        return context().getBean(name, type);
    }

    /** The demo's shaker card without its rider. */
    public static CardSpec demo() {
        return CardEdit.of(demo("upper-station.json")).remove(new Id("car"));
    }

    /** A card file of the demo folder without the pictures on it and their colouring, for tests that count. */
    public static CardSpec demo(String file) {
        CardSpec spec = whole(file);
        for (Element element : spec.elements()) {
            boolean pictured = element instanceof Motif m && m.shape() instanceof Opening.Pictured;
            if (pictured || element instanceof Colouring) {
                spec = CardEdit.of(spec).remove(element.id());
            }
        }
        return spec;
    }

    /** A card file of the demo folder as it is. */
    static CardSpec whole(String file) {
        return CardFile.read(demoText(file), WorkshopFile.standard());
    }

    static String demoText(String file) {
        try {
            return Files.readString(Path.of("..", "demo", file));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** The twelve demo cards, bad examples aside. */
    public static List<String> demoFiles() {
        try (Stream<Path> all = Files.list(Path.of("..", "demo"))) {
            return all.map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".json"))
                    .sorted()
                    .toList();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + path)).build());
    }

    byte[] bytes(String path) {
        try {
            return client.send(
                            HttpRequest.newBuilder(URI.create(address() + path)).build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Posts a form with the token of a page, as a browser would. */
    HttpResponse<String> post(String path, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(e -> e.getKey() + "=" + java.net.URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return send(withToken(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    /** Posts a card file as a program would, without a page. */
    HttpResponse<String> api(String body) {
        return send(HttpRequest.newBuilder(URI.create(address() + "/api/plan"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    HttpResponse<String> upload(String path, byte[] file) {
        String edge = "edge-of-part-7f3a";
        byte[] head = ("--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"card.json\"\r\n"
                        + "Content-Type: application/json\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = ("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return send(withToken(path)
                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                .POST(HttpRequest.BodyPublishers.ofByteArrays(java.util.List.of(head, file, tail)))
                .build());
    }

    private HttpRequest.Builder withToken(String path) {
        HttpResponse<String> page = get("/new");
        Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(page.body());
        if (!token.find()) {
            throw new IllegalStateException("the page has no token");
        }
        String cookie = page.headers().firstValue("Set-Cookie").orElseThrow().split(";")[0];
        return HttpRequest.newBuilder(URI.create(address() + path))
                .header("Cookie", cookie)
                .header("X-XSRF-TOKEN", token.group(1));
    }

    HttpResponse<String> send(HttpRequest request) {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
