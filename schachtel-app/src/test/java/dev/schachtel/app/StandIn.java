package dev.schachtel.app;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;

import com.sun.net.httpserver.HttpServer;

/** What the launcher takes for the application: it can be unpacked, and answers that it is well. */
public final class StandIn {
    private StandIn() {}

    public static void main(String[] args) throws IOException {
        Path jar = Path.of(System.getProperty("java.class.path"));
        if (System.getProperty("jarmode") != null) {
            Path to = Path.of(args[args.length - 1]);
            Files.createDirectories(to);
            Files.copy(jar, to.resolve(jar.getFileName()));
        } else if (System.getProperty("spring.context.exit") == null) {
            int port = Integer.parseInt(System.getenv("SCHACHTEL_PORT"));
            HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
            server.createContext("/actuator/health", exchange -> {
                exchange.sendResponseHeaders(200, -1);
                exchange.close();
            });
            server.start();
        }
    }
}
