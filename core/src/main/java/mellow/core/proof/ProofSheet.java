package mellow.core.proof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.StateTable.Lamps;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.proof.ProofResult.Outcome;

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
   * @param result the latest; empty while it was not tried
   * @param faults what went wrong there ever, with the times; a fault may wander
   */
  public record Cell(
      String state, Lamps lamps, LightLevel expected, Optional<ProofResult> result, int faults) {
    public boolean isProved() {
      return result.filter(one -> !one.outcome().isFault()).isPresent();
    }
  }

  /** The sheet; of the results of one lamp in one state the last counts. */
  public static ProofSheet of(ProofList list, List<ProofResult> results) {
    Map<List<Object>, List<ProofResult>> by = new LinkedHashMap<>();
    for (ProofResult result : results) {
      by.computeIfAbsent(List.of(result.state(), result.lamps()), key -> new ArrayList<>())
          .add(result);
    }
    List<Cell> cells = new ArrayList<>();
    for (ProofList.Item item : list.items()) {
      item.expected()
          .forEach(
              (lamps, level) -> {
                List<ProofResult> own = by.getOrDefault(List.of(item.name(), lamps), List.of());
                cells.add(
                    new Cell(
                        item.name(),
                        lamps,
                        level,
                        own.isEmpty() ? Optional.empty() : Optional.of(own.get(own.size() - 1)),
                        (int) own.stream().filter(one -> one.outcome().isFault()).count()));
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

  /**
   * What it comes to, the gravest first.
   *
   * @param lights what gives the light of a lamp
   */
  public List<Finding> findings(Function<Lamps, Isolation.Light> lights) {
    List<Finding> findings = new ArrayList<>();
    List<Finding> tries = new ArrayList<>();
    for (Cell cell : cells) {
      cell.result()
          .ifPresent(
              result -> {
                if (result.outcome().isFault()) {
                  findings.add(fault(cell, result, lights.apply(cell.lamps())));
                } else if (result.outcome() == Outcome.AFTER_TRIES || cell.faults() > 0) {
                  tries.add(wandering(cell, result));
                }
              });
    }
    findings.addAll(tries);
    if (open() > 0) {
      findings.add(
          Finding.notKnown(
              "prove.open",
              PROOF,
              open() + (open() == 1 ? " function is" : " functions are") + " not proved yet",
              "Go through the states; one button for each lamp."));
    } else if (findings.isEmpty() && !cells.isEmpty()) {
      findings.add(
          Finding.plain(
              "prove.all",
              Verdict.WITHIN,
              PROOF,
              Sentence.of(
                  "Every function is proved: {0} lamps and states", Figure.count(cells.size()))));
    }
    return findings;
  }

  private static String who(Cell cell, ProofResult result) {
    return Words.capital(
        result.side().map(side -> side.word() + " ").orElse("") + cell.lamps().words());
  }

  private static String id(Cell cell) {
    return "prove." + cell.lamps().words().replace(' ', '-') + "." + cell.state().replace(' ', '-');
  }

  private static Finding fault(Cell cell, ProofResult result, Isolation.Light light) {
    Finding finding =
        Finding.plain(
                id(cell),
                Verdict.OUT,
                Isolation.SOURCE,
                Sentence.of(
                    who(cell, result) + ": " + result.outcome().words() + ", " + cell.state()))
            .withRemedy(
                Sentence.of(String.join(" ", Isolation.firstThree(result.outcome(), light))));
    return result.seen().isEmpty()
        ? finding
        : finding.withDetail(Sentence.of("Seen: " + Words.typed(result.seen())));
  }

  private static String after(int tries) {
    return tries > 1 ? "after {0} tries, " : tries == 1 ? "after one try, " : "";
  }

  private static Finding wandering(Cell cell, ProofResult result) {
    return Finding.plain(
            id(cell),
            Verdict.AT_EDGE,
            PROOF,
            Sentence.of(
                who(cell, result) + " works now, " + after(result.tries()) + cell.state(),
                result.tries() > 1 ? new Figure[] {Figure.count(result.tries())} : new Figure[0]))
        .withDetail(
            Sentence.of(
                "A cause has to explain every symptom; what it does not explain stays open."))
        .withRemedy(Sentence.of("Try it again warm and cold, and shake the harness."));
  }
}
