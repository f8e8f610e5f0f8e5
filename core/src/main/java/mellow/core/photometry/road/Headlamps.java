package mellow.core.photometry.road;

import java.util.List;
import mellow.core.photometry.Beam;
import mellow.core.photometry.MountedBeam;
import mellow.core.photometry.Mounting;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.wall.BeamCutoff;

/** All lamps of a vehicle that are lit together. */
public record Headlamps(List<MountedBeam> lamps) {
  public Headlamps {
    lamps = List.copyOf(lamps);
  }

  /**
   * How a lamp stands.
   *
   * @param cutoffPercent where its cutoff's flat part lies, in percent of the distance, positive up
   * @param rightDeg how far it heads to the right
   * @param rollDeg positive where the cutoff's left end is higher
   */
  public record Stand(Place place, double cutoffPercent, double rightDeg, double rollDeg) {}

  /** A lamp turned up or down until its cutoff lies where it was read. */
  public static MountedBeam aimed(Beam beam, BeamCutoff inFile, Stand stand) {
    double cutoffDeg = Math.toDegrees(Math.atan(stand.cutoffPercent() / 100));
    return new MountedBeam(
        beam,
        new Mounting(
            stand.place(), cutoffDeg - inFile.flatDeg(), stand.rightDeg(), stand.rollDeg()));
  }

  /**
   * Illuminance of a small face over a road, in lx: the sum of all lamps that no crest hides.
   *
   * @param xMm to the left of the vehicle's middle
   * @param yMm ahead
   * @param overRoadMm over the road there
   */
  public double lux(
      RoadShape road, double xMm, double yMm, double overRoadMm, MountedBeam.Facing facing) {
    Place point = new Place(xMm, yMm, road.heightMm(yMm) + overRoadMm);
    double lux = 0;
    for (MountedBeam lamp : lamps) {
      if (!road.hides(lamp.place().zMm(), point)) {
        lux += lamp.lux(xMm, yMm, point.zMm(), facing);
      }
    }
    return lux;
  }
}
