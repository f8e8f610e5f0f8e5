/** The shop and its people. */
@NullMarked
package mellow.server.shop;

import org.jspecify.annotations.NullMarked;
