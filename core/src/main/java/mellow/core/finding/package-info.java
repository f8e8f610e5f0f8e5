/**
 * What the product says about something measured: a verdict with the margin to its limit, the
 * working with its figures filled in, and where the rule comes from.
 *
 * <p>A margin is positive within its limit and negative beyond it. A verdict is "at the edge" where
 * the margin, either way, is no larger than the uncertainty of what was measured. Example: a cutoff
 * 0.30 % down against a highest limit of 0.50 % down has a margin of −0.20 %; with an uncertainty
 * of 0.04 % it is out.
 */
@NullMarked
package mellow.core.finding;

import org.jspecify.annotations.NullMarked;
