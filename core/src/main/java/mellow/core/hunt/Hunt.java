package mellow.core.hunt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Part;
import mellow.core.fault.Check;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Condition;
import mellow.core.fault.Hypothesis;
import mellow.core.fault.NextCheck;
import mellow.core.fault.SeenPairs;
import mellow.core.fault.Shown;
import mellow.core.fault.Suspects;
import mellow.core.fault.Suspects.Answer;
import mellow.core.feed.DrivingState;
import mellow.core.feed.PlannedFeed;
import mellow.core.vehicle.Site;

/** A hunt: all that was checked, what is suspected after each of it, and what to check next. */
public final class Hunt {
  /** From this share on a cause is named, once it was confirmed. */
  public static final double SURE = 0.9;

  /** The same of a cause that no check bears out by itself, as how a module is set. Judged. */
  private static final double SURE_BY_ITSELF = 0.97;

  /** A candidate below this share is not shown. */
  private static final double SHOWN = 0.005;

  /** What is none of the parts comes last, unless it is likelier than all of them. */
  private static final double LIKELY = 0.5;

  /** A lamp that was seen to be wrong is looked at once more before a part is bought for it. */
  private static final int AGAIN = 2;

  /** What comes and goes is looked at again, but not for ever. Judged. */
  private static final int MOST_OFTEN = 5;

  private final CheckTable table;
  private final Circuit circuit;
  private final List<DrivingState> states;
  private final CheckCost cost;
  private final List<Moment> moments;
  private final List<List<Answer>> answers = new ArrayList<>();
  private final List<Suspects> after = new ArrayList<>();
  private final Confirmation confirmation;

  private final List<Candidate> candidates;
  private final Optional<Suggestion> next;

  /**
   * What was seen at one moment.
   *
   * @param line its id in the record
   */
  public record Moment(String line, List<Shown> shown) {
    public Moment {
      shown = List.copyOf(shown);
    }
  }

  /** How far it has come. */
  public enum Standing {
    NOTHING_SEEN,
    SEARCHING,
    /** One cause is all but certain, and was not seen by itself yet. */
    CONFIRMING,
    FOUND,
    /** All but certainly nothing is wrong in this circuit, now at least. */
    SOUND,
    /** No check tells anything more. */
    STUCK
  }

  /** Why a check is next. */
  public enum Why {
    SPLITS,
    /** Nothing explains what it showed. */
    AGAIN,
    CONFIRMS
  }

  /** What to check next. */
  public record Suggestion(NextCheck next, Why why) {}

  /**
   * What may be the cause.
   *
   * @param parts to be mended; none where nothing of this circuit is
   * @param likeliest what may be wrong with them
   * @param under when it comes and goes, once that was seen
   * @param shares its share before anything was seen, and after each moment
   * @param explains the lines that it explains
   * @param leavesOpen the lines that it does not
   */
  public record Candidate(
      Set<String> parts,
      Hypothesis likeliest,
      Condition under,
      List<Double> shares,
      List<String> explains,
      List<String> leavesOpen) {
    /** Its share after all that was seen. */
    public double share() {
      return shares.get(shares.size() - 1);
    }
  }

  /**
   * What a hunt goes by beside what was seen.
   *
   * @param lately what was open or mended before
   * @param experience of the shop
   */
  public record Case(PlannedFeed feed, Lately lately, Experience experience, AtHand atHand) {}

  /**
   * Follows a hunt. Where what is likeliest leaves a line open, two faults at once are reckoned
   * with that explain it.
   *
   * @param table of the feed's circuit in the states of its plan; with what an ohmmeter shows where
   *     the battery is off
   * @param moments in their order; what is of another circuit counts for nothing
   */
  public static Hunt of(Case of, CheckTable table, List<Moment> moments) {
    List<Moment> counting =
        moments.stream().filter(moment -> isOf(of.feed(), moment.shown())).toList();
    Hunt hunt = new Hunt(of, table, counting);
    if (hunt.candidates.get(0).leavesOpen().isEmpty()) {
      return hunt;
    }
    List<Answer> seen = hunt.answers.stream().flatMap(List::stream).toList();
    List<Hypothesis> pairs = SeenPairs.of(hunt.table, seen);
    return pairs.isEmpty() ? hunt : new Hunt(of, hunt.table.and(pairs), counting);
  }

