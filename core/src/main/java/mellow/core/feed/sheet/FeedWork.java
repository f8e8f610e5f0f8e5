package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.List;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.OpenItem;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Finding;
import mellow.core.harness.Route;

/**
 * A planned feed with what was measured on it and what is still open.
 *
 * @param routes of the harness through the vehicle
 * @param hazards that it has to keep away from
 * @param readings of a meter
 * @param open temporary measures and unconnected wires
 */
public record FeedWork(
    PlannedFeed feed,
    List<Route> routes,
    List<Route.Hazard> hazards,
    List<MeterReading> readings,
    List<OpenItem> open) {
  public FeedWork {
    routes = List.copyOf(routes);
    hazards = List.copyOf(hazards);
    readings = List.copyOf(readings);
    open = List.copyOf(open);
  }

  /** What the readings and the open items say; those of the plan itself are its sheet's. */
  public List<Finding> findings() throws FeedProblem {
    List<Finding> findings = new ArrayList<>();
    for (OpenItem item : open) {
      findings.add(item.finding());
    }
    for (Route route : routes) {
      findings.addAll(route.findings(hazards));
    }
    for (MeterReading reading : readings) {
      findings.add(reading.against(feed));
    }
    return findings;
  }

  /**
   * Everything that the stage says, the plan's findings first among equals.
   *
   * @param sheet of the same feed
   */
  public List<Finding> all(FeedSheet sheet) throws FeedProblem {
    List<Finding> all = new ArrayList<>(sheet.findings());
    all.addAll(findings());
    return FeedSheet.graveFirst(all);
  }
}
