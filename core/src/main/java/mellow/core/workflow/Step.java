package mellow.core.workflow;

import java.util.List;
import java.util.Optional;
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
 * @param when when it is a step at all, and what it waits for
 */
public record Step(
    String id,
    Stage stage,
    Set<WorkKind> kinds,
    String words,
    List<String> atHand,
    boolean gate,
    List<Caution> cautions,
    When when) {

  /**
   * When a step is taken.
   *
   * @param ways tags of the ways of working that it belongs to; of all where empty
   * @param needs what has to be so before it
   * @param eachSide it is done on the one side, then on the other
   * @param people how many it takes
   * @param comesOff what would have to come off again to make up for it; may be empty
   * @param reads what it reads; empty for a step that is only done
   * @param after the steps that come before it, where the job has them, by id
   * @param cures what it leaves curing: the steps that would disturb it wait for that
   * @param called what is so once it is done: "the bumper is off"; empty where no step waits for it
   */
  public record When(
      Set<String> ways,
      List<Precondition> needs,
      boolean eachSide,
      int people,
      String comesOff,
      Optional<StepReading> reads,
      List<String> after,
      Optional<BenchTimer.Adhesive> cures,
      String called) {
    public static final When ALWAYS =
        new When(
            Set.of(), List.of(), false, 1, "", Optional.empty(), List.of(), Optional.empty(), "");

    public When {
      ways = Set.copyOf(ways);
      needs = List.copyOf(needs);
      after = List.copyOf(after);
    }
  }

  public Step {
    kinds = Set.copyOf(kinds);
    atHand = List.copyOf(atHand);
    cautions = List.copyOf(cautions);
  }

  public Set<String> ways() {
    return when.ways();
  }

  public List<Precondition> needs() {
    return when.needs();
  }

  public boolean eachSide() {
    return when.eachSide();
  }

  public String comesOff() {
    return when.comesOff();
  }

  public Optional<StepReading> reads() {
    return when.reads();
  }

  public boolean isFor(Set<WorkKind> wanted) {
    return kinds.isEmpty() || kinds.stream().anyMatch(wanted::contains);
  }
}
