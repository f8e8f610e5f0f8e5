/**
 * Work on an opened housing: what fits into it, heat and time, aim on the bench, the lens. Lengths
 * are millimetres, temperatures degrees Celsius, times of curves minutes.
 */
@NullMarked
package mellow.core.retrofit;

import org.jspecify.annotations.NullMarked;
