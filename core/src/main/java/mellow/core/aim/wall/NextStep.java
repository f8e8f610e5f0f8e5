package mellow.core.aim.wall;

import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimWords;
import mellow.core.aim.Floor;
import mellow.core.aim.Inclined;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.rules.VehicleScope;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * The one sentence about the stage, and the next thing to do.
 *
 * @param verdict how things stand
 * @param headline the worst thing in the trade's words, or that all is well
 * @param detail how it was come by, or the remedy
 * @param action what the technician does next
 * @param lamp which pair it is about
 * @param side which lamp it is about; empty where it is about both or none
 * @param behind the finding that it is taken from; empty where all is well
 */
public record NextStep(
    Verdict verdict,
    Sentence headline,
    Sentence detail,
    Action action,
    LampKind lamp,
    Optional<Side> side,
    Optional<FindingKey> behind) {

  /** What can be next. */
  public enum Action {
    MEASURE_DISTANCE,
    MEASURE_CENTRE,
    /** The lower edge of the lit surface: which rule holds depends on it. */
    MEASURE_EDGE,
    MEASURE_FLOOR,
    SETTLE,
    READ_CUTOFF,
    TURN_AND_READ,
    DONE
  }

  static NextStep of(Floor floor, List<PairSheet> pairs, List<Finding> findings) {
    for (PairSheet pair : pairs) {
      for (Side side : Side.values()) {
        if (pair.lamps().on(side).place().isEmpty()) {
          return measure(pair, side);
        }
      }
    }
    for (PairSheet pair : pairs) {
      for (Side side : Side.values()) {
        Optional<NextStep> atLamp = atLamp(pair.kind(), pair.lamps().on(side));
        if (atLamp.isPresent()) {
          return atLamp.get();
        }
      }
    }
    return settled(floor, findings);
  }

  private static NextStep measure(PairSheet pair, Side side) {
    boolean distanceMissing =
        pair.findings().stream().anyMatch(finding -> finding.answers("wall.distance"));
    Finding missing =
        pair.findings().stream()
            .filter(
                finding ->
                    distanceMissing
                        ? finding.answers("wall.distance")
                        : finding.answers("wall.centre")
                            && finding
                                .subject()
                                .equals(Subject.Lamp.of(pair.kind().function(), side)))
            .findFirst()
            .orElseThrow();
    return new NextStep(
        Verdict.NOT_KNOWN,
        missing.headline(),
        missing.remedy().map(Remedy::says).orElse(Sentence.EMPTY),
        distanceMissing ? Action.MEASURE_DISTANCE : Action.MEASURE_CENTRE,
        pair.kind(),
        distanceMissing ? Optional.empty() : Optional.of(side),
        Optional.of(missing.key()));
  }

  private static Optional<NextStep> atLamp(LampKind kind, LampSheet lamp) {
    Optional<Finding> rule = open(lamp).filter(finding -> finding.remedy().isPresent());
    if (rule.isPresent() && rule.get().answers("school.rule", "aim.limits")) {
      return Optional.of(step(kind, lamp, rule.get(), Action.MEASURE_EDGE));
    }
    Optional<Finding> unread = find(lamp, "aim.cutoff");
    if (unread.isPresent()) {
      return Optional.of(step(kind, lamp, unread.get(), Action.READ_CUTOFF));
    }
    Optional<Finding> limits = find(lamp, "aim.limits").filter(NextStep::isOut);
    Optional<Finding> target = find(lamp, "aim.target").filter(NextStep::isOut);
    if (limits.isPresent() && target.isPresent()) {
      Finding both = limits.get();
      return Optional.of(
          new NextStep(
              Verdict.OUT,
              AimWords.combined(
                  both.headline(), offTheTape(lamp.correction().orElseThrow().upMm())),
              AimWords.thenAim(
                  both.detail(),
                  Inclined.by(lamp.target().orElseThrow().percent()),
                  both.remedy().map(Remedy::says).orElse(Sentence.EMPTY)),
              Action.TURN_AND_READ,
              kind,
              Optional.of(lamp.side()),
              Optional.of(both.key())));
    }
    return limits
        .or(() -> target)
        .map(found -> step(kind, lamp, found, Action.TURN_AND_READ))
        .or(() -> open(lamp).map(found -> step(kind, lamp, found, Action.SETTLE)));
  }

  /** What is not known of the lamp's aim though it was read: nothing may be called within then. */
  private static Optional<Finding> open(LampSheet lamp) {
    return lamp.findings().stream()
        .filter(finding -> finding.verdict() == Verdict.NOT_KNOWN)
        .filter(
            finding ->
                finding.answers(
                    "school.rule",
                    "school.level",
                    "school.band",
                    "school.before",
                    "aim.limits",
                    "aim.target"))
        .findFirst();
  }

  private static NextStep step(LampKind kind, LampSheet lamp, Finding finding, Action action) {
    return new NextStep(
        finding.verdict(),
        finding.headline(),
        Sentence.build()
            .sentence(finding.detail())
            .text(finding.detail().isEmpty() ? "" : " ")
            .sentence(finding.remedy().map(Remedy::says).orElse(Sentence.EMPTY))
            .done(),
        action,
        kind,
        Optional.of(lamp.side()),
        Optional.of(finding.key()));
  }

  private static NextStep settled(Floor floor, List<Finding> findings) {
    Optional<Finding> worst =
        findings.stream()
            .filter(NextStep::isOut)
            .findFirst()
            .or(() -> findings.stream().filter(VehicleScope::isDoubt).findFirst())
            .or(
                () ->
                    findings.stream()
                        .filter(finding -> finding.verdict() == Verdict.AT_EDGE)
                        .findFirst());
    if (worst.isEmpty()) {
      return new NextStep(
          Verdict.WITHIN,
          AimWords.allWithin(),
          floor.plane().isPresent() ? AimWords.nothingOut() : AimWords.nothingOutLevel(),
          Action.DONE,
          LampKind.DIPPED,
          Optional.empty(),
          Optional.empty());
    }
    Finding finding = worst.get();
    boolean edge = finding.verdict() == Verdict.AT_EDGE;
    return new NextStep(
        finding.verdict(),
        finding.headline(),
        Sentence.build()
            .sentence(finding.detail())
            .text(finding.detail().isEmpty() ? "" : " ")
            .sentence(finding.remedy().map(Remedy::says).orElse(Sentence.EMPTY))
            .done(),
        edge ? Action.DONE : isOfFloor(finding) ? Action.MEASURE_FLOOR : Action.SETTLE,
        LampKind.DIPPED,
        Optional.empty(),
        Optional.of(finding.key()));
  }

  private static boolean isOfFloor(Finding finding) {
    return finding.subject() instanceof Subject.Bay
        || finding.subject() instanceof Subject.FloorPoint;
  }

  private static Optional<Finding> find(LampSheet lamp, String rule) {
    return lamp.findings().stream().filter(finding -> finding.answers(rule)).findFirst();
  }

  private static boolean isOut(Finding finding) {
    return finding.verdict() == Verdict.OUT;
  }

  private static Sentence offTheTape(double upMm) {
    return AimWords.alsoOffTape(Figure.lengthMm(Math.abs(upMm)), upMm < 0);
  }
}
