package dev.schachtel.app.planning;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;

import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/** How many pages are being made just now: what nobody waits for stands back meanwhile. */
@Component
class UnderWay extends OncePerRequestFilter {
    private final ReentrantLock lock = new ReentrantLock();
    private final Condition none = lock.newCondition();
    private int pages;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        count(1);
        try {
            chain.doFilter(request, response);
        } finally {
            count(-1);
        }
    }

    /** One page more, or fewer. */
    void count(int more) {
        lock.lock();
        try {
            pages += more;
            if (pages <= 0) {
                none.signalAll();
            }
        } finally {
            lock.unlock();
        }
    }

    /** Waits until no page is being made, so long at most. */
    void standBack(Duration most) throws InterruptedException {
        long left = most.toNanos();
        lock.lock();
        try {
            while (pages > 0 && left > 0) {
                left = none.awaitNanos(left);
            }
        } finally {
            lock.unlock();
        }
    }
}
