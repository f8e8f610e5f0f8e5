/**
 * Proving every function before the front is closed: what to try, in which order, what was seen.
 */
@NullMarked
package mellow.core.proof;

import org.jspecify.annotations.NullMarked;
