package mellow.core.workflow;

import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;

/**
 * How one stage of a job stands.
 *
 * @param begun whether anything was kept for it
 * @param findings all that its work came to
 * @param next what is still open there; empty where nothing is
 */
public record StageStanding(
    Stage stage, boolean begun, List<Finding> findings, Optional<Open> next) {
  public StageStanding {
    findings = List.copyOf(findings);
  }

  /** What is open at a stage, in one sentence. */
  public record Open(Verdict verdict, Sentence headline) {}

  /** A stage of which the gravest finding is what is open. */
  public static StageStanding of(Stage stage, boolean begun, List<Finding> findings) {
    return new StageStanding(
        stage,
        begun,
        findings,
        first(findings, Verdict.OUT).or(() -> first(findings, Verdict.NOT_KNOWN)));
  }

  /** A stage of which nothing is known. */
  static StageStanding untouched(Stage stage) {
    return new StageStanding(stage, false, List.of(), Optional.empty());
  }

  boolean isOpen() {
    return next.isPresent();
  }

  boolean isOut() {
    return next.filter(open -> open.verdict() == Verdict.OUT).isPresent();
  }

  private static Optional<Open> first(List<Finding> findings, Verdict verdict) {
    return findings.stream()
        .filter(finding -> finding.verdict() == verdict)
        .findFirst()
        .map(finding -> new Open(verdict, finding.headline()));
  }
}
