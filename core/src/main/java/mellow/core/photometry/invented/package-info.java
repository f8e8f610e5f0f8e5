/**
 * Invented lamps, made by formulas: what ships as beam files, to try the product with.
 *
 * <p>No lamp that anybody makes is copied. {@link mellow.core.photometry.invented.Bowl} traces a
 * source through a reflector of facets, to first order; {@link
 * mellow.core.photometry.invented.Formula} writes a projector or a pod down as bells of light
 * behind an edge. Each states its formula.
 */
@NullMarked
package mellow.core.photometry.invented;

import org.jspecify.annotations.NullMarked;
