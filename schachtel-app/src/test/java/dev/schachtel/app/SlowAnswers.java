package dev.schachtel.app;

import java.io.IOException;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;

/**
 * A slow network, for runs with SCHACHTEL_TEST_SLOW=3: each answer comes only after so many times as long again as it took to
 * make, and 20 ms for each.
 */
@Component
@Order(Integer.MIN_VALUE)
@ConditionalOnProperty("schachtel.test.slow")
class SlowAnswers implements Filter {
    private static final int LEAST_MS = 20;
    private final int times = Integer.getInteger("schachtel.test.slow", 0);

    @Override
    public void doFilter(ServletRequest request, ServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        long from = System.nanoTime();
        long held = times * LEAST_MS * 1_000_000L;
        pause(held);
        chain.doFilter(request, response);
        pause(times * (System.nanoTime() - from - held));
    }

    private static void pause(long nanoseconds) throws IOException {
        try {
            Thread.sleep(nanoseconds / 1_000_000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("stopped while an answer was held back", e);
        }
    }
}
