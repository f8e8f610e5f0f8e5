package mellow.server.feed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.feed.PlannedPart;
import mellow.core.finding.Figure;
import mellow.core.harness.BladeFuse;
import mellow.core.harness.Laying;
import mellow.core.harness.WireChoice;
import mellow.core.harness.WireSize;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.Site;
import mellow.server.feed.FeedView.FixView;
import mellow.server.feed.FeedView.OptionView;
import mellow.server.wire.Spoken;

/** What can be changed of a part in place, and faults to try on it. */
final class PartChoices {
  /** With the engine running. */
  private static final double USUAL_VOLTS = 14;

  private PartChoices() {}

  static List<OptionView> sizes() {
    return WireSize.all().stream()
        .map(size -> new OptionView(size.name(), Spoken.typed(size.name())))
        .toList();
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
                    Spoken.text(
                        FeedWords.sizeLoses(
                            option.size().name(),
                            Figure.percent(option.dropPercent()),
                            Figure.amps(option.allowedAmps())),
                        UnitSystem.METRIC)))
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
        fixes.add(
            new FixView(
                "size",
                Spoken.words(FeedWords.wire()),
                part.value("size"),
                sizes(part, mostAmps, laying)));
        fixes.add(
            new FixView(
                "metres", Spoken.words(FeedWords.lengthM()), part.value("metres"), List.of()));
        fixes.add(
            new FixView(
                "colour", Spoken.words(FeedWords.colour()), part.value("colour"), List.of()));
      }
      case "fuse", "tap" -> {
        fixes.add(
            new FixView("amps", Spoken.words(FeedWords.fuseA()), part.value("amps"), fuses()));
        fixes.add(tried(part, "blown", Spoken.words(FeedWords.tryBlown()), "no"));
      }
      case "relay" -> fixes.add(tried(part, "dead", Spoken.words(FeedWords.tryDead()), "no"));
      case "joint" ->
          fixes.add(tried(part, "sound", Spoken.words(FeedWords.makesContact()), "yes"));
      case "lamp" ->
          fixes.add(tried(part, "reversed", Spoken.words(FeedWords.tryReversed()), "no"));
      case "dimmer" ->
          fixes.add(
              new FixView(
                  "duty", Spoken.words(FeedWords.dimmedTo()), part.value("duty"), List.of()));
      case "resistor" -> {
        fixes.add(new FixView("ohms", "Ω", part.value("ohms"), List.of()));
        fixes.add(
            new FixView("watts", Spoken.words(FeedWords.bearsW()), part.value("watts"), List.of()));
        fixes.add(
            new FixView(
                "mount",
                Spoken.words(FeedWords.fixedTo()),
                part.value("mount"),
                Arrays.stream(Load.Mount.values())
                    .map(mount -> new OptionView(mount.name(), Spoken.term(mount)))
                    .toList()));
      }
      case "body-output" ->
          fixes.add(tried(part, "configured", Spoken.words(FeedWords.configured()), "yes"));
      default -> {}
    }
    part.site().map(PartChoices::sitsAt).ifPresent(fixes::add);
    return fixes;
  }

  private static FixView sitsAt(Site site) {
    return new FixView(
        "at",
        Spoken.words(FeedWords.sitsAt()),
        site.name(),
        Arrays.stream(Site.values())
            .map(one -> new OptionView(one.name(), Spoken.term(one)))
            .toList());
  }

  private static FixView tried(PlannedPart part, String name, String asks, String usual) {
    String value = part.value(name);
    return new FixView(name, asks, value.isEmpty() ? usual : value, yesNo());
  }

  private static List<OptionView> yesNo() {
    return List.of(
        new OptionView("no", Spoken.words(FeedWords.no())),
        new OptionView("yes", Spoken.words(FeedWords.yes())));
  }

  private static List<OptionView> fuses() {
    return Arrays.stream(BladeFuse.values())
        .map(
            fuse -> {
              String amps =
                  fuse.amps() == Math.rint(fuse.amps())
                      ? String.valueOf((int) fuse.amps())
                      : String.valueOf(fuse.amps());
              return new OptionView(amps, amps + " A, " + Spoken.typed(fuse.colour()));
            })
        .toList();
  }
}
