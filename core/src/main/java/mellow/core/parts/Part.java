package mellow.core.parts;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.finding.Sentence;
import mellow.core.finding.Words;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;

/**
 * A part that was ordered or has to be there.
 *
 * @param id unique in its list
 * @param name what it is
 * @param kind what is looked at follows from it
 * @param side the driver's side that it is for, sitting; empty where it has none
 * @param neededFor the stage that cannot begin without it
 * @param checks what was looked at; what is left out was not
 * @param outcome what came of it
 * @param with what it is adapted with, or why it goes back; may be empty
 * @param light what light it gives; empty where it is no lamp
 * @param marks what is moulded on its lens, as it stands there; may be empty
 */
public record Part(
    String id,
    String name,
    Kind kind,
    Optional<Side> side,
    Stage neededFor,
    Map<Ask, Answer> checks,
    Outcome outcome,
    String with,
    Optional<Light> light,
    String marks) {
  public Part {
    checks = Map.copyOf(checks);
  }

  /** Kinds of parts, by what is looked at. */
  public enum Kind {
    LAMP,
    /** It fits this body and no other: bracket, bezel, shroud. */
    FITTED,
    /** It is plugged: harness, module, switch, relay. */
    ELECTRIC,
    /** It comes by the length or the bag: wire, ties, sealant. */
    SUPPLIES;

    /** The kind of a part of which nobody said it. */
    public static Kind usual(boolean lamp, boolean sided) {
      return lamp ? LAMP : sided ? FITTED : ELECTRIC;
    }
  }

  /** What a wrong delivery looks like. */
  public enum Ask {
    HERE,
    VARIANT,
    SIDE,
    OUTLINE,
    BULBS,
    MOVES_OVER,
    CONNECTORS,
    POLARITY,
    COMPLETE;

    /** Whether it concerns such a part. */
    boolean concerns(Part part) {
      return switch (this) {
        case HERE -> true;
        case SIDE -> part.side().isPresent();
        case VARIANT, OUTLINE -> part.kind() == Kind.LAMP || part.kind() == Kind.FITTED;
        case BULBS, MOVES_OVER, POLARITY -> part.light().isPresent();
        case CONNECTORS -> part.kind() == Kind.LAMP || part.kind() == Kind.ELECTRIC;
        case COMPLETE -> part.kind() != Kind.SUPPLIES;
      };
    }
  }

  /** What was seen. */
  public enum Answer {
    RIGHT,
    WRONG
  }

  /** What comes of a part. */
  public enum Outcome {
    OPEN,
    FITS,
    ADAPTS,
    GOES_BACK,
    MISSING
  }

  /** Whether the stage that needs it has to wait. */
  public boolean isMissing() {
    return outcome == Outcome.GOES_BACK || outcome == Outcome.MISSING || isWrong(Ask.HERE);
  }

  Subject subject() {
    return SubjectKind.PART.named(id);
  }

  /** Its name as it starts a sentence: "Fog lamp, left". */
  Sentence titled() {
    return side.map(of -> PartsWords.partOn(Words.capital(name), of))
        .orElseGet(() -> PartsWords.part(Words.capital(name)));
  }

  private boolean isWrong(Ask ask) {
    return checks.get(ask) == Answer.WRONG;
  }

  /** What was not looked at and concerns it. */
  public List<Ask> unchecked() {
    return asked().filter(ask -> !checks.containsKey(ask)).toList();
  }

  /** What was found wrong. */
  public List<Ask> wrong() {
    return asked().filter(this::isWrong).toList();
  }

  /** All that is asked of it. */
  public Stream<Ask> asked() {
    return Arrays.stream(Ask.values()).filter(ask -> ask.concerns(this));
  }
}
