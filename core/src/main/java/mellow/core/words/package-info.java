/**
 * Makes sentences of what the core says, in a language and in units. Nothing that judges depends on
 * it.
 */
@NullMarked
package mellow.core.words;

import org.jspecify.annotations.NullMarked;
