/** What is settled at the stages of a job: one versioned document a stage. */
@NullMarked
package mellow.server.sheet;

import org.jspecify.annotations.NullMarked;
