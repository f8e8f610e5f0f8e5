package mellow.core.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;

/** Whether a part is right, and what waits for it where it is not. */
final class PartFindings {
  private static final Source PRACTICE =
      Source.commonPractice("parts are checked before anything comes apart");

  private PartFindings() {}

  static List<Finding> of(PartsList list) {
    List<Finding> findings = new ArrayList<>();
    list.parts().forEach(part -> findings.add(of(part)));
    decision(list, findings);
    return findings;
  }

  private static Finding plain(Part part, Verdict verdict, String says) {
    return Finding.plain(
        FindingKey.of("parts.part", part.subject()),
        verdict,
        PRACTICE,
        Sentence.of(part.titled() + ": " + says));
  }

  private static Finding of(Part part) {
    String with = Words.typed(part.with().strip());
    if (part.isMissing()) {
      String how =
          part.outcome() == Part.Outcome.GOES_BACK
              ? "goes back" + (with.isEmpty() ? "" : ", " + with)
              : "missing";
      return plain(part, Verdict.OUT, how)
          .withRemedy(Sentence.of(part.neededFor().words() + " waits until it is here."));
    }
    if (!part.wrong().isEmpty() && part.outcome() != Part.Outcome.ADAPTS) {
      return plain(part, Verdict.OUT, "not right: " + words(part.wrong()))
          .withRemedy(Sentence.of("It is adapted, or it goes back; as it is it does not fit."));
    }
    if (part.outcome() == Part.Outcome.OPEN || !part.unchecked().isEmpty()) {
      return plain(
              part,
              Verdict.NOT_KNOWN,
              part.unchecked().isEmpty()
                  ? "looked at, not settled"
                  : part.unchecked().size() + " of " + part.asked().count() + " not looked at")
          .withRemedy(
              Sentence.of(
                  part.unchecked().isEmpty()
                      ? "Say whether it fits, adapts or goes back."
                      : "Look at: " + words(part.unchecked()) + "."));
    }
    if (part.outcome() == Part.Outcome.ADAPTS) {
      return with.isEmpty()
          ? plain(part, Verdict.NOT_KNOWN, "adapts, with what is not said")
              .withRemedy(Sentence.of("Say what it takes, so that it is at hand."))
          : plain(part, Verdict.AT_EDGE, "adapts with " + with);
    }
    return plain(part, Verdict.WITHIN, "fits");
  }

  private static String words(List<Part.Ask> asks) {
    return asks.stream().map(Part.Ask::words).collect(Collectors.joining("; "));
  }

  private static void decision(PartsList list, List<Finding> findings) {
    if (list.candidates().size() < 2) {
      return;
    }
    FindingKey key = FindingKey.of("parts.decision");
    if (list.chosen().isEmpty()) {
      findings.add(
          Finding.notKnown(
              key,
              PRACTICE,
              list.candidates().size() + " candidates compared, none taken yet",
              "Hold outlines and brackets against the vehicle before ordering."));
      return;
    }
    Candidate taken =
        list.candidates().stream()
            .filter(one -> one.id().equals(list.chosen().get()))
            .findFirst()
            .orElseThrow();
    String name = Words.typed(taken.name());
    if (taken.outline().isEmpty()) {
      findings.add(
          Finding.notKnown(
              key,
              PRACTICE,
              Words.capital(name) + " is taken; its outline was not held against the vehicle",
              "Two fronts of one model year take lamps of different outline: compare first."));
    } else if (taken.outline().get() == Part.Answer.WRONG) {
      findings.add(
          Finding.plain(
                  key,
                  Verdict.OUT,
                  PRACTICE,
                  Sentence.of(Words.capital(name) + " is taken, but its outline does not match"))
              .withRemedy(Sentence.of("Take another, or say at the part what adapts it.")));
    }
  }
}
