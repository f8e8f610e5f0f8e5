package mellow.core.feed;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellow.core.circuit.Controls;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.vehicle.LampFunction;

/**
 * Several plans of one job in one circuit. What the vehicle has stands there once; a lamp of the
 * vehicle that one of the plans replaces is left out; each plan keeps its own questions, under its
 * tag.
 */
public final class JointPlan {
  /** How the wires of one plan lie is no matter of another's. */
  private static final Set<String> OF_EACH_PLAN = Set.of("branches", "joining", "tapped", "donor");

  private JointPlan() {}

  /**
   * A plan that stands beside another.
   *
   * @param tag tells its questions and parts from those of the others: "p2", "p3" …
   * @param pair what its lamps are called where another plan has lamps of the same function; may be
   *     empty
   * @param alike the functions of its lamps that another plan has too; known once it is joined
   */
  public record Beside(String tag, FeedPlan plan, String pair, Set<LampFunction> alike) {
    public Beside {
      if (!tag.matches("p[2-5]")) {
        throw new IllegalArgumentException("a plan is told apart by p2 to p5, not " + tag);
      }
      alike = Set.copyOf(alike);
    }

    public Beside(String tag, FeedPlan plan, String pair) {
      this(tag, plan, pair, Set.of());
    }

    private Beside among(FeedPlan first, List<Beside> all) {
      Set<LampFunction> both = EnumSet.noneOf(LampFunction.class);
      both.addAll(JointPlan.alike(plan, first));
      all.stream()
          .filter(other -> !other.tag().equals(tag))
          .forEach(other -> both.addAll(JointPlan.alike(plan, other.plan())));
      return new Beside(tag, plan, pair, both);
    }

    /** Which of several pairs its lamps are; empty where no other plan has such. */
    String pairOf(String function) {
      return alike.stream().map(Enum::name).noneMatch(function::equals)
          ? ""
          : pair.isBlank() ? number(tag) : pair.strip();
    }
  }

  /** How a plan's parts are told apart: 2 for the second. */
  public static String number(String tag) {
    return tag.substring(1);
  }

  /**
   * Joins plans.
   *
   * @param others at most four, each with a tag of its own
   */
  public static FeedPlan of(FeedPlan first, List<Beside> others) {
    if (others.isEmpty()) {
      return first;
    }
    List<Beside> beside = others.stream().map(one -> one.among(first, others)).toList();
    List<FeedPlan> plans = new ArrayList<>(List.of(first));
    beside.forEach(one -> plans.add(one.plan()));
    Set<DrivingState> states = new TreeSet<>();
    plans.forEach(plan -> states.addAll(plan.states()));
    Map<String, Section> vehicle = new LinkedHashMap<>();
    List<Section> own = new ArrayList<>();
    first.sections().forEach(section -> add(section, vehicle, own, plans));
    own.replaceAll(section -> among(section, first, states, Map.of(), pair -> pair));
    for (Beside one : beside) {
      one.plan().sections().stream()
          .filter(section -> !section.isOwn() && !OF_EACH_PLAN.contains(section.name()))
          .forEach(section -> add(section, vehicle, own, plans));
      own.addAll(ownOf(one, states));
    }
    List<Section> sections = new ArrayList<>(vehicle.values());
    sections.addAll(own);
    return joined(plans, beside, sections, List.copyOf(states));
  }

  private static void add(
      Section section, Map<String, Section> vehicle, List<Section> own, List<FeedPlan> plans) {
    if (section.isOwn()) {
      own.add(section);
    } else if (!isReplaced(section, plans)) {
      vehicle.putIfAbsent(section.name(), section);
    }
  }

  /** Whether lamps of the vehicle are another plan's own, so that theirs are not there any more. */
  private static boolean isReplaced(Section section, List<FeedPlan> plans) {
    return plans.stream().anyMatch(plan -> !replacedBy(plan, section).isEmpty());
  }

  /** The functions of a section of the vehicle, by their names, whose lamps a plan replaces. */
  private static Set<String> replacedBy(FeedPlan plan, Section section) {
    Set<String> replaced = new HashSet<>(section.lamps());
    boolean isThere =
        plan.sections().stream().anyMatch(other -> other.name().equals(section.name()));
    if (isThere || section.blocks().stream().anyMatch(block -> block.kind().equals("switch"))) {
      return Set.of();
    }
    replaced.retainAll(
        plan.sections().stream()
            .filter(Section::isOwn)
            .flatMap(own -> own.lamps().stream())
            .collect(Collectors.toSet()));
    return replaced;
  }

  /**
   * The functions that two plans both have lamps for. Where one of them counts on the vehicle's
   * lamps and the other replaces those, they go together.
   */
  private static Set<LampFunction> alike(FeedPlan one, FeedPlan other) {
    Set<LampFunction> both = EnumSet.noneOf(LampFunction.class);
    both.addAll(one.functions());
    both.retainAll(other.functions());
    both.removeIf(function -> together(one, other, function) || together(other, one, function));
    return both;
  }

  private static boolean together(FeedPlan counts, FeedPlan replaces, LampFunction function) {
    return counts.sections().stream()
        .filter(section -> !section.isOwn())
        .anyMatch(section -> replacedBy(replaces, section).contains(function.name()));
  }

