package mellow.core.feed;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.finding.Source;
import mellow.core.vehicle.LampFunction;

/**
 * A way of feeding lamps.
 *
 * @param id stable name
 * @param title what it is, in a few words
 * @param does what it does and when to take it
 * @param functions that it feeds
 * @param sections of the vehicle that it needs, in their order, and its own last; those of several
 *     plans where they are joined
 * @param states in which it is proved
 * @param before answers under which it is what the vehicle had; empty where no factory circuit is
 *     changed
 * @param undo how the vehicle gets its old circuit back; empty where nothing was changed
 * @param steps of connecting, in order
 * @param factoryCuts how many factory wires are cut, tapped or pulled from their plug
 * @param beside the plans that stand in the same circuit; empty for a plan by itself
 */
public record FeedPlan(
    String id,
    int version,
    String title,
    String does,
    Set<LampFunction> functions,
    List<Section> sections,
    List<DrivingState> states,
    Map<String, String> before,
    String undo,
    List<PlanStep> steps,
    List<String> cautions,
    int factoryCuts,
    Source source,
    List<JointPlan.Beside> beside) {
  public FeedPlan {
    functions = Set.copyOf(functions);
    sections = List.copyOf(sections);
    states = List.copyOf(states);
    before = Map.copyOf(before);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
    beside = List.copyOf(beside);
  }

  public List<Question> questions() {
    return sections.stream().flatMap(section -> section.questions().stream()).toList();
  }

  public List<Block> blocks() {
    return sections.stream().flatMap(section -> section.blocks().stream()).toList();
  }

  public List<Expectation> expectations() {
    return sections.stream().flatMap(section -> section.expectations().stream()).toList();
  }
}
