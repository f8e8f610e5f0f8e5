package mellow.core.parts;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.finding.Finding;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.TrafficSide;
import mellow.core.workflow.Stage;

/**
 * The parts of a job, judged.
 *
 * @param findings in the order of the list
 * @param waiting the stages that cannot begin, each with the parts it waits for
 */
public record PartsSheet(List<Finding> findings, Map<Stage, List<String>> waiting) {
  public PartsSheet {
    findings = List.copyOf(findings);
    waiting = Map.copyOf(waiting);
  }

  /**
   * Judges a list.
   *
   * @param market empty where marks of any family will do
   * @param traffic the side on which it runs
   */
  public static PartsSheet of(PartsList list, Optional<MarkFamily> market, TrafficSide traffic) {
    return new PartsSheet(
        Stream.of(
                PartFindings.of(list),
                MarkFindings.of(list, market, traffic),
                LightFindings.of(list, market),
                PlugFindings.of(list))
            .flatMap(List::stream)
            .toList(),
        waitingFor(list));
  }

  /** The stages that cannot begin, each with the parts it waits for. */
  public static Map<Stage, List<String>> waitingFor(PartsList list) {
    Map<Stage, List<String>> waiting = new EnumMap<>(Stage.class);
    for (Part part : list.parts()) {
      if (part.isMissing()) {
        String name = part.name() + part.side().map(side -> ", " + side.word()).orElse("");
        waiting.merge(
            part.neededFor(),
            List.of(name),
            (before, more) -> Stream.concat(before.stream(), more.stream()).toList());
      }
    }
    return waiting;
  }
}
