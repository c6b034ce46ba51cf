package org.goldentally.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.app.problems.ReportWriter;
import org.goldentally.core.problem.Problem;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who is let in. The application is for the one machine it runs on, but a browser there visits other sites too, and those
 * can send requests to it.
 *
 * <ul>
 *   <li>Only names of this machine are answered: any other name that leads here belongs to a site that means to read.
 *   <li>What changes something comes from our own pages, or from a program that is no browser.
 *   <li>Bodies are JSON, or a photograph: what a form of another site can send is neither.
 *   <li>Pages run the scripts and styles that they came with, are shown in no frame, and say nothing of themselves to
 *       others; answers of the API are kept nowhere.
 * </ul>
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Door extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private static final Map<String, String> ALWAYS = Map.of(
            "Content-Security-Policy",
            "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self';"
                    + " frame-ancestors 'none'",
            "X-Content-Type-Options",
            "nosniff",
            "X-Frame-Options",
            "DENY",
            "Referrer-Policy",
            "no-referrer",
            "Permissions-Policy",
            "camera=(), geolocation=(), microphone=(self), payment=(), usb=()",
            "Cross-Origin-Opener-Policy",
            "same-origin",
            "Cross-Origin-Resource-Policy",
            "same-origin");

    private final ReportWriter reports;

    Door(ReportWriter reports) {
        this.reports = reports;
    }

    /** Why somebody is not let in, and how he would be. */
    private record Refusal(HttpStatus status, Problem problem) {}

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        ALWAYS.forEach(response::setHeader);
        if (request.getRequestURI().startsWith("/api")) {
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        Optional<Refusal> refusal = name(request).or(() -> origin(request)).or(() -> body(request));
        if (refusal.isEmpty()) {
            next.doFilter(request, response);
            return;
        }
        reports.write(
                response,
                refusal.get().status(),
                "This is not let in",
                refusal.get().problem());
    }

    private static Optional<Refusal> name(HttpServletRequest request) {
        String host = Optional.ofNullable(request.getHeader(HttpHeaders.HOST)).orElse("");
        return OWN_NAMES.contains(host.replaceFirst(":\\d+$", ""))
                ? Optional.empty()
                : Optional.of(new Refusal(
                        HttpStatus.MISDIRECTED_REQUEST,
                        new Problem(
                                "Host",
                                "nothing is served here under that name",
                                "ask 127.0.0.1 or localhost, at the same port")));
    }

    private static Optional<Refusal> origin(HttpServletRequest request) {
        if (READING.contains(request.getMethod())) {
            return Optional.empty();
        }
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String own = request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST);
        boolean ours = origin == null ? !"cross-site".equals(request.getHeader("Sec-Fetch-Site")) : origin.equals(own);
        return ours
                ? Optional.empty()
                : Optional.of(new Refusal(
                        HttpStatus.FORBIDDEN,
                        new Problem(
                                "Origin",
                                "a page of another site may change nothing here",
                                "do it on the pages of Golden Tally, or with a program that sends no Origin")));
    }

    private static Optional<Refusal> body(HttpServletRequest request) {
        boolean some = request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        if (READING.contains(request.getMethod()) || !some || isReadHere(request.getContentType())) {
            return Optional.empty();
        }
        return Optional.of(new Refusal(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                new Problem(
                        "Content-Type",
                        "what is sent is neither JSON nor a photograph",
                        "send JSON, and say so with “Content-Type: application/json”")));
    }

    private static boolean isReadHere(String type) {
        String tidy = type == null ? "" : type.strip().toLowerCase(Locale.ROOT);
        return tidy.matches("application/json( *;.*)?") || tidy.matches("image/[a-z0-9.+-]+( *;.*)?");
    }
}
