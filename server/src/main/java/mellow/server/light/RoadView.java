package mellow.server.light;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.photometry.MountedBeam.Facing;
import mellow.core.photometry.eyes.Encounter;
import mellow.core.photometry.eyes.Encounter.Mirror;
import mellow.core.photometry.eyes.Glare;
import mellow.core.photometry.road.Contours;
import mellow.core.photometry.road.Headlamps;
import mellow.core.photometry.road.Lane;
import mellow.core.photometry.road.Lane.OnFoot;
import mellow.core.photometry.road.Reach;
import mellow.core.photometry.road.RoadPicture;
import mellow.core.photometry.road.RoadShape;
import mellow.core.photometry.road.Stopping;
import mellow.server.wire.FigureView;
import org.jspecify.annotations.Nullable;

/** What the lamps do on the road, setting beside setting. */
@Schema(name = "RoadLight", description = "Light on the road and in other people's eyes.")
record RoadView(
    RoadView.Window window,
    @Schema(description = "In the order in which they were asked for.") List<Lit> settings) {
  private static final double[] LEVELS = {1, 3, 5, 10, 20};
  private static final double[] SEEN = {3, 5};
  private static final double[] MEETINGS_MM = {150_000, 100_000, 75_000, 50_000, 25_000};

  /** Shins, which a low beam reaches farthest. Judged. */
  private static final double SHIN_MM = 250;

  private static final double BEHIND_CAR_MM = 20_000;
  private static final double STEP_MM = 500;

  /** Points nearer to a line than this say nothing on a screen. */
  private static final double THIN_MM = 120;

  /** One setting. */
  @Schema(name = "LitRoad", description = "The road as one setting lights it.")
  record Lit(
      RoadRequest.Which which,
      @Schema(description = "From dim to bright.") List<Isolux> isolux,
      List<OnFootView> onFoot,
      @Schema(description = "From far to near.") List<Oncoming> oncoming,
      @Schema(description = "Light on the inside mirror of a car 20 m ahead.")
          FigureView insideMirror,
      @Schema(description = "Light on its outside mirror towards oncoming traffic.")
          FigureView outsideMirror) {}

  /** The road that is shown. */
  @Schema(name = "RoadWindow", description = "The part of the road that is shown, mm.")
  record Window(
      @Schema(example = "5000") double fromMm,
      @Schema(example = "135000") double lengthMm,
      @Schema(description = "Half of it to each side.", example = "30000") double widthMm,
      @Schema(example = "3500") double laneMm) {}

  /** Lines of equal light. */
  @Schema(name = "Isolux", description = "Rings about all that gets so much light.")
  record Isolux(
      FigureView lux,
      @Schema(
              description =
                  "Each ring as pairs of mm: to the left of the vehicle's middle, then ahead.")
          List<List<Long>> rings) {}

  /** Somebody on foot. */
  @Schema(name = "SeenOnFoot", description = "How far somebody on foot is lit.")
  record OnFootView(
      OnFoot where,
      FigureView lux,
      @Schema(description = "Left out where it is darker all along.") @Nullable FigureView reach,
      @Schema(description = "The speed from which one stops within that.")
          @Nullable FigureView speed) {}

  /** An oncoming driver. */
  @Schema(name = "OncomingDriver", description = "What an oncoming driver has in the eye.")
  record Oncoming(
      FigureView ahead,
      FigureView lux,
      @Schema(description = "How many times as much as with the aim that is asked for.")
          @Nullable FigureView times,
      @Schema(description = "Veiling luminance by the CIE equation for small angles, cd/m².")
          FigureView veil,
      @Schema(description = "De Boer: 1 unbearable, 9 just noticeable.")
          @Nullable FigureView deBoer) {}

  static RoadView of(RoadRequest request) {
    // half a metre is finer than a screen shows of so much road
    RoadPicture.Window window = new RoadPicture.Window(5_000, 135_000, 30_000, STEP_MM);
    Optional<Headlamps> asked =
        request.settings().stream()
            .filter(setting -> setting.which() == RoadRequest.Which.ASKED)
            .findFirst()
            .map(request::headlamps);
    return new RoadView(
        new Window(window.fromMm(), window.lengthMm(), window.widthMm(), request.lane().widthMm()),
        request.settings().stream().map(setting -> lit(request, setting, asked, window)).toList());
  }

  private static Lit lit(
      RoadRequest request,
      RoadRequest.Setting setting,
      Optional<Headlamps> asked,
      RoadPicture.Window window) {
    Headlamps headlamps = request.headlamps(setting);
    RoadShape road = request.shape().road();
    Lane lane = request.lane();
    // on an upright face at the road, as what is to be seen stands there
    RoadPicture picture = RoadPicture.of(headlamps, road, window, Facing.BACKWARD);
    Encounter encounter = Encounter.usual(lane);
    Stopping stopping = request.stopping();
    return new Lit(
        setting.which(),
        DoubleStream.of(LEVELS).mapToObj(level -> isolux(picture, level)).toList(),
        Stream.of(OnFoot.values())
            .flatMap(
                where ->
                    DoubleStream.of(SEEN)
                        .mapToObj(lux -> onFoot(headlamps, road, lane, stopping, where, lux)))
            .toList(),
        DoubleStream.of(MEETINGS_MM)
            .mapToObj(
                ahead ->
                    oncoming(
                        request,
                        ahead,
                        encounter.oncoming(headlamps, road, ahead),
                        asked.map(lamps -> encounter.oncoming(lamps, road, ahead))))
            .toList(),
        FigureView.of(
            Figure.lux(encounter.mirrorLux(headlamps, road, Mirror.INSIDE, BEHIND_CAR_MM))),
        FigureView.of(
            Figure.lux(encounter.mirrorLux(headlamps, road, Mirror.OUTSIDE, BEHIND_CAR_MM))));
  }

  private static Isolux isolux(RoadPicture picture, double level) {
    return new Isolux(
        FigureView.of(Figure.lux(level)),
        picture.isolux(level).stream().map(line -> ring(line.thinned(THIN_MM))).toList());
  }

  private static List<Long> ring(Contours.Line line) {
    List<Long> ring = new ArrayList<>();
    for (Contours.Point point : line.points()) {
      ring.add(Math.round(point.across()));
      ring.add(Math.round(point.along()));
    }
    return ring;
  }

  private static OnFootView onFoot(
      Headlamps headlamps, RoadShape road, Lane lane, Stopping stopping, OnFoot where, double lux) {
    OptionalDouble reach = Reach.mm(headlamps, road, lane.xMm(where), SHIN_MM, lux);
    return new OnFootView(
        where,
        FigureView.of(Figure.lux(lux)),
        reach.isPresent() ? FigureView.of(Figure.reachMm(reach.getAsDouble())) : null,
        reach.isPresent()
            ? FigureView.of(Figure.kmh(stopping.speedKmh(reach.getAsDouble())))
            : null);
  }

  /** What a crest hides dazzles nobody: there is neither a veil nor discomfort to tell. */
  private static Oncoming oncoming(
      RoadRequest request, double aheadMm, Glare glare, Optional<Glare> asked) {
    double lux = glare.lux();
    double asAsked = asked.map(Glare::lux).orElse(0.0);
    return new Oncoming(
        FigureView.of(Figure.reachMm(aheadMm)),
        FigureView.of(Figure.lux(lux)),
        asAsked > 0 ? FigureView.of(Figure.count(lux / asAsked)) : null,
        FigureView.of(Figure.number(glare.smallAngles(request.driversAge()))),
        lux > 0 ? FigureView.of(Figure.count(glare.deBoer(request.eyeUsedTo()))) : null);
  }
}
