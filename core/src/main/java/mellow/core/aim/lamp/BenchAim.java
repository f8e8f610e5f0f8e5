package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimEvent;
import mellow.core.aim.AimWords;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * A projector on the bench against the housing's own cutoff, taped on the wall before it was
 * opened. Both are read on the flat part of the cutoff at two places.
 */
public final class BenchAim {
  private static final Source TAPE = Source.commonPractice(AimWords.srcBench());

  /** Within a tenth of a percent the wall does the rest with the vehicle's own screws. Judged. */
  private static final double DROP_LIMIT_PERCENT = 0.1;

  /**
   * A cutoff on the bench's wall.
   *
   * @param left height of its flat part at the left, above any fixed line
   * @param right the same at the right, above the same line
   */
  public record Flat(Measured left, Measured right) {
    double middleMm() {
      return (left.mm() + right.mm()) / 2;
    }

    /** What the coarser of both was read to; their middle is taken as no better. */
    double plusMinusMm() {
      return Math.max(left.plusMinusMm(), right.plusMinusMm());
    }
  }

  /**
   * A bench.
   *
   * @param distanceMm from lamp to wall; 20 to 25 ft are usual
   * @param runMm between the two places of the flat part
   * @param holding what holds the projector
   */
  public record Bench(double distanceMm, double runMm, Roll.Holding holding) {
    public Bench {
      if (!(distanceMm >= 1000) || distanceMm > 30_000) {
        throw new CannotBe(AimWords.benchDistance());
      }
      if (!(runMm >= 50) || runMm > 5000) {
        throw new CannotBe(AimWords.benchRun());
      }
    }
  }

  private BenchAim() {}

  /**
   * The findings on height and roll.
   *
   * @param side of the lamp on the bench
   * @param factory the housing's own cutoff; empty while it was not taped
   * @param now the projector's; empty while it was not read
   */
  public static List<Finding> of(
      Side side, Bench bench, Optional<Flat> factory, Optional<Flat> now) {
    List<Finding> findings = new ArrayList<>();
    if (factory.isEmpty()) {
      findings.add(
          Finding.notKnown(
              FindingKey.of("bench.factory", Subject.Lamp.of(LampFunction.DIPPED, side)),
              TAPE,
              AimWords.factoryNotTaped(side),
              Remedy.of(Remedy.Action.ENTER, Remedy.Page.BENCH, AimWords.tapeFactory())));
    }
    if (now.isEmpty()) {
      return findings;
    }
    factory.ifPresent(before -> findings.add(height(side, bench, before, now.get())));
    Measured leftHigher =
        new Measured(now.get().left().mm() - now.get().right().mm(), now.get().plusMinusMm());
    findings.add(
        Roll.judge(
            FindingKey.of("bench.roll", Subject.Lamp.of(LampFunction.DIPPED, side)),
            new AimEvent.RollRead(side, leftHigher, bench.runMm()),
            bench.holding()));
    return findings;
  }

  private static Finding height(Side side, Bench bench, Flat factory, Flat now) {
    double higherMm = now.middleMm() - factory.middleMm();
    double percent = 100 * higherMm / bench.distanceMm();
    double tapeMm = Math.hypot(now.plusMinusMm(), factory.plusMinusMm());
    Margin margin =
        Margin.upTo(
            Figure.percent(DROP_LIMIT_PERCENT),
            Math.abs(percent),
            100 * tapeMm / bench.distanceMm());
    Finding finding =
        Finding.on(
                FindingKey.of("bench.height", Subject.Lamp.of(LampFunction.DIPPED, side)),
                margin,
                TAPE,
                Math.abs(higherMm) <= now.plusMinusMm()
                    ? AimWords.benchOnTape(side)
                    : AimWords.benchOffTape(
                        side, Figure.lengthMm(Math.abs(higherMm)), higherMm > 0))
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.againstTape(),
                        AimWords.againstTapeFormula(),
                        Sentence.of(
                            "100 × {0} ÷ {1}",
                            Figure.lengthMm(higherMm), Figure.lengthMm(bench.distanceMm())),
                        Figure.percent(percent))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(Remedy.Action.WORK, Remedy.Page.BENCH, AimWords.tipProjector()))
        : finding;
  }
}
