package mellow.core.parts;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;

/** Whether a part is right, and what waits for it where it is not. */
final class PartFindings {
  private static final Source PRACTICE = Source.commonPractice(PartsWords.srcParts());

  private PartFindings() {}

  static List<Finding> of(PartsList list) {
    List<Finding> findings = new ArrayList<>();
    list.parts().forEach(part -> findings.add(of(part)));
    decision(list, findings);
    return findings;
  }

  private static Finding plain(Part part, Verdict verdict, Sentence says) {
    return Finding.plain(FindingKey.of("parts.part", part.subject()), verdict, PRACTICE, says);
  }

  private static Finding of(Part part) {
    String with = part.with().strip();
    Sentence name = part.titled();
    if (part.isMissing()) {
      return plain(part, Verdict.OUT, gone(part, name, with))
          .withRemedy(
              Remedy.of(Remedy.Action.WAIT, Remedy.Page.PARTS, PartsWords.waits(part.neededFor())));
    }
    if (!part.wrong().isEmpty() && part.outcome() != Part.Outcome.ADAPTS) {
      return plain(part, Verdict.OUT, PartsWords.notRight(name, words(part.wrong())))
          .withRemedy(
              Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.adaptOrReturn()));
    }
    if (part.outcome() == Part.Outcome.OPEN || !part.unchecked().isEmpty()) {
      boolean all = part.unchecked().isEmpty();
      return plain(
              part,
              Verdict.NOT_KNOWN,
              all
                  ? PartsWords.notSettled(name)
                  : PartsWords.notChecked(
                      name,
                      Figure.count(part.unchecked().size()),
                      Figure.count(part.asked().count())))
          .withRemedy(
              Remedy.of(
                  Remedy.Action.CHECK,
                  Remedy.Page.PARTS,
                  all ? PartsWords.decide() : PartsWords.check(words(part.unchecked()))));
    }
    if (part.outcome() == Part.Outcome.ADAPTS) {
      return with.isEmpty()
          ? plain(part, Verdict.NOT_KNOWN, PartsWords.adaptsUnknown(name))
              .withRemedy(
                  Remedy.of(Remedy.Action.ENTER, Remedy.Page.PARTS, PartsWords.nameAdapter()))
          : plain(part, Verdict.AT_EDGE, PartsWords.adapts(name, with));
    }
    return plain(part, Verdict.WITHIN, PartsWords.fits(name));
  }

  private static Sentence gone(Part part, Sentence name, String why) {
    if (part.outcome() != Part.Outcome.GOES_BACK) {
      return PartsWords.missing(name);
    }
    return why.isEmpty() ? PartsWords.goesBack(name) : PartsWords.goesBackWith(name, why);
  }

  private static List<Sentence> words(List<Part.Ask> asks) {
    return asks.stream().map(PartsWords::checked).toList();
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
              PartsWords.noneChosen(Figure.count(list.candidates().size())),
              Remedy.of(Remedy.Action.CHECK, Remedy.Page.PARTS, PartsWords.compare())));
      return;
    }
    Candidate taken =
        list.candidates().stream()
            .filter(one -> one.id().equals(list.chosen().get()))
            .findFirst()
            .orElseThrow();
    String name = Words.capital(taken.name());
    if (taken.outline().isEmpty()) {
      findings.add(
          Finding.notKnown(
              key,
              PRACTICE,
              PartsWords.outlineNotSeen(name),
              Remedy.of(Remedy.Action.CHECK, Remedy.Page.PARTS, PartsWords.compareFirst())));
    } else if (taken.outline().get() == Part.Answer.WRONG) {
      findings.add(
          Finding.plain(key, Verdict.OUT, PRACTICE, PartsWords.outlineWrong(name))
              .withRemedy(
                  Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.chooseOther())));
    }
  }
}
