package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Joining.Guard;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.harness.Solved.Held;

/** Judges what a fuse carries, whether it stands the start, and what it guards. */
final class FuseJudge {
  private static final Source LASTING = Source.commonPractice(HarnessWords.srcFuse());
  private static final Source WIRE = Source.commonPractice(HarnessWords.srcThinnest());
  private static final Source TIMES = Source.fromMemory(HarnessWords.srcOpening());

  /**
   * A cold filament's current falls to that of the hot one within some 50 ms; what it heats a fuse
   * with meanwhile is that of its first moment for a sixth of it (a decaying current, I² × t).
   */
  private static final double HEATING_SECONDS = 0.05 / 6;

  /** A lamp has struck after some seconds. Common practice. */
  private static final double STRIKING_SECONDS = 4;

  private final Solved solved;

  FuseJudge(Solved solved) {
    this.solved = solved;
  }

  List<Finding> of(Guard fuse) {
    List<Finding> findings = new ArrayList<>();
    findings.add(load(fuse));
    start(fuse).ifPresent(findings::add);
    guards(fuse).ifPresent(findings::add);
    if (fuse instanceof Joining.TapFuse tap) {
      Joining.Slot slot = tap.slot();
      findings.addAll(
          new FuseTap(
                  slot.name(),
                  slot.size(),
                  slot.tapSize(),
                  slot.feedAmps(),
                  slot.oldAmps(),
                  tap.ratedAmps())
              .findings(slot.oldDrawnAmps(), solved.mostAmps(tap, 0)));
    }
    return findings;
  }

  private Finding load(Guard fuse) {
    Figure.Current amps = Figure.amps(solved.mostAmps(fuse, 0));
    Figure.Current rated = Figure.amps(fuse.ratedAmps());
    Figure most = Figure.amps(fuse.ratedAmps() * BladeFuse.LASTING_SHARE);
    Finding finding =
        Solved.upTo(
                FindingKey.of("feed.fuse", fuse.subject()),
                new Held(amps, most),
                LASTING,
                HarnessWords.fuseLoad(amps, fuse.id(), rated),
                Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.largerFuse()))
            .withWorking(
                Working.of(
                    Working.read(HarnessWords.rating(), rated),
                    new Working.Line(
                        HarnessWords.carriesLong(),
                        HarnessWords.carriesLongFormula(),
                        Sentence.of("0.8 × {0}", rated),
                        most),
                    Working.read(HarnessWords.solved(), amps)));
    return opens(fuse)
        .map(seconds -> finding.withDetail(HarnessWords.opensWithin(count(seconds))))
        .orElse(finding);
  }

  private Optional<Double> opens(Guard fuse) {
    return BladeFuse.rated(fuse.ratedAmps())
        .flatMap(blade -> blade.opensWithinSeconds(solved.mostAmps(fuse, 0)));
  }

  private static Figure count(double seconds) {
    return seconds < 1 ? Figure.number(seconds) : Figure.count(Math.rint(seconds));
  }

  /**
   * Cold filaments and striking lamps take several times what they run with, each for its own time.
   * A fuse stands that where the least that it stands is longer, for all of them together.
   */
  private Optional<Finding> start(Guard fuse) {
    double running = solved.mostAmps(fuse, 0);
    Optional<BladeFuse> blade = BladeFuse.rated(fuse.ratedAmps());
    Optional<Strain> worst =
        blade.flatMap(
            of ->
                solved.starts().stream()
                    .map(start -> Strain.of(start, fuse, of))
                    .max(Comparator.comparingDouble(Strain::share)));
    if (worst.isEmpty() || opens(fuse).isPresent() || worst.get().amps() < 1.05 * running) {
      return Optional.empty();
    }
    Strain strain = worst.get();
    boolean stands = strain.share() < 1;
    Finding finding =
        Finding.plain(
                FindingKey.of("feed.start", fuse.subject()),
                stands ? Verdict.WITHIN : Verdict.OUT,
                TIMES,
                HarnessWords.start(Figure.amps(strain.amps()), fuse.id(), Figure.amps(running)))
            .withDetail(HarnessWords.startTakes(Figure.percent(100 * strain.share()), !stands));
    return Optional.of(
        stands
            ? finding
            : finding.withRemedy(
                Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.nextFuse())));
  }

  /**
   * What a start does to a fuse.
   *
   * @param amps in its first moment
   * @param share of what the fuse surely stands; the parts of the start add up
   */
  private record Strain(double amps, double share) {
    static Strain of(Solved.Start start, Guard fuse, BladeFuse blade) {
      double cold = Math.abs(start.cold().amps(fuse));
      double striking = Math.abs(start.striking().amps(fuse));
      double running = start.running().effective(point -> point.amps(fuse));
      boolean strikes = striking > 1.05 * running;
      return new Strain(
          cold,
          (cold > 1.05 * striking ? HEATING_SECONDS / blade.standsSeconds(cold) : 0)
              + (strikes ? STRIKING_SECONDS / blade.standsSeconds(striking) : 0));
    }
  }

  private Optional<Finding> guards(Guard fuse) {
    OptionalDouble thinnest =
        behind(fuse).stream()
            .filter(Joining.Wire.class::isInstance)
            .mapToDouble(wire -> ((Joining.Wire) wire).conductor().mm2())
            .min();
    if (thinnest.isEmpty()) {
      return Optional.empty();
    }
    Figure.Current allowed = Figure.amps(solved.laying().allowedAmps(thinnest.getAsDouble()));
    Figure.Current rated = Figure.amps(fuse.ratedAmps());
    return Optional.of(
        Solved.upTo(
            FindingKey.of("feed.guard", fuse.subject()),
            new Held(rated, allowed),
            WIRE,
            HarnessWords.thinnestWire(fuse.id(), allowed, rated),
            Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, HarnessWords.thickerOrSmaller())));
  }

  /** What a fuse guards: whatever its far end reaches before another fuse, loads included. */
  private Set<Part> behind(Guard fuse) {
    return Reach.behind(
        solved.circuit(),
        fuse,
        part -> !(part instanceof Guard || part instanceof Supply),
        part -> !(part instanceof Emitter || part instanceof Load));
  }
}
