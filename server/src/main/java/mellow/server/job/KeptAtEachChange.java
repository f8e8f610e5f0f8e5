package mellow.server.job;

import mellow.core.record.JobDocument;
import mellow.server.platform.Acting;

/**
 * Whoever keeps a document of a job at each of its changes, so that they can be undone.
 *
 * @param <T> what it holds
 */
public interface KeptAtEachChange<T extends Record> {
  /** Which document. */
  JobDocument document();

  /** What it holds before anybody kept one. */
  T before(Acting acting, String jobId);
}
