/** The demo scenario. */
@NullMarked
package mellow.server.demo;

import org.jspecify.annotations.NullMarked;
