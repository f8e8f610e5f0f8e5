package mellow.core.aim;

import static org.assertj.core.api.Assertions.assertThat;

import mellow.core.finding.Said;
import org.junit.jupiter.api.Test;

class InclinedTest {
  @Test
  void whatRoundsToNothingIsLevel() {
    assertThat(Said.text(Inclined.by(-1.25))).isEqualTo("1.25 % down");
    assertThat(Said.text(Inclined.by(0.3))).isEqualTo("0.30 % up");
    assertThat(Said.text(Inclined.by(0.001))).isEqualTo("level");
  }
}
