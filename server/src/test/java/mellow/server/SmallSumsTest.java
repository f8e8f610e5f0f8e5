package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The sums that stand by themselves, against arithmetic. */
@ServerTest
class SmallSumsTest {
  @LocalServerPort private int port;

  @Test
  void dropsAnglesAndEntries() {
    Api api = new Api("http://127.0.0.1:" + port, "Åsa");
    JsonNode drop =
        api.post("/api/calc/drop", Map.of("belowMm", 7.5, "distanceMm", 750, "centreMm", 750))
            .body();
    assertThat(drop.at("/percent/value").asDouble()).isCloseTo(-1.0, within(1e-12));
    assertThat(drop.at("/reach/metric").asText()).isEqualTo("75 m");
    assertThat(
            api.post("/api/calc/roll", Map.of("leftHigherMm", 12, "runMm", 600))
                .body()
                .at("/angle/value")
                .asDouble())
        .isCloseTo(1.146, within(5e-4));
    assertThat(
            api.post(
                    "/api/calc/toe",
                    Map.of("stepSpacingMm", 1216, "lampSpacingMm", 1200, "distanceMm", 7620))
                .body()
                .at("/angle/value")
                .asDouble())
        .isCloseTo(0.120, within(5e-4));
    JsonNode entry =
        api.post(
                "/api/calc/entry",
                Map.of("form", "LENGTH", "typed", "25 ft 3 1/2 in", "units", "METRIC"))
            .body();
    assertThat(entry.at("/value/value").asDouble()).isCloseTo(7708.9, within(1e-9));
    assertThat(
            api.post(
                    "/api/calc/entry",
                    Map.of("form", "TURNS", "typed", "quarter", "units", "METRIC"))
                .body()
                .get("why")
                .asText())
        .contains("number is expected");
  }
}
