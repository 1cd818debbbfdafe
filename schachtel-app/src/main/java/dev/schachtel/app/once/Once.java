package dev.schachtel.app.once;

import java.io.IOException;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/**
 * A form with a field {@value #FIELD} is done once for each of its values: sent again, by a second press or a lost answer, it
 * leads to where it led the first time. One that was refused may be sent again.
 */
@Configuration
class Once implements HandlerInterceptor, WebMvcConfigurer {
    private static final String FIELD = "once";
    private static final String KEY = "[A-Za-z0-9]{10,40}";
    private static final int TRIES = 300;
    private static final int PAUSE_MS = 50;
    private final Acted acted;

    Once(Acted acted) {
        this.acted = acted;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    private static Optional<String> key(HttpServletRequest request) {
        return HttpMethod.POST.matches(request.getMethod())
                ? Optional.ofNullable(request.getParameter(FIELD)).filter(k -> k.matches(KEY))
                : Optional.empty();
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        Optional<String> key = key(request);
        while (key.isPresent() && !acted.begin(key.get())) {
            Optional<String> place = led(key.get());
            if (place.isPresent()) {
                response.sendRedirect(place.get());
                return false;
            }
        }
        return true;
    }

    /** Where the first one led, once it is done; empty if it failed, so that it is tried again. */
    private Optional<String> led(String key) throws IOException {
        for (int i = 0; i < TRIES; i++) {
            Optional<String> place = acted.led(key);
            if (place.isEmpty() || !place.get().isEmpty()) {
                return place;
            }
            try {
                Thread.sleep(PAUSE_MS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IOException("stopped while waiting for what was sent before", e);
            }
        }
        acted.failed(key);
        return Optional.empty();
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception trouble) {
        key(request).ifPresent(key -> {
            String location = response.getHeader(HttpHeaders.LOCATION);
            if (trouble == null && response.getStatus() < HttpStatus.BAD_REQUEST.value() && location != null) {
                acted.done(key, location);
            } else {
                acted.failed(key);
            }
        });
    }
}
