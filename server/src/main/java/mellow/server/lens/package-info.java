/** What is moulded on a lens, read without memory. */
@NullMarked
package mellow.server.lens;

import org.jspecify.annotations.NullMarked;
