/**
 * What stands before every request: who may come from where, how much at once, and what is answered
 * where it may not.
 */
@NullMarked
package mellow.server.platform.guard;

import org.jspecify.annotations.NullMarked;
