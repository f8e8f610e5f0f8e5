/**
 * What every feature stands on: errors, who is acting, earlier moments, the document to be handed
 * out.
 */
@NullMarked
package mellow.server.platform;

import org.jspecify.annotations.NullMarked;
