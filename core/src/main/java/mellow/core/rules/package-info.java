/**
 * Rule sets as data: what a market, an inspection or a shop asks of a lamp's aim and place.
 *
 * <p>Built-in and local sets have one form, an open JSON with a published schema (package {@code
 * formats} reads it). Inclinations are in percent, positive upwards: a limit of 0.5 % down is −0.5.
 */
@NullMarked
package mellow.core.rules;

import org.jspecify.annotations.NullMarked;
