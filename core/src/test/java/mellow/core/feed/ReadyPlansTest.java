package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.circuit.Ngspice;
import mellow.core.circuit.check.StateTable;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.MarkFamily;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The fifteen ready plans: each with its whole table, drawn here by hand. Common practice. */
class ReadyPlansTest {
  @TempDir Path directory;

  private static final String DRL_OUT_WITH_SIDE_LAMPS =
      """
                             | KEY_OUT | RUN | DAY | SIDE | LOW | MAIN | FLASH
        front position lamp  |    .    |  .  |  .  |  #   |  #  |  #   |  .
        low beam             |    .    |  .  |  .  |  .   |  #  |  .   |  .
        main beam            |    .    |  .  |  .  |  .   |  .  |  #   |  #
        daytime running lamp |    .    |  #  |  #  |  .   |  .  |  .   |  #
      """;

  private static final String DRL_DIMMED_WITH_SIDE_LAMPS =
      """
                             | KEY_OUT | RUN | DAY | SIDE | LOW | MAIN | FLASH
        front position lamp  |    .    |  .  |  .  |  #   |  #  |  #   |  .
        low beam             |    .    |  .  |  .  |  .   |  #  |  .   |  .
        main beam            |    .    |  .  |  .  |  .   |  .  |  #   |  #
        daytime running lamp |    .    |  #  |  #  |  o   |  o  |  o   |  #
      """;

  private static final String DRL_WITH_THE_ENGINE_ONLY =
      """
                             | KEY_OUT | RUN | DAY | SIDE | LOW | MAIN | FLASH
        front position lamp  |    .    |  .  |  .  |  #   |  #  |  #   |  .
        low beam             |    .    |  .  |  .  |  .   |  #  |  .   |  .
        main beam            |    .    |  .  |  .  |  .   |  .  |  #   |  #
        daytime running lamp |    .    |  .  |  #  |  .   |  .  |  .   |  #
      """;

  private record Case(String plan, Map<String, String> answers, String table) {
    @Override
    public String toString() {
      return plan + " " + answers;
    }
  }

