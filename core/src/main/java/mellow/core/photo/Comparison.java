package mellow.core.photo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
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
  private static final Source LOCKS =
      Source.commonPractice("photos compare as far as focus, exposure and balance were locked");

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
            before.exposureLocked(),
            after.exposureLocked(),
            "exposure",
            "Lock exposure on the same bright spot for both."));
    findings.add(
        locked(
            "colour",
            before.balanceLocked(),
            after.balanceLocked(),
            "white balance",
            "Lock white balance, to daylight or to one figure, for both."));
    distance(before, after).ifPresent(findings::add);
    return new Comparison(registration, findings);
  }

  private static Finding shape(Shot before, Shot after, Optional<Registration> registration) {
    if (registration.isEmpty()) {
      boolean marked = before.marks().isPresent() && after.marks().isPresent();
      return Finding.notKnown(
          FindingKey.of("photo.shape"),
          LOCKS,
          marked
              ? "The marks lie too close to lay one photo over the other"
              : "Without two tape marks on each, shapes cannot be laid over each other",
          "Set the same two tape marks on both photos, far apart.");
    }
    boolean good = before.focusLocked() && after.focusLocked();
    return Finding.plain(
            FindingKey.of("photo.shape"),
            good ? Verdict.WITHIN : Verdict.AT_EDGE,
            LOCKS,
            Sentence.of(
                good
                    ? "Good for comparing shape: laid over by its marks, focus locked"
                    : "Shapes lie over each other; edges may differ by focus alone"))
        .withDetail(
            Sentence.of(
                "The later one is turned by {0} and scaled by {1}.",
                Figure.degrees(registration.get().turnDeg()),
                Figure.number(registration.get().scale())));
  }

  private static Finding locked(
      String what, boolean before, boolean after, String lock, String remedy) {
    if (before && after) {
      return Finding.plain(
          FindingKey.of("photo." + what),
          Verdict.WITHIN,
          LOCKS,
          Sentence.of("Good for comparing " + what + ": " + lock + " was locked"));
    }
    return Finding.plain(
            FindingKey.of("photo." + what),
            Verdict.OUT,
            LOCKS,
            Sentence.of("Not good for comparing " + what + ": " + lock + " was not locked in both"))
        .withRemedy(Sentence.of(remedy));
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
                Sentence.of(
                    "Taken from {0} and from {1}: what stands out of the plane of the marks shifts",
                    Figure.lengthMm(was), Figure.lengthMm(is)))
            .withRemedy(Sentence.of("Stand at the same place, or mark it on the floor.")));
  }
}
