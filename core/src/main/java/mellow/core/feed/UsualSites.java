package mellow.core.feed;

import java.util.Optional;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.Site;

/** Where parts of a kind sit on most vehicles. Common practice. */
final class UsualSites {
  private UsualSites() {}

  /** A wire lies between places; what is in none of the others is in the box under the bonnet. */
  static Optional<Site> of(Part part, Optional<Side> side) {
    if (part instanceof Joining.Wire) {
      return Optional.empty();
    } else if (part instanceof Emitter lamp) {
      return Optional.of(Site.lamps(lamp.use().side()));
    } else if (part instanceof Supply || part instanceof Moving.RunningLampModule) {
      return Optional.of(Site.BATTERY);
    } else if (part instanceof Switch
        || part instanceof Load load && load.purpose() == Load.Purpose.PILOT_LAMP) {
      return Optional.of(Site.DASH);
    } else if (part instanceof Moving.BodyOutput) {
      return Optional.of(Site.BODY_COMPUTER);
    } else if (part instanceof Pulsed.Flasher) {
      return Optional.of(Site.DASH_BOX);
    } else if (part instanceof Joining.Clip) {
      return Optional.of(Site.LOOM);
    } else if (part instanceof Joining.Joint joint && Rails.isBody(joint.to())) {
      return Optional.of(side.map(Site::ground).orElse(Site.BODY_BOLT));
    } else if (part instanceof Load) {
      return Optional.of(side.map(Site::lamps).orElse(Site.ENGINE_BOX));
    }
    return Optional.of(Site.ENGINE_BOX);
  }
}
