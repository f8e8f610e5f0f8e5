/**
 * The parts of a job: whether the right ones came, what their plugs mate with, and what a lamp's
 * pattern and colour are good for.
 */
@NullMarked
package mellow.core.parts;

import org.jspecify.annotations.NullMarked;
