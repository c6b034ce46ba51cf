package org.goldentally.app.load;

import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.DistributionSummary;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.app.problems.ReportWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.work.Work;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Every request has its budget of work; what is {@link Heavy} waits for its turn besides, and is called off when whoever
 * asked has gone.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class WorkInTurn extends OncePerRequestFilter {

    /**
     * Steps of work for one request: about five seconds on two slow cores. The tally of a top of 500 blocks in 60 cloths
     * takes 150,000; its whole plan with thrifty cutting and all offers took 6,300,000 when a look into a table counted
     * four times as much.
     */
    static final long BUDGET = 7_000_000;

    private static final int MOST_WAITING = 120;

    private static final Pattern QUILT = Pattern.compile("/api/quilts/([^/]+)/.*");

    private final Turns turns = new Turns(Math.max(2, Runtime.getRuntime().availableProcessors() - 1), MOST_WAITING);
    private final Handlers handlers;
    private final GoneClients gone;
    private final ReportWriter reports;
    private final DistributionSummary steps;
    private final Counter sentAway;

    WorkInTurn(Handlers handlers, GoneClients gone, ReportWriter reports, MeterRegistry meters) {
        this.handlers = handlers;
        this.gone = gone;
        this.reports = reports;
        Gauge.builder("golden.tally.waiting", turns, Turns::waiting)
                .description("heavy requests that wait for their turn")
                .register(meters);
        this.steps = DistributionSummary.builder("golden.tally.work")
                .description("steps of work of a request")
                .register(meters);
        this.sentAway = Counter.builder("golden.tally.sent.away")
                .description("heavy requests sent away, since too many waited")
                .register(meters);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        Optional<Heavy> heavy = handlers.said(request, Heavy.class);
        Work work = Work.of(BUDGET * heavy.map(Heavy::questions).orElse(1));
        if (heavy.isEmpty()) {
            goOn(work, request, response, next);
            return;
        }
        // Whoever reads slowly does so after the turn.
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        try (Turns.Turn turn = turns.queue(line(request), work)) {
            gone.watch(request, turn);
            try {
                if (turn.await()) {
                    goOn(work, request, answer, next);
                }
            } catch (InterruptedException ending) {
                Thread.currentThread().interrupt();
            } finally {
                gone.done(turn);
            }
        } catch (TooManyException tooMany) {
            sentAway.increment();
            response.setHeader(HttpHeaders.RETRY_AFTER, "2");
            reports.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Too much is asked at once",
                    new Problem("Golden Tally", "too many questions wait for an answer", "try again in a moment"));
            return;
        }
        answer.copyBodyToResponse();
    }

    /** What belongs to one quilt stands in one line, everything else in one for its address. */
    private static String line(HttpServletRequest request) {
        Matcher quilt = QUILT.matcher(request.getRequestURI());
        return quilt.matches() ? quilt.group(1) : request.getRequestURI();
    }

    private void goOn(Work work, HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        try {
            work.within(() -> {
                try {
                    next.doFilter(request, response);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                } catch (ServletException e) {
                    throw new ServletFailure(e);
                }
                return null;
            });
        } catch (UncheckedIOException e) {
            throw e.getCause();
        } catch (ServletFailure e) {
            throw (ServletException) e.getCause();
        } finally {
            steps.record((double) work.done());
        }
    }

    private static final class ServletFailure extends RuntimeException {
        private static final long serialVersionUID = 1L;

        ServletFailure(ServletException cause) {
            super(cause);
        }
    }
}
