package mellow.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.DrivingState;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.proof.ProofEvent.Tried;
import mellow.core.proof.ProofEvent.Unplugged;
import mellow.core.subject.SubjectKind;

/**
 * What was proved of a list.
 *
 * @param cells each lamp in each state, in the order of the list
 */
public record ProofSheet(ProofList list, List<Cell> cells) {
  private static final Source PROOF = Source.commonPractice(ProofWords.srcProof());

  public ProofSheet {
    cells = List.copyOf(cells);
  }

  /**
   * A lamp in a state.
   *
   * @param result the latest that still holds; empty while it was not tried
   * @param faults what went wrong there ever; a fault may wander
   * @param reopened why what was tried does not hold any more
   */
  public record Cell(
      DrivingState state,
      ProofLamp lamp,
      LightLevel expected,
      Optional<Tried> result,
      int faults,
      Optional<Sentence> reopened) {
    public boolean isProved() {
      return result.filter(one -> !one.outcome().isFault()).isPresent();
    }

    private Cell after(ProofEvent event, String basis) {
      if (event instanceof Tried tried && tried.state() == state && tried.covers(lamp)) {
        int wrong = faults + (tried.outcome().isFault() ? 1 : 0);
        return tried.standsOn(lamp, basis)
            ? new Cell(state, lamp, expected, Optional.of(tried), wrong, Optional.empty())
            : new Cell(
                state,
                lamp,
                expected,
                Optional.empty(),
                wrong,
                Optional.of(ProofWords.circuitChanged()));
      }
      if (event instanceof Unplugged opened && result.isPresent() && opened.touches(lamp)) {
        return new Cell(
            state,
            lamp,
            expected,
            Optional.empty(),
            faults,
            Optional.of(ProofWords.wasOff(opened.what())));
      }
      return this;
    }
  }

  /** The sheet; of the results of one lamp in one state the last counts, as long as it holds. */
  public static ProofSheet of(ProofList list, List<ProofEvent> events) {
    List<Cell> cells = new ArrayList<>();
    for (ProofList.Item item : list.items()) {
      item.expected()
          .forEach(
              (lamp, level) -> {
                Cell cell =
                    new Cell(item.state(), lamp, level, Optional.empty(), 0, Optional.empty());
                String basis = list.basis(lamp, level);
                for (ProofEvent event : events) {
                  cell = cell.after(event, basis);
                }
                cells.add(cell);
              });
    }
    return new ProofSheet(list, cells);
  }

  public boolean isProved() {
    return !cells.isEmpty() && cells.stream().allMatch(Cell::isProved);
  }

  public long open() {
    return cells.stream().filter(cell -> cell.result().isEmpty()).count();
  }

  /** The cells of a lamp. */
  public List<Cell> of(ProofLamp lamp) {
    return cells.stream().filter(cell -> cell.lamp().equals(lamp)).toList();
  }

  /** Whether a lamp was seen to do all that it should. */
  public boolean isProved(ProofLamp lamp) {
    return !of(lamp).isEmpty() && of(lamp).stream().allMatch(Cell::isProved);
  }

  /**
   * What it comes to, the gravest first.
   *
   * @param lights what gives the light of a lamp
   */
  public List<Finding> findings(Function<ProofLamp, Isolation.Light> lights) {
    List<Finding> findings = new ArrayList<>();
    List<Finding> tries = new ArrayList<>();
    for (Cell cell : cells) {
      cell.result()
          .ifPresent(
              result -> {
                if (result.outcome().isFault()) {
                  findings.add(fault(cell, result, lights.apply(cell.lamp())));
                } else if (result.outcome() == Outcome.AFTER_TRIES || cell.faults() > 0) {
                  tries.add(wandering(cell, result));
                }
              });
    }
    findings.addAll(tries);
    findings.addAll(untried());
    if (findings.isEmpty() && !cells.isEmpty()) {
      findings.add(
          Finding.plain(
              FindingKey.of("prove.all"),
              Verdict.WITHIN,
              PROOF,
              ProofWords.allProved(list.lamps().size(), list.items().size())));
    }
    return findings;
  }

  /** Each lamp that was not tried in every state, by its name. */
  public List<Finding> untried() {
    List<Finding> findings = new ArrayList<>();
    for (ProofLamp lamp : list.lamps()) {
      List<Cell> open = of(lamp).stream().filter(cell -> cell.result().isEmpty()).toList();
      if (!open.isEmpty()) {
        findings.add(untried(lamp, open, of(lamp).size()));
      }
    }
    return findings;
  }

  private static Finding untried(ProofLamp lamp, List<Cell> open, int all) {
    Sentence says =
        open.size() == all
            ? ProofWords.notTried(lamp.words().capital())
            : ProofWords.notTriedIn(
                lamp.words().capital(), Figure.count(open.size()), Figure.count(all));
    Optional<Sentence> why = open.stream().flatMap(cell -> cell.reopened().stream()).findFirst();
    Finding finding =
        Finding.plain(FindingKey.of("prove.open", lamp.subject()), Verdict.NOT_KNOWN, PROOF, says)
            .withRemedy(
                Remedy.of(
                    Remedy.Action.TRY, Remedy.Page.PROVE, ProofWords.tryIt(open.get(0).state())));
    return why.map(because -> finding.withDetail(ProofWords.triedBefore(because))).orElse(finding);
  }

  private static Sentence who(Cell cell) {
    return cell.lamp().words().capital();
  }

  private static FindingKey key(Cell cell) {
    return FindingKey.of(
        "prove.works",
        SubjectKind.IN_STATE.within(cell.state().name(), cell.lamp().subject().text()));
  }

  private static Finding fault(Cell cell, Tried result, Isolation.Light light) {
    Finding finding =
        Finding.plain(
                key(cell),
                Verdict.OUT,
                Isolation.SOURCE,
                ProofWords.fault(who(cell), result.outcome(), cell.state()))
            .withRemedy(
                Remedy.of(
                    Remedy.Action.CHECK,
                    Remedy.Page.PROVE,
                    inOrder(Isolation.firstThree(result.outcome(), light))));
    return result.seen().isEmpty() ? finding : finding.withDetail(ProofWords.seen(result.seen()));
  }

  private static Sentence inOrder(List<Sentence> three) {
    return ProofWords.firstTests(three.get(0), three.get(1), three.get(2));
  }

  private static Finding wandering(Cell cell, Tried result) {
    return Finding.plain(
            key(cell),
            Verdict.AT_EDGE,
            PROOF,
            ProofWords.worksNow(who(cell), result.tries(), cell.state()))
        .withDetail(ProofWords.explainAll())
        .withRemedy(Remedy.of(Remedy.Action.TRY, Remedy.Page.PROVE, ProofWords.tryAgain()));
  }
}