  private Hunt(Case of, CheckTable table, List<Moment> moments) {
    this.circuit = of.feed().circuit();
    this.states = of.feed().plan().states();
    this.cost = new CheckCost(of.feed(), of.atHand());
    this.moments = moments;
    this.table = table.with(moments.stream().flatMap(this::checks).toList());
    ToDoubleFunction<Hypothesis> learnt =
        of.experience().times(of.feed().circuit(), this.table.hypotheses());
    Suspects suspects =
        Suspects.before(this.table, one -> learnt.applyAsDouble(one) * of.lately().times(one));
    after.add(suspects);
    for (Moment moment : moments) {
      List<Answer> seen =
          moment.shown().stream()
              .map(shown -> new Answer(this.table.place(check(shown)), shown.value()))
              .toList();
      answers.add(seen);
      suspects = suspects.after(seen);
      after.add(suspects);
    }
    confirmation = new Confirmation(circuit, this.table, cost, answers);
    candidates = List.copyOf(named());
    next = chosen();
  }

  /** Whether checks are of parts, nodes and states that a circuit has. */
  public static boolean isOf(PlannedFeed feed, List<Shown> all) {
    Circuit circuit = feed.circuit();
    Set<String> nodes = new LinkedHashSet<>(List.of("", Circuit.GROUND));
    circuit.parts().forEach(part -> nodes.addAll(part.terminals()));
    return all.stream()
        .allMatch(
            shown ->
                shown.refused().isEmpty()
                    && shown.check(feed.plan().states()).isPresent()
                    && nodes.contains(shown.from())
                    && nodes.contains(shown.to())
                    && isPart(circuit, shown.lamp(), Emitter.class)
                    && isPart(circuit, shown.part(), shown.kind().of()));
  }

  private static boolean isPart(Circuit circuit, String id, Class<? extends Part> kind) {
    return id.isEmpty() || circuit.part(id).filter(kind::isInstance).isPresent();
  }

  private Stream<Check> checks(Moment moment) {
    return moment.shown().stream().map(this::check);
  }

  private Check check(Shown shown) {
    return shown.check(states).orElseThrow();
  }

  /** The moments that are of this circuit. */
  public List<Moment> moments() {
    return moments;
  }

  private Suspects now() {
    return after.get(after.size() - 1);
  }

  /** What may be the cause, likeliest first; what is not in the model comes last. */
  public List<Candidate> candidates() {
    return candidates;
  }

  private List<Candidate> named() {
    Map<Set<String>, List<Double>> shares = new LinkedHashMap<>();
    now()
        .byParts()
        .forEach(
            (parts, share) -> {
              if (share >= SHOWN) {
                shares.put(parts, new ArrayList<>());
              }
            });
    for (Suspects suspects : after) {
      shares.forEach((parts, of) -> of.add(suspects.share(parts)));
    }
    List<Candidate> candidates = new ArrayList<>();
    shares.forEach((parts, of) -> candidates.add(candidate(parts, of)));
    candidates.sort(Comparator.comparing(one -> one.parts().isEmpty() && one.share() < LIKELY));
    return candidates;
  }

  private Candidate candidate(Set<String> parts, List<Double> shares) {
    int likeliest = now().likeliest(parts);
    List<String> explains = new ArrayList<>();
    List<String> open = new ArrayList<>();
    for (int i = 0; i < moments.size(); i++) {
      (explains(likeliest, answers.get(i)) ? explains : open).add(moments.get(i).line());
    }
    return new Candidate(
        parts,
        table.hypotheses().get(likeliest),
        now().condition(likeliest),
        shares,
        explains,
        open);
  }

  /** Whether all that was seen at a moment is what a hypothesis shows: there, gone, or changing. */
  private boolean explains(int hypothesis, List<Answer> seen) {
    Hypothesis one = table.hypotheses().get(hypothesis);
    if (!one.isInTheModel()) {
      return false;
    }
    return seen.stream().allMatch(answer -> agrees(answer, hypothesis))
        || one.present() < 1
            && (seen.stream().allMatch(answer -> agrees(answer, whileGone(answer, hypothesis)))
                || seen.stream().allMatch(answer -> agreesWhileItChanges(answer, hypothesis)));
  }

