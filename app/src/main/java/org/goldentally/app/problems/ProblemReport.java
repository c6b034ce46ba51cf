package org.goldentally.app.problems;

import java.util.List;
import org.goldentally.core.problem.Problem;

/**
 * What every refused request is answered with: a short title and all the problems, each with its place and way out.
 *
 * @param title one sentence
 * @param status the HTTP status, once more
 * @param problems at least one
 */
public record ProblemReport(String title, int status, List<Problem> problems) {}
