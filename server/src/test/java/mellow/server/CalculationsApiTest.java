package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The aim as anybody's program may ask for it: schools side by side, floors, typed entries. */
@ServerTest
class CalculationsApiTest {
  private static final double IN = 25.4;
  private static final double AT_25_FT = 7620;

  private static final Map<String, Object> UN = Map.of("ruleSet", "un-r48", "dipped", "UN_DIPPED");

  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static Map<String, Object> taken(String kind, String side, double value) {
    Map<String, Object> reading = new HashMap<>(Map.of("kind", kind, "value", value));
    if (side != null) {
      reading.put("side", side);
    }
    return reading;
  }

  /** Lamps 28 in high, their lower edges 26 in, 25 ft from the wall, traffic on the right. */
  private static Map<String, Object> wall(Map<String, Object> changes) {
    List<Object> readings = new ArrayList<>();
    for (String side : List.of("LEFT", "RIGHT")) {
      readings.add(taken("DISTANCE", side, AT_25_FT));
      readings.add(taken("CENTRE", side, 28 * IN));
      readings.add(taken("LOWER_EDGE", side, 26 * IN));
    }
    readings.add(taken("SPACING", null, 1200));
    Map<String, Object> setup =
        new HashMap<>(
            Map.ofEntries(
                Map.entry("traffic", "RIGHT"),
                Map.entry("ruleSet", "us-sae-j599"),
                Map.entry("units", "IMPERIAL"),
                Map.entry("school", "RULE"),
                Map.entry("stanceChanged", false),
                Map.entry("frontClosed", true),
                Map.entry("markEdge", "UPPER"),
                Map.entry("markOrigin", "MEASURED"),
                Map.entry("tapeWidthMm", 25),
                Map.entry("dipped", "SAE_VOR"),
                Map.entry("steeperByMaker", false),
                Map.entry("adjusters", List.of())));
    setup.putAll(changes);
    return Map.of("setup", setup, "readings", readings, "bayReadings", List.of());
  }

  private JsonNode lamp(JsonNode tables, String school, String side) {
    for (JsonNode row : tables.get(0).get("rows")) {
      if (row.get("school").asText().equals(school)) {
        return row.get(side);
      }
    }
    throw new AssertionError(school);
  }

  /**
   * Drops at 25 ft and where they meet a level road: common practice, 53 m and 107 m from 28 in.
   */
  @ParameterizedTest
  @CsvSource({
    "EQUAL_DROP, left, 26 in, 2 in, 106.68",
    "EQUAL_DROP, right, 26 in, 2 in, 106.68",
    "SPLIT_DROP, left, 24 in, 4 in, 53.34",
    "SPLIT_DROP, right, 26 in, 2 in, 106.68",
  })
  void schoolsOfADropStandSideBySide(
      String school, String side, String mark, String below, double reachMetres) {
    JsonNode lamp = lamp(api.post("/api/calc/schools", wall(Map.of())).body(), school, side);
    assertThat(lamp.at("/mark/imperial").asText()).isEqualTo(mark);
    assertThat(lamp.at("/belowLine/imperial").asText()).isEqualTo(below);
    assertThat(lamp.at("/reach/value").asDouble() / 1000).isCloseTo(reachMetres, within(0.01));
    double drop = Double.parseDouble(below.split(" ")[0]) * IN;
    assertThat(lamp.at("/percent/value").asDouble())
        .isCloseTo(-100 * drop / AT_25_FT, within(1e-9));
    assertThat(lamp.at("/angle/value").asDouble())
        .isCloseTo(Math.toDegrees(Math.atan(-drop / AT_25_FT)), within(1e-9));
  }

  @Test
  void levelNeverMeetsTheRoadAndIsOutByUnRules() {
    JsonNode level = lamp(api.post("/api/calc/schools", wall(UN)).body(), "LEVEL", "left");
    assertThat(level.at("/mark/imperial").asText()).isEqualTo("28 in");
    assertThat(level.has("reach")).isFalse();
    assertThat(level.at("/opinions/0/finding/verdict").asText()).isEqualTo("OUT");
  }

