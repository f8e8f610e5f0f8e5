package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.feed.DonorSlot;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;

/** Where the plans of one job want the same thing. */
final class Clashes {
  private static final Source ONE_FEED = Source.commonPractice(FeedWords.srcOneFeed());
  private static final Source ONE_TAP = Source.commonPractice(FeedWords.srcOneTap());
  private static final Source ONE_JOINT = Source.commonPractice(FeedWords.srcOneJoint());

  private final PlannedFeed feed;

  Clashes(PlannedFeed feed) {
    this.feed = feed;
  }

  List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    if (!feed.plan().beside().isEmpty()) {
      findings.addAll(lamps());
      findings.addAll(slots());
      findings.addAll(wires());
    }
    return findings;
  }

  /** Two plans for one pair of lamps, as long as nobody says that they are two pairs. */
  private List<Finding> lamps() {
    List<Finding> findings = new ArrayList<>();
    for (LampFunction function : LampFunction.values()) {
      if (isFedTwice(function)) {
        findings.add(
            Finding.plain(
                    FindingKey.of("clash.lamps", Subject.Lamp.pair(function)),
                    Verdict.OUT,
                    ONE_FEED,
                    FeedWords.fedTwice(function))
                .withRemedy(
                    Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.onePlanOut())));
      }
    }
    return findings;
  }

  /** Whether lamps of several plans have no name of their own; the first plan's need none. */
  private boolean isFedTwice(LampFunction function) {
    Set<String> unnamed = new HashSet<>(Set.of(""));
    feed.plan().beside().stream()
        .filter(one -> one.alike().contains(function) && one.pair().isBlank())
        .forEach(one -> unnamed.add(one.tag()));
    return unnamed.size() > 1
        && feed.parts().stream()
                .filter(part -> part.part() instanceof Emitter lamp && isOf(lamp, function))
                .map(PlannedPart::tag)
                .filter(unnamed::contains)
                .distinct()
                .count()
            > 1;
  }

  private static boolean isOf(Emitter lamp, LampFunction function) {
    return lamp.use().function() == function && !lamp.use().pair().equals(Emitter.Use.FACTORY);
  }

  private List<Finding> slots() {
    Map<String, List<PlannedPart>> bySlot = new LinkedHashMap<>();
    feed.added("tap")
        .forEach(
            tap ->
                bySlot
                    .computeIfAbsent(DonorSlot.plain(slot(tap)), fresh -> new ArrayList<>())
                    .add(tap));
    return bySlot.entrySet().stream()
        .filter(one -> one.getValue().size() > 1)
        .map(one -> slot(one.getKey(), one.getValue()))
        .toList();
  }

  private static Finding slot(String name, List<PlannedPart> taps) {
    List<Sentence> parts = names(taps);
    return DonorSlot.isNamed(name)
        ? Finding.plain(
                FindingKey.of("clash.slot", SubjectKind.SLOT.named(name)),
                Verdict.OUT,
                ONE_TAP,
                FeedWords.tapsInSlot(taps.size(), name))
            .withDetail(FeedWords.these(parts))
            .withRemedy(Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.otherSlot()))
        : Finding.plain(
                FindingKey.of("clash.slot"), Verdict.NOT_KNOWN, ONE_TAP, FeedWords.slotsUnnamed())
            .withDetail(FeedWords.these(parts))
            .withRemedy(Remedy.of(Remedy.Action.ENTER, Remedy.Page.FEED, FeedWords.nameSlots()));
  }

  private static List<Sentence> names(List<PlannedPart> parts) {
    return parts.stream().map(part -> Sentence.typed(part.id())).toList();
  }

  private static String slot(PlannedPart tap) {
    return ((Joining.TapFuse) tap.part()).slot().name();
  }

  private List<Finding> wires() {
    Map<String, List<PlannedPart>> byWire = new LinkedHashMap<>();
    feed.added("clip")
        .forEach(
            clip ->
                byWire.computeIfAbsent(clip.value("from"), fresh -> new ArrayList<>()).add(clip));
    return byWire.entrySet().stream()
        .filter(one -> one.getValue().size() > 1)
        .map(
            one ->
                Finding.plain(
                        FindingKey.of("clash.wire", SubjectKind.WIRE.named(one.getKey())),
                        Verdict.AT_EDGE,
                        ONE_JOINT,
                        FeedWords.tapsOnWire(one.getValue().size(), one.getKey()))
                    .withDetail(FeedWords.these(names(one.getValue())))
                    .withRemedy(
                        Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.oneTap())))
        .toList();
  }
}
