package dev.schachtel.app.planning;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.BlockingDeque;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

import jakarta.annotation.PreDestroy;

/**
 * Works out what no page waits for: one thing after the other, the newest first, so that whoever looks at a page gets what is
 * on it before what was asked for earlier. What is asked for twice is worked out once. While a page is being made that doesn't
 * wait for it, it stands back.
 */
@Component
public class Later {
    private static final Logger LOG = LoggerFactory.getLogger(Later.class);
    private static final Duration BACK = Duration.ofSeconds(1);

    private final BlockingDeque<Runnable> waiting = new LinkedBlockingDeque<>();
    private final Map<Object, CompletableFuture<?>> underway = new ConcurrentHashMap<>();
    private final Thread worker;
    private final UnderWay pages;
    private final Duration back;

    @Autowired
    Later(UnderWay pages) {
        this(pages, BACK);
    }

    /** One thing stands back so long, however many pages are asked for. */
    Later(UnderWay pages, Duration back) {
        this.pages = pages;
        this.back = back;
        this.worker = new Thread(this::work, "later");
        worker.setDaemon(true);
        worker.setPriority(Thread.MIN_PRIORITY);
        worker.start();
    }

    /** Works something out when it is its turn, unless it is waiting already. */
    @SuppressWarnings("unchecked")
    public <T> CompletableFuture<T> ask(Object key, Supplier<T> work) {
        return (CompletableFuture<T>) underway.computeIfAbsent(key, k -> {
            CompletableFuture<T> answer = new CompletableFuture<>();
            waiting.offerFirst(() -> done(k, answer, work));
            return answer;
        });
    }

    /** What comes of it within a time that a page may wait; nothing if it takes longer, or fails. */
    public <T> Optional<T> within(CompletableFuture<T> answer, Duration patience) {
        pages.count(-1);
        try {
            return Optional.of(answer.get(Math.max(0, patience.toNanos()), TimeUnit.NANOSECONDS));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException | TimeoutException e) {
            return Optional.empty();
        } finally {
            pages.count(1);
        }
    }

    private <T> void done(Object key, CompletableFuture<T> answer, Supplier<T> work) {
        try {
            answer.complete(work.get());
        } catch (RuntimeException e) {
            LOG.warn("what was to be worked out later failed: {}", key, e);
            answer.completeExceptionally(e);
        } finally {
            underway.remove(key);
        }
    }

    private void work() {
        try {
            while (true) {
                waiting.putFirst(waiting.takeFirst());
                pages.standBack(back);
                waiting.takeFirst().run();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @PreDestroy
    void stop() {
        worker.interrupt();
    }
}
