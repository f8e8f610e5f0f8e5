/**
 * Where regulations measure a lamp, and what they ask there: a beam is turned until its cutoff lies
 * where the test has it, and each point is judged with its margin.
 */
@NullMarked
package mellow.core.photometry.points;

import org.jspecify.annotations.NullMarked;
