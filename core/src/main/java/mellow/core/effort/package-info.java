/**
 * How much work one answer may take. Inputs have limits that real work never meets; this ends what
 * is slow all the same, so that others get their answers.
 */
@NullMarked
package mellow.core.effort;

import org.jspecify.annotations.NullMarked;
