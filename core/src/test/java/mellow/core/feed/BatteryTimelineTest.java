package mellow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellow.core.feed.BatteryTimeline.Event;
import mellow.core.feed.BatteryTimeline.What;
import mellow.core.finding.Said;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** negativeOffFirst and on last; nothing dead is done on a live wire. Common practice. */
class BatteryTimelineTest {
  private static List<Event> events(String names) {
    return names == null
        ? List.of()
        : Arrays.stream(names.split(" ")).map(n -> new Event(What.valueOf(n), "")).toList();
  }

  @ParameterizedTest(name = "after {0}: {1} is {2}")
  @CsvSource({
    ", NEGATIVE_OFF, ''",
    ", NEGATIVE_ON, already",
    ", POSITIVE_OFF, negativeOffFirst",
    ", POSITIVE_ON, already",
    ", LIVE_STEP, ''",
    ", DEAD_STEP, stillConnected",
    ", SECOND_ON, ''",
    ", SECOND_OFF, noSecondSource",
    "NEGATIVE_OFF, NEGATIVE_OFF, already",
    "NEGATIVE_OFF, POSITIVE_OFF, ''",
    "NEGATIVE_OFF, DEAD_STEP, ''",
    "NEGATIVE_OFF, LIVE_STEP, nothingLive",
    "NEGATIVE_OFF, NEGATIVE_ON, ''",
    "NEGATIVE_OFF POSITIVE_OFF, NEGATIVE_ON, positiveOnFirst",
    "NEGATIVE_OFF POSITIVE_OFF, POSITIVE_OFF, already",
    "NEGATIVE_OFF POSITIVE_OFF, POSITIVE_ON, ''",
    "NEGATIVE_OFF POSITIVE_OFF POSITIVE_ON, DEAD_STEP, ''",
    "NEGATIVE_OFF POSITIVE_OFF POSITIVE_ON NEGATIVE_ON, LIVE_STEP, ''",
    "LOOSENED, DEAD_STEP, loosenedOnly",
    "LOOSENED, LIVE_STEP, ''",
    "SECOND_ON, SECOND_ON, already",
    "SECOND_ON, SECOND_OFF, ''",
    "NEGATIVE_OFF SECOND_ON, LIVE_STEP, ''",
    "NEGATIVE_OFF SECOND_ON, DEAD_STEP, secondStillOn",
  })
  void transitions(String before, What next, String refusal) throws Exception {
    assertThat(BatteryTimeline.of(events(before)).refuses(next).map(Said::key))
        .isEqualTo(refusal.isEmpty() ? Optional.empty() : Optional.of("feed." + refusal));
  }

  /** The same clamp noted on two pages is off once; a helper battery makes things live. */
  @Test
  void whatWasNotedTwiceCountsOnce() {
    BatteryTimeline joined = BatteryTimeline.joined(events("NEGATIVE_OFF NEGATIVE_OFF SECOND_ON"));
    assertThat(joined.events()).hasSize(2);
    assertThat(joined.connected()).isFalse();
    assertThat(joined.isLive()).isTrue();
  }
}
