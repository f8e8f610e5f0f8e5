package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Switch;
import mellow.core.circuit.check.CircuitCheck;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.sheet.PartWorking;
import mellow.core.finding.Figure;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.FindingView.WorkingLineView;
import org.jspecify.annotations.Nullable;

/** A feed with the controls in one position. */
@Schema(name = "SolvedFeed", description = "A feed with the controls in one position.")
public record SolvedView(
    Controls controls,
    FigureView battery,
    @Schema(description = "Of the body's ground above the battery's own negative post.")
        FigureView body,
    @Schema(description = "Volts against the battery's own negative post, by node.")
        Map<String, FigureView> nodes,
    List<PartNow> parts,
    @Schema(description = "What chatters, starves or is shorted now.") List<FindingView> findings) {

  /** A part now. */
  @Schema(name = "PartNow", description = "What a part does now.")
  public record PartNow(
      String id,
      @Schema(description = "Amperes through each branch, by its name.")
          Map<String, FigureView> amps,
      @Schema(description = "Whether current flows in it at all.") boolean flows,
      @Schema(description = "Closed, pulled in or fed; true for what always conducts.") boolean on,
      @Schema(description = "Over its ends.") FigureView volts,
      @Schema(description = "Share of what it bears, in percent; left out where nothing is said.")
          @Nullable FigureView load,
      @Nullable LampNow lamp,
      @Schema(description = "How its figures come about; empty for what only switches.")
          List<WorkingLineView> working) {}

  /** A lamp now. */
  @Schema(name = "LampNow", description = "How bright a lamp is now.")
  public record LampNow(LampFunction function, Side side, FigureView light, LightLevel level) {}

  public static SolvedView of(PlannedFeed feed, Controls controls) {
    Circuit circuit = feed.circuit();
    Solution solution = new Solver(circuit).solve(controls);
    Map<String, FigureView> nodes = new LinkedHashMap<>();
    for (Part part : circuit.parts()) {
      for (Branch branch : part.branches()) {
        for (String node : List.of(branch.from(), branch.to())) {
          nodes.computeIfAbsent(node, fresh -> volts(solution.average(point -> point.at(fresh))));
        }
      }
    }
    List<PartNow> parts = new ArrayList<>();
    feed.parts().forEach(part -> parts.add(part(part, solution)));
    return new SolvedView(
        controls,
        rail(nodes, feed.rails().plus()),
        rail(nodes, feed.rails().ground()),
        nodes,
        parts,
        CircuitCheck.ofSolution(circuit, solution).stream().map(FindingView::of).toList());
  }

  /** The first of its names that the circuit has. */
  private static FigureView rail(Map<String, FigureView> nodes, Set<String> names) {
    return names.stream().filter(nodes::containsKey).findFirst().map(nodes::get).orElse(volts(0));
  }

  private static FigureView volts(double volts) {
    return FigureView.of(Figure.volts(volts));
  }

  private static PartNow part(PlannedPart planned, Solution solution) {
    Part part = planned.part();
    Map<String, FigureView> amps = new LinkedHashMap<>();
    double most = 0;
    List<Branch> branches = part.branches();
    for (int i = 0; i < branches.size(); i++) {
      int at = i;
      double through = solution.average(point -> point.amps(part, at));
      most = Math.max(most, Math.abs(through));
      amps.put(branches.get(i).name(), FigureView.of(Figure.amps(through)));
    }
    Branch first = branches.get(0);
    double rating = rating(part);
    return new PartNow(
        part.id(),
        amps,
        most > 0.001,
        isOn(part, solution),
        volts(solution.average(point -> point.between(first.from(), first.to()))),
        rating > 0 ? FigureView.percent(100 * most / rating) : null,
        part instanceof Emitter lamp ? lamp(lamp, solution) : null,
        WorkingLineView.of(PartWorking.of(part, solution)));
  }

  private static double rating(Part part) {
    if (part instanceof Joining.Guard fuse) {
      return fuse.ratedAmps();
    } else if (part instanceof Moving.Relay relay) {
      return relay.ratedAmps();
    } else if (part instanceof Switch contact && Double.isFinite(contact.ratedAmps())) {
      return contact.ratedAmps();
    }
    return 0;
  }

  private static boolean isOn(Part part, Solution solution) {
    if (part instanceof Moving moving) {
      return solution.states().getOrDefault(moving.id(), 0) > 0;
    } else if (part instanceof Switch contact) {
      return contact.contacts().get(0).closed().holds(solution.controls());
    } else if (part instanceof Joining.Guard fuse) {
      return !fuse.blown();
    }
    return !(part instanceof Joining.Joint joint) || joint.sound();
  }

  private static LampNow lamp(Emitter lamp, Solution solution) {
    double light = solution.light(lamp);
    return new LampNow(
        lamp.use().function(),
        lamp.use().side(),
        FigureView.percent(100 * light),
        LightLevel.of(light));
  }
}
