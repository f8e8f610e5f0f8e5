package mellow.core.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.lens.LensReading;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.TrafficSide;

/** Whether what is moulded on a lamp suits the market, the traffic and what the lamp is for. */
final class MarkFindings {
  private static final Source MARKS = Source.fromMemory(PartsWords.srcMarks());

  /** What has a mark of its own wherever lamps are marked at all. */
  private static final Set<LampFunction> ALWAYS_MARKED =
      Set.of(
          LampFunction.DIPPED,
          LampFunction.MAIN,
          LampFunction.FRONT_FOG,
          LampFunction.DRL,
          LampFunction.POSITION);

  private MarkFindings() {}

  static List<Finding> of(PartsList list, Optional<MarkFamily> market, TrafficSide traffic) {
    List<Finding> findings = new ArrayList<>();
    for (Part part : list.parts()) {
      if (part.light().isPresent() && !part.marks().isBlank()) {
        LensReading lens = LensReading.of(part.marks());
        lens.findings(market, traffic).forEach(finding -> findings.add(on(part, finding)));
        function(part, part.light().get().circuit(), lens).ifPresent(findings::add);
        part.side().flatMap(lens::fits).ifPresent(finding -> findings.add(on(part, finding)));
      }
    }
    return findings;
  }

  private static Finding on(Part part, Finding finding) {
    Finding here =
        Finding.plain(
            FindingKey.of("parts." + finding.rule(), on(part, finding.subject())),
            finding.verdict(),
            finding.source(),
            PartsWords.ofItsLens(part.titled(), finding.headline()));
    return finding.remedy().map(here::withRemedy).orElse(here);
  }

  private static Subject on(Part part, Subject mark) {
    return mark instanceof Subject.Within within
        ? SubjectKind.MARK.within(part.id(), within.inner())
        : part.subject();
  }

  private static Optional<Finding> function(Part part, LampFunction wanted, LensReading lens) {
    if (lens.functions().isEmpty() || !ALWAYS_MARKED.contains(wanted)) {
      return Optional.empty();
    }
    FindingKey key = FindingKey.of("parts.lens.function", part.subject());
    List<Sentence> marked = lens.functions().stream().sorted().map(PartsWords::function).toList();
    return Optional.of(
        lens.functions().contains(wanted)
            ? Finding.plain(key, Verdict.WITHIN, MARKS, PartsWords.markedFor(part.titled(), wanted))
            : Finding.plain(
                    key,
                    Verdict.OUT,
                    MARKS,
                    PartsWords.markedForOther(part.titled(), marked, wanted))
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.returnOrSwitch())));
  }
}
