package mellow.core.retrofit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.measure.LengthUnit;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;
import mellow.core.subject.SubjectKind;

/** Whether a projector fits its housing: it touches neither lens nor bowl nor what lies behind. */
public final class Fit {
  private static final Source ENVELOPE =
      Source.commonPractice("projector against bowl and housing; it touches neither lens nor back");

  /** A calliper in a bowl, and a depth gauge through the bulb hole. Judged. */
  private static final double CALLIPER_MM = 0.5;

  private static final double DEPTH_GAUGE_MM = 1;

  /** What one would like to have around it; margins are drawn against it. Judged. */
  private static final double ROOM_ASIDE_MM = 3;

  private static final double ROOM_AHEAD_MM = 8;

  /** What a cut opening leaves around the widest part. Judged. */
  private static final double LEFT_BY_CUT_MM = 1;

  private final Housing housing;
  private final Projector projector;
  private final Mount mount;

  private Fit(Housing housing, Projector projector, Mount mount) {
    this.housing = housing;
    this.projector = projector;
    this.mount = mount;
  }

  /** All findings, in the order in which things are measured. */
  public static List<Finding> of(Housing housing, Projector projector, Mount mount) {
    return new Fit(housing, projector, mount).findings();
  }

  /** Room a side between a round part and the opening that it passes. */
  public static double aSideMm(double openingMm, double partMm) {
    return (openingMm - partMm) / 2;
  }

