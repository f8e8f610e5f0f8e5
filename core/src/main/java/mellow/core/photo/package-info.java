/**
 * Photos: what may stay in their files, how two of them lie over each other, and what such a
 * comparison is good for. Points are in pixels of the picture as shown, x to the right, y down.
 */
@NullMarked
package mellow.core.photo;

import org.jspecify.annotations.NullMarked;
