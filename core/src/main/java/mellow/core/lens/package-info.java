/**
 * What is moulded on a lamp's lens, typed as it stands there, and what follows: functions, side of
 * traffic, class of beam, and what does not suit the market.
 *
 * <p>All meanings are from memory (UN R112, R98, R19, R87, R7, R6; SAE J759) and are shown so. A
 * mark that is not known here is said to be unknown; nothing is guessed from its looks. Example:
 * "HCR PL ↔" is a halogen lamp for low and main beam with a plastic lens, for traffic on either
 * side.
 */
@NullMarked
package mellow.core.lens;

import org.jspecify.annotations.NullMarked;
