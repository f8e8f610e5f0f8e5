package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.feed.sheet.Fix;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import org.junit.jupiter.api.Test;

/** Faults as workshops meet them, put into plans: each shows in the table. Common practice. */
class PlanFaultsTest {
  private static FeedSheet with(
      String plan, Map<String, String> answers, Map<String, Map<String, String>> changes)
      throws FeedProblem {
    return FeedSheet.of(
        PlannedFeed.of(FeedPlanBook.byId(plan).orElseThrow(), answers, changes), Optional.empty());
  }

  private static List<String> tells(FeedSheet sheet) {
    return sheet.table().findings().stream()
        .map(finding -> Said.pattern(finding.headline()))
        .toList();
  }

  private static List<String> out(FeedSheet sheet) {
    return sheet.findings().stream()
        .filter(finding -> finding.verdict() == Verdict.OUT)
        .map(Finding::id)
        .toList();
  }

  @Test
  void blownFuseAndDeadRelayTakeBothLamps() throws Exception {
    List<String> dark =
        List.of(
            "Position lamps, fog: front fog lamp out, should be lit",
            "Low beam, fog: front fog lamp out, should be lit",
            "Main beam, fog: front fog lamp out, should be lit");
    assertThat(tells(with("fog-own-switch", Map.of(), Map.of("fog fuse", Map.of("blown", "yes")))))
        .isEqualTo(dark);
    assertThat(tells(with("fog-own-switch", Map.of(), Map.of("fog relay", Map.of("dead", "yes")))))
        .isEqualTo(dark);
  }

  /** With its own ground open the one lamp is out, and the other stays lit. */
  @Test
  void openGroundTakesOneLamp() throws Exception {
    FeedSheet sheet =
        with("drl-factory-output", Map.of(), Map.of("left ground pin", Map.of("sound", "no")));
    assertThat(tells(sheet))
        .containsExactly(
            "Engine on, lights off: daytime running lamp out, should be lit",
            "Headlamp flash: daytime running lamp out, should be lit");
    assertThat(Said.pattern(sheet.table().findings().get(0).detail()))
        .startsWith("Left running lamp");
    assertThat(
            sheet.table().rows().get(2).cells().values().stream()
                .flatMap(cell -> cell.each().stream())
                .filter(lit -> lit.lamp().id().equals("right running lamp"))
                .findFirst()
                .orElseThrow()
                .light())
        .isGreaterThan(0.99);
  }

  @Test
  void reversedPlugKeepsADiodeDarkAndIsNamed() throws Exception {
    FeedSheet sheet =
        with("drl-tap", Map.of(), Map.of("right running lamp", Map.of("reversed", "yes")));
    assertThat(tells(sheet)).hasSize(6).allMatch(line -> line.endsWith("out, should be lit"));
    assertThat(out(sheet)).contains("feed.reversed@component:right%20running%20lamp");
  }

  /** A corroded plug of 3 Ω: the ballasts start, sink their feed and drop out. */
  @Test
  void weakFactoryFeedLetsBallastsDropOut() throws Exception {
    FeedSheet plugged =
        with(
            "xenon-harness",
            Map.of("harness", "no", "lowStays", "yes"),
            Map.of("factory low-beam plug", Map.of("ohms", "3")));
    assertThat(out(plugged))
        .contains(
            "circuit.starves@component:left%20low%20beam",
            "circuit.starves@component:right%20low%20beam");
    FeedSheet harness =
        with(
            "xenon-harness",
            Map.of("lowStays", "yes"),
            Map.of("factory low-beam plug", Map.of("ohms", "3")));
    assertThat(out(harness)).isEmpty();
  }

  @Test
  void outputThatIsNotConfiguredStaysDark() throws Exception {
    assertThat(tells(with("drl-factory-output", Map.of("configured", "no"), Map.of())))
        .containsExactly(
            "Engine on, lights off: daytime running lamp out, should be lit",
            "Headlamp flash: daytime running lamp out, should be lit");
    assertThat(out(with("drl-factory-output", Map.of("lampType", "filament"), Map.of())))
        .containsExactly(
            "feed.checked@component:left%20running-lamp%20output",
            "feed.checked@component:right%20running-lamp%20output");
  }

