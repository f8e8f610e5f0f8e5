package mellow.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import mellow.core.workflow.StageStanding;
import mellow.server.platform.Acting;

/** A feature that knows how some stages of jobs stand. */
public interface StageReporter {
  /** By the job's id; stages of which nothing is known are left out. */
  Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs);
}
