package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellow.core.circuit.Controls;
import mellow.core.circuit.check.CircuitCheck;
import mellow.core.circuit.check.StateTable;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.feed.DonorSlot;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlanStep;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.Question;
import mellow.core.feed.Values;
import mellow.core.feed.WiringOrder;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.harness.CutList;
import mellow.core.harness.FeedJudge;
import mellow.core.harness.Laying;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.MarkFamily;

/**
 * Everything that the stage Feed shows of a planned feed.
 *
 * @param market whose rules were held against the states
 * @param table each state as expected and as solved
 * @param before the same states as the vehicle had them; empty where nothing of the factory's is
 *     changed
 * @param findings the gravest first, in the circuit's order among equals
 * @param order of connecting
 */
public record FeedSheet(
    PlannedFeed feed,
    Optional<MarkFamily> market,
    StateTable table,
    Optional<StateTable> before,
    List<Finding> findings,
    CutList cuts,
    PartsBill bill,
    List<PlanStep> order) {
  /** Insulation for 105 °C beside an engine, two loaded wires in one sleeve. Judged. */
  private static final double USUAL_INSULATION = 105;

  private static final double USUAL_AROUND = 60;
  private static final double USUAL_BUNDLED = 2;

  private static final double USUAL_AMPERE_HOURS = 60;

  /** Left at each end of a piece for the terminal and a second try. Judged. */
  private static final double ENDS_MM = 300;

  private static final double MM_PER_M = 1000;

  private static final Source PROMISED = Source.derived(FeedWords.srcPromised());
  private static final Source ASKED = Source.judged(FeedWords.srcAsked());
  private static final Source CLIP_ON = Source.commonPractice(FeedWords.srcClipOn());

  public FeedSheet {
    findings = List.copyOf(findings);
    order = List.copyOf(order);
  }

  /**
   * Solves and judges.
   *
   * @param market whose rules are held against the states; empty where no rules are chosen
   */
  public static FeedSheet of(PlannedFeed feed, Optional<MarkFamily> market) throws FeedProblem {
    StateTable table = feed.table();
    CutList cuts = CutList.of(pieces(feed));
    Optional<PlannedFeed> had = feed.before();
    return new FeedSheet(
        feed,
        market,
        table,
        had.map(PlannedFeed::table),
        findings(feed, table, market),
        cuts,
        PartsBill.of(feed, cuts),
        school(feed).of(feed));
  }

  private static WiringOrder school(PlannedFeed feed) {
    return feed.answers().getOrDefault("school", "negative").equals("live")
        ? WiringOrder.LIVE
        : WiringOrder.NEGATIVE_OFF;
  }

  private static List<Finding> findings(
      PlannedFeed feed, StateTable table, Optional<MarkFamily> market) {
    List<Finding> findings =
        new ArrayList<>(
            CircuitCheck.ofJoining(feed.circuit()).stream()
                .filter(finding -> !isFactoryEnd(feed, finding))
                .toList());
    for (Solution solution : table.solutions()) {
      findings.addAll(CircuitCheck.ofSolution(feed.circuit(), solution));
    }
    findings.addAll(table.findings());
    if (table.findings().isEmpty()) {
      findings.add(asPromised(table));
    }
    findings.addAll(new Clashes(feed).findings());
    DonorSlot.of(feed).forEach(slot -> findings.add(slot.finding()));
    findings.addAll(notLookedUp(feed));
    findings.addAll(new StateRules(feed, table.rows(), market).findings());
    new FeedJudge(feed.circuit(), table.solutions(), laying(feed), market)
        .findings().stream()
            .filter(finding -> !isFactoryDrop(feed, finding))
            .forEach(findings::add);
    findings.add(
        FeedJudge.atRest(
            feed.circuit(),
            new Solver(feed.circuit()).solve(Controls.OFF),
            feed.number("batteryAh").orElse(USUAL_AMPERE_HOURS)));
    if (feed.answers().getOrDefault("joining", "").equals("clip")) {
      findings.add(
          Finding.plain(FindingKey.of("feed.joining"), Verdict.AT_EDGE, CLIP_ON, FeedWords.clipOn())
              .withRemedy(Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.solder())));
    }
    return once(findings);
  }

  /** What a plan cannot be judged without, while nobody has looked. */
  private static List<Finding> notLookedUp(PlannedFeed feed) {
    return feed.plan().questions().stream()
        .filter(question -> !question.opens().isEmpty() && feed.asks(question))
        .filter(question -> Question.UNKNOWN.equals(feed.answers().get(question.id())))
        .map(
            question ->
                Finding.plain(
                        FindingKey.of("feed.asked", SubjectKind.QUESTION.named(question.id())),
                        Verdict.NOT_KNOWN,
                        ASKED,
                        Sentence.typed(question.opens()))
                    .withRemedy(
                        Remedy.of(
                            Remedy.Action.ENTER,
                            Remedy.Page.FEED,
                            Sentence.typed(question.hint()))))
        .toList();
  }

  private static Finding asPromised(StateTable table) {
    return Finding.plain(
        FindingKey.of("state"),
        Verdict.WITHIN,
        PROMISED,
        FeedWords.asPromised(table.rows().size()));
  }

  /** What the vehicle's own lamps lose on the vehicle's own wires was so before. */
  private static boolean isFactoryDrop(PlannedFeed feed, Finding finding) {
    return feed.parts().stream()
        .filter(PlannedPart::factory)
        .anyMatch(part -> finding.key().equals(FindingKey.of("feed.drop", part.subject())));
  }

  /** What the vehicle's own wiring leads to besides is none of the plan's business. */
  private static boolean isFactoryEnd(PlannedFeed feed, Finding finding) {
    return feed.parts().stream()
        .filter(PlannedPart::factory)
        .anyMatch(part -> finding.answers("circuit.end") && finding.subject().isOf(part.subject()));
  }

  /** What several states say alike is said once; the gravest stand first. */
  private static List<Finding> once(List<Finding> findings) {
    Map<FindingKey, Finding> byKey = new LinkedHashMap<>();
    findings.forEach(finding -> byKey.putIfAbsent(finding.key(), finding));
    return graveFirst(List.copyOf(byKey.values()));
  }

  /** The gravest first, in the given order among equals. */
  static List<Finding> graveFirst(List<Finding> findings) {
    return findings.stream().sorted(Comparator.comparing(Finding::verdict).reversed()).toList();
  }

  /** How the plan's wires lie, as far as it was asked. */
  public static Laying laying(PlannedFeed feed) {
    return new Laying(
        feed.number("insulation").orElse(USUAL_INSULATION),
        feed.number("around").orElse(USUAL_AROUND),
        (int) Math.round(feed.number("bundled").orElse(USUAL_BUNDLED)));
  }

  private static List<CutList.Piece> pieces(PlannedFeed feed) throws FeedProblem {
    List<CutList.Piece> pieces = new ArrayList<>();
    for (PlannedPart part : feed.added("wire")) {
      Values values = new Values(part.id(), part.values());
      pieces.add(
          new CutList.Piece(
              part.id(),
              values.size(),
              values.text("colour", "black"),
              values.number("metres") * MM_PER_M + ENDS_MM,
              values.text("fromEnd", "terminal 6.3 mm"),
              values.text("toEnd", "terminal 6.3 mm")));
    }
    return pieces;
  }

  /** The gravest finding that is not within; empty where all is. */
  public Optional<Finding> foremost() {
    return findings.stream().filter(finding -> finding.verdict() != Verdict.WITHIN).findFirst();
  }

  /** How many findings of each verdict, for a comparison side by side. */
  public Map<Verdict, Long> counts() {
    return findings.stream()
        .collect(Collectors.groupingBy(Finding::verdict, Collectors.counting()));
  }
}
