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
 * @param states in which it is proved
 * @param before answers under which it is what the vehicle had; empty where no factory circuit is
 *     changed
 * @param undo how the vehicle gets its old circuit back; empty where nothing was changed
 * @param steps of connecting, in order
 * @param factoryCuts how many factory wires are cut, tapped or pulled from their plug
 */
public record FeedPlan(
    String id,
    int version,
    String title,
    String does,
    Set<LampFunction> functions,
    List<Question> questions,
    List<Block> blocks,
    List<Expectation> expectations,
    List<DrivingState> states,
    Map<String, String> before,
    String undo,
    List<PlanStep> steps,
    List<String> cautions,
    int factoryCuts,
    Source source) {
  public FeedPlan {
    functions = Set.copyOf(functions);
    questions = List.copyOf(questions);
    blocks = List.copyOf(blocks);
    expectations = List.copyOf(expectations);
    states = List.copyOf(states);
    before = Map.copyOf(before);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
  }
}
