package dev.schachtel.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

import org.springframework.boot.SpringApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** The application as a process of its own that can be killed, with a clock that a test sets. */
public final class OwnServer {
    private OwnServer() {}

    public static void main(String[] args) {
        new SpringApplication(App.class, Simulated.class).run(args);
    }

    /** The time that stands in a file, as seconds after the start of the demo's day. No component: only this process has it. */
    static class Simulated {
        private static final Instant START = Instant.parse("2026-11-26T10:00:00Z");

        @Bean
        @Primary
        Clock simulated() {
            Path file = Path.of(System.getProperty("schachtel.clock"));
            return new Clock() {
                @Override
                public ZoneId getZone() {
                    return ZoneOffset.UTC;
                }

                @Override
                public Clock withZone(ZoneId zone) {
                    return this;
                }

                @Override
                public Instant instant() {
                    try {
                        return START.plusSeconds(
                                Long.parseLong(Files.readString(file).strip()));
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }
            };
        }
    }
}
