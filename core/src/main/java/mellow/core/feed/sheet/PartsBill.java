package mellow.core.feed.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.feed.Values;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.CutList;
import mellow.core.vehicle.LampFunction;

/**
 * What has to be there before the work begins.
 *
 * @param lines one for each thing, with how many
 */
public record PartsBill(List<Line> lines) {
  /** Other ends come with the part that they go into. */
  private static final List<String> ENDS_TO_BUY =
      List.of(
          "ring",
          "relay terminal",
          "switch terminal",
          "male terminal",
          "terminal",
          "splice",
          "crimp");

  public PartsBill {
    lines = List.copyOf(lines);
  }

  /** So many of a thing. */
  public record Line(Sentence what, int count) {}

  static PartsBill of(PlannedFeed feed, CutList cuts) {
    Map<Sentence, Integer> counts = new LinkedHashMap<>();
    for (PlannedPart part : feed.parts()) {
      if (!part.factory() && !part.value("buy").equals("no")) {
        what(part).ifPresent(what -> counts.merge(what, 1, Integer::sum));
      }
    }
    for (CutList.Reel reel : cuts.reels()) {
      counts.merge(
          FeedWords.wireOf(
              reel.size().name(),
              reel.colour(),
              Figure.number(Math.ceil(reel.totalMm() / 100) / 10)),
          1,
          Integer::sum);
    }
    cuts.ends()
        .forEach(
            (end, count) -> {
              if (ENDS_TO_BUY.stream().anyMatch(end::startsWith)) {
                counts.merge(Sentence.typed(end), count, Integer::sum);
              }
            });
    int labels = cuts.labels().size();
    if (labels > 0) {
      counts.put(FeedWords.sleeve(), labels);
      counts.put(FeedWords.label(), labels);
    }
    return new PartsBill(
        counts.entrySet().stream().map(one -> new Line(one.getKey(), one.getValue())).toList());
  }

  private static Optional<Sentence> what(PlannedPart part) {
    Sentence what =
        switch (part.kind()) {
          case "fuse" -> FeedWords.fuseHolder(blade(((Joining.Guard) part.part()).ratedAmps()));
          case "tap" ->
              FeedWords.fuseTap(
                  ((Joining.TapFuse) part.part()).slot().tapSize(),
                  blade(((Joining.Guard) part.part()).ratedAmps()));
          case "relay" ->
              FeedWords.relayWithSocket(((Moving.Relay) part.part()).pins().p87a().isEmpty());
          case "resistor" -> FeedWords.loadResistor(part.value("ohms"), part.value("watts"));
          case "lamp" -> lamp(part);
          case "clip" -> FeedWords.tapConnector();
          case "diode" -> FeedWords.diode();
          case "switch" -> FeedWords.switchOf(part.id());
          case "module" -> FeedWords.module();
          case "controller" -> FeedWords.controller();
          case "dimmer" -> FeedWords.dimmer();
          default -> null;
        };
    return Optional.ofNullable(what);
  }

  private static Sentence lamp(PlannedPart part) {
    LampFunction function = ((Emitter) part.part()).use().function();
    String watts = part.value("watts");
    return watts.isEmpty()
        ? FeedWords.lampOf(function, type(part.value("type")))
        : FeedWords.lampOfWatts(function, type(part.value("type")), watts);
  }

  private static Sentence type(String type) {
    return switch (type) {
      case "led", "bare" -> FeedWords.led();
      case "discharge" -> FeedWords.discharge();
      default -> FeedWords.filament();
    };
  }

  private static Sentence blade(double amps) {
    return BladeFuse.rated(amps)
        .map(fuse -> FeedWords.bladeFuse(Values.shown(amps), fuse.colour()))
        .orElseGet(() -> FeedWords.otherFuse(Values.shown(amps)));
  }
}
