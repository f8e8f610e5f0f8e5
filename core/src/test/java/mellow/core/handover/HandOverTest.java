package mellow.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.vehicle.LampFunction;
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

  private static OwnerPage owner(Set<WorkKind> kinds, String... open) {
    return OwnerPage.of(
        new OwnerPage.Facts(
            kinds, Set.of(), List.of(), List.of(), List.of(), false, List.of(open)));
  }

  /** What is open is said by its name, never as a count. */
  @Test
  void ownerIsToldInPlainWords() {
    OwnerPage page =
        owner(Set.of(WorkKind.RETROFIT, WorkKind.FOG), "Left fog: not tried", "Bumper: off");
    assertThat(page.done())
        .containsExactly(
            "Projectors were built into the headlamps.", "Fog lamps were fitted and wired.");
    assertThat(page.heed()).contains("• Left fog: not tried.", "• Bumper: off.");
    assertThat(page.heed())
        .anyMatch(line -> line.contains("not allowed on the road in many places"));
  }

  /** Only what is true of this job. */
  @Test
  void ownerHearsOfDialFogAndAimOnlyWhereThereIsSuch() {
    OwnerPage bare = owner(Set.of(WorkKind.PODS, WorkKind.SWAP, WorkKind.AIM));
    assertThat(bare.heed()).noneMatch(line -> line.contains("dial") || line.contains("Fog"));
    assertThat(bare.done()).noneMatch(line -> line.contains("aimed") || line.contains("wall"));
    OwnerPage all =
        OwnerPage.of(
            new OwnerPage.Facts(
                Set.of(WorkKind.PODS),
                Set.of(LampFunction.FRONT_FOG),
                List.of("Left low beam: was dead, works now"),
                List.of("left low beam"),
                List.of("slot 22"),
                true,
                List.of()));
    assertThat(all.heed())
        .anyMatch(line -> line.contains("levelling dial"))
        .anyMatch(line -> line.startsWith("Fog lamps are for fog"));
    assertThat(all.done())
        .contains(
            "Left low beam: was dead, works now.",
            "Measured at the wall after the work: left low beam.",
            "A tap for the new lamps sits in the fuse box: slot 22.");
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
    "SWAP, The headlamps were replaced.",
    "RETROFIT, Projectors were built into the headlamps.",
    "FOG, Fog lamps were fitted and wired.",
    "DRL, Daytime running lamps were fitted and wired.",
    "PODS, Lamps on brackets were fitted and wired.",
    "REPAIR, A fault of the lighting was looked for."
  })
  void eachKindOfWorkIsSaidInOneSentence(WorkKind kind, String done) {
    assertThat(owner(Set.of(kind)).done()).containsExactly(done);
  }
}
