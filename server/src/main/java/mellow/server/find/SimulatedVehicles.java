package mellow.server.find;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Random;
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
 * that it stays the same. Every third one has a fault that comes and goes, every third one two
 * faults.
 */
@Component
class SimulatedVehicles {
  private static final int KEPT = 32;

  /** With it the demo's repair has a ground that comes and goes. */
  private static final String SEED = "vehicle 15 of ";

  private final Cache<Of, SimulatedVehicle> vehicles =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  private record Of(String jobId, PlannedFeed feed) {}

  SimulatedVehicle of(String jobId, PlannedFeed feed) {
    return vehicles.get(new Of(jobId, feed), SimulatedVehicles::made);
  }

  private static SimulatedVehicle made(Of of) {
    Random random = new Random((SEED + of.jobId()).hashCode());
    List<Controls> states = of.feed().plan().states().stream().map(DrivingState::controls).toList();
    List<Hypothesis> single =
        Hypotheses.single(of.feed().circuit()).stream().filter(Hypothesis::isInTheModel).toList();
    while (true) {
      SimulatedVehicle vehicle =
          new SimulatedVehicle(
              of.feed().circuit(),
              states,
              hidden(random, single),
              0,
              new Random(random.nextLong()));
      if (vehicle.isSeen(of.feed().circuit())) {
        return vehicle;
      }
    }
  }

  private static Hypothesis hidden(Random random, List<Hypothesis> single) {
    int kind = random.nextInt(3);
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
        Stream.concat(first.faults().stream(), second.faults().stream()).toList(), 1, 1);
  }

  private static Hypothesis one(Random random, List<Hypothesis> among) {
    return among.get(random.nextInt(among.size()));
  }
}
