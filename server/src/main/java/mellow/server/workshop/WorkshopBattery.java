package mellow.server.workshop;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.feed.sheet.TimedBattery;
import mellow.server.feed.service.BatteryElsewhere;
import org.springframework.stereotype.Component;

/** What the workshop's pages did to the battery, for the feed's. */
@Component
class WorkshopBattery implements BatteryElsewhere {
  private final WorkshopJudge judge;

  WorkshopBattery(WorkshopJudge judge) {
    this.judge = judge;
  }

  @Override
  public Map<String, List<TimedBattery>> ofJobs(Collection<String> jobIds) {
    Map<String, List<TimedBattery>> events = new LinkedHashMap<>();
    judge.logs(jobIds).forEach((id, log) -> events.put(id, log.battery()));
    return events;
  }
}