  @Test
  void withoutResistorsDiodesFlashFastOnAFlasherThatWatches() throws Exception {
    FeedSheet without = with("turn-resistor", Map.of("resistors", "no"), Map.of());
    assertThat(out(without)).containsExactly("feed.pace@component:flasher");
    // 3.2 W take 0.23 A at 14 V: 12.8 ÷ (27 ÷ 12.8 − 0.23) = 6.8 Ω, and 6 Ω is on the shelf
    assertThat(Said.figures(without.foremost().orElseThrow().remedy().orElseThrow()))
        .extracting(figure -> Math.rint(10 * figure.value()) / 10)
        .containsExactly(6.0, 6.8);
    assertThat(
            out(
                with(
                    "turn-resistor", Map.of("resistors", "no", "flasher", "electronic"), Map.of())))
        .isEmpty();
    assertThat(out(with("turn-resistor", Map.of("mount", "PLASTIC"), Map.of())))
        .containsExactly(
            "feed.mount@component:left%20load%20resistor",
            "feed.mount@component:right%20load%20resistor");
  }

  /** A make relay in the drop-out place turns day and night round. */
  @Test
  void fourPinRelayInTheDropOutPlaceInvertsTheLogic() throws Exception {
    assertThat(tells(with("drl-two-relays", Map.of("dropOut", "four"), Map.of())))
        .containsExactly(
            "Key in run: daytime running lamp out, should be lit",
            "Engine on, lights off: daytime running lamp out, should be lit",
            "Position lamps: daytime running lamp lit, should be out",
            "Low beam: daytime running lamp lit, should be out",
            "Main beam: daytime running lamp lit, should be out",
            "Headlamp flash: daytime running lamp out, should be lit");
  }

  /** The dimmer in the minus leg is passed by where a lamp's body touches the chassis. */
  @Test
  void bodyOnTheChassisPassesTheDimmerBy() throws Exception {
    assertThat(tells(with("drl-dimmed", Map.of("leg", "minus", "touching", "yes"), Map.of())))
        .contains("Position lamps: daytime running lamp lit, should be reduced");
    assertThat(tells(with("drl-dimmed", Map.of("leg", "plus", "touching", "yes"), Map.of())))
        .isEmpty();
  }

  /** On the low beam's wire the module learns nothing of main beam where the low beam goes out. */
  @Test
  void moduleToldByTheLowBeamGoesFullOnMainBeam() throws Exception {
    assertThat(tells(with("drl-kit", Map.of("sensed", "low-beam wire"), Map.of())))
        .containsExactly("Main beam: daytime running lamp lit, should be reduced");
    assertThat(
            tells(with("drl-kit", Map.of("sensed", "low-beam wire", "lowStays", "yes"), Map.of())))
        .isEmpty();
  }

  /** A 25 A feed with 25 A and 15 A behind it: the sum is named; out once the draw passes it. */
  @Test
  void tapIsHeldAgainstItsSlot() throws Exception {
    Map<String, String> slot = Map.of("oldAmps", "25", "slotFeed", "25", "tapAmps", "15");
    FeedSheet sheet = with("drl-tap", slot, Map.of());
    Finding sum =
        sheet.findings().stream()
            .filter(finding -> finding.answers("tap.sum"))
            .findFirst()
            .orElseThrow();
    assertThat(sum.verdict()).isEqualTo(Verdict.AT_EDGE);
    assertThat(Said.figures(sum.headline()))
        .extracting(figure -> figure.value())
        .startsWith(25.0, 15.0, 25.0);
    assertThat(
            out(
                with(
                    "drl-tap",
                    Map.of("oldAmps", "25", "slotFeed", "25", "tapAmps", "15", "oldDrawn", "24.5"),
                    Map.of())))
        .contains("tap.sum@slot:the%20tapped%20slot");
    assertThat(out(with("drl-tap", Map.of("slot", "STANDARD"), Map.of())))
        .containsExactly("tap.size@slot:the%20tapped%20slot");
  }

