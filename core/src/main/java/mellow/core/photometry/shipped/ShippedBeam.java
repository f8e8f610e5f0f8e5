package mellow.core.photometry.shipped;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import mellow.core.photometry.Beam;
import mellow.core.photometry.invented.InventedLamp;
import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.lm63.Lm63Reader;
import mellow.core.photometry.lm63.Lm63Reading;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.photometry.wall.BeamCutoff.Flat;
import mellow.core.vehicle.TrafficSide;

/** An invented lamp whose beam file ships with the product, made for traffic on the right. */
public enum ShippedBeam {
  PROJECTOR(InventedLamp.PROJECTOR, Flat.LEFT, "un-r112-b"),
  REFLECTOR(InventedLamp.REFLECTOR, Flat.LEFT, "un-r112-b"),
  REFLECTOR_ARC(InventedLamp.REFLECTOR_ARC, Flat.LEFT, "un-r112-b"),
  REFLECTOR_CHIPS(InventedLamp.REFLECTOR_CHIPS, Flat.LEFT, "un-r112-b"),
  PROJECTOR_VOL(InventedLamp.PROJECTOR_VOL, Flat.LEFT, "us-fmvss-108-vol"),
  PROJECTOR_VOR(InventedLamp.PROJECTOR_VOR, Flat.RIGHT),
  FOG_B(InventedLamp.FOG_B, Flat.WHOLE),
  FOG_F3(InventedLamp.FOG_F3, Flat.WHOLE, "un-r19-f3"),
  RUNNING(InventedLamp.RUNNING, Optional.empty(), Optional.of("un-r87")),
  SPOT(InventedLamp.SPOT, Optional.empty(), Optional.empty()),
  WIDE(InventedLamp.WIDE, Optional.empty(), Optional.empty());

  private static final Map<Made, Lit> LIT = new ConcurrentHashMap<>();

  private final InventedLamp lamp;
  private final Optional<Flat> flat;
  private final Optional<String> test;

  ShippedBeam(InventedLamp lamp, Optional<Flat> flat, Optional<String> test) {
    this.lamp = lamp;
    this.flat = flat;
    this.test = test;
  }

  ShippedBeam(InventedLamp lamp, Flat flat, String test) {
    this(lamp, Optional.of(flat), Optional.of(test));
  }

  ShippedBeam(InventedLamp lamp, Flat flat) {
    this(lamp, Optional.of(flat), Optional.empty());
  }

  /**
   * What a lamp throws.
   *
   * @param cutoff by which it is aimed; empty for a lamp without
   */
  public record Lit(Beam beam, Optional<BeamCutoff> cutoff) {}

  private record Made(ShippedBeam lamp, TrafficSide traffic) {}

  /** The lamp of a name, such as {@code reflector-arc}. */
  public static Optional<ShippedBeam> named(String name) {
    return Stream.of(values()).filter(beam -> beam.title().equals(name)).findFirst();
  }

  /** Its name, which is its file's without ending. */
  public String title() {
    return lamp.file();
  }

  /** The photometric test that it is made for, by id. */
  public Optional<String> test() {
    return test;
  }

  /** The same lamp with the source that it was made for. */
  public ShippedBeam asMade() {
    return switch (this) {
      case REFLECTOR_ARC, REFLECTOR_CHIPS -> REFLECTOR;
      default -> this;
    };
  }

  /** The text of its file. */
  public String text() {
    String path = "/mellow/beams/" + title() + ".ies";
    try (InputStream in = ShippedBeam.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException("the product was built without " + path);
      }
      return new String(in.readAllBytes(), StandardCharsets.US_ASCII);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Its file, read. */
  public BeamFile file() {
    if (Lm63Reader.read(text()) instanceof Lm63Reading.Read read) {
      return read.file();
    }
    throw new IllegalStateException(title() + " ships unreadable");
  }

  /** Its light, made for traffic on a side; worked out once. */
  public Lit lit(TrafficSide traffic) {
    return LIT.computeIfAbsent(new Made(this, traffic), made -> made(traffic));
  }

  private Lit made(TrafficSide traffic) {
    boolean right = traffic == TrafficSide.RIGHT;
    Beam beam = right ? Beam.of(file()) : Beam.of(file()).mirrored();
    return new Lit(beam, flat.flatMap(part -> BeamCutoff.of(beam, right ? part : part.mirrored())));
  }
}
