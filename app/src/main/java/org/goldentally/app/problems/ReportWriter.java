package org.goldentally.app.problems;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.goldentally.core.problem.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Answers with a {@link ProblemReport} where no controller is asked. */
@Component
public class ReportWriter {

    private final JsonMapper json;

    ReportWriter(JsonMapper json) {
        this.json = json;
    }

    /** Writes the whole response: status, type and one problem. */
    public void write(HttpServletResponse response, HttpStatus status, String title, Problem problem)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.getOutputStream()
                .write(json.writeValueAsBytes(new ProblemReport(title, status.value(), List.of(problem))));
    }
}
