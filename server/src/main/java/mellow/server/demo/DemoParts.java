package mellow.server.demo;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mellow.core.parts.Light;
import mellow.core.parts.Part;
import mellow.core.parts.Part.Answer;
import mellow.core.parts.Part.Ask;
import mellow.core.parts.Part.Outcome;
import mellow.core.parts.Plug.Gender;
import mellow.core.parts.Plug.State;
import mellow.core.parts.Plug.Use;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.server.parts.LightEdit;
import mellow.server.parts.PartsEdit;
import mellow.server.parts.PartsEdit.CandidateEdit;
import mellow.server.parts.PartsEdit.PartEdit;
import mellow.server.parts.PartsEdit.PlugEdit;

/** What was delivered for the demo's jobs. */
final class DemoParts {
  private static final String FOG_MARKS = "E4 F3 02";

  private DemoParts() {}

  private static Map<Ask, Answer> right(Ask... seen) {
    Map<Ask, Answer> checks = new EnumMap<>(Ask.class);
    for (Ask ask : seen.length == 0 ? Ask.values() : seen) {
      checks.put(ask, Answer.RIGHT);
    }
    return checks;
  }

  private static LightEdit fogLight(int kelvin) {
    return new LightEdit(
        LampFunction.FRONT_FOG, Light.Pattern.WIDE_FOG, kelvin, null, Light.Lens.CLEAR);
  }

  /** Two left lamps came in the box: the right one goes back, and opening the front waits. */
  private static List<CandidateEdit> roundOrOval() {
    return List.of(
        new CandidateEdit(
            "round", "round, glass", Answer.WRONG, fogLight(3000), "118 the pair", "bulbs apart"),
        new CandidateEdit(
            "oval", "oval, as the covers", Answer.RIGHT, fogLight(4300), "164 the pair", ""));
  }

  static PartsEdit fogBehindCovers() {
    Map<Ask, Answer> twoLefts = right();
    twoLefts.put(Ask.SIDE, Answer.WRONG);
    return new PartsEdit(
        List.of(
            new PartEdit(
                "fog-left",
                "fog lamp",
                Side.LEFT,
                Stage.APART,
                right(),
                Outcome.FITS,
                "",
                fogLight(4300),
                FOG_MARKS,
                Part.Kind.LAMP),
            new PartEdit(
                "fog-right",
                "fog lamp",
                Side.RIGHT,
                Stage.APART,
                twoLefts,
                Outcome.GOES_BACK,
                "two left ones came",
                fogLight(4300),
                FOG_MARKS,
                Part.Kind.LAMP),
            new PartEdit(
                "bezels",
                "bezels with bracket",
                null,
                Stage.APART,
                right(Ask.HERE, Ask.VARIANT, Ask.OUTLINE, Ask.COMPLETE),
                Outcome.ADAPTS,
                "two washers behind the lower screw",
                null,
                null,
                Part.Kind.FITTED),
            new PartEdit(
                "switch",
                "switch",
                null,
                Stage.PROVE,
                right(Ask.HERE),
                Outcome.OPEN,
                "",
                null,
                null,
                Part.Kind.ELECTRIC)),
        List.of(),
        roundOrOval(),
        "oval",
        "outline of the covers; the round ones are for the short front");
  }

  /** A kit with plugs of its own: some ticked, one meant to stay unused. */
  static PartsEdit projectors() {
    List<PartEdit> parts = new ArrayList<>();
    for (Side side : Side.values()) {
      parts.add(
          new PartEdit(
              "projector-" + side.word(),
              "projector",
              side,
              Stage.BENCH,
              right(),
              Outcome.FITS,
              "",
              new LightEdit(
                  LampFunction.DIPPED, Light.Pattern.DIPPED, 4300, null, Light.Lens.CLEAR),
              "E4 HCR ↔",
              Part.Kind.LAMP));
    }
    parts.add(
        new PartEdit(
            "butyl",
            "butyl",
            null,
            Stage.BENCH,
            right(Ask.HERE),
            Outcome.FITS,
            "",
            null,
            null,
            Part.Kind.SUPPLIES));
    return new PartsEdit(
        parts,
        List.of(
            plug("low", "low beam, black", "factory plug", Use.CONNECT, State.CONNECTED, null),
            plug("shutter", "shutter, blue", "splitter", Use.CONNECT, State.CONNECTED, null),
            plug("ring", "ring, white", "", Use.INSULATE, State.INSULATED, State.INSULATED)),
        List.of(),
        null,
        "");
  }

  private static PlugEdit plug(
      String id, String label, String socket, Use use, State left, State right) {
    Map<Side, State> done = new EnumMap<>(Side.class);
    done.put(Side.LEFT, left);
    if (right != null) {
      done.put(Side.RIGHT, right);
    }
    return new PlugEdit(
        id, label, socket, "two-pin, sealed", Gender.FEMALE, "", use, null, done, null, null);
  }
}
