/** Light on the road and in other people's eyes, without memory, under /api/calc/road. */
@NullMarked
package mellow.server.light;

import org.jspecify.annotations.NullMarked;
