package org.goldentally.core.quilt;

import org.goldentally.core.problem.Problem;

/** Something wrong at a place of the top that can be drawn and counted all the same. */
public record Flaw(PartId partId, Problem problem) {}
