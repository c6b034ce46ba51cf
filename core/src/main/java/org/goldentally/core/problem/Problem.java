package org.goldentally.core.problem;

/**
 * Something a quilter has to put right, for example <i>Block size</i> / <i>0 in is no size for a block</i> / <i>type a
 * size such as 8 or 7 1/2</i>.
 *
 * @param where the place, in the quilter's words
 * @param why what is the matter there, with the values
 * @param fix the way out
 */
public record Problem(String where, String why, String fix) {}
