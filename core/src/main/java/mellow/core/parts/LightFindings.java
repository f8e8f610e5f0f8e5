package mellow.core.parts;

import static mellow.core.parts.Light.Colour.AMBER;
import static mellow.core.parts.Light.Colour.SELECTIVE_YELLOW;
import static mellow.core.parts.Light.Colour.WHITE;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;

/** Whether a lamp's pattern belongs to its circuit, and its colour to its market. */
final class LightFindings {
  private static final Source PATTERN = Source.judged(PartsWords.srcPattern());
  private static final Source TURN_COLOUR = Source.fromMemory(PartsWords.srcTurnColour());
  private static final Source UN_COLOURS = Source.fromMemory(PartsWords.srcUnColours());
  private static final Source US_COLOURS = Source.fromMemory(PartsWords.srcUsColours());

  private LightFindings() {}

  /** The findings of all lamps in the list; {@code market} is empty where any marks will do. */
  static List<Finding> of(PartsList list, Optional<MarkFamily> market) {
    List<Finding> findings = new ArrayList<>();
    for (Part part : list.parts()) {
      part.light()
          .ifPresent(
              light -> {
                pattern(part, light).ifPresent(findings::add);
                colour(part, light, market).ifPresent(findings::add);
              });
    }
    if (market.equals(Optional.of(MarkFamily.SAE))) {
      pairs(list, findings);
    }
    return findings;
  }

  private static Optional<Finding> pattern(Part part, Light light) {
    boolean highOnFog = light.pattern().isHigh() && light.circuit() == LampFunction.FRONT_FOG;
    boolean fogOnMain =
        light.pattern() == Light.Pattern.WIDE_FOG
            && (light.circuit() == LampFunction.MAIN || light.circuit() == LampFunction.DRIVING);
    if (!highOnFog && !fogOnMain) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.plain(
                FindingKey.of("parts.pattern", part.subject()),
                Verdict.OUT,
                PATTERN,
                PartsWords.patternWrong(part.titled(), light.pattern(), light.circuit()))
            .withRemedy(
                Remedy.of(
                    Remedy.Action.CHANGE,
                    Remedy.Page.PARTS,
                    highOnFog ? PartsWords.dazzlesInFog() : PartsWords.lightsEdge())));
  }

  private static Optional<Finding> colour(Part part, Light light, Optional<MarkFamily> market) {
    Optional<Set<Light.Colour>> allowed = allowed(light.circuit(), market);
    if (allowed.isEmpty()) {
      return Optional.empty();
    }
    FindingKey key = FindingKey.of("parts.colour", part.subject());
    Source source = source(light.circuit(), market);
    List<Sentence> wanted = allowed.get().stream().sorted().map(PartsWords::colour).toList();
    Optional<Light.Colour> seen = light.seen();
    if (seen.isEmpty()) {
      return Optional.of(
          Finding.notKnown(
              key,
              source,
              PartsWords.colourNotSaid(part.titled()),
              Remedy.of(Remedy.Action.ENTER, Remedy.Page.PARTS, PartsWords.noteColour(wanted))));
    }
    Sentence says = PartsWords.colourSeen(part.titled(), seen.get());
    return Optional.of(
        allowed.get().contains(seen.get())
            ? Finding.plain(key, Verdict.WITHIN, source, says)
            : Finding.plain(key, Verdict.OUT, source, says)
                .withRemedy(
                    Remedy.of(
                        Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.colourWanted(wanted))));
  }

  private static Source source(LampFunction function, Optional<MarkFamily> market) {
    if (function == LampFunction.TURN) {
      return TURN_COLOUR;
    }
    return market.equals(Optional.of(MarkFamily.UN)) ? UN_COLOURS : US_COLOURS;
  }

  /** The colours that are allowed; empty where no rule is known here. */
  private static Optional<Set<Light.Colour>> allowed(
      LampFunction function, Optional<MarkFamily> market) {
    if (function == LampFunction.TURN) {
      return Optional.of(Set.of(AMBER));
    }
    if (market.equals(Optional.of(MarkFamily.UN))) {
      return switch (function) {
        case DRL, DIPPED, MAIN, DRIVING, POSITION -> Optional.of(Set.of(WHITE));
        case FRONT_FOG -> Optional.of(Set.of(WHITE, SELECTIVE_YELLOW));
        default -> Optional.empty();
      };
    }
    // "white to yellow": what that market calls yellow is amber
    return market.isPresent() && function == LampFunction.DRL
        ? Optional.of(Set.of(WHITE, SELECTIVE_YELLOW, AMBER))
        : Optional.empty();
  }

  /** Running lamps of that market are a matched pair. */
  private static void pairs(PartsList list, List<Finding> findings) {
    Map<String, Set<Light>> lights = new TreeMap<>();
    list.parts().stream()
        .filter(part -> part.side().isPresent())
        .forEach(
            part ->
                part.light()
                    .filter(light -> light.circuit() == LampFunction.DRL)
                    .ifPresent(
                        light ->
                            lights
                                .computeIfAbsent(part.name(), name -> new HashSet<>())
                                .add(light)));
    lights.forEach(
        (name, kinds) -> {
          if (kinds.size() > 1) {
            findings.add(
                Finding.plain(
                        FindingKey.of("parts.matched", SubjectKind.PART.named(name)),
                        Verdict.OUT,
                        US_COLOURS,
                        PartsWords.pairDiffers(Words.capital(name)))
                    .withRemedy(
                        Remedy.of(
                            Remedy.Action.CHANGE, Remedy.Page.PARTS, PartsWords.matchedPair())));
          }
        });
  }
}
