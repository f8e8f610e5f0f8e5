/** Measuring instruments that speak SCPI over TCP: what they show, asked by their address. */
@NullMarked
package mellow.server.meter;

import org.jspecify.annotations.NullMarked;
