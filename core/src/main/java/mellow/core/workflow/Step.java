package mellow.core.workflow;

import java.util.List;
import java.util.Set;
import mellow.core.finding.Caution;

/**
 * One step of the work.
 *
 * @param id unique: "bench.open"
 * @param stage where it belongs
 * @param kinds the work that needs it; all kinds whose plan has the stage where empty
 * @param words what is done
 * @param atHand tools and materials it takes
 * @param gate it cannot be undone: everything before it is proved first
 * @param cautions what to heed
 */
public record Step(
    String id,
    Stage stage,
    Set<WorkKind> kinds,
    String words,
    List<String> atHand,
    boolean gate,
    List<Caution> cautions) {
  public Step {
    kinds = Set.copyOf(kinds);
    atHand = List.copyOf(atHand);
    cautions = List.copyOf(cautions);
  }

  boolean isFor(Set<WorkKind> wanted) {
    return kinds.isEmpty() || kinds.stream().anyMatch(wanted::contains);
  }
}
