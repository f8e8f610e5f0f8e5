package mellow.core.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Temperatures and times as people write them. */
class WorkshopEntryTest {
  @ParameterizedTest
  @CsvSource({"220 °F, 104.444", "104C, 104", "'57,5 °c', 57.5", "−5 °C, -5", "290f, 143.333"})
  void temperature(String typed, double celsius) {
    assertThat(((Entry.Accepted<Double>) TemperatureEntry.readCelsius(typed)).value())
        .isCloseTo(celsius, within(0.001));
  }

  @ParameterizedTest
  @ValueSource(strings = {"290", "290 °", "290 K", "hot", "", "-500 °F", "2000 °C", "20 °C 30"})
  void bareNumberIsNoTemperature(String typed) {
    assertThat(TemperatureEntry.readCelsius(typed)).isInstanceOf(Entry.Refused.class);
  }

  @ParameterizedTest
  @CsvSource({
    "5 min, PT5M",
    "90 s, PT90S",
    "1 h 30 min, PT90M",
    "1 h 30, PT90M",
    "24h, PT24H",
    "7, PT7M",
    "1 1/2 h, PT90M",
    "2 days, PT48H"
  })
  void time(String typed, Duration duration) {
    assertThat(((Entry.Accepted<Duration>) DurationEntry.read(typed)).value()).isEqualTo(duration);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "0", "365 d", "5 weeks", "5 min 1 h", "-5 min", "0.1 s"})
  void timeThatCannotBe(String typed) {
    assertThat(DurationEntry.read(typed)).isInstanceOf(Entry.Refused.class);
  }
}
