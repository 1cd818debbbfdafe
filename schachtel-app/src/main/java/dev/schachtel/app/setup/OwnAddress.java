package dev.schachtel.app.setup;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/**
 * Answers only under this machine's own names, so that no foreign page can give its name our address and read along, and
 * takes changes only from our own pages or from programs. Nobody signs in, so it serves this machine only.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnAddress extends OncePerRequestFilter {
    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final Set<String> READING =
            Set.of(HttpMethod.GET.name(), HttpMethod.HEAD.name(), HttpMethod.OPTIONS.name());
    private static final Set<String> OURS = Set.of("same-origin", "none");

    OwnAddress(@Value("${server.address}") InetAddress served) {
        if (!served.isLoopbackAddress()) {
            throw new IllegalStateException(
                    "Schachtel serves this machine only, since nobody signs in: server.address is "
                            + served.getHostAddress() + ", but must be 127.0.0.1 or ::1.");
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!NAMES.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            refuse(
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "This is not an address of Schachtel. Open http://127.0.0.1:" + request.getLocalPort()
                            + "/ instead.");
        } else if (!READING.contains(request.getMethod()) && !isOurs(request)) {
            refuse(response, HttpStatus.FORBIDDEN, "Another site may not change anything here.");
        } else if (isForeign(request)) {
            refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "Another site may not use what is here; open it in a window of its own.");
        } else {
            response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
            chain.doFilter(request, response);
        }
    }

    /** A page of another site that shows or fetches something of ours, and so makes it work; a link to us is followed. */
    private static boolean isForeign(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String mode = request.getHeader("Sec-Fetch-Mode");
        String dest = request.getHeader("Sec-Fetch-Dest");
        boolean followed = "navigate".equals(mode) && "document".equals(dest);
        return site != null && !OURS.contains(site) && !followed;
    }

    /** Browsers say where a request comes from; programs say nothing. */
    private static boolean isOurs(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return (site == null || OURS.contains(site)) && (origin == null || isOurs(origin, request));
    }

    private static boolean isOurs(String origin, HttpServletRequest request) {
        try {
            URI from = URI.create(origin);
            return "http".equals(from.getScheme())
                    && request.getServerName().equalsIgnoreCase(from.getHost())
                    && (from.getPort() < 0 ? 80 : from.getPort()) == request.getServerPort();
        } catch (IllegalArgumentException noAddress) {
            return false;
        }
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String words) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(words);
    }
}
