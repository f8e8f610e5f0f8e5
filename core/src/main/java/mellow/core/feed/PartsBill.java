package mellow.core.feed;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.CutList;

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
  public record Line(String what, int count) {}

  static PartsBill of(PlannedFeed feed, CutList cuts) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (PlannedPart part : feed.parts()) {
      if (!part.factory() && !part.value("buy").equals("no")) {
        String what = what(part);
        if (!what.isEmpty()) {
          counts.merge(what, 1, Integer::sum);
        }
      }
    }
    for (CutList.Reel reel : cuts.reels()) {
      counts.merge(
          String.format(
              Locale.ROOT,
              "%s wire, %s, %.1f m",
              reel.size().name(),
              reel.colour(),
              Math.ceil(reel.totalMm() / 100) / 10),
          1,
          Integer::sum);
    }
    cuts.ends()
        .forEach(
            (end, count) -> {
              if (ENDS_TO_BUY.stream().anyMatch(end::startsWith)) {
                counts.merge(end, count, Integer::sum);
              }
            });
    int labels = cuts.labels().size();
    if (labels > 0) {
      counts.put("heat-shrink sleeve", labels);
      counts.put("label", labels);
    }
    return new PartsBill(
        counts.entrySet().stream().map(one -> new Line(one.getKey(), one.getValue())).toList());
  }

  private static String what(PlannedPart part) {
    return switch (part.kind()) {
      case "fuse" -> "fuse holder, " + blade(((Joining.Guard) part.part()).ratedAmps());
      case "tap" ->
          "fuse tap, %s, %s"
              .formatted(
                  ((Joining.TapFuse) part.part()).slot().tapSize().words(),
                  blade(((Joining.Guard) part.part()).ratedAmps()));
      case "relay" ->
          "relay with socket, %s pins"
              .formatted(((Moving.Relay) part.part()).pins().p87a().isEmpty() ? "four" : "five");
      case "resistor" ->
          "load resistor, %s Ω, %s W".formatted(part.value("ohms"), part.value("watts"));
      case "lamp" ->
          "%s, %s%s"
              .formatted(
                  ((Emitter) part.part()).use().function().words(),
                  type(part.value("type")),
                  part.value("watts").isEmpty() ? "" : ", " + part.value("watts") + " W");
      case "clip" -> "tap connector";
      case "diode" -> "diode, 3 A";
      case "switch" -> "switch: " + part.id();
      case "module" -> "running-lamp module";
      case "controller" -> "accent controller";
      case "dimmer" -> "dimmer";
      default -> "";
    };
  }

  private static String type(String type) {
    return switch (type) {
      case "led", "bare" -> "LED";
      case "discharge" -> "gas discharge with ballast";
      default -> type;
    };
  }

  private static String blade(double amps) {
    return BladeFuse.rated(amps)
        .map(fuse -> "blade fuse %s A, %s".formatted(Values.shown(amps), fuse.colour()))
        .orElse("fuse %s A".formatted(Values.shown(amps)));
  }
}
