/**
 * What people type: lengths, inclinations, turns, times, temperatures, tyre sizes.
 *
 * <p>Text becomes a number here and nowhere else, and what was typed is kept beside the number. A
 * text that could be read in two ways is refused with a sentence; it is never guessed. Words and
 * units of every language that is offered are read, whatever the reader's own.
 */
@NullMarked
package mellow.core.entry;

import org.jspecify.annotations.NullMarked;
