/**
 * The readings of a job and of a bay as a list in the order in which they were taken, and how they
 * become the input of the computation.
 *
 * <p>A reading has one number: mm, percent or turns by its kind. Of several readings of one thing
 * the last one counts, except for cutoffs, steps and turns, whose order is the story of the aim.
 */
@NullMarked
package mellow.core.logbook;

import org.jspecify.annotations.NullMarked;
