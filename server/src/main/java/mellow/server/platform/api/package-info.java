/** The document of the API, made of the code. */
@NullMarked
package mellow.server.platform.api;

import org.jspecify.annotations.NullMarked;
