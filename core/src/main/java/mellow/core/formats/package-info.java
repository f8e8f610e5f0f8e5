/** The open formats that the product reads and writes; the one package that knows JSON. */
@NullMarked
package mellow.core.formats;

import org.jspecify.annotations.NullMarked;
