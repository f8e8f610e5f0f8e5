package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import mellow.core.vehicle.LampFunction;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A lamp as it is made, in its own axes.
 *
 * @param function what it is for
 * @param heads its lit surfaces; several count together
 * @param housing what must not run into anything; the lit surfaces where it is not known
 * @param light what is known of its light
 * @param recess how its lens lies behind what stands around it; empty where not measured
 * @param holes what is drilled for it
 */
public record Lamp(
    LampFunction function,
    List<Head> heads,
    Optional<Outline> housing,
    Light light,
    Optional<Recess> recess,
    List<Hole> holes) {
  public Lamp {
    if (heads.isEmpty()) {
      throw new IllegalArgumentException("a lamp has at least one lit surface");
    }
    heads = List.copyOf(heads);
    holes = List.copyOf(holes);
  }

  /** A lamp with one lit surface of which nothing else is known. */
  public static Lamp of(LampFunction function, Outline lit) {
    return new Lamp(
        function,
        List.of(new Head(lit, 0, 0)),
        Optional.empty(),
        Light.UNKNOWN,
        Optional.empty(),
        List.of());
  }

  /**
   * One lit surface.
   *
   * @param outMm where its own middle lies, from the lamp's reference point
   * @param upMm the same, upwards
   */
  public record Head(Outline lit, double outMm, double upMm) {}

  /**
   * A hole to drill.
   *
   * @param outMm where its centre lies, from the lamp's reference point
   * @param upMm the same, upwards
   * @param pilotMm diameter of the first drill; 0 where none is drilled before
   * @param finalMm diameter of the hole
   */
  public record Hole(double outMm, double upMm, double pilotMm, double finalMm) {
    public Hole {
      if (!(finalMm > 0) || pilotMm < 0 || pilotMm > finalMm) {
        throw new IllegalArgumentException("the pilot hole is no larger than the hole itself");
      }
    }
  }

  /** All lit surfaces together, x out and y up. */
  public Geometry lit() {
    if (heads.size() == 1) {
      return onLamp(heads.get(0));
    }
    return Shapes.union(heads.stream().map(Lamp::onLamp).toList());
  }

  /** What must not run into anything, x out and y up. */
  public Geometry body() {
    Geometry lit = lit();
    return housing.map(of -> Shapes.union(List.of(of.geometry(), lit))).orElse(lit);
  }

  /** The reach of the lit surfaces from the reference point. */
  public Envelope litReach() {
    Envelope reach = new Envelope();
    for (Head head : heads) {
      Envelope one = head.lit().reach();
      one.translate(head.outMm(), head.upMm());
      reach.expandToInclude(one);
    }
    return reach;
  }

  /** The reach of what must not run into anything. */
  public Envelope bodyReach() {
    Envelope reach = litReach();
    housing.ifPresent(of -> reach.expandToInclude(of.reach()));
    return reach;
  }

  /** Lit area, cm². */
  public double litAreaCm2() {
    return lit().getArea() / 100;
  }

  private static Geometry onLamp(Head head) {
    return AffineTransformation.translationInstance(head.outMm(), head.upMm())
        .transform(head.lit().geometry());
  }
}
