package mellow.server.feed.drawing;

import java.util.ArrayList;
import java.util.List;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Diode;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Switch;
import mellow.core.feed.PlannedPart;
import mellow.server.feed.drawing.Schematic.Box;
import mellow.server.feed.drawing.Schematic.Pin;

/** Which symbols stand for a part. */
final class SymbolBook {
  private SymbolBook() {}

  static List<Box> of(PlannedPart planned) {
    Part part = planned.part();
    String id = part.id();
    if (part instanceof Moving.Relay relay) {
      return relay(relay);
    }
    if (part instanceof Moving.RunningLampModule module) {
      Moving.RunningLampModule.Pins pins = module.pins();
      List<Pin> list = new ArrayList<>();
      list.add(new Pin("+", pins.supply(), true));
      if (!pins.run().equals(pins.supply())) {
        list.add(new Pin("run", pins.run(), true));
      }
      list.add(new Pin("lights", pins.side(), true));
      list.add(new Pin("out", pins.out(), false));
      list.add(new Pin("−", pins.ground(), false));
      return List.of(new Box(id, id, Symbol.MODULE, list));
    }
    if (part instanceof Moving.Controller controller) {
      List<Pin> list = new ArrayList<>();
      list.add(new Pin("+", controller.supply(), true));
      controller
          .outputs()
          .forEach(output -> list.add(new Pin(output.label(), output.node(), false)));
      list.add(new Pin("−", controller.ground(), false));
      return List.of(new Box(id, id, Symbol.MODULE, list));
    }
    Branch branch = part.branches().get(0);
    return List.of(
        new Box(
            id,
            id,
            symbol(part),
            List.of(new Pin("", branch.from(), true), new Pin("", branch.to(), false))));
  }

  private static List<Box> relay(Moving.Relay relay) {
    Moving.Relay.Pins pins = relay.pins();
    List<Pin> contact = new ArrayList<>(List.of(new Pin("30", pins.p30(), true)));
    if (!pins.p87a().isEmpty()) {
      contact.add(new Pin("87a", pins.p87a(), false));
    }
    if (!pins.p87().isEmpty()) {
      contact.add(new Pin("87", pins.p87(), false));
    }
    Symbol symbol =
        contact.size() == 3
            ? Symbol.CHANGE_OVER
            : pins.p87a().isEmpty() ? Symbol.MAKE : Symbol.BREAK;
    return List.of(
        new Box(
            relay.id() + ", coil",
            relay.id(),
            Symbol.COIL,
            List.of(new Pin("86", pins.p86(), true), new Pin("85", pins.p85(), false))),
        new Box(relay.id() + ", contact", relay.id(), symbol, contact));
  }

  private static Symbol symbol(Part part) {
    if (part instanceof Joining.Guard) {
      return Symbol.FUSE;
    } else if (part instanceof Joining.Clip) {
      return Symbol.CLIP;
    } else if (part instanceof Joining.Joint) {
      return Symbol.JOINT;
    } else if (part instanceof Switch) {
      return Symbol.SWITCH;
    } else if (part instanceof Emitter.Shutter) {
      return Symbol.SOLENOID;
    } else if (part instanceof Emitter) {
      return Symbol.LAMP;
    } else if (part instanceof Diode) {
      return Symbol.DIODE;
    } else if (part instanceof Load load) {
      return load.purpose() == Load.Purpose.PILOT_LAMP ? Symbol.PILOT : Symbol.RESISTOR;
    } else if (part instanceof Pulsed || part instanceof Moving.BodyOutput) {
      return Symbol.BOX;
    }
    throw new IllegalArgumentException("no symbol for " + part);
  }
}
