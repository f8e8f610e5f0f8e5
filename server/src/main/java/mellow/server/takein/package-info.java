/** Taking a vehicle in: what is wanted, the plan that follows, and what was done before. */
@NullMarked
package mellow.server.takein;

import org.jspecify.annotations.NullMarked;