  /** What it shows while the fault is not there; damage is seen then as well. */
  private int whileGone(Answer answer, int hypothesis) {
    return table.checks().get(answer.check()).isOfWhatStays() ? hypothesis : table.soundPlace();
  }

  private boolean agreesWhileItChanges(Answer answer, int hypothesis) {
    return table.changes(answer.check(), hypothesis, answer.shown())
        || agrees(answer, whileGone(answer, hypothesis));
  }

  private boolean agrees(Answer answer, int hypothesis) {
    return table.agrees(answer.check(), hypothesis, answer.shown());
  }

  /** How much a part is suspected: the share of all that names it. */
  public Map<String, Double> heat() {
    Map<String, Double> heat = new LinkedHashMap<>();
    now()
        .byParts()
        .forEach((parts, share) -> parts.forEach(part -> heat.merge(part, share, Double::sum)));
    return heat;
  }

  /** Where a probe is put on a node, as the job stands. */
  public Optional<Site> probed(String node) {
    return cost.nearest(node);
  }

  /** A terminal of a part, by the node that it is joined to. */
  public record Pin(String part, String node) {}

  /** How much a terminal is suspected by itself: the share of all faults that are at it. */
  public Map<Pin, Double> pinHeat() {
    Map<Pin, Double> heat = new LinkedHashMap<>();
    Map<String, List<String>> terminals = new HashMap<>();
    circuit.parts().forEach(part -> terminals.put(part.id(), part.terminals()));
    for (int h = 0; h < table.hypotheses().size(); h++) {
      double share = now().share(h);
      table.hypotheses().get(h).faults().stream()
          .filter(fault -> fault.kind().isAtATerminal())
          .map(fault -> new Pin(fault.part(), terminals.get(fault.part()).get(fault.place())))
          .distinct()
          .forEach(pin -> heat.merge(pin, share, Double::sum));
    }
    return heat;
  }

  /** The last line, where nothing that may be wrong explains it and it was seen but once. */
  public Optional<Moment> unexplained() {
    if (moments.isEmpty()) {
      return Optional.empty();
    }
    int last = moments.size() - 1;
    List<Answer> seen = answers.get(last);
    boolean seenBefore =
        answers.subList(0, last).stream()
            .anyMatch(earlier -> seen.stream().allMatch(one -> isRepeated(one, earlier)));
    boolean explained =
        IntStream.range(0, table.hypotheses().size())
            .filter(h -> after.get(last).share(h) >= SHOWN / table.hypotheses().size())
            .anyMatch(h -> explains(h, seen));
    return seenBefore || explained ? Optional.empty() : Optional.of(moments.get(last));
  }

  private boolean isRepeated(Answer one, List<Answer> earlier) {
    return earlier.stream()
        .anyMatch(before -> before.check() == one.check() && isAlike(before, one));
  }

  private boolean isAlike(Answer one, Answer other) {
    return table.checks().get(one.check()) instanceof Check.ByMeter meter
        ? Math.abs(one.shown() - other.shown()) <= Check.ByMeter.AGREES * meter.sigma(one.shown())
        : one.shown() == other.shown();
  }

  /** How far it has come. */
  public Standing standing() {
    if (moments.isEmpty()) {
      return Standing.NOTHING_SEEN;
    }
    if (next.isPresent()) {
      return next.get().why() == Why.CONFIRMS && sure().isPresent()
          ? Standing.CONFIRMING
          : Standing.SEARCHING;
    }
    return sure()
        .filter(this::isConfirmed)
        .map(one -> one.likeliest().isNothing() ? Standing.SOUND : Standing.FOUND)
        .orElse(Standing.STUCK);
  }

  private int place(Candidate candidate) {
    return table.hypotheses().indexOf(candidate.likeliest());
  }

  private boolean isConfirmed(Candidate candidate) {
    return confirmation.isThere(place(candidate), candidate.share());
  }

  /** What no check bears out by itself is searched for longer, while something else still tells. */
  private boolean isCertain(Candidate candidate) {
    return candidate.likeliest().isNothing()
        || candidate.share() >= SURE_BY_ITSELF
        || confirmation.canBearOut(place(candidate));
  }

  /** What is all but certain, if the model can tell what it is. */
  private Optional<Candidate> sure() {
    return candidates.stream()
        .findFirst()
        .filter(first -> first.share() >= SURE && first.likeliest().isInTheModel());
  }

