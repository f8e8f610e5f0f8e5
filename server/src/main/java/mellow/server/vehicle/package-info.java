/** Vehicles and what is remembered of their aiming screws. */
@NullMarked
package mellow.server.vehicle;

import org.jspecify.annotations.NullMarked;
