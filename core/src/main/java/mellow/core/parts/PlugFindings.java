package mellow.core.parts;

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
import mellow.core.vehicle.Side;

/** Whether every plug is where it belongs: a function test does not prove that. */
final class PlugFindings {
  private static final Source PRACTICE = Source.commonPractice(PartsWords.srcPlugs());

  private PlugFindings() {}

  static List<Finding> of(PartsList list) {
    List<Finding> findings = new ArrayList<>();
    for (Plug plug : list.plugs()) {
      genders(list, plug).ifPresent(findings::add);
      alike(plug).ifPresent(findings::add);
      plug.there().places().forEach(place -> wrong(plug, place).ifPresent(findings::add));
    }
    open(list).ifPresent(findings::add);
    if (!list.plugs().isEmpty() && findings.isEmpty()) {
      findings.add(
          Finding.plain(
              FindingKey.of("parts.plugs"), Verdict.WITHIN, PRACTICE, PartsWords.plugsTicked()));
    }
    return findings;
  }

  private static Finding out(
      Plug plug, Optional<Side> place, String what, Sentence says, Remedy remedy) {
    return Finding.plain(
            FindingKey.of("parts.plug-" + what, plug.subject(place)), Verdict.OUT, PRACTICE, says)
        .withRemedy(remedy);
  }

  private static Optional<Finding> genders(PartsList list, Plug plug) {
    return plug.matesWith()
        .flatMap(id -> list.plugs().stream().filter(one -> one.id().equals(id)).findFirst())
        .filter(other -> plug.gender() != Plug.Gender.NOT_SAID && plug.gender() == other.gender())
        .map(
            other ->
                out(
                    plug,
                    Optional.empty(),
                    "gender",
                    PartsWords.oneGender(plug.label(), other.label()),
                    Remedy.of(Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.cannotMate())));
  }

  private static Optional<Finding> alike(Plug plug) {
    Plug.State left = plug.done().get(Side.LEFT);
    Plug.State right = plug.done().get(Side.RIGHT);
    if (plug.there() != Plug.There.EACH_SIDE
        || plug.use() != Plug.Use.OPTION
        || left == null
        || right == null
        || left == right) {
      return Optional.empty();
    }
    return Optional.of(
        out(
            plug,
            Optional.empty(),
            "alike",
            PartsWords.unlike(plug.label(), left, right),
            Remedy.of(Remedy.Action.CHECK, Remedy.Page.PARTS, PartsWords.bothAlike())));
  }

  private static Optional<Finding> wrong(Plug plug, Optional<Side> place) {
    return plug.state(place)
        .filter(state -> !plug.isMeant(state))
        .map(
            state ->
                out(
                    plug,
                    place,
                    "place",
                    place
                        .map(side -> PartsWords.plugWrongOn(plug.label(), state, side, plug.use()))
                        .orElseGet(() -> PartsWords.plugWrong(plug.label(), state, plug.use())),
                    Remedy.of(Remedy.Action.REFIT, Remedy.Page.PARTS, PartsWords.putRight())));
  }

  private static Optional<Finding> open(PartsList list) {
    List<String> labels =
        list.plugs().stream()
            .filter(plug -> !plug.isTicked())
            .map(plug -> "“" + plug.label() + "”")
            .toList();
    if (labels.isEmpty()) {
      return Optional.empty();
    }
    String which = String.join(", ", labels.subList(0, Math.min(4, labels.size())));
    return Optional.of(
        Finding.notKnown(
            FindingKey.of("parts.plugs"),
            PRACTICE,
            PartsWords.plugsOpen(Figure.count(labels.size()), Figure.count(list.plugs().size())),
            Remedy.of(
                Remedy.Action.CHECK,
                Remedy.Page.PARTS,
                PartsWords.tickPlugs(which, labels.size() > 4))));
  }
}
