package mellow.server;

import static mellow.server.testing.Api.expect;
import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Light on the road as anybody's program may ask for it. */
@ServerTest
class RoadLightTest {
  private static final String ROAD = "/api/calc/road";

  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static Map<String, Object> setting(String which, String beam, double percent) {
    return Map.of(
        "which", which, "beam", beam, "lamps", List.of(stand(600, percent), stand(-600, percent)));
  }

  private static Map<String, Object> stand(double leftMm, double percent) {
    return Map.of("leftMm", leftMm, "heightMm", 750, "percent", percent);
  }

  @SafeVarargs
  private static Map<String, Object> road(
      String traffic, String shape, Map<String, Object>... settings) {
    return Map.of(
        "traffic",
        traffic,
        "shape",
        shape,
        "settings",
        List.of(settings),
        "ageYears",
        40,
        "adaptation",
        1,
        "reactionS",
        2.5,
        "decelerationMs2",
        3.4);
  }

  private JsonNode lit(Map<String, Object> request) {
    return expect(api.post(ROAD, request), 200).body();
  }

  private static JsonNode meeting(JsonNode setting, double aheadMm) {
    for (JsonNode one : setting.get("oncoming")) {
      if (one.at("/ahead/value").asDouble() == aheadMm) {
        return one;
      }
    }
    throw new AssertionError(aheadMm);
  }

  private static JsonNode onFoot(JsonNode setting, String where, double lux) {
    for (JsonNode one : setting.get("onFoot")) {
      if (one.get("where").asText().equals(where) && one.at("/lux/value").asDouble() == lux) {
        return one;
      }
    }
    throw new AssertionError(where);
  }

  /** An arc in a bowl made for a filament dazzles by several times (common practice). */
  @Test
  void settingsStandBesideEachOther() {
    JsonNode answer =
        lit(
            road(
                "RIGHT",
                "LEVEL",
                setting("CAME", "reflector-arc", 0.4),
                // is shown with the source that its bowl was made for
                setting("ASKED", "reflector-arc", -1),
                setting("NOW", "reflector", -1)));
    JsonNode came = answer.at("/settings/0");
    JsonNode asked = answer.at("/settings/1");
    assertThat(meeting(came, 50_000).at("/times/value").asDouble()).isGreaterThan(5);
    assertThat(meeting(asked, 50_000).at("/times/value").asDouble()).isCloseTo(1, within(1e-9));
    assertThat(meeting(answer.at("/settings/2"), 50_000)).isEqualTo(meeting(asked, 50_000));
    assertThat(meeting(came, 50_000).at("/deBoer/value").asDouble())
        .isLessThan(meeting(asked, 50_000).at("/deBoer/value").asDouble());
    // reaction 2.5 s and 3.4 m/s²: 3.4 × (√(2.5² + 2 s ÷ 3.4) − 2.5) m/s stop within s, by hand
    JsonNode kerb = onFoot(asked, "KERB", 3);
    double reach = kerb.at("/reach/value").asDouble() / 1000;
    assertThat(kerb.at("/speed/value").asDouble())
        .isCloseTo(3.6 * 3.4 * (Math.sqrt(2.5 * 2.5 + 2 * reach / 3.4) - 2.5), within(0.01));
    // brighter rings lie within the dimmer ones
    double before = Double.MAX_VALUE;
    for (JsonNode level : asked.get("isolux")) {
      double ahead = 0;
      for (JsonNode ring : level.get("rings")) {
        for (int i = 1; i < ring.size(); i += 2) {
          ahead = Math.max(ahead, ring.get(i).asDouble());
        }
      }
      assertThat(ahead).isPositive().isLessThanOrEqualTo(before);
      before = ahead;
    }
  }

  /** Traffic on the left is the mirror; behind a crest nobody is lit, and nobody dazzled. */
  @Test
  void trafficAndTheRoadsShapeCount() {
    JsonNode right = lit(road("RIGHT", "LEVEL", setting("NOW", "projector", -1))).at("/settings/0");
    JsonNode left = lit(road("LEFT", "LEVEL", setting("NOW", "projector", -1))).at("/settings/0");
    double lux = meeting(right, 75_000).at("/lux/value").asDouble();
    assertThat(meeting(left, 75_000).at("/lux/value").asDouble()).isCloseTo(lux, within(lux / 50));
    assertThat(meeting(right, 75_000).has("times")).isFalse();
    JsonNode crest = lit(road("RIGHT", "CREST", setting("NOW", "projector", -1))).at("/settings/0");
    // √(2 × 1500 m × 0.75 m) + √(2 × 1500 m × 1.25 m) = 108.7 m: an eye at 150 m is hidden
    assertThat(meeting(crest, 150_000).at("/lux/value").asDouble()).isZero();
    assertThat(meeting(crest, 150_000).has("deBoer")).isFalse();
    assertThat(meeting(crest, 100_000).at("/lux/value").asDouble()).isPositive();
  }

  @Test
  void whatHasNoCutoffIsNotAimed() {
    refused(
        api.post(ROAD, road("RIGHT", "LEVEL", setting("NOW", "spot", -1))),
        "server/light.noCutoff",
        "spot");
    refused(
        api.post(ROAD, road("RIGHT", "LEVEL", setting("NOW", "torch", -1))),
        "server/light.noBeam",
        "torch");
  }

  /** The file goes out as it ships, and each point of its test comes with its margin. */
  @Test
  void aBeamFileComesWithItsTest() {
    JsonNode beam = expect(api.get("/api/beams/reflector-arc"), 200).body();
    assertThat(beam.at("/test/worst").asText()).isEqualTo("OUT");
    assertThat(beam.at("/test/findings")).hasSize(15);
    assertThat(new String(api.file("/api/beams/spot/file"), StandardCharsets.US_ASCII))
        .startsWith("IESNA:LM-63-2002\r\n");
    assertThat(expect(api.get("/api/beams/spot"), 200).body().has("test")).isFalse();
    refused(api.get("/api/beams/torch"), "server/light.noBeam", "torch");
  }
}