  private List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    findings.add(bowl("lens", "lens", projector.lensMm()));
    if (projector.shroudMm().isPresent()) {
      findings.add(bowl("shroud", "shroud", projector.shroudMm()));
    }
    cut().ifPresent(findings::add);
    findings.add(
        along(
            "ahead",
            new Along(housing.bowlDepthMm(), projector.frontMm(), "front of the projector", "lens"),
            "Measure the depth to the lens through the bulb hole, and the projector's front.",
            "A shorter shroud, a spacer behind the mount, or another projector."));
    findings.add(
        along(
            "behind",
            new Along(housing.behindMm(), projector.behindMm(), "back of the projector", "cap"),
            "Measure the room behind the mount, and the projector's back with its plugs.",
            "A deeper cap, or another projector."));
    if (mount == Mount.RING) {
      findings.add(hole());
    }
    return findings;
  }

  private Finding bowl(String id, String part, OptionalDouble partMm) {
    if (partMm.isEmpty() || housing.bowlOpeningMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
          ENVELOPE,
          "Not known whether the " + part + " passes the bowl",
          "Measure the bowl's opening and the " + part + ".");
    }
    double opening = housing.bowlOpeningMm().getAsDouble();
    double aSide = aSideMm(opening, partMm.getAsDouble());
    Margin margin = Margin.of(Figure.fineMm(aSide), CALLIPER_MM, ROOM_ASIDE_MM);
    Finding finding =
        Finding.on(
                FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
                margin,
                ENVELOPE,
                aSide >= 0
                    ? Sentence.of("{0} a side between " + part + " and bowl", Figure.fineMm(aSide))
                    : Sentence.of(
                        "The bowl is {0} too narrow for the " + part, Figure.fineMm(-2 * aSide)))
            .withWorking(
                Working.of(
                    new Working.Line(
                        "room a side",
                        "(opening − " + part + ") ÷ 2",
                        Sentence.of(
                            "({0} − {1}) ÷ 2",
                            Figure.fineMm(opening), Figure.fineMm(partMm.getAsDouble())),
                        Figure.fineMm(aSide))));
    if (margin.verdict() != Verdict.OUT) {
      return finding;
    }
    Finding narrow =
        finding.withRemedy(Sentence.of("Cut the bowl a little at a time, or another projector."));
    // what can be cut is no fault of the pair: it is the next thing to do
    return mount == Mount.GLUED && canBeCut() ? narrow.withVerdict(Verdict.AT_EDGE) : narrow;
  }

  private boolean canBeCut() {
    return cut()
        .filter(finding -> finding.verdict() != Verdict.OUT)
        .filter(finding -> finding.verdict() != Verdict.NOT_KNOWN)
        .isPresent();
  }

  /** How much has to be cut, and whether it can be. */
  private Optional<Finding> cut() {
    OptionalDouble widest = projector.widestMm();
    if (widest.isEmpty() || housing.bowlOpeningMm().isEmpty()) {
      return Optional.empty();
    }
    double needed = widest.getAsDouble() + 2 * LEFT_BY_CUT_MM;
    double more = (needed - housing.bowlOpeningMm().getAsDouble()) / 2;
    if (more <= 0) {
      return Optional.empty();
    }
    Source source = Source.judged("a cut leaves a millimetre around the widest part");
    if (housing.cutToMm().isEmpty()) {
      return Optional.of(
          Finding.notKnown(
                  FindingKey.of("bench.cut"),
                  source,
                  "Not known whether the bowl may be cut that far",
                  "Measure how far the opening may grow before a rib, an adjuster or the rim.")
              .withDetail(Sentence.of("{0} would come off all round", Figure.fineMm(more))));
    }
    double most = housing.cutToMm().getAsDouble();
    Margin margin = Margin.of(Figure.fineMm((most - needed) / 2), CALLIPER_MM, ROOM_ASIDE_MM);
    boolean out = margin.verdict() == Verdict.OUT;
    Finding finding =
        Finding.on(
            FindingKey.of("bench.cut"),
            margin,
            source,
            out
                ? Sentence.of(
                    "Cannot be cut to {0}: a rib or the rim stands at {1}",
                    Figure.fineMm(needed), Figure.fineMm(most))
                : Sentence.of(
                    "Cut {0} off all round, to an opening of {1}",
                    Figure.fineMm(more), Figure.fineMm(needed)));
    return Optional.of(
        finding.withRemedy(
            Sentence.of(
                out
                    ? "A smaller shroud or projector; what holds an adjuster is not cut."
                    : "Rough cut, mark, second cut; then trim a little at a time, shroud too.")));
  }

  /** Room along the axis: what there is, what the projector takes, and both in words. */
  private record Along(
      OptionalDouble roomMm, OptionalDouble takenMm, String part, String against) {}

  private static Finding along(String id, Along along, String read, String remedy) {
    if (along.roomMm().isEmpty() || along.takenMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
          ENVELOPE,
          "Not known whether the " + along.part() + " clears the " + along.against(),
          read);
    }
    double room = along.roomMm().getAsDouble();
    double taken = along.takenMm().getAsDouble();
    double clear = room - taken;
    Margin margin = Margin.of(Figure.fineMm(clear), DEPTH_GAUGE_MM, ROOM_AHEAD_MM);
    Finding finding =
        Finding.on(
                FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
                margin,
                ENVELOPE,
                clear >= 0
                    ? Sentence.of(
                        "{0} between " + along.part() + " and " + along.against(),
                        Figure.fineMm(clear))
                    : Sentence.of(
                        "The " + along.part() + " stands {0} into the " + along.against(),
                        Figure.fineMm(-clear)))
            .withWorking(
                Working.of(
                    new Working.Line(
                        "room to the " + along.against(),
                        "depth there − depth taken",
                        Sentence.of("{0} − {1}", Figure.fineMm(room), Figure.fineMm(taken)),
                        Figure.fineMm(clear))));
    return margin.verdict() == Verdict.WITHIN ? finding : finding.withRemedy(Sentence.of(remedy));
  }

  private Finding hole() {
    if (projector.threadMm().isEmpty() || housing.holeMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
          ENVELOPE,
          "Not known whether the boss goes through the bulb hole",
          "Measure the bulb hole and the thread of the boss.");
    }
    double thread = projector.threadMm().getAsDouble();
    double hole = housing.holeMm().getAsDouble();
    Margin margin = Margin.of(Figure.fineMm(hole - thread), CALLIPER_MM, ROOM_ASIDE_MM);
    if (margin.verdict() == Verdict.WITHIN) {
      return Finding.on(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
          margin,
          ENVELOPE,
          Sentence.of(
              "The boss goes through the bulb hole with {0}", Figure.fineMm(hole - thread)));
    }
    // what is drilled and filed to fit is no fault of the pair: it is the next thing to do
    return Finding.on(
            FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
            margin,
            ENVELOPE,
            Sentence.of(
                "The bulb hole is {0}, the boss {1}", Figure.fineMm(hole), Figure.fineMm(thread)))
        .withVerdict(Verdict.AT_EDGE)
        .withRemedy(Sentence.of(drilled(thread)));
  }

  /** A hole that is filed to fit is drilled smaller than what goes through it, never larger. */
  static String drilled(double bossMm) {
    OptionalDouble metric = HoleSize.metricUpToMm(bossMm);
    OptionalDouble inches = HoleSize.stepDrillInchesUpTo(bossMm);
    if (metric.isEmpty() || inches.isEmpty()) {
      return "No step drill is that wide: grind to the mark, snug, and cut the nubs.";
    }
    return "Drill to %s mm or %s and no wider, then file until the boss goes through snug; cut the"
        .concat(" nubs, sand the rear flat.")
        .formatted(
            TapeText.decimal(metric.getAsDouble(), 1).replace(".0", ""),
            TapeText.lengthWithUnit(LengthUnit.IN.toMm(inches.getAsDouble()), UnitSystem.IMPERIAL));
  }
}
