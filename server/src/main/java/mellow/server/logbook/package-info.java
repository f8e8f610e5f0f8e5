/** Readings: append-only, each with who, when and what was typed. */
@NullMarked
package mellow.server.logbook;

import org.jspecify.annotations.NullMarked;
