package mellow.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.LampFunction;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

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
            kinds,
            Set.of(),
            List.of(),
            List.of(),
            List.of(),
            false,
            Stream.of(open).map(Sentence::typed).toList()));
  }

  /** What is open is said by its name, never as a count. */
  @Test
  void ownerIsToldInPlainWords() {
    OwnerPage page =
        owner(Set.of(WorkKind.RETROFIT, WorkKind.FOG), "Left fog: not tried", "Bumper: off");
    assertThat(Said.keyed(page.done()))
        .containsExactly("handover.done work=RETROFIT", "handover.done work=FOG");
    assertThat(Said.texts(page.heed())).contains("• Left fog: not tried.", "• Bumper: off.");
    assertThat(Said.keyed(page.heed())).contains("handover.heedRetrofit");
  }

  /** Only what is true of this job. */
  @Test
  void ownerHearsOfDialFogAndAimOnlyWhereThereIsSuch() {
    OwnerPage bare = owner(Set.of(WorkKind.PODS, WorkKind.SWAP, WorkKind.AIM));
    assertThat(Said.keyed(bare.heed())).doesNotContain("handover.heedDial", "handover.heedFog");
    assertThat(Said.keyed(bare.done()))
        .noneMatch(line -> line.startsWith("handover.measured") || line.endsWith("work=AIM"));
    OwnerPage all =
        OwnerPage.of(
            new OwnerPage.Facts(
                Set.of(WorkKind.PODS),
                Set.of(LampFunction.FRONT_FOG),
                List.of(Sentence.typed("Left low beam: was dead, works now")),
                List.of(Sentence.typed("left low beam")),
                List.of("slot 22"),
                true,
                List.of()));
    assertThat(Said.keyed(all.heed())).contains("handover.heedDial", "handover.heedFog");
    assertThat(Said.texts(all.done())).contains("Left low beam: was dead, works now.");
    assertThat(Said.keyed(all.done()))
        .contains("handover.measured lampsList=left low beam", "handover.tapIn slotsList=slot 22");
  }

  @Test
  void comebackStartsWithWhatDiffers() {
    assertThat(
            Difference.between(
                Map.of("left cutoff", "1.20 % down"),
                Map.of("left cutoff", "0.40 % down", "tyres", "new")))
        .containsExactly(
            new Difference("left cutoff", Optional.of("1.20 % down"), Optional.of("0.40 % down")),
            new Difference("tyres", Optional.empty(), Optional.of("new")));
    assertThat(Difference.between(Map.of("a", "1"), Map.of("a", "1"))).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(names = "AIM", mode = EnumSource.Mode.EXCLUDE)
  void eachKindOfWorkIsSaidInOneSentence(WorkKind kind) {
    assertThat(owner(Set.of(kind)).done()).containsExactly(HandoverWords.done(kind));
  }
}
