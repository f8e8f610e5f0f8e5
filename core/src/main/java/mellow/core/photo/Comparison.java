package mellow.core.photo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;

/**
 * Two photos held against each other.
 *
 * @param registration how the later one is laid over the earlier; empty where marks are missing
 * @param findings what the comparison is good for
 */
public record Comparison(Optional<Registration> registration, List<Finding> findings) {
  private static final Source LOCKS = Source.commonPractice(PhotoWords.srcPhotos());

  /** Distances that differ by more give another perspective. Judged. */
  private static final double SAME_DISTANCE_SHARE = 0.03;

  public Comparison {
    findings = List.copyOf(findings);
  }

  /** Holds the later photo against the earlier. */
  public static Comparison of(Shot before, Shot after) {
    Optional<Registration> registration =
        before
            .marks()
            .flatMap(under -> after.marks().flatMap(over -> Registration.of(under, over)));
    List<Finding> findings = new ArrayList<>();
    findings.add(shape(before, after, registration));
    findings.add(
        locked(
            "brightness",
            before.exposureLocked() && after.exposureLocked(),
            PhotoWords.goodForBrightness(),
            PhotoWords.notForBrightness(),
            PhotoWords.lockExposure()));
    findings.add(
        locked(
            "colour",
            before.balanceLocked() && after.balanceLocked(),
            PhotoWords.goodForColour(),
            PhotoWords.notForColour(),
            PhotoWords.lockBalance()));
    distance(before, after).ifPresent(findings::add);
    return new Comparison(registration, findings);
  }

  private static Finding shape(Shot before, Shot after, Optional<Registration> registration) {
    if (registration.isEmpty()) {
      boolean marked = before.marks().isPresent() && after.marks().isPresent();
      return Finding.notKnown(
          FindingKey.of("photo.shape"),
          LOCKS,
          marked ? PhotoWords.tooClose() : PhotoWords.noMarks(),
          Remedy.of(Remedy.Action.ENTER, Remedy.Page.PHOTOS, PhotoWords.setMarks()));
    }
    boolean good = before.focusLocked() && after.focusLocked();
    return Finding.plain(
            FindingKey.of("photo.shape"),
            good ? Verdict.WITHIN : Verdict.AT_EDGE,
            LOCKS,
            good ? PhotoWords.goodForShape() : PhotoWords.shapeMayDiffer())
        .withDetail(
            PhotoWords.turnedAndScaled(
                Figure.degrees(registration.get().turnDeg()),
                Figure.number(registration.get().scale())));
  }

  private static Finding locked(
      String what, boolean inBoth, Sentence good, Sentence bad, Sentence lock) {
    FindingKey key = FindingKey.of("photo." + what);
    return inBoth
        ? Finding.plain(key, Verdict.WITHIN, LOCKS, good)
        : Finding.plain(key, Verdict.OUT, LOCKS, bad)
            .withRemedy(Remedy.of(Remedy.Action.SET, Remedy.Page.PHOTOS, lock));
  }

  private static Optional<Finding> distance(Shot before, Shot after) {
    if (before.fromMm().isEmpty() || after.fromMm().isEmpty()) {
      return Optional.empty();
    }
    double was = before.fromMm().getAsDouble();
    double is = after.fromMm().getAsDouble();
    if (Math.abs(is - was) <= SAME_DISTANCE_SHARE * was) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.plain(
                FindingKey.of("photo.distance"),
                Verdict.AT_EDGE,
                LOCKS,
                PhotoWords.otherDistance(Figure.lengthMm(was), Figure.lengthMm(is)))
            .withRemedy(
                Remedy.of(Remedy.Action.CHECK, Remedy.Page.PHOTOS, PhotoWords.samePlace())));
  }
}
