package org.goldentally.app.problems;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.apache.catalina.connector.ClientAbortException;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.work.WorkEndedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.slf4j.LoggerFactory;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Failures that a running application will not show on demand, and what is said of them: never a stack trace. */
class ProblemHandlerTest {

    private final ProblemHandler handler = new ProblemHandler();

    @Test
    void whatNobodyFoundComingIsSaidWithoutItsInside() {
        ResponseEntity<ProblemReport> answer = handler.other(new IllegalStateException("secret table name"));
        assertThat(answer.getStatusCode().value()).isEqualTo(500);
        assertThat(body(answer).toString()).doesNotContain("secret", "IllegalState");
        assertThat(body(answer).problems().getFirst().why()).contains("what you typed is still on your screen");
    }

    @Test
    void workThatWasCalledOffIsNoFailureHoweverItIsWrapped() {
        WorkEndedException ended = new WorkEndedException(WorkEndedException.Reason.CALLED_OFF);
        Exception wrapped = new IllegalStateException(new IllegalArgumentException(ended));
        assertThat(handler.other(wrapped).getStatusCode().value()).isEqualTo(503);
    }

    /** States as PostgreSQL gives them (appendix A of its manual). */
    @ParameterizedTest
    @CsvSource({
        "53100, 503, the disk is full",
        "08006, 503, its database does not answer",
        "57P01, 503, its database does not answer",
        "53300, 503, its database does not answer",
        "42P01, 500, it could not answer"
    })
    void whatKeepsTheDatabaseFromAnsweringIsSaid(String state, int status, String why) {
        Exception wrapped =
                new IllegalStateException(new UncategorizedSQLException("x", null, new SQLException("x", state)));
        ResponseEntity<ProblemReport> answer = handler.other(wrapped);
        assertThat(answer.getStatusCode().value()).isEqualTo(status);
        assertThat(body(answer).problems().getFirst().why()).contains(why);
    }

    @Test
    void aPoolThatGivesNoConnectionIsTheDatabaseAway() {
        Exception timedOut = new IllegalStateException(new SQLTransientConnectionException("timed out"));
        assertThat(handler.other(timedOut).getStatusCode().value()).isEqualTo(503);
    }

    @Test
    void twoWritersAtOnceAreAConflictHoweverTheDatabaseSaysIt() {
        Exception locked = new ObjectOptimisticLockingFailureException("quilt", UUID.randomUUID());
        assertThat(handler.stale(locked).getStatusCode().value()).isEqualTo(409);
        assertThat(handler.stale(new StaleVersionException(1, 2))
                        .getStatusCode()
                        .value())
                .isEqualTo(409);
    }

    @Test
    void everythingThatIsWrongIsSaidAtOnce() {
        List<Problem> problems = List.of(new Problem("Seam", "a", "b"), new Problem("Border 1", "c", "d"));
        assertThat(body(handler.refused(new RefusedException(problems))).problems())
                .isEqualTo(problems);
        assertThat(handler.misshapen(new UnreadableBodyException(problems))
                        .getStatusCode()
                        .value())
                .isEqualTo(400);
    }

    @Test
    void aBodyWithoutACauseAndAnAddressOfTheWrongKindAreBadRequests() {
        HttpMessageNotReadableException unreadable = mock(HttpMessageNotReadableException.class);
        when(unreadable.getCause()).thenReturn(null);
        assertThat(handler.unreadable(unreadable).getStatusCode().value()).isEqualTo(400);
        MethodArgumentTypeMismatchException mismatch = mock(MethodArgumentTypeMismatchException.class);
        when(mismatch.getName()).thenReturn("id");
        when(mismatch.getValue()).thenReturn("no-id");
        when(mismatch.getRequiredType()).thenAnswer(any -> UUID.class);
        assertThat(body(handler.wrongType(mismatch)).problems().getFirst())
                .isEqualTo(
                        new Problem("id", "“no-id” is not of the right kind", "use the address that the list gives"));
    }

    /** Closing a page is no failure of the application, so its log has no word of it, and nothing more is sent. */
    @Test
    void whoeverWentAwayWhileTheAnswerWasSentIsNoFailure() throws Exception {
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        Logger logger = (Logger) LoggerFactory.getLogger("ROOT");
        logger.addAppender(log);
        try {
            MockMvcBuilders.standaloneSetup(new ClosedWhileSent())
                    .setControllerAdvice(handler)
                    .build()
                    .perform(get("/closed"))
                    .andExpect(status().isOk())
                    .andExpect(content().string(""));
        } finally {
            logger.detachAppender(log);
        }
        assertThat(log.list).noneMatch(event -> event.getLevel().isGreaterOrEqual(Level.WARN));
    }

    @RestController
    static class ClosedWhileSent {
        @GetMapping("/closed")
        String closed(HttpServletResponse response) throws ClientAbortException {
            response.setContentType("text/javascript");
            throw new ClientAbortException();
        }
    }

    private static ProblemReport body(ResponseEntity<ProblemReport> answer) {
        return Objects.requireNonNull(answer.getBody());
    }
}
