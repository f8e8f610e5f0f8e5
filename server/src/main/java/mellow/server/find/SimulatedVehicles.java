package mellow.server.find;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import mellow.core.circuit.Controls;
import mellow.core.fault.Hypotheses;
import mellow.core.fault.Hypothesis;
import mellow.core.fault.SimulatedVehicle;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import org.springframework.stereotype.Component;

/**
 * Stands in for the vehicles of jobs: each has a fault of its own that its job's id decides, so
 * that it stays the same: one that stays, one that comes and goes, two that stay, or two that come
 * and go.
 */
@Component
class SimulatedVehicles {
  private static final int KEPT = 32;

  /** For how much of the time two that come and go are there. */
  private static final double WANDERING = 0.6;

  /**
   * With it the demo's repair has a relay's contact that comes and goes, its pods two such faults.
   */
  private static final String SEED = "vehicle 1983 of ";

  private final Cache<Of, SimulatedVehicle> vehicles =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  private record Of(String jobId, PlannedFeed feed) {}

  SimulatedVehicle of(String jobId, PlannedFeed feed) {
    return vehicles.get(new Of(jobId, feed), SimulatedVehicles::made);
  }

  private static SimulatedVehicle made(Of of) {
    Random random = new Random(seed(of.jobId()));
    List<Controls> states = of.feed().plan().states().stream().map(DrivingState::controls).toList();
    List<Hypothesis> single =
        Hypotheses.single(of.feed().circuit()).stream()
            .filter(one -> !one.faults().isEmpty())
            .toList();
    while (true) {
      SimulatedVehicle vehicle =
          new SimulatedVehicle(
              of.feed().circuit(),
              states,
              hidden(random, single),
              0,
              new Random(random.nextLong()));
      if (vehicle.isSeen()) {
        return vehicle;
      }
    }
  }

  /** By a digest: neighbouring seeds begin alike. */
  private static long seed(String jobId) {
    return UUID.nameUUIDFromBytes((SEED + jobId).getBytes(StandardCharsets.UTF_8))
        .getMostSignificantBits();
  }

  private static Hypothesis hidden(Random random, List<Hypothesis> single) {
    int kind = random.nextInt(4);
    if (kind == 1) {
      return one(random, single.stream().filter(one -> one.present() < 1).toList());
    }
    List<Hypothesis> steady = single.stream().filter(one -> one.present() == 1).toList();
    Hypothesis first = one(random, steady);
    if (kind == 0) {
      return first;
    }
    Hypothesis second =
        one(random, steady.stream().filter(one -> !one.parts().equals(first.parts())).toList());
    return new Hypothesis(
        Stream.concat(first.faults().stream(), second.faults().stream()).toList(),
        kind == 3 ? WANDERING : 1,
        1);
  }

  private static Hypothesis one(Random random, List<Hypothesis> among) {
    return among.get(random.nextInt(among.size()));
  }
}
