package mellow.server.takein;

import java.util.List;
import java.util.Map;
import mellow.core.workflow.Stage;
import mellow.server.platform.Acting;

/** A feature that makes stages of a job wait. */
public interface StageGuard {
  /** The stages that cannot begin, each with what it waits for. */
  Map<Stage, List<String>> waiting(Acting acting, String jobId);
}
