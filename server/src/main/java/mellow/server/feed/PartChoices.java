package mellow.server.feed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.feed.PlannedPart;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.Laying;
import mellow.core.harness.WireChoice;
import mellow.core.harness.WireSize;
import mellow.server.feed.FeedView.FixView;
import mellow.server.feed.FeedView.OptionView;

/** What can be changed of a part in place, and faults to try on it. */
final class PartChoices {
  private static final List<OptionView> YES_NO =
      List.of(new OptionView("no", "no"), new OptionView("yes", "yes"));

  /** With the engine running. */
  private static final double USUAL_VOLTS = 14;

  private PartChoices() {}

  static List<OptionView> sizes() {
    return WireSize.all().stream().map(size -> new OptionView(size.name(), size.name())).toList();
  }

  /** Every size with what it would lose by itself, and what it bears. */
  private static List<OptionView> sizes(PlannedPart part, double amps, Laying laying) {
    if (!(amps > 0) || !(part.part() instanceof Joining.Wire wire)) {
      return sizes();
    }
    WireChoice.Asked asked =
        new WireChoice.Asked(
            amps, USUAL_VOLTS, wire.conductor().metres(), wire.conductor().celsius());
    return WireChoice.of(asked, laying).options().stream()
        .map(
            option ->
                new OptionView(
                    option.size().name(),
                    String.format(
                        Locale.ROOT,
                        "%s: loses %.1f %%, bears %.0f A",
                        option.size().name(),
                        option.dropPercent(),
                        option.allowedAmps())))
        .toList();
  }

  /**
   * @param mostAmps that flow through it for long
   * @param laying how the plan's wires lie
   */
  static List<FixView> of(PlannedPart part, double mostAmps, Laying laying) {
    List<FixView> fixes = new ArrayList<>();
    switch (part.kind()) {
      case "wire" -> {
        fixes.add(new FixView("size", "Wire", part.value("size"), sizes(part, mostAmps, laying)));
        fixes.add(new FixView("metres", "Length, m", part.value("metres"), List.of()));
        fixes.add(new FixView("colour", "Colour", part.value("colour"), List.of()));
      }
      case "fuse", "tap" -> {
        fixes.add(new FixView("amps", "Fuse, A", part.value("amps"), fuses()));
        fixes.add(tried(part, "blown", "Try it blown", "no"));
      }
      case "relay" -> fixes.add(tried(part, "dead", "Try it dead", "no"));
      case "joint" -> fixes.add(tried(part, "sound", "Makes contact", "yes"));
      case "lamp" -> fixes.add(tried(part, "reversed", "Try it the wrong way round", "no"));
      case "dimmer" ->
          fixes.add(new FixView("duty", "Dimmed to, %", part.value("duty"), List.of()));
      case "resistor" -> {
        fixes.add(new FixView("ohms", "Ω", part.value("ohms"), List.of()));
        fixes.add(new FixView("watts", "Bears, W", part.value("watts"), List.of()));
        fixes.add(
            new FixView(
                "mount",
                "Fixed to",
                part.value("mount"),
                Arrays.stream(Load.Mount.values())
                    .map(mount -> new OptionView(mount.name(), mount.words()))
                    .toList()));
      }
      case "body-output" -> fixes.add(tried(part, "configured", "Configured", "yes"));
      default -> {}
    }
    return fixes;
  }

  private static FixView tried(PlannedPart part, String name, String asks, String usual) {
    String value = part.value(name);
    return new FixView(name, asks, value.isEmpty() ? usual : value, YES_NO);
  }

  private static List<OptionView> fuses() {
    return Arrays.stream(BladeFuse.values())
        .map(
            fuse -> {
              String amps =
                  fuse.amps() == Math.rint(fuse.amps())
                      ? String.valueOf((int) fuse.amps())
                      : String.valueOf(fuse.amps());
              return new OptionView(amps, amps + " A, " + fuse.colour());
            })
        .toList();
  }
}