  @Test
  void whatCannotBeFollowedSaysWhyAndGivesNoFigures() {
    JsonNode before =
        lamp(api.post("/api/calc/schools", wall(Map.of())).body(), "MATCH_BEFORE", "right");
    assertThat(before.has("percent")).isFalse();
    assertThat(before.has("mark")).isFalse();
    assertThat(before.at("/remark/headline/pattern").asText()).isNotBlank();
    assertThat(before.get("opinions")).isEmpty();
  }

  /**
   * 0.667 % down is inside UN R48's 0.5 to 2.5 % below 0.8 m, and what J599 asks of VOR at 28 in.
   */
  @Test
  void everyRuleSetHasItsOpinionTheMarketsFirst() {
    JsonNode opinions =
        lamp(api.post("/api/calc/schools", wall(UN)).body(), "EQUAL_DROP", "left").get("opinions");
    assertThat(opinions.get(0).get("ruleSetId").asText()).isEqualTo("un-r48");
    assertThat(opinions.findValuesAsText("ruleSetId"))
        .doesNotHaveDuplicates()
        .contains("gb-inspection", "us-sae-j599");
    assertThat(opinions.get(0).at("/finding/verdict").asText()).isEqualTo("WITHIN");
  }

  @ParameterizedTest
  @CsvSource({
    "dipped, FOG_F3, server/aim.notLowBeam",
    "fog, UN_DIPPED, server/aim.notFog",
    "ruleSet, nowhere, server/rulebook.noAimSet"
  })
  void setupThatCannotBeIsNamed(String field, String value, String why) {
    Api.Answer answer = api.post("/api/calc/schools", wall(Map.of(field, value)));
    assertThat(answer.status()).isEqualTo(422);
    refused(answer, why);
  }

  /**
   * By hand: rear tyres 27 mm lower over a wheelbase of 2700 mm is 1 % up towards the wall; carried
   * on over 8000 mm that is 80 mm above the front tyres' plane, and so above a foot read at 0.
   */
  @Test
  void floorIsCarriedOnToTheWall() {
    List<Map<String, Object>> readings =
        List.of(
            taken("PLAN_FRONT_TYRES", null, 8000),
            taken("PLAN_WHEELBASE", null, 2700),
            taken("PLAN_TRACK", null, 1500),
            taken("PLAN_FOOT_SPACING", null, 1500),
            taken("FLOOR_FRONT_LEFT", null, 0),
            taken("FLOOR_FRONT_RIGHT", null, 0),
            taken("FLOOR_REAR_LEFT", null, -27),
            taken("FLOOR_REAR_RIGHT", null, -27),
            taken("FOOT", "LEFT", 0),
            taken("FOOT", "RIGHT", 6));
    JsonNode floor =
        Api.expect(
                api.post("/api/calc/floor", Map.of("units", "METRIC", "readings", readings)), 200)
            .body();
    assertThat(floor.at("/plane/riseForward/value").asDouble()).isCloseTo(1, within(1e-9));
    assertThat(floor.at("/plane/riseLeft/value").asDouble()).isCloseTo(0, within(1e-9));
    assertThat(floor.at("/plane/largestResidual/value").asDouble()).isCloseTo(0, within(1e-9));
    assertThat(floor.at("/profiles/0/planeAtWall/value").asDouble()).isCloseTo(80, within(1e-9));
    assertThat(floor.at("/profiles/0/correction/value").asDouble()).isCloseTo(80, within(1e-9));
    assertThat(floor.at("/profiles/1/correction/value").asDouble()).isCloseTo(74, within(1e-9));
    assertThat(floor.at("/plan/wheelbase/value").asDouble()).isEqualTo(2700);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "LENGTH | 25 ft | METRIC | 7620",
        "LENGTH | 2 7/8 | IMPERIAL | 73.025",
        "LENGTH | 90 mm | IMPERIAL | 90",
        "LENGTH | -60.5 mm | IMPERIAL | -60.5",
        "LENGTH | 1,5 m | METRIC | 1500",
        "INCLINATION | -1,2 % | METRIC | -1.2",
        "TURNS | 1 1/2 anticlockwise | METRIC | -1.5",
      })
  void entriesAreReadAsTheyAreTyped(String form, String typed, String units, double value) {
    JsonNode entry =
        api.post("/api/calc/entry", Map.of("form", form, "typed", typed, "units", units)).body();
    assertThat(entry.at("/value/value").asDouble()).isCloseTo(value, within(1e-9));
  }
}
