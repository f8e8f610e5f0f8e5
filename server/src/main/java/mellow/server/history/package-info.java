/** Looking back over all jobs: found by words, times taken, what most often gave trouble. */
@NullMarked
package mellow.server.history;

import org.jspecify.annotations.NullMarked;
