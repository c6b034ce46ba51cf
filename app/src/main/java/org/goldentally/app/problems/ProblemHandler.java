package org.goldentally.app.problems;

import jakarta.persistence.OptimisticLockException;
import jakarta.validation.ConstraintViolationException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.work.WorkEndedException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.exc.ValueInstantiationException;

/** Turns everything that can go wrong into a {@link ProblemReport}; never a stack trace. */
@RestControllerAdvice
@Order(0)
class ProblemHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    @ExceptionHandler
    ResponseEntity<ProblemReport> refused(RefusedException refused) {
        return report(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be worked out as typed", refused.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> notFound(NotFoundException missing) {
        return report(HttpStatus.NOT_FOUND, "This is not here", List.of(missing.problem()));
    }

    @ExceptionHandler(NotReadyException.class)
    ResponseEntity<ProblemReport> notReady(NotReadyException early) {
        return report(HttpStatus.TOO_EARLY, "This is not ready yet", List.of(early.problem()));
    }

    @ExceptionHandler({
        StaleVersionException.class,
        OptimisticLockingFailureException.class,
        OptimisticLockException.class
    })
    ResponseEntity<ProblemReport> stale(Exception stale) {
        return report(
                HttpStatus.CONFLICT,
                "Somebody changed this while you worked on it",
                List.of(new Problem(
                        "Saving",
                        "it was changed in another window or by another person since you opened it",
                        "your change is still on your screen: keep yours, or take theirs")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> misshapen(UnreadableBodyException unreadable) {
        return report(HttpStatus.BAD_REQUEST, "The request cannot be read", unreadable.problems());
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> unreadable(HttpMessageNotReadableException unreadable) {
        Throwable cause = unreadable.getCause();
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return report(
                    HttpStatus.BAD_REQUEST,
                    "The request has a field we do not know",
                    List.of(new Problem(
                            path(unknown),
                            "there is no field “" + unknown.getPropertyName() + "” here",
                            "leave it out; the fields are in the API description at /api/openapi")));
        }
        String where = cause instanceof JacksonException json ? path(json) : "Request";
        if (cause instanceof ValueInstantiationException
                && cause.getCause() instanceof IllegalArgumentException wrong) {
            return report(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "This cannot be worked out as typed",
                    List.of(new Problem(
                            where,
                            String.valueOf(wrong.getMessage()),
                            "the API description at /api/openapi says what belongs here")));
        }
        return report(
                HttpStatus.BAD_REQUEST,
                "The request cannot be read",
                List.of(new Problem(
                        where,
                        "the value here is missing, of the wrong kind, or not valid JSON",
                        "the API description at /api/openapi says what belongs here")));
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> invalid(MethodArgumentNotValidException invalid) {
        return report(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This cannot be worked out as typed",
                invalid.getFieldErrors().stream()
                        .map(error -> new Problem(
                                error.getField(), String.valueOf(error.getDefaultMessage()), "put this field right"))
                        .toList());
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> invalid(ConstraintViolationException invalid) {
        return report(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This cannot be worked out as typed",
                invalid.getConstraintViolations().stream()
                        .map(error -> new Problem(
                                error.getPropertyPath().toString(), error.getMessage(), "put this field right"))
                        .toList());
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> wrongType(MethodArgumentTypeMismatchException wrong) {
        String fix = wrong.getRequiredType() == UUID.class ? "use the address that the list gives" : "see /api/openapi";
        return report(
                HttpStatus.BAD_REQUEST,
                "The request cannot be read",
                List.of(new Problem(wrong.getName(), "“" + wrong.getValue() + "” is not of the right kind", fix)));
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> missing(MissingServletRequestParameterException missing) {
        return report(
                HttpStatus.BAD_REQUEST,
                "The request is incomplete",
                List.of(new Problem(missing.getParameterName(), "this is missing", "see /api/openapi")));
    }

    /** Nobody reads the answer to what was called off. */
    @ExceptionHandler
    ResponseEntity<ProblemReport> givenUp(WorkEndedException ended) {
        return ended.reason() == WorkEndedException.Reason.CALLED_OFF
                ? report(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "This was called off",
                        List.of(new Problem("Golden Tally", "whoever asked had gone", "ask once more")))
                : report(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "This is more than can be worked out at once",
                        List.of(new Problem(
                                "Size of the quilt",
                                "so many different pieces and fabrics together take too long",
                                "use fewer blocks, fewer fabrics or larger pieces, or plan it in parts")));
    }

    /** A query that is not written as addresses are. */
    @ExceptionHandler
    ResponseEntity<ProblemReport> brokenAddress(InvalidParameterException broken) {
        return report(
                HttpStatus.BAD_REQUEST,
                "The address cannot be read",
                List.of(new Problem("Address", "a sign in it is written wrongly", "write % as %25 and & as %26")));
    }

    /** A page that was closed while its answer was on the way: nothing is wrong, and nobody is there to be told. */
    @ExceptionHandler
    void gone(ClientAbortException gone) {
        LOG.debug("whoever asked went away while the answer was sent: {}", gone.toString());
    }

    @ExceptionHandler
    ResponseEntity<ProblemReport> other(Exception other) {
        // Work that ends while a row is read comes wrapped, in one layer or two.
        for (Throwable cause = other.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof WorkEndedException ended) {
                return givenUp(ended);
            }
        }
        if (other instanceof ErrorResponse response && response.getStatusCode().is4xxClientError()) {
            return report(
                    response.getStatusCode(),
                    "There is nothing at this address",
                    List.of(new Problem(
                            "Address", String.valueOf(response.getBody().getDetail()), "see /api/openapi")));
        }
        Optional<Problem> trouble = DatabaseTrouble.in(other);
        if (trouble.isPresent()) {
            LOG.warn("the database: {}", other.toString());
            return report(HttpStatus.SERVICE_UNAVAILABLE, "This could not be kept or read", List.of(trouble.get()));
        }
        LOG.error("unexpected", other);
        return report(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something is wrong on our side",
                List.of(new Problem(
                        "Golden Tally",
                        "it could not answer; what you typed is still on your screen",
                        "try once more; the log of the application says what happened")));
    }

    private static String path(JacksonException exception) {
        StringBuilder path = new StringBuilder();
        exception.getPath().forEach(step -> {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        });
        return path.isEmpty() ? "Request" : path.toString();
    }

    private static ResponseEntity<ProblemReport> report(HttpStatusCode status, String title, List<Problem> problems) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(new ProblemReport(title, status.value(), problems));
    }
}
