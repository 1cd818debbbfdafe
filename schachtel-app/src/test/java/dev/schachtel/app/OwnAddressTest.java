package dev.schachtel.app;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Requests as a foreign page would cause them, written letter by letter, since a client of ours forbids such headers. */
@ExtendWith(RunningApp.class)
class OwnAddressTest {
    private final URI served;

    OwnAddressTest(RunningApp app) {
        this.served = URI.create(app.address());
    }

    private String ask(String request) throws IOException {
        try (Socket socket = new Socket(served.getHost(), served.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String status(String answer) {
        return answer.split(" ", 3)[1];
    }

    private String get(String host) throws IOException {
        return ask("GET /stock/stock.csv HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n");
    }

    private String plan(String headers) throws IOException {
        return ask("POST /api/plan HTTP/1.1\r\nHost: 127.0.0.1:" + served.getPort()
                + "\r\nContent-Type: application/json\r\n" + headers
                + "Content-Length: 2\r\nConnection: close\r\n\r\n{}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "127.0.0.1", "LOCALHOST", "[::1]"})
    void ownNamesAreAnswered(String name) throws IOException {
        assertThat(status(get(name + ":" + served.getPort()))).isEqualTo("200");
    }

    @ParameterizedTest
    @ValueSource(strings = {"rebound.example", "127.0.0.1.rebound.example", "localhost.rebound.example", "192.0.2.7"})
    void noForeignPageReadsAlongUnderANameOfItsOwn(String name) throws IOException {
        String answer = get(name + ":" + served.getPort());
        assertThat(status(answer)).isEqualTo("421");
        assertThat(answer).contains("This is not an address of Schachtel").doesNotContain("cream");
    }

    /** An empty card is refused in words (422) where it is looked at at all. */
    @ParameterizedTest
    @CsvSource({
        "'', 422",
        "'Origin: http://127.0.0.1:{port}', 422",
        "'Sec-Fetch-Site: same-origin', 422",
        "'Origin: http://rebound.example', 403",
        "'Origin: https://127.0.0.1:{port}', 403",
        "'Origin: http://127.0.0.1:1', 403",
        "'Origin: http://localhost:{port}', 403",
        "'Origin: null', 403",
        "'Origin: http://[', 403",
        "'Sec-Fetch-Site: cross-site', 403",
        "'Sec-Fetch-Site: same-site', 403"
    })
    void onlyOurPagesAndProgramsAskForWork(String header, String expected) throws IOException {
        String line = header.isEmpty() ? "" : header.replace("{port}", "" + served.getPort()) + "\r\n";
        assertThat(status(plan(line))).isEqualTo(expected);
    }

    /** Another site's page can't make us work by showing or fetching something of ours; a link to us is followed. */
    @ParameterizedTest
    @CsvSource({
        "'', '', '', 200",
        "same-origin, no-cors, image, 200",
        "same-origin, cors, empty, 200",
        "none, navigate, document, 200",
        "cross-site, navigate, document, 200",
        "same-site, navigate, document, 200",
        "cross-site, navigate, iframe, 403",
        "cross-site, navigate, frame, 403",
        "cross-site, no-cors, image, 403",
        "cross-site, no-cors, script, 403",
        "cross-site, cors, empty, 403",
        "same-site, no-cors, style, 403",
        "same-site, cors, empty, 403",
        "cross-site, websocket, websocket, 403",
        "cross-site, '', '', 403"
    })
    void noForeignPageMakesUsWork(String site, String mode, String dest, String expected) throws IOException {
        String headers = Stream.of(
                        new String[] {"Site", site}, new String[] {"Mode", mode}, new String[] {"Dest", dest})
                .filter(h -> !h[1].isEmpty())
                .map(h -> "Sec-Fetch-" + h[0] + ": " + h[1] + "\r\n")
                .collect(Collectors.joining());
        String answer = ask("GET /stock/stock.csv HTTP/1.1\r\nHost: 127.0.0.1:" + served.getPort() + "\r\n" + headers
                + "Connection: close\r\n\r\n");
        assertThat(status(answer)).isEqualTo(expected);
        if (expected.equals("200")) {
            assertThat(answer.toLowerCase(Locale.ROOT)).contains("cross-origin-resource-policy: same-origin");
        } else {
            assertThat(answer).doesNotContain("cream");
        }
    }

    @Test
    void itServesThisMachineOnly() {
        assertThatThrownBy(() -> SpringApplication.run(App.class, "--server.port=0", "--server.address=0.0.0.0"))
                .rootCause()
                .hasMessageContaining("serves this machine only");
    }
}
