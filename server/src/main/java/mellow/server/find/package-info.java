/** The stage Find: the circuit that is searched, what was checked, and what to check next. */
@NullMarked
package mellow.server.find;

import org.jspecify.annotations.NullMarked;
