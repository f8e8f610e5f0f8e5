package mellow.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandOverTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

  /** A restored lens lasts one to two years; springs settle for weeks; clip-on taps work loose. */
  @Test
  void comesBackForWhatWasDone() {
    assertThat(FollowUp.of(DAY, new FollowUp.Left(false, Optional.empty(), false))).isEmpty();
    assertThat(FollowUp.of(DAY, new FollowUp.Left(true, Optional.of(DAY.minusDays(3)), true)))
        .extracting(FollowUp::id, FollowUp::from, FollowUp::latest)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(
                "settling", LocalDate.of(2026, 12, 14), LocalDate.of(2027, 1, 11)),
            org.assertj.core.groups.Tuple.tuple(
                "taps", LocalDate.of(2027, 2, 28), LocalDate.of(2027, 5, 30)),
            org.assertj.core.groups.Tuple.tuple(
                "lens", LocalDate.of(2027, 11, 27), LocalDate.of(2028, 11, 27)));
  }

  @Test
  void ownerIsToldInPlainWords() {
    OwnerPage page = OwnerPage.of(Set.of(WorkKind.RETROFIT, WorkKind.FOG), true, 2);
    assertThat(page.done()).hasSize(2).contains("Fog lamps were fitted and wired.");
    assertThat(page.heed()).first().asString().startsWith("2 things are not as they should be");
    assertThat(page.heed())
        .anyMatch(line -> line.contains("not allowed on the road in many places"));
    assertThat(OwnerPage.of(Set.of(WorkKind.AIM), false, 0).heed()).hasSize(3);
  }

  @Test
  void comebackStartsWithWhatDiffers() {
    assertThat(
            Difference.between(
                Map.of("left cutoff", "1.20 % down"),
                Map.of("left cutoff", "0.40 % down", "tyres", "new")))
        .containsExactly(
            new Difference("left cutoff", "1.20 % down", "0.40 % down"),
            new Difference("tyres", "not known", "new"));
    assertThat(Difference.between(Map.of("a", "1"), Map.of("a", "1"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "SWAP, The headlamps were replaced., 3",
    "RETROFIT, Projectors were built into the headlamps., 3",
    "FOG, Fog lamps were fitted and wired., 4",
    "DRL, Daytime running lamps were fitted and wired., 4",
    "PODS, Lamps on brackets were fitted and wired., 4",
    "REPAIR, A fault of the lighting was looked for and dealt with., 3",
    "AIM, The beams were measured and aimed., 3"
  })
  void eachKindOfWorkIsSaidInOneSentence(WorkKind kind, String done, int heed) {
    OwnerPage page = OwnerPage.of(Set.of(kind), false, 0);
    assertThat(page.done()).containsExactly(done);
    assertThat(page.heed()).hasSize(heed);
    assertThat(OwnerPage.of(Set.of(kind), false, 1).heed().get(0))
        .startsWith("One thing is not as it should be");
  }
}
