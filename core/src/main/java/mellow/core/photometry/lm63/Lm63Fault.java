package mellow.core.photometry.lm63;

import mellow.core.finding.Sentence;

/**
 * What is wrong, or unusual, in a line of a file.
 *
 * @param line counted from 1
 * @param says why, for people
 */
public record Lm63Fault(int line, Sentence says) {}
