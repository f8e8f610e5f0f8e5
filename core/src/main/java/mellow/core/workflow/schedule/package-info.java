/** What a job takes, expected from its steps and from earlier jobs. */
@NullMarked
package mellow.core.workflow.schedule;

import org.jspecify.annotations.NullMarked;
