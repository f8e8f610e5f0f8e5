package mellow.server.workshop;

import java.util.Collection;
import java.util.Map;
import mellow.core.proof.Mended;
import mellow.server.platform.Acting;

/** What searches for a fault ended with. */
public interface Mendings {
  /** What was mended, by job; a job in which nothing was is left out. */
  Map<String, Mended> of(Acting acting, Collection<String> jobIds);
}
