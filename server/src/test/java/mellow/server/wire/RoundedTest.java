package mellow.server.wire;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Random;
import mellow.core.finding.Quantity;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers as they go to the page. */
class RoundedTest {
  private final ObjectMapper json = new ObjectMapper();

  @ParameterizedTest
  @CsvSource({
    "0, 0.0",
    "-0.0000004, 0.0",
    "76.19999999999999, 76.2",
    "-1.05, -1.05",
    "0.0000015, 0.000002",
    "25000, 25000.0",
    "999999999.5, 999999999.5",
    "2.5e9, 2.5E9"
  })
  void shownAsTheyAreWritten(double value, String written) throws Exception {
    assertThat(json.writeValueAsString(figure(value))).contains("\"value\":" + written + ",");
  }

  @Test
  void noneIsOffByMoreThanHalfAMillionth() throws Exception {
    Random random = new Random(3);
    for (int i = 0; i < 2_000; i++) {
      double value = random.nextGaussian() * Math.pow(10, random.nextInt(-5, 9));
      double read = json.readTree(json.writeValueAsString(figure(value))).get("value").asDouble();
      assertThat(read).isCloseTo(value, Offset.offset(5.1e-7));
    }
  }

  private static FigureView figure(double value) {
    return new FigureView(value, Quantity.LENGTH, "", "");
  }
}
