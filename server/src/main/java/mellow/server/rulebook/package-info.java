/** The rule sets and their schema. */
@NullMarked
package mellow.server.rulebook;

import org.jspecify.annotations.NullMarked;
