package mellow.core.workflow.schedule;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import mellow.core.finding.Caution;
import mellow.core.finding.Figure;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;

/**
 * The plan of a job.
 *
 * @param stages in order of work; empty while it is not said what is wanted
 * @param offered work that shares this strip-down and is not wanted yet
 * @param atHand tools and materials, each once, in the order in which they are needed
 * @param cautions what to heed, each once
 */
public record Plan(
    List<PlannedStage> stages,
    List<WorkKind> offered,
    List<String> atHand,
    List<Caution> cautions) {
  /** Work on what lies behind a bumper. */
  private static final List<WorkKind> BEHIND_THE_BUMPER =
      List.of(WorkKind.FOG, WorkKind.DRL, WorkKind.PODS);

  private static final String BUMPER_WAY = "bumper-off";

  private static final List<Stage> WITHOUT_PLAN =
      List.of(Stage.TAKE_IN, Stage.CAME, Stage.PARTS, Stage.PLACE, Stage.WALL, Stage.HAND_OVER);

  public Plan {
    stages = List.copyOf(stages);
    offered = List.copyOf(offered);
    atHand = List.copyOf(atHand);
    cautions = List.copyOf(cautions);
  }

  /**
   * The plan for what was taken in.
   *
   * @param book all steps of the trade
   * @param past own jobs, of any kind
   */
  public static Plan of(TakeIn takeIn, List<Step> book, List<PastJob> past) {
    List<PlannedStage> stages =
        order(takeIn).stream()
            .map(
                stage ->
                    new PlannedStage(
                        stage,
                        book.stream()
                            .filter(step -> step.stage() == stage && step.isFor(takeIn.kinds()))
                            .filter(step -> isOnTheWay(step, takeIn))
                            .toList(),
                        Expected.of(stage, takeIn, past)))
            .toList();
    return new Plan(
        stages,
        offered(takeIn),
        each(stages, step -> step.atHand().stream()),
        each(stages, step -> step.cautions().stream()));
  }

  /** What comes off with the bumper is no step where it stays on. */
  private static boolean isOnTheWay(Step step, TakeIn takeIn) {
    return takeIn.access() == TakeIn.Access.BUMPER_OFF || !step.ways().contains(BUMPER_WAY);
  }

  private static <T> List<T> each(List<PlannedStage> stages, Function<Step, Stream<T>> part) {
    return stages.stream()
        .flatMap(stage -> stage.steps().stream())
        .flatMap(part)
        .distinct()
        .toList();
  }

  /**
   * The stages that the wanted work brings, in order; while it is not said what is wanted, those
   * that can be worked without a plan. A second set is built before the vehicle is opened; a hidden
   * adjuster is used before closing.
   */
  public static List<Stage> stages(TakeIn takeIn) {
    return takeIn.kinds().isEmpty() ? WITHOUT_PLAN : order(takeIn);
  }

  /** The stages that the wanted work brings and that are left out, each with its reason. */
  public static SortedMap<Stage, String> leftOut(TakeIn takeIn) {
    SortedMap<Stage, String> leftOut = new TreeMap<>(takeIn.leftOut());
    leftOut.keySet().retainAll(brought(takeIn));
    return leftOut;
  }

  private static Set<Stage> brought(TakeIn takeIn) {
    Set<Stage> brought = EnumSet.noneOf(Stage.class);
    takeIn.kinds().forEach(kind -> brought.addAll(kind.stages()));
    if (brought.contains(Stage.APART) && takeIn.headlampsLoosened()) {
      brought.add(Stage.WALL);
    }
    return brought;
  }

  private static List<Stage> order(TakeIn takeIn) {
    Set<Stage> brought = brought(takeIn);
    brought.removeAll(takeIn.leftOut().keySet());
    List<Stage> order = new ArrayList<>(brought);
    if (takeIn.secondSet()) {
      before(order, Stage.BENCH, Stage.APART);
    }
    if (!takeIn.reachableClosed()) {
      before(order, Stage.WALL, Stage.TOGETHER);
    }
    return order;
  }

  private static void before(List<Stage> order, Stage earlier, Stage later) {
    if (order.contains(earlier) && order.contains(later)) {
      order.remove(earlier);
      order.add(order.indexOf(later), earlier);
    }
  }

  private static List<WorkKind> offered(TakeIn takeIn) {
    boolean open =
        takeIn.access() == TakeIn.Access.BUMPER_OFF
            && takeIn.kinds().stream().anyMatch(kind -> kind.stages().contains(Stage.APART));
    return BEHIND_THE_BUMPER.stream()
        .filter(kind -> open && !takeIn.kinds().contains(kind))
        .toList();
  }

  /** The minutes of all stages of which some are known, together. */
  public Figure knownMinutes() {
    return Figure.minutes(
        stages.stream()
            .flatMap(stage -> stage.expected().stream())
            .mapToDouble(expected -> expected.minutes().value())
            .sum());
  }

  /** How many stages nothing is known of. */
  public long stagesWithoutMinutes() {
    return stages.stream().filter(stage -> stage.expected().isEmpty()).count();
  }
}