  /** A plan's own sections under its tag. */
  private static List<Section> ownOf(Beside one, Set<DrivingState> states) {
    Map<String, String> names = names(one);
    List<Section> sections = new ArrayList<>();
    for (Section section : one.plan().sections()) {
      if (section.isOwn() || OF_EACH_PLAN.contains(section.name())) {
        Section among =
            among(
                section,
                one.plan(),
                states,
                names,
                lamps ->
                    lamps.pair().isEmpty() ? lamps.of(one.pairOf(lamps.function().name())) : lamps);
        sections.add(
            new Section(
                "",
                section.questions().stream()
                    .map(question -> question.of(one.tag(), names))
                    .toList(),
                section.blocks().stream().map(block -> block.of(one.tag())).toList(),
                among.expectations()));
      }
    }
    return sections;
  }

  private static Map<String, String> names(Beside one) {
    Map<String, String> names = new HashMap<>();
    one.plan().sections().stream()
        .filter(section -> section.isOwn() || OF_EACH_PLAN.contains(section.name()))
        .flatMap(section -> section.questions().stream())
        .forEach(question -> names.put(question.id(), Block.tagged(one.tag(), question.id())));
    return names;
  }

  /** A section whose lamps are expected in the states of all plans, as far as they can tell. */
  private static Section among(
      Section section,
      FeedPlan plan,
      Set<DrivingState> states,
      Map<String, String> names,
      Function<Lamps, Lamps> called) {
    Map<DrivingState, DrivingState> like = like(plan, states);
    return new Section(
        section.name(),
        section.questions(),
        section.blocks(),
        section.expectations().stream()
            .map(row -> row.among(called.apply(row.lamps()), like, row.onlyIf().renamed(names)))
            .toList());
  }

  /** Which of a plan's states another is like, to a plan that does not know every control. */
  private static Map<DrivingState, DrivingState> like(FeedPlan plan, Set<DrivingState> states) {
    Map<DrivingState, DrivingState> like = new EnumMap<>(DrivingState.class);
    for (DrivingState state : states) {
      Controls asPlanned = known(plan, state.controls());
      plan.states().stream()
          .filter(one -> one == state || one.controls().equals(asPlanned))
          .findFirst()
          .ifPresent(one -> like.put(state, one));
    }
    return like;
  }

  /** The controls with those at rest that the plan never moves. */
  private static Controls known(FeedPlan plan, Controls at) {
    List<Controls> moved = plan.states().stream().map(DrivingState::controls).toList();
    Controls known = at;
    if (moved.stream().noneMatch(Controls::fog)) {
      known = known.withFog(false);
    }
    if (moved.stream().noneMatch(Controls::auxiliary)) {
      known = known.withAuxiliary(false);
    }
    if (moved.stream().allMatch(controls -> controls.turn() == Controls.Turn.OFF)) {
      known = known.with(Controls.Turn.OFF);
    }
    if (moved.stream().allMatch(controls -> controls.lights() == Controls.Lights.OFF)) {
      known = known.with(Controls.Lights.OFF);
    }
    return known;
  }

  /** Whether a question of a plan is one of the vehicle, asked once for all plans beside it. */
  public static boolean isShared(FeedPlan plan, String question) {
    return plan.sections().stream()
        .filter(section -> !section.isOwn() && !OF_EACH_PLAN.contains(section.name()))
        .flatMap(section -> section.questions().stream())
        .anyMatch(one -> one.id().equals(question));
  }

  private static FeedPlan joined(
      List<FeedPlan> plans,
      List<Beside> beside,
      List<Section> sections,
      List<DrivingState> states) {
    FeedPlan first = plans.get(0);
    Set<LampFunction> functions = new LinkedHashSet<>();
    Set<PlanStep> steps = new LinkedHashSet<>(first.steps());
    Set<String> cautions = new LinkedHashSet<>();
    Map<String, String> before = new LinkedHashMap<>(first.before());
    for (FeedPlan plan : plans) {
      functions.addAll(plan.functions());
      cautions.addAll(plan.cautions());
    }
    for (Beside one : beside) {
      Map<String, String> names = names(one);
      one.plan().steps().forEach(step -> steps.add(step.renamed(names)));
      one.plan()
          .before()
          .forEach(
              (question, answer) -> before.put(names.getOrDefault(question, question), answer));
    }
    return new FeedPlan(
        first.id(),
        first.version(),
        said(plans, FeedPlan::title, " + "),
        said(plans, FeedPlan::does, "\n"),
        functions,
        sections,
        states,
        before,
        said(plans, FeedPlan::undo, "\n"),
        List.copyOf(steps),
        List.copyOf(cautions),
        plans.stream().mapToInt(FeedPlan::factoryCuts).sum(),
        first.source(),
        beside);
  }

  private static String said(
      List<FeedPlan> plans, Function<FeedPlan, String> what, String between) {
    return plans.stream()
        .map(what)
        .filter(text -> !text.isEmpty())
        .distinct()
        .collect(Collectors.joining(between));
  }
}
