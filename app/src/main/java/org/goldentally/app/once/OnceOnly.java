package org.goldentally.app.once;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.problems.DatabaseTrouble;
import org.goldentally.app.problems.ReportWriter;
import org.goldentally.core.problem.Problem;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * A call that carries a key is made once, however often it is sent: its answer is kept in the same transaction as what it
 * changed, and given again to whoever sends it again, because the first answer was lost. A call that was refused changed
 * nothing, and is tried anew.
 *
 * <p>A connection is taken with the first statement of the change, so none is held while something is worked out; of two
 * calls under one key that go on beside each other, the second finds the answer of the first when it ends, changes nothing
 * and gives that.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 30)
class OnceOnly extends OncePerRequestFilter {

    static final String KEY = "Idempotency-Key";

    private static final String IDENTITY = "[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}";

    private final PlatformTransactionManager transactions;
    private final KeptAnswers answers;
    private final ReportWriter reports;

    OnceOnly(PlatformTransactionManager transactions, KeptAnswers answers, ReportWriter reports) {
        this.transactions = transactions;
        this.answers = answers;
        this.reports = reports;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(KEY) == null || request.getMethod().equals("GET");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain next)
            throws ServletException, IOException {
        String key = request.getHeader(KEY);
        if (!key.matches(IDENTITY)) {
            refuse(response, HttpStatus.BAD_REQUEST, "it is no identity such as 123e4567-e89b-12d3-a456-426614174000");
            return;
        }
        String call = request.getMethod() + " " + request.getRequestURI() + " " + digest(request);
        UUID identity = UUID.fromString(key);
        Optional<KeptAnswers.Answer> before = answers.of(identity);
        if (before.isPresent()) {
            giveAgain(before.get(), call, response);
            return;
        }
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        try {
            if (isMade(() -> next.doFilter(request, answer), answer, identity, call)) {
                answer.copyBodyToResponse();
            } else {
                giveAgain(answers.of(identity).orElseThrow(), call, response);
            }
        } catch (DataAccessException | TransactionException failed) {
            sayNotKept(response, failed);
        }
    }

    private interface Change {
        void make() throws ServletException, IOException;
    }

    /** Makes a change, and keeps its answer with it; no where the same call was made meanwhile, and nothing is changed then. */
    private boolean isMade(Change change, ContentCachingResponseWrapper answer, UUID key, String call)
            throws ServletException, IOException {
        TransactionStatus transaction = transactions.getTransaction(new DefaultTransactionDefinition());
        try {
            change.make();
            boolean refused = answer.getStatus() >= HttpStatus.MULTIPLE_CHOICES.value();
            boolean kept = !refused && answers.keep(key, answer(call, answer));
            if (kept) {
                transactions.commit(transaction);
            }
            return refused || kept;
        } finally {
            if (!transaction.isCompleted()) {
                transactions.rollback(transaction);
            }
        }
    }

    /** Of the body, which {@code Bodies} has read whole and gives as often as it is asked for. */
    private static String digest(HttpServletRequest request) throws IOException {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256")
                    .digest(request.getInputStream().readAllBytes());
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("every Java has SHA-256", missing);
        }
    }

    private static KeptAnswers.Answer answer(String call, ContentCachingResponseWrapper given) {
        return new KeptAnswers.Answer(
                call,
                given.getStatus(),
                Optional.ofNullable(given.getContentType()).orElse(""),
                given.getContentAsByteArray());
    }

    private void sayNotKept(HttpServletResponse response, Exception failed) throws IOException {
        logger.warn("a change could not be kept", failed);
        reports.write(
                response,
                HttpStatus.SERVICE_UNAVAILABLE,
                "This could not be kept",
                DatabaseTrouble.in(failed)
                        .orElseGet(() -> new Problem(
                                "Golden Tally",
                                "its database did not take the change; nothing of it was made",
                                "send it once more, under the same key")));
    }

    private void giveAgain(KeptAnswers.Answer before, String call, HttpServletResponse response) throws IOException {
        // Calls kept by a version before this one have no digest of their body.
        if (!call.equals(before.call()) && !call.startsWith(before.call() + " ")) {
            refuse(response, HttpStatus.UNPROCESSABLE_CONTENT, "another call, or another body, was sent under it");
            return;
        }
        response.setStatus(before.status());
        if (!before.type().isEmpty()) {
            response.setContentType(before.type());
        }
        response.getOutputStream().write(before.body());
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String why) throws IOException {
        reports.write(
                response,
                status,
                "The key of this call cannot be used",
                new Problem(KEY, why, "make a new key for each call"));
    }
}
