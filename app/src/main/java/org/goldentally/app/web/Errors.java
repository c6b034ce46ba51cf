package org.goldentally.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.goldentally.app.problems.ReportWriter;
import org.goldentally.core.problem.Problem;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the server itself refuses, before any controller is asked, is answered like everything else. */
@Controller
class Errors implements ErrorController {

    private final ReportWriter reports;

    Errors(ReportWriter reports) {
        this.reports = reports;
    }

    /** The server comes here with the status of what went wrong; whoever asks for the address itself finds nothing. */
    @RequestMapping("/error")
    void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                        && HttpStatus.resolve(code) != null
                ? HttpStatus.valueOf(code)
                : HttpStatus.NOT_FOUND;
        Problem problem = status.is5xxServerError()
                ? new Problem(
                        "Golden Tally",
                        "it could not answer; what you typed is still on your screen",
                        "try once more; the log of the application says what happened")
                : new Problem("Request", "it is not one that can be answered here", "see /api/openapi");
        reports.write(response, status, "This is not answered", problem);
    }
}
