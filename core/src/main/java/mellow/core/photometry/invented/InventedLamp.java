package mellow.core.photometry.invented;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import mellow.core.photometry.invented.Formula.Bell;
import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.lm63.Edition;
import mellow.core.photometry.lm63.Grid;
import mellow.core.photometry.lm63.Label;
import mellow.core.photometry.lm63.Opening;
import mellow.core.photometry.lm63.PhotometricType;
import mellow.core.photometry.lm63.Tilt;

/**
 * The lamps that ship with the product, each with its cutoff where its regulation's test has it
 * (from memory): 0.57° down for a UN low beam, 0.4° down for VOL, level for VOR, 1.15° down for a
 * fog lamp of class B and 1° for F3. Low beams are for traffic on the right.
 */
public enum InventedLamp {
  REFLECTOR("reflector low beam, filament", 1450, 55),
  REFLECTOR_ARC("reflector low beam made for a filament, with an arc", 2900, 42),
  REFLECTOR_CHIPS("reflector low beam made for a filament, with LED chips", 2300, 30),
  PROJECTOR("projector low beam, UN", 1800, 35),
  PROJECTOR_VOL("projector low beam, VOL", 1800, 35),
  PROJECTOR_VOR("projector low beam, VOR", 1800, 35),
  FOG_B("front fog lamp, class B", 900, 55),
  FOG_F3("front fog lamp, class F3", 1100, 19),
  RUNNING("daytime running lamp", 300, 8),
  SPOT("driving lamp, spot", 2400, 30),
  WIDE("pod, wide", 3000, 36);

  private static final double UN_CUTOFF_DEG = -0.573;
  private static final double UN_ARM_DEG = 15;

  /** The logarithm of light falls steepest so far above the edge of a formula, where it is soft. */
  private static final double SOFT_DEG = 0.13;

  private static final double FOG_SOFT_DEG = 0.17;

  private static final double[] H = {
    90, 60, 50, 45, 40, 35, 30, 27.5, 25, 22.5, 20, 18, 16, 14, 12, 11, 10, 9, 8, 7.5, 7, 6.5, 6,
    5.5, 5, 4.5, 4, 3.5, 3, 2.5, 2, 1.5, 1, 0.5
  };

  private final String title;
  private final double lumens;
  private final double watts;

  InventedLamp(String title, double lumens, double watts) {
    this.title = title;
    this.lumens = lumens;
    this.watts = watts;
  }

  /** The name of its file, without ending. */
  public String file() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private Light light() {
    LightSource filament = LightSource.filament(lumens);
    Edge un = Edge.rising(UN_CUTOFF_DEG, UN_ARM_DEG);
    return switch (this) {
      case REFLECTOR -> Bowl.of(un, filament, filament);
      case REFLECTOR_ARC -> Bowl.of(un, filament, LightSource.arc(lumens));
      case REFLECTOR_CHIPS -> Bowl.of(un, filament, LightSource.chips(lumens));
      case PROJECTOR -> projector(Edge.rising(UN_CUTOFF_DEG - SOFT_DEG, UN_ARM_DEG), 0.05);
      case PROJECTOR_VOL -> projector(Edge.step(-0.4 - SOFT_DEG, 0.2 - SOFT_DEG), 0.06);
      case PROJECTOR_VOR -> projector(Edge.step(-0.6 - SOFT_DEG, -SOFT_DEG), 0.06);
      case FOG_B -> fog(-1.146 - FOG_SOFT_DEG, 3600, 16, 2.2);
      case FOG_F3 -> fog(-1 - FOG_SOFT_DEG, 6200, 20, 1.6);
      case RUNNING -> pod(700, 14, 7, 0);
      case SPOT -> pod(64_000, 2.6, 2.2, 0.0002);
      case WIDE -> pod(8_200, 20, 5.5, 0.002);
    };
  }

  private static Light projector(Edge edge, double widthDeg) {
    return new Formula(
        List.of(
            new Bell(21_000, 2, -1.1, 3, 1.1),
            new Bell(6_500, 0, -2.2, 14, 2.2),
            new Bell(2_400, 0, -4, 22, 4)),
        Optional.of(edge),
        widthDeg,
        0.011);
  }

  private static Light fog(double cutoffDeg, double peakCd, double wideDeg, double highDeg) {
    return new Formula(
        List.of(
            new Bell(peakCd, 0, cutoffDeg - 1.2, wideDeg, highDeg),
            new Bell(peakCd * 0.25, 0, cutoffDeg - 3, wideDeg * 1.4, highDeg * 2)),
        Optional.of(Edge.flat(cutoffDeg)),
        0.09,
        0.02);
  }

  private static Light pod(double peakCd, double wideDeg, double highDeg, double strayShare) {
    return new Formula(
        List.of(
            new Bell(peakCd, 0, 0, wideDeg, highDeg),
            new Bell(peakCd * 0.06, 0, 0, wideDeg * 2.4, highDeg * 2.4)),
        Optional.empty(),
        1,
        strayShare);
  }

  /** The lamp as a beam file. */
  public BeamFile beamFile() {
    double[] vertical = vertical();
    double[] horizontal = horizontal();
    Light light = light();
    double[][] candela = new double[horizontal.length][vertical.length];
    for (int i = 0; i < horizontal.length; i++) {
      for (int j = 0; j < vertical.length; j++) {
        candela[i][j] = figures(light.candela(horizontal[i], vertical[j]));
      }
    }
    return new BeamFile(
        Edition.LM_63_2002,
        List.of(
            new Label("TEST", file() + "-1"),
            new Label("TESTLAB", "made by formula, measured nowhere"),
            new Label("ISSUEDATE", "02-DEC-2026"),
            new Label("MANUFAC", "invented for Mellow Horizon"),
            new Label("LUMINAIRE", title)),
        new Tilt.None(),
        new BeamFile.Source(1, OptionalDouble.of(lumens)),
        new BeamFile.Factors(1, 1, 1),
        new Opening(0.15, 0.08, 0, false),
        new Grid(PhotometricType.A, vertical, horizontal, candela),
        watts);
  }

  /** Four figures, none finer than a tenth of a candela. */
  private static double figures(double candela) {
    double step = Math.max(0.1, Math.pow(10, Math.floor(Math.log10(Math.max(candela, 1))) - 3));
    double steps = Math.round(candela / step);
    return step >= 1 ? steps * step : Math.round(steps * step * 10) / 10.0;
  }

  private static double[] horizontal() {
    double[] all = new double[2 * H.length + 1];
    for (int i = 0; i < H.length; i++) {
      all[i] = -H[i];
      all[2 * H.length - i] = H[i];
    }
    return all;
  }

  /** Fine where cutoffs lie. */
  private static double[] vertical() {
    DoubleStream.Builder all = DoubleStream.builder();
    for (double v : new double[] {-90, -60, -30, -20, -15, -12, -10, -8, -7, -6, -5.5, -5, -4.5}) {
      all.add(v);
    }
    for (int quarter = -16; quarter < -8; quarter++) {
      all.add(quarter / 4.0);
    }
    for (int tenth = -20; tenth < -16; tenth++) {
      all.add(tenth / 10.0);
    }
    for (int twentieth = -32; twentieth < 16; twentieth++) {
      all.add(twentieth / 20.0);
    }
    for (int tenth = 8; tenth < 20; tenth++) {
      all.add(tenth / 10.0);
    }
    for (double v : new double[] {2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 8, 10, 15, 20, 30, 60, 90}) {
      all.add(v);
    }
    return all.build().toArray();
  }
}
