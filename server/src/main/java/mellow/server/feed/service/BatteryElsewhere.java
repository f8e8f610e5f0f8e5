package mellow.server.feed.service;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import mellow.core.feed.sheet.TimedBattery;

/** What other stages did to the battery: there is one battery, wherever it is written down. */
public interface BatteryElsewhere {
  /** In the order of time, by job; a job without any is left out. */
  Map<String, List<TimedBattery>> ofJobs(Collection<String> jobIds);
}
