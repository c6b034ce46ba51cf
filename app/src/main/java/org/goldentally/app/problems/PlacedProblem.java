package org.goldentally.app.problems;

import org.goldentally.core.problem.Problem;

/** A problem with the part of the picture at which it is. */
public record PlacedProblem(String partId, String where, String why, String fix) {

    /** Places a problem at a part. */
    public static PlacedProblem of(String partId, Problem problem) {
        return new PlacedProblem(partId, problem.where(), problem.why(), problem.fix());
    }
}
