/** The parts of a job: checked, their plugs ticked, candidates compared. */
@NullMarked
package mellow.server.parts;

import org.jspecify.annotations.NullMarked;
