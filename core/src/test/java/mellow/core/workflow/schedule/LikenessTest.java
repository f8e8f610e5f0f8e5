package mellow.core.workflow.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.Said;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;

class LikenessTest {
  private static Likeness.Of job(String vehicle, String model, int year, WorkKind... kinds) {
    return new Likeness.Of(
        vehicle, model, "", year == 0 ? OptionalInt.empty() : OptionalInt.of(year), Set.of(kinds));
  }

  private static final Likeness.Of NOW = job("a", "Quenby Loft", 2016, WorkKind.FOG);

  @Test
  void theVeryVehicleComesFirstThenTheNearestYearThenTheSameWork() {
    assertThat(
            Stream.of(
                    job("b", "quenby loft ", 0, WorkKind.AIM),
                    job("c", "Quenby Loft", 2018, WorkKind.AIM),
                    job("d", "Quenby Loft", 2016, WorkKind.AIM),
                    job("e", "Quenby Loft", 2016, WorkKind.FOG),
                    job("a", "Quenby Loft", 2016, WorkKind.AIM))
                .sorted(
                    Comparator.comparingInt(
                        (Likeness.Of past) -> -Likeness.between(NOW, past).score()))
                .map(past -> past.vehicleId() + past.kinds()))
        .containsExactly("a[AIM]", "e[FOG]", "d[AIM]", "c[AIM]", "b[AIM]");
  }

  @Test
  void itSaysWhy() {
    assertThat(Said.keyed(Likeness.between(NOW, job("e", "Quenby Loft", 2017, WorkKind.FOG)).why()))
        .containsExactly(
            "workflow.sameModel", "workflow.yearsApart years=1", "workflow.workToo work=FOG");
  }

  @Test
  void anotherModelIsNotAlikeHoweverMuchTheWorkIs() {
    assertThat(Likeness.between(NOW, job("e", "Orlo Drift", 2016, WorkKind.FOG)).score()).isZero();
  }
}
