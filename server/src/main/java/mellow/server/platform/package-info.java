/** What every feature stands on: errors, identity, headers, limits, the page, the API document. */
@NullMarked
package mellow.server.platform;

import org.jspecify.annotations.NullMarked;
