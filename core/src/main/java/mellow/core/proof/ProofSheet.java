package mellow.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mellow.core.circuit.LightLevel;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.proof.ProofEvent.Tried;
import mellow.core.proof.ProofEvent.Unplugged;
import mellow.core.subject.SubjectKind;

/**
 * What was proved of a list.
 *
 * @param cells each lamp in each state, in the order of the list
 */
public record ProofSheet(ProofList list, List<Cell> cells) {
  private static final Source PROOF =
      Source.commonPractice(
          "every function is proved before closing; nothing lit with the key out");

  public ProofSheet {
    cells = List.copyOf(cells);
  }

  /**
   * A lamp in a state.
   *
   * @param result the latest that still holds; empty while it was not tried
   * @param faults what went wrong there ever; a fault may wander
   * @param reopened why what was tried does not hold any more; empty where nothing was lost
   */
  public record Cell(
      String state,
      ProofLamp lamp,
      LightLevel expected,
      Optional<Tried> result,
      int faults,
      String reopened) {
    public boolean isProved() {
      return result.filter(one -> !one.outcome().isFault()).isPresent();
    }

    private Cell after(ProofEvent event, String basis) {
      if (event instanceof Tried tried && tried.state().equals(state) && tried.covers(lamp)) {
        int wrong = faults + (tried.outcome().isFault() ? 1 : 0);
        return tried.standsOn(lamp, basis)
            ? new Cell(state, lamp, expected, Optional.of(tried), wrong, "")
            : new Cell(
                state, lamp, expected, Optional.empty(), wrong, "its circuit was changed since");
      }
      if (event instanceof Unplugged opened && result.isPresent() && opened.touches(lamp)) {
        return new Cell(
            state, lamp, expected, Optional.empty(), faults, opened.what() + " was off since");
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
                Cell cell = new Cell(item.name(), lamp, level, Optional.empty(), 0, "");
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
              Sentence.of(
                  "Every function is proved: {0} lamps in {1} states",
                  Figure.count(list.lamps().size()), Figure.count(list.items().size()))));
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
            ? Sentence.of(Words.capital(lamp.words()) + ": not tried")
            : Sentence.of(
                Words.capital(lamp.words()) + ": not tried in {0} of {1} states",
                Figure.count(open.size()),
                Figure.count(all));
    String why =
        open.stream().map(Cell::reopened).filter(one -> !one.isEmpty()).findFirst().orElse("");
    Finding finding =
        Finding.plain(FindingKey.of("prove.open", lamp.subject()), Verdict.NOT_KNOWN, PROOF, says)
            .withRemedy(
                Sentence.of("Try it: " + open.stream().map(Cell::state).toList().get(0) + "."));
    return why.isEmpty()
        ? finding
        : finding.withDetail(Sentence.of(Words.typed("Tried before; " + why)));
  }

  private static String who(Cell cell) {
    return Words.capital(cell.lamp().words());
  }

  private static FindingKey key(Cell cell) {
    return FindingKey.of(
        "prove.works", SubjectKind.IN_STATE.within(cell.state(), cell.lamp().subject().text()));
  }

  private static Finding fault(Cell cell, Tried result, Isolation.Light light) {
    Finding finding =
        Finding.plain(
                key(cell),
                Verdict.OUT,
                Isolation.SOURCE,
                Sentence.of(who(cell) + ": " + result.outcome().words() + ", " + cell.state()))
            .withRemedy(
                Sentence.of(String.join(" ", Isolation.firstThree(result.outcome(), light))));
    return result.seen().isEmpty()
        ? finding
        : finding.withDetail(Sentence.of("Seen: " + Words.typed(result.seen())));
  }

  private static String after(int tries) {
    return tries > 1 ? "after {0} tries, " : tries == 1 ? "after one try, " : "";
  }

  private static Finding wandering(Cell cell, Tried result) {
    return Finding.plain(
            key(cell),
            Verdict.AT_EDGE,
            PROOF,
            Sentence.of(
                who(cell) + " works now, " + after(result.tries()) + cell.state(),
                result.tries() > 1 ? new Figure[] {Figure.count(result.tries())} : new Figure[0]))
        .withDetail(
            Sentence.of(
                "A cause has to explain every symptom; what it does not explain stays open."))
        .withRemedy(Sentence.of("Try it again warm and cold, and shake the harness."));
  }
}
