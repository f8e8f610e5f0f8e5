package mellow.core.feed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Diode;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Joining.BladeSize;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** The kinds of blocks, and how each becomes a part of a circuit. */
enum PartKind {
  BATTERY(
      (id, of, before) ->
          new Supply.Battery(
              id,
              of.text("plus"),
              of.number("volts", 12.8),
              of.number("crankingVolts", 10),
              of.number("ohms", 0.01))),
  ALTERNATOR(
      (id, of, before) ->
          new Supply.Alternator(
              id, of.text("plus"), of.number("volts", 14.2), of.number("ohms", 0.002))),
  WIRE((id, of, before) -> new Joining.Wire(id, of.text("from"), of.text("to"), of.conductor())),
  JOINT(
      (id, of, before) ->
          new Joining.Joint(
              id,
              of.text("from"),
              of.text("to"),
              of.number("ohms", Part.CONTACT_OHMS),
              of.yes("sound", true))),
  CLIP(
      (id, of, before) ->
          new Joining.Clip(
              id,
              of.text("from"),
              of.text("to"),
              of.number("mostAmps", Joining.Clip.USUAL_AMPS),
              of.number("guardAmps", 0))),
  FUSE(
      (id, of, before) ->
          new Joining.Fuse(
              id, of.text("from"), of.text("to"), of.number("amps"), of.yes("blown", false))),
  TAP(
      (id, of, before) ->
          new Joining.TapFuse(
              id,
              of.text("from"),
              of.text("to"),
              of.number("amps"),
              of.yes("blown", false),
              new Joining.Slot(
                  of.text("slot"),
                  of.one(BladeSize.class, "slotSize"),
                  of.one(BladeSize.class, "tapSize"),
                  of.number("feedAmps"),
                  of.number("oldAmps"),
                  of.number("oldDrawnAmps")))),
  SWITCH(
      (id, of, before) -> {
        Switch contact = Switch.of(id, of.text("from"), of.text("to"), of.when(of.text("closed")));
        double amps = of.number("amps", 0);
        return amps > 0 ? contact.rated(amps) : contact;
      }),
  RELAY(
      (id, of, before) ->
          new Moving.Relay(
              id,
              new Moving.Relay.Pins(
                  of.text("86"),
                  of.text("85"),
                  of.text("30"),
                  of.text("87", ""),
                  of.text("87a", "")),
              new Moving.Relay.Coil(of.number("coilOhms", 90), 8, 3),
              of.one(
                  Moving.Relay.Suppression.class, "suppression", Moving.Relay.Suppression.RESISTOR),
              of.number("amps", 30),
              of.yes("dead", false))),
  MODULE(
      (id, of, before) ->
          new Moving.RunningLampModule(
              id,
              new Moving.RunningLampModule.Pins(
                  of.text("supply"),
                  of.text("ground"),
                  of.text("run"),
                  of.text("lamps"),
                  of.text("out")),
              of.number("runVolts"),
              of.number("reducedDuty") / 100)),
  BODY_OUTPUT(
      (id, of, before) ->
          new Moving.BodyOutput(
              id,
              of.text("supply"),
              of.text("out"),
              of.when(of.text("on")),
              of.yes("configured", true),
              of.number("duty", 100) / 100,
              of.number("leastAmps", 0))),
  CONTROLLER(
      (id, of, before) -> {
        List<Moving.Controller.Output> outputs = new ArrayList<>();
        for (String output : of.text("outputs").split("/", -1)) {
          String[] three = output.split(":", -1);
          if (three.length != 3) {
            throw new FeedProblem(id, FeedWords.noOutput(output));
          }
          outputs.add(
              new Moving.Controller.Output(
                  three[0].strip(), three[1].strip(), of.when(three[2].strip())));
        }
        return new Moving.Controller(
            id, of.text("supply"), of.text("ground"), outputs, of.number("standbyOhms", 2000));
      }),
  DIMMER(
      (id, of, before) ->
          new Pulsed.Dimmer(id, of.text("from"), of.text("to"), of.number("duty") / 100)),
  FLASHER(
      (id, of, before) ->
          new Pulsed.Flasher(id, of.text("from"), of.text("to"), of.number("leastAmps", 0))),
  DIODE((id, of, before) -> new Diode(id, of.text("anode"), of.text("cathode"))),
  RESISTOR(
      (id, of, before) ->
          new Load(
              id,
              of.text("from"),
              of.text("to"),
              of.number("ohms"),
              of.number("watts"),
              Load.Purpose.RESISTOR,
              of.one(Load.Mount.class, "mount"))),
  PILOT(
      (id, of, before) ->
          new Load(
              id,
              of.text("from"),
              of.text("to"),
              of.number("ohms", 150),
              of.number("watts", 2),
              Load.Purpose.PILOT_LAMP,
              Load.Mount.METAL)),
  LAMP(
      (id, of, before) -> {
        Emitter.Use use = use(of);
        boolean reversed = of.yes("reversed", false);
        String plus = of.text(reversed ? "minus" : "plus");
        String minus = of.text(reversed ? "plus" : "minus");
        return switch (of.text("type")) {
          case "filament" ->
              new Emitter.Bulb(id, use, plus, minus, of.number("volts", 12.8), of.number("watts"));
          case "led" ->
              new Emitter.DrivenLed(
                  id, use, plus, minus, of.number("watts"), of.number("leastVolts", 8));
          case "bare" ->
              new Emitter.BareLed(
                  id,
                  use,
                  plus,
                  minus,
                  of.number("thresholdVolts"),
                  of.number("ohms"),
                  of.number("ratedAmps"));
          case "discharge" ->
              new Emitter.Discharge(
                  id,
                  use,
                  plus,
                  minus,
                  of.number("ballastWatts", 41),
                  of.number("leastVolts", 9),
                  of.number("strikeAmps", 8));
          default -> throw new FeedProblem(id, FeedWords.noLampType(of.text("type")));
        };
      }),
  SHUTTER(
      (id, of, before) -> {
        String lamp = of.text("lamp");
        if (!(before.get(lamp) instanceof Emitter source)) {
          throw new FeedProblem(id, FeedWords.noLampBefore(lamp));
        }
        return new Emitter.Shutter(
            id,
            use(of),
            of.text("plus"),
            of.text("minus"),
            of.number("ohms", 12),
            of.number("opensAtVolts", 8),
            source);
      });

  private interface Maker {
    Part make(String id, Values of, Map<String, Part> before) throws FeedProblem;
  }

  private final Maker maker;

  PartKind(Maker maker) {
    this.maker = maker;
  }

  /**
   * The part of a block.
   *
   * @param before the parts that stand before it, by id
   */
  Part make(String id, Values of, Map<String, Part> before) throws FeedProblem {
    return maker.make(id, of, before);
  }

  private static Emitter.Use use(Values of) throws FeedProblem {
    return new Emitter.Use(
        of.one(LampFunction.class, "function"),
        of.one(Side.class, "side"),
        of.number("candela", 0),
        of.text("pair", ""));
  }

  static Optional<PartKind> named(String name) {
    String constant = name.toUpperCase(Locale.ROOT).replace('-', '_');
    return Arrays.stream(values()).filter(kind -> kind.name().equals(constant)).findFirst();
  }
}
