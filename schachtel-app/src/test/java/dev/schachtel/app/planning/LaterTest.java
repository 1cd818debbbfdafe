package dev.schachtel.app.planning;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What no page waits for comes when no page is being made, the newest first. */
class LaterTest {
    private final UnderWay pages = new UnderWay();
    private final Later later = new Later(pages, Duration.ofHours(1));
    private final List<String> done = Collections.synchronizedList(new ArrayList<>());

    @AfterEach
    void stop() {
        later.stop();
    }

    private CompletableFuture<String> ask(String what) {
        return later.ask(what, () -> {
            done.add(what);
            return what;
        });
    }

    @Test
    void aPageThatDoesNotWaitIsLetByAndTheNewestComesFirst() throws Exception {
        CompletableFuture<Void> begun = new CompletableFuture<>();
        CompletableFuture<Void> go = new CompletableFuture<>();
        CompletableFuture<String> running = later.ask("running", () -> {
            begun.complete(null);
            go.join();
            return "";
        });
        begun.get(1, TimeUnit.MINUTES);
        CompletableFuture<String> first = ask("first");
        pages.count(1);
        go.complete(null);
        running.get(1, TimeUnit.MINUTES);
        CompletableFuture<String> second = ask("second");
        assertThat(first).isNotDone();
        pages.count(-1);
        first.get(1, TimeUnit.MINUTES);
        second.get(1, TimeUnit.MINUTES);
        assertThat(done).containsExactly("second", "first");
    }

    @Test
    void whatAPageWaitsForIsNotHeldUpByIt() {
        pages.count(1);
        assertThat(later.within(ask("wanted"), Duration.ofMinutes(1))).contains("wanted");
        pages.count(-1);
    }

    /** However many pages are asked for, in the end everything comes. */
    @Test
    void pagesWithoutEndHoldNothingUpForEver() throws Exception {
        pages.count(1);
        Later hasty = new Later(pages, Duration.ofMillis(1));
        assertThat(hasty.ask("", () -> "at last").get(1, TimeUnit.MINUTES)).isEqualTo("at last");
        hasty.stop();
    }
}
