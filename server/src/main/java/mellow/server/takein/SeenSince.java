package mellow.server.takein;

import java.util.Collection;
import java.util.Map;
import java.util.Set;
import mellow.core.workflow.SinceThen;
import mellow.server.job.JobFacts;
import mellow.server.platform.Acting;

/** Knows which functions were proved to work after vehicles were taken in. */
public interface SeenSince {
  /** By job; a job of which nothing was seen is left out. */
  Map<String, Set<SinceThen.Lamp>> working(Acting acting, Collection<JobFacts> jobs);
}
