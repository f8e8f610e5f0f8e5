package mellow.server.find;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import mellow.core.circuit.Controls;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Hypotheses;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import org.springframework.stereotype.Component;

/** The tables of the circuits that were searched last: each is made once, in about a second. */
@Component
class CheckTables {
  /** Hunts that are open at one time in a large shop. */
  private static final int KEPT = 16;

  /** Two faults at once are looked for among the likeliest so many pairs. Judged. */
  private static final int PAIRS = 120;

  private final Cache<PlannedFeed, CheckTable> tables =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  /** With what an ohmmeter shows: made only once the battery is off. */
  private final Cache<PlannedFeed, CheckTable> poweredOff =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  CheckTable of(PlannedFeed feed, boolean live) {
    CheckTable table = tables.get(feed, CheckTables::made);
    return live ? table : poweredOff.get(feed, off -> table.withPoweredOff());
  }

  private static CheckTable made(PlannedFeed feed) {
    List<Controls> states = feed.plan().states().stream().map(DrivingState::controls).toList();
    return CheckTable.of(feed.circuit(), states, Hypotheses.withPairs(feed.circuit(), PAIRS));
  }
}