  /** Two lamps of 55 W over three metres of 0.5 mm² lose too much, and 15 A would burn it. */
  @Test
  void thinBranchLosesTooMuch() throws Exception {
    FeedSheet sheet =
        with("fog-own-switch", Map.of("branchSize", "0.5 mm²", "farMetres", "3"), Map.of());
    assertThat(out(sheet))
        .contains("feed.drop@component:right%20fog%20lamp", "feed.guard@component:fog%20fuse");
  }

  /** A fuse of 5 A on some 9 A: 180 %, so between 5 and 50 s. ISO 8820-3 (from memory). */
  @Test
  void smallFuseOpens() throws Exception {
    FeedSheet sheet = with("fog-own-switch", Map.of("fuse", "5"), Map.of());
    Finding fuse =
        sheet.findings().stream()
            .filter(finding -> finding.id().equals("feed.fuse@component:fog%20fuse"))
            .findFirst()
            .orElseThrow();
    assertThat(fuse.verdict()).isEqualTo(Verdict.OUT);
    assertThat(Said.key(fuse.detail())).isEqualTo("harness.opensWithin");
    assertThat(Said.figures(fuse.detail()).get(0).value()).isBetween(5.0, 50.0);
  }

  /**
   * The remedy is one change that settles it. 4.7 A over 2.5 m lose 0.22 V on 1 mm² and 0.14 V on
   * 1.5 mm²; return, feed, fuse, contact and strap 0.26 V: 3.4 % and 2.9 % of 14.2 V.
   */
  @Test
  void fixIsTheSmallestThatSettlesIt() throws Exception {
    FeedSheet thin =
        with("fog-own-switch", Map.of("branchSize", "0.75 mm²", "farMetres", "2.5"), Map.of());
    assertThat(thin.foremost().orElseThrow().id()).startsWith("feed.");
    Fix fix = Fix.of(thin, thin.foremost().orElseThrow()).orElseThrow();
    assertThat(fix.answers()).containsEntry("branchSize", "1.5 mm²");
    assertThat(out(with("fog-own-switch", fix.answers(), fix.changes()))).isEmpty();
    FeedSheet small = with("fog-own-switch", Map.of("fuse", "10"), Map.of());
    assertThat(Fix.of(small, small.foremost().orElseThrow()).orElseThrow().words())
        .isEqualTo(FeedWords.fuseOf("15"));
  }

  @Test
  void nonsenseIsRefusedWithItsPlace() {
    FeedPlan plan = FeedPlanBook.byId("fog-own-switch").orElseThrow();
    assertThatThrownBy(() -> PlannedFeed.of(plan, Map.of("farMetres", "-3"), Map.of()))
        .isInstanceOf(FeedProblem.class)
        .hasMessageContaining("feed.outsideRange");
    assertThatThrownBy(() -> PlannedFeed.of(plan, Map.of("fuse", "<b>"), Map.of()))
        .hasMessageContaining("feed.noNumber");
    assertThatThrownBy(() -> PlannedFeed.of(plan, Map.of("branchSize", "thick"), Map.of()))
        .hasMessageContaining("feed.noWireAsked");
    assertThatThrownBy(() -> PlannedFeed.of(plan, Map.of("colour", "red"), Map.of()))
        .hasMessageContaining("feed.notAsked");
    assertThatThrownBy(
            () -> PlannedFeed.of(plan, Map.of(), Map.of("left branch", Map.of("metres", "-1"))))
        .hasMessageContaining("circuit.wireLength");
    assertThatThrownBy(() -> PlannedFeed.of(plan, Map.of(), Map.of("no such", Map.of())))
        .hasMessageContaining("feed.noPart");
    assertThatThrownBy(
            () -> PlannedFeed.of(plan, Map.of(), Map.of("fog relay", Map.of("86", "body"))))
        .hasMessageContaining("feed.notChangeable");
  }
}