  /** What to check next; empty where it is found, or nothing tells any more. */
  public Optional<Suggestion> next() {
    return next;
  }

  private Optional<Suggestion> chosen() {
    Optional<Moment> again = unexplained();
    if (again.isPresent()) {
      return Optional.of(new Suggestion(priced(check(again.get().shown().get(0))), Why.AGAIN));
    }
    Optional<Candidate> sure = sure();
    if (sure.filter(this::isConfirmed).filter(this::isCertain).isPresent()) {
      return Optional.empty();
    }
    Optional<Check> confirming = sure.flatMap(one -> confirmation.next(place(one), one.share()));
    if (confirming.isPresent()) {
      return Optional.of(lookedTwice(new Suggestion(priced(confirming.get()), Why.CONFIRMS)));
    }
    return ranked().findFirst().map(next -> lookedTwice(new Suggestion(next, Why.SPLITS)));
  }

  /**
   * Nothing is exchanged for a lamp that was seen to be wrong but once: what was misread would be
   * borne out by a good part that does no more than the old one did.
   */
  private Suggestion lookedTwice(Suggestion suggestion) {
    if (suggestion.next().check() instanceof Check.Exchanged one && seenWrong(one.lamp()) < AGAIN) {
      Check look = new Check.LampSeen(one.state(), one.lamp());
      return confirmation.times(look) < MOST_OFTEN
          ? new Suggestion(priced(look), Why.CONFIRMS)
          : suggestion;
    }
    return suggestion;
  }

  private long seenWrong(String lamp) {
    return answers.stream()
        .flatMap(List::stream)
        .filter(
            answer ->
                table.checks().get(answer.check()) instanceof Check.OfLamp seen
                    && seen.lamp().equals(lamp)
                    && answer.shown() != table.sound(answer.check()))
        .count();
  }

  /**
   * All checks that tell something, the best one first. A part has to be reached in the end, and
   * seen by itself: doing so early costs only what is not needed after all.
   */
  private Stream<NextCheck> ranked() {
    Map<Reach, Double> needed = needed();
    return NextCheck.ranked(
            now(),
            check -> cost.regretted(check, needed) - check.minutes() * confirmed(check),
            worthwhile())
        .map(next -> next.at(cost.minutes(next.check())));
  }

  /** How likely a check is the one that bears the cause out. */
  private double confirmed(Check check) {
    Optional<String> part = confirmation.part(check);
    return part.stream()
        .flatMapToInt(now()::placesOf)
        .filter(h -> confirmation.bearsOut(check, h))
        .mapToDouble(now()::share)
        .sum();
  }

  /** How likely each place that is closed has to be opened anyway. */
  private Map<Reach, Double> needed() {
    Map<Reach, Double> needed = new EnumMap<>(Reach.class);
    now()
        .byParts()
        .forEach(
            (parts, share) ->
                cost.toOpen(parts).forEach(reach -> needed.merge(reach, share, Double::sum)));
    return needed;
  }

  private NextCheck priced(Check check) {
    return NextCheck.of(now(), table.place(check), cost.minutes(check));
  }

  private Predicate<Check> worthwhile() {
    return check -> cost.canBe(check) && confirmation.times(check) < MOST_OFTEN;
  }

  /** Other checks that tell something: the best of each kind, the best kind first. */
  public List<NextCheck> others() {
    Optional<Check> first = next().map(suggestion -> suggestion.next().check());
    Map<Shown.Kind, NextCheck> best = new LinkedHashMap<>();
    ranked()
        .filter(next -> !Optional.of(next.check()).equals(first))
        .forEach(next -> best.putIfAbsent(kept(next.check()).kind(), next));
    return List.copyOf(best.values());
  }

  /** A check as it is kept, without an answer. */
  public Shown kept(Check check) {
    return Shown.of(check, states, 0);
  }

  /** The places that have to be opened for a check. */
  public Set<Reach> toOpen(Check check) {
    return cost.toOpen(check);
  }

  /** What a check would show if it were so; empty for what is not in the model. */
  public Optional<Shown> shows(Check check, Candidate candidate) {
    double shown =
        table.shows(table.place(check), table.hypotheses().indexOf(candidate.likeliest()));
    return Double.isNaN(shown) ? Optional.empty() : Optional.of(Shown.of(check, states, shown));
  }
}