  static Stream<Case> cases() {
    return Stream.of(
        new Case(
            "plug-in",
            Map.of(),
            """
                                  | KEY_OUT | HAZARD | DAY | SIDE | LOW | MAIN | FLASH | TURN_LEFT | TURN_RIGHT
              front position lamp |    .    |   .    |  .  |  #   |  #  |  #   |   .   |     .     |     .
              low beam            |    .    |   .    |  .  |  .   |  #  |  .   |   .   |     .     |     .
              main beam           |    .    |   .    |  .  |  .   |  .  |  #   |   #   |     .     |     .
              left turn signal    |    .    |   #    |  .  |  .   |  .  |  .   |   .   |     #     |     .
              right turn signal   |    .    |   #    |  .  |  .   |  .  |  .   |   .   |     .     |     #
            """),
        new Case("drl-kit", Map.of(), DRL_DIMMED_WITH_SIDE_LAMPS),
        new Case("drl-kit", Map.of("lightsOn", "out"), DRL_OUT_WITH_SIDE_LAMPS),
        new Case("drl-two-relays", Map.of(), DRL_OUT_WITH_SIDE_LAMPS),
        new Case("drl-dimmed", Map.of(), DRL_DIMMED_WITH_SIDE_LAMPS),
        new Case("drl-dimmed", Map.of("leg", "minus"), DRL_DIMMED_WITH_SIDE_LAMPS),
        new Case("drl-module", Map.of(), DRL_WITH_THE_ENGINE_ONLY),
        new Case("drl-module", Map.of("senses", "wire"), DRL_WITH_THE_ENGINE_ONLY),
        new Case("drl-factory-output", Map.of(), DRL_WITH_THE_ENGINE_ONLY),
        new Case(
            "fog-own-switch",
            Map.of(),
            """
                                  | KEY_OUT | KEY_OUT_FOG | ACCESSORY_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG | FLASH
              front position lamp |    .    |      .      |       .       |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #     |   .
              low beam            |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .     |   .
              main beam           |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #     |   #
              front fog lamp      |    .    |      .      |       .       |  .  |    .    |  .   |    #     |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "fog-own-switch",
            Map.of("outOnMain", "yes", "lowStays", "yes", "lamp", "led", "watts", "20"),
            """
                                  | KEY_OUT | KEY_OUT_FOG | ACCESSORY_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG | FLASH
              front position lamp |    .    |      .      |       .       |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #     |   .
              low beam            |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  #  |    #    |  #   |    #     |   .
              main beam           |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #     |   #
              front fog lamp      |    .    |      .      |       .       |  .  |    .    |  .   |    #     |  .  |    #    |  .   |    .     |   .
            """),
        new Case(
            "fog-own-switch",
            Map.of("source", "accessory wire"),
            """
                                  | KEY_OUT | KEY_OUT_FOG | ACCESSORY_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG | FLASH
              front position lamp |    .    |      .      |       .       |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #     |   .
              low beam            |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .     |   .
              main beam           |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #     |   #
              front fog lamp      |    .    |      .      |       #       |  .  |    #    |  .   |    #     |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "fog-refed",
            Map.of(),
            """
                                  | KEY_OUT | KEY_OUT_FOG | ACCESSORY_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG
              front position lamp |    .    |      .      |       .       |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #
              low beam            |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .
              main beam           |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #
              front fog lamp      |    .    |      .      |       #       |  .  |    #    |  .   |    #     |  .  |    #    |  .   |    #
            """),
        new Case(
            "fog-refed",
            Map.of("refed", "no"),
            """
                                  | KEY_OUT | KEY_OUT_FOG | ACCESSORY_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG
              front position lamp |    .    |      .      |       .       |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #
              low beam            |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .
              main beam           |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #
              front fog lamp      |    .    |      .      |       .       |  .  |    .    |  .   |    .     |  .  |    #    |  .   |    .
            """),
        new Case(
            "fog-plug-in",
            Map.of(),
            """
                                  | KEY_OUT | KEY_OUT_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG
              front position lamp |    .    |      .      |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #
              low beam            |    .    |      .      |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .
              main beam           |    .    |      .      |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #
              front fog lamp      |    .    |      .      |  .  |    .    |  .   |    #     |  .  |    #    |  .   |    #
            """),
        new Case(
            "fog-plug-in",
            Map.of("outlet", "pulsed", "lamp", "filament", "watts", "35"),
            """
                                  | KEY_OUT | KEY_OUT_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG
              front position lamp |    .    |      .      |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #
              low beam            |    .    |      .      |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .
              main beam           |    .    |      .      |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #
              front fog lamp      |    .    |      .      |  .  |    .    |  .   |    #     |  .  |    #    |  .   |    #
            """),
        new Case(
            "fog-plug-in",
            Map.of("fogsWith", "low-beam wire", "outlet", "checked"),
            """
                                  | KEY_OUT | KEY_OUT_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG
              front position lamp |    .    |      .      |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #
              low beam            |    .    |      .      |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .
              main beam           |    .    |      .      |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #
              front fog lamp      |    .    |      .      |  .  |    .    |  .   |    .     |  .  |    #    |  .   |    .
            """),
        new Case(
            "aux-pods",
            Map.of(),
            """
                                  | KEY_OUT | KEY_OUT_AUX | DAY | DAY_AUX | LOW | LOW_AUX | MAIN | MAIN_AUX | FLASH
              front position lamp |    .    |      .      |  .  |    .    |  #  |    #    |  #   |    #     |   .
              low beam            |    .    |      .      |  .  |    .    |  #  |    #    |  .   |    .     |   .
              main beam           |    .    |      .      |  .  |    .    |  .  |    .    |  #   |    #     |   #
              driving lamp        |    .    |      .      |  .  |    .    |  .  |    .    |  .   |    #     |   .
            """),
        new Case(
            "aux-pods",
            Map.of("function", "FRONT_FOG", "withMain", "no"),
            """
                                  | KEY_OUT | KEY_OUT_AUX | DAY | DAY_AUX | LOW | LOW_AUX | MAIN | MAIN_AUX | FLASH
              front position lamp |    .    |      .      |  .  |    .    |  #  |    #    |  #   |    #     |   .
              low beam            |    .    |      .      |  .  |    .    |  #  |    #    |  .   |    .     |   .
              main beam           |    .    |      .      |  .  |    .    |  .  |    .    |  #   |    #     |   #
              front fog lamp      |    .    |      .      |  .  |    #    |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "grille-lamps",
            Map.of(),
            """
                                   | KEY_OUT | KEY_OUT_FOG | DAY | DAY_FOG | SIDE | SIDE_FOG | LOW | LOW_FOG | MAIN | MAIN_FOG | FLASH
              front position lamp  |    .    |      .      |  .  |    .    |  #   |    #     |  #  |    #    |  #   |    #     |   .
              low beam             |    .    |      .      |  .  |    .    |  .   |    .     |  #  |    #    |  .   |    .     |   .
              main beam            |    .    |      .      |  .  |    .    |  .   |    .     |  .  |    .    |  #   |    #     |   #
              daytime running lamp |    .    |      .      |  #  |    #    |  .   |    .     |  .  |    .    |  .   |    .     |   #
              front fog lamp       |    .    |      .      |  .  |    #    |  .   |    #     |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "xenon-harness",
            Map.of(),
            """
                                  | KEY_OUT | DAY | SIDE | LOW | MAIN | FLASH
              front position lamp |    .    |  .  |  #   |  #  |  #   |   .
              low beam            |    .    |  .  |  .   |  #  |  #   |   #
              main beam           |    .    |  .  |  .   |  .  |  #   |   #
            """),
        new Case(
            "xenon-harness",
            Map.of("beams", "low", "factoryFeed", "pulsed"),
            """
                                  | KEY_OUT | DAY | SIDE | LOW | MAIN | FLASH
              front position lamp |    .    |  .  |  #   |  #  |  #   |   .
              low beam            |    .    |  .  |  .   |  #  |  .   |   .
              main beam           |    .    |  .  |  .   |  .  |  #   |   #
            """),
        new Case(
            "led-projector",
            Map.of("secondTurn", "yes"),
            """
                                  | KEY_OUT | HAZARD | DAY | SIDE | LOW | MAIN | FLASH | TURN_LEFT | TURN_RIGHT
              front position lamp |    .    |   .    |  .  |  #   |  #  |  #   |   .   |     .     |     .
              low beam            |    .    |   .    |  .  |  .   |  #  |  .   |   .   |     .     |     .
              main beam           |    .    |   .    |  .  |  .   |  .  |  #   |   #   |     .     |     .
              left turn signal    |    .    |   #    |  .  |  .   |  .  |  .   |   .   |     #     |     .
              right turn signal   |    .    |   #    |  .  |  .   |  .  |  .   |   .   |     .     |     #
            """),
        new Case(
            "turn-resistor",
            Map.of(),
            """
                                | KEY_OUT | HAZARD | DAY | TURN_LEFT | TURN_RIGHT
              left turn signal  |    .    |   #    |  .  |     #     |     .
              right turn signal |    .    |   #    |  .  |     .     |     #
            """),
        new Case(
            "accent-controller",
            Map.of("lead", "constant"),
            """
                                   | KEY_OUT | KEY_OUT_AUX | RUN | DAY | DAY_AUX | SIDE | LOW | LOW_AUX | MAIN | MAIN_AUX | FLASH
              front position lamp  |    .    |      .      |  .  |  .  |    .    |  #   |  #  |    #    |  #   |    #     |   .
              low beam             |    .    |      .      |  .  |  .  |    .    |  .   |  #  |    #    |  .   |    .     |   .
              main beam            |    .    |      .      |  .  |  .  |    .    |  .   |  .  |    .    |  #   |    #     |   #
              daytime running lamp |    .    |      .      |  #  |  #  |    #    |  .   |  .  |    .    |  .   |    .     |   #
              side marker          |    .    |      #      |  .  |  .  |    #    |  .   |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "accent-controller",
            Map.of(),
            """
                                   | KEY_OUT | KEY_OUT_AUX | RUN | DAY | DAY_AUX | SIDE | LOW | LOW_AUX | MAIN | MAIN_AUX | FLASH
              front position lamp  |    .    |      .      |  .  |  .  |    .    |  #   |  #  |    #    |  #   |    #     |   .
              low beam             |    .    |      .      |  .  |  .  |    .    |  .   |  #  |    #    |  .   |    .     |   .
              main beam            |    .    |      .      |  .  |  .  |    .    |  .   |  .  |    .    |  #   |    #     |   #
              daytime running lamp |    .    |      .      |  #  |  #  |    #    |  .   |  .  |    .    |  .   |    .     |   #
              side marker          |    .    |      .      |  .  |  .  |    #    |  .   |  .  |    #    |  .   |    #     |   .
            """),
        new Case(
            "drl-tap",
            Map.of(),
            """
                                   | KEY_OUT | RUN | DAY | SIDE | LOW | MAIN | FLASH
              front position lamp  |    .    |  .  |  .  |  #   |  #  |  #   |  .
              low beam             |    .    |  .  |  .  |  .   |  #  |  .   |  .
              main beam            |    .    |  .  |  .  |  .   |  .  |  #   |  #
              daytime running lamp |    .    |  #  |  #  |  #   |  #  |  #   |  #
            """));
  }

  private static FeedPlan plan(String id) {
    return FeedPlanBook.byId(id).orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("cases")
  void lampsDoWhatThePlanPromises(Case of) throws Exception {
    PlannedFeed feed = PlannedFeed.of(plan(of.plan()), of.answers(), Map.of());
    StateTable table = feed.table();
    assertThat(PlanTables.solved(table)).isEqualTo(PlanTables.drawn(of.table()));
    assertThat(table.findings()).isEmpty();
  }

  /** Every plan in every state, each phase of what is pulsed by itself. */
  @ParameterizedTest
  @MethodSource("cases")
  void simulatorFindsTheSameVoltagesAndCurrents(Case of) throws Exception {
    PlannedFeed feed = PlannedFeed.of(plan(of.plan()), of.answers(), Map.of());
    for (StateTable.Row row : feed.table().rows()) {
      int solved = new Ngspice(directory).agrees(feed.circuit(), row.solution(), row.state().id());
      assertThat(solved).as(row.state().id()).isEqualTo(row.solution().phases().size());
    }
  }

  @Test
  void allSixteenAreThereAndEachIsSoundAsItShips() throws Exception {
    assertThat(FeedPlanBook.all()).hasSize(16);
    assertThat(cases().map(Case::plan).distinct()).hasSize(16);
    for (FeedPlan plan : FeedPlanBook.all()) {
      FeedSheet sheet = FeedSheet.of(PlannedFeed.usual(plan), Optional.empty());
      List<Finding> out =
          sheet.findings().stream()
              .filter(finding -> finding.verdict() == Verdict.OUT)
              .filter(finding -> !finding.rule().startsWith("rule."))
              .toList();
      assertThat(out).as(plan.id()).isEmpty();
    }
  }

  /** What is lawful by UN rules, and what is not: two plans that the trade knows to be loose. */
  @Test
  void looseOnesAreToldFromLawfulOnes() throws Exception {
    assertThat(broken("fog-own-switch", Map.of())).isEmpty();
    assertThat(broken("drl-two-relays", Map.of())).isEmpty();
    assertThat(broken("fog-own-switch", Map.of("source", "accessory wire")))
        .containsExactly("rule.fogAlone");
    assertThat(broken("drl-tap", Map.of())).containsExactly("rule.drlBesideHeadlamps");
    assertThat(broken("xenon-harness", Map.of("harness", "no"))).containsExactly("rule.lowGoesOut");
    assertThat(broken("plug-in", Map.of("lamp", "discharge", "watts", "35")))
        .as("gas discharge strikes anew after each main beam")
        .containsExactly("rule.lowGoesOut");
    assertThat(broken("accent-controller", Map.of("lead", "constant")))
        .containsExactly("rule.keyOut");
    assertThat(broken("fog-own-switch", Map.of("outOnMain", "yes", "pilot", "switch out")))
        .containsExactly("rule.pilot@component:fog%20switch%27s%20lamp");
    assertThat(broken("fog-own-switch", Map.of("outOnMain", "yes", "pilot", "fog 86"))).isEmpty();
  }

  private static List<String> broken(String plan, Map<String, String> answers) throws Exception {
    return FeedSheet.of(PlannedFeed.of(plan(plan), answers, Map.of()), Optional.of(MarkFamily.UN))
        .findings()
        .stream()
        .filter(finding -> finding.rule().startsWith("rule."))
        .map(Finding::id)
        .toList();
  }

  /** Two pairs of fog lamps beside the low beams make six. California Vehicle Code 24405. */
  @Test
  void sixLampsAreTwoTooMany() throws Exception {
    FeedSheet sheet =
        FeedSheet.of(
            PlannedFeed.of(plan("grille-lamps"), Map.of("factoryFogs", "yes"), Map.of()),
            Optional.of(MarkFamily.SAE));
    Finding four =
        sheet.findings().stream()
            .filter(finding -> finding.id().equals("rule.fourLamps"))
            .findFirst()
            .orElseThrow();
    assertThat(Said.text(four.detail())).startsWith("6 lit.");
    assertThat(Said.pattern(four.detail())).contains("low beam, fog").doesNotContain("lights off");
  }
}
