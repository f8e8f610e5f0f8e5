package mellow.core.workflow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.formats.StepBook;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer.Adhesive;
import mellow.core.workflow.BenchTimer.Kind;
import mellow.core.workflow.BenchTimer.State;
import mellow.core.workflow.schedule.WorkedMinutes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Steps with what they wait for, timers, and taking a job up again. Common practice. */
class WorkshopStepsTest {
  private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");

  private static List<Step> steps(Stage stage, WorkKind kind) {
    return StepBook.all().stream()
        .filter(step -> step.stage() == stage && step.isFor(Set.of(kind)))
        .toList();
  }

  /** Everything that a step reads was read. */
  private static StepList.Known known(Map<Precondition, Sentence> missing) {
    return known(missing, true);
  }

  private static StepList.Known known(Map<Precondition, Sentence> missing, boolean read) {
    return new StepList.Known() {
      @Override
      public Map<Precondition, Sentence> missing(Optional<Side> side) {
        return missing;
      }

      @Override
      public boolean isRead(StepReading reading, Optional<Side> side) {
        return read;
      }
    };
  }

  /** Heat, flash rate, oven, lens and roll are read: a tick alone says nothing. */
  @Test
  void stepThatReadsSomethingKnowsThatItWasNotRead() {
    List<Step> all =
        Stream.of(Stage.BENCH, Stage.PROVE)
            .flatMap(stage -> steps(stage, WorkKind.RETROFIT).stream())
            .toList();
    Set<String> ways =
        all.stream().flatMap(step -> step.ways().stream()).collect(Collectors.toSet());
    List<StepLine> unread = new ArrayList<>();
    for (Stage stage : List.of(Stage.BENCH, Stage.PROVE)) {
      unread.addAll(
          StepList.of(stage, all, ways, List.of(), known(Map.of(), false), Side.LEFT).lines());
    }
    assertThat(unread)
        .filteredOn(line -> line.unread().isPresent())
        .extracting(line -> line.unread().orElseThrow())
        .containsOnly(StepReading.values());
    assertThat(StepList.of(Stage.BENCH, all, ways, List.of(), known(Map.of()), Side.LEFT).lines())
        .allMatch(line -> line.unread().isEmpty());
  }

  /** The front left open for a reason: the bumper still goes on after it is cleaned behind. */
  @Test
  void whatALeftOutStepWaitedForStillHoldsWhatFollows() {
    List<Step> together = steps(Stage.TOGETHER, WorkKind.PODS);
    StepMark closed =
        new StepMark(
            "together.close", Optional.empty(), true, "not for this one", "", "Runa", NOON);
    StepLine bumper =
        StepList.of(
                Stage.TOGETHER,
                together,
                Set.of("bumper-off"),
                List.of(closed),
                known(Map.of()),
                Side.LEFT)
            .lines()
            .stream()
            .filter(line -> line.step().id().equals("together.bumper"))
            .findFirst()
            .orElseThrow();
    assertThat(Said.texts(bumper.waitsFor())).containsExactly("it is cleaned behind");
  }

  private static StepList bench(
      Set<String> ways, List<StepMark> marks, Map<Precondition, Sentence> missing) {
    return StepList.of(
        Stage.BENCH,
        steps(Stage.BENCH, WorkKind.RETROFIT),
        ways,
        marks,
        known(missing),
        Side.RIGHT);
  }

  private static List<String> ids(StepList list) {
    return list.lines().stream().map(line -> line.step().id()).distinct().toList();
  }

  private static StepMark mark(String step, Side side, String reason, String without) {
    return new StepMark(step, Optional.ofNullable(side), false, reason, without, "Runa", NOON);
  }

  /** Roll is set before the seal closes; glue comes after the aim, in both ways to mount. */
  @Test
  void bothWaysToMountHaveTheirOwnOrder() {
    Set<String> glued = Set.of("mount-glued", "roll-bench", "seal-glued");
    assertThat(ids(bench(glued, List.of(), Map.of())))
        .containsSubsequence(
            "bench.fit",
            "bench.cutoff",
            "bench.open",
            "bench.cut",
            "bench.dummy",
            "bench.align",
            "bench.recheck",
            "bench.glue",
            "bench.shroud",
            "bench.close",
            "bench.tabs")
        .doesNotContain("bench.boss", "bench.roll", "bench.saw", "bench.lens");
    Set<String> ring = Set.of("mount-ring", "roll-vehicle", "seal-glued", "restore-lens");
    assertThat(ids(bench(ring, List.of(), Map.of())))
        .containsSubsequence("bench.lens", "bench.open", "bench.boss", "bench.roll", "bench.close")
        .doesNotContain("bench.cut", "bench.glue", "bench.align");
    Set<String> welded = Set.of("mount-glued", "roll-bench", "seal-welded");
    assertThat(ids(bench(welded, List.of(), Map.of())))
        .contains("bench.saw", "bench.weld")
        .doesNotContain("bench.open", "bench.close", "bench.clips");
  }

  @Test
  void oneSideIsWorkedBeforeTheOther() {
    StepList list = bench(Set.of("mount-glued", "roll-bench", "seal-glued"), List.of(), Map.of());
    assertThat(
            list.lines().stream()
                .filter(line -> line.step().id().equals("bench.cut"))
                .map(StepLine::side))
        .containsExactly(Optional.of(Side.RIGHT), Optional.of(Side.LEFT));
  }

  @Test
  void gateWaitsAndSaysForWhat() {
    Map<Precondition, Sentence> missing =
        new EnumMap<>(Map.of(Precondition.FIT, Sentence.of("the bowl is too narrow")));
    StepList list = bench(Set.of("mount-glued", "roll-bench", "seal-glued"), List.of(), missing);
    StepLine cut =
        list.lines().stream()
            .filter(line -> line.step().id().equals("bench.cut"))
            .findFirst()
            .orElseThrow();
    assertThat(cut.state()).isEqualTo(StepLine.State.WAITS);
    assertThat(Said.texts(cut.waitsFor()))
        .containsExactly("the bowl is too narrow", "the lens is off");
    assertThat(cut.step().gate()).isTrue();
    assertThat(list.lines())
        .filteredOn(line -> line.state() == StepLine.State.READY)
        .first()
        .satisfies(line -> assertThat(line.step().id()).isEqualTo("bench.fit"));
  }

  /** A step waits for those that come before it, on its own side; left out is over too. */
  @Test
  void aStepWaitsForTheStepsThatComeBeforeIt() {
    Set<String> glued = Set.of("mount-glued", "roll-bench", "seal-glued");
    StepMark leftCut = mark("bench.cut", Side.LEFT, "", "");
    assertThat(bench(glued, List.of(leftCut), Map.of()).lines())
        .filteredOn(line -> line.step().id().equals("bench.dummy"))
        .extracting(line -> Said.texts(line.waitsFor()))
        .containsExactly(List.of("the bowl is cut"), List.of());
    List<Step> all =
        Stream.of(Stage.APART, Stage.TOGETHER)
            .flatMap(stage -> steps(stage, WorkKind.FOG).stream())
            .toList();
    StepList together =
        StepList.of(
            Stage.TOGETHER,
            all,
            Set.of("bumper-off"),
            List.of(mark("together.close", null, "", "")),
            known(Map.of()),
            Side.LEFT);
    assertThat(together.lines())
        .filteredOn(line -> line.step().id().equals("together.bumper"))
        .extracting(line -> Said.texts(line.waitsFor()))
        .containsExactly(List.of("the bumper is off"));
    List<String> known = StepBook.all().stream().map(Step::id).toList();
    assertThat(StepBook.all()).allMatch(step -> known.containsAll(step.when().after()));
    assertThat(StepBook.all())
        .filteredOn(
            step ->
                StepBook.all().stream().anyMatch(other -> other.when().after().contains(step.id())))
        .as("what others wait for has words")
        .isNotEmpty()
        .noneMatch(step -> step.when().called().isEmpty());
  }

  /** Proof before closing is often skipped: it does not pass in silence. */
  @Test
  void whatWasGoneOnWithoutIsAFindingWithWhatWouldComeOffAgain() {
    List<Step> together = steps(Stage.TOGETHER, WorkKind.FOG);
    StepList list =
        StepList.of(
            Stage.TOGETHER,
            together,
            Set.of(),
            List.of(
                mark("together.close", null, "rain was coming", "every function is proved"),
                mark("together.reach", null, "", "")),
            known(Map.of()),
            Side.LEFT);
    assertThat(list.findings()).hasSize(1);
    assertThat(list.findings().get(0).verdict()).isEqualTo(Verdict.AT_EDGE);
    assertThat(list.findings().get(0).id()).isEqualTo("step.waived@step:together.close");
    assertThat(Said.text(list.findings().get(0).detail())).isEqualTo("Runa: rain was coming");
    assertThat(Said.pattern(list.findings().get(0).remedy().orElseThrow())).contains("the front");
    assertThat(list.isDone()).isFalse();
  }

  @Test
  void everyStepThatCannotBeUndoneSaysWhatItWouldTake() {
    assertThat(StepBook.all())
        .filteredOn(Step::gate)
        .isNotEmpty()
        .allMatch(step -> !step.comesOff().isEmpty() && !step.needs().isEmpty());
  }

  private static BenchTimer timer(Duration length, Optional<Instant> stopped) {
    return new BenchTimer(
        "t",
        Sentence.of("full epoxy"),
        Kind.CURE,
        Optional.of(Adhesive.FULL_EPOXY),
        NOON,
        length,
        stopped);
  }

  @ParameterizedTest
  @CsvSource({
    "PT5M, 299, , RUNNING, false",
    "PT5M, 300, , RINGING, true",
    "PT5M, 900, 600, OVER, true",
    "PT5M, 900, 299, BROKEN_OFF, false",
    "PT24H, 86399, , RUNNING, false"
  })
  void timerIsAMomentAndALength(
      Duration length, long after, Long stoppedAfter, State state, boolean through) {
    BenchTimer timer = timer(length, Optional.ofNullable(stoppedAfter).map(NOON::plusSeconds));
    Instant now = NOON.plusSeconds(after);
    assertThat(timer.state(now)).isEqualTo(state);
    assertThat(timer.isThrough(now)).isEqualTo(through);
    assertThat(timer.left(now)).isEqualTo(length.minusSeconds(after));
  }

  @Test
  void stoppedHereThisIsOutThatWasCuring() {
    BenchTimer cured = timer(Duration.ofHours(6), Optional.empty());
    BenchTimer still = timer(Duration.ofHours(24), Optional.empty());
    Resume.Last last = new Resume.Last(NOON, Sentence.of("off: bumper"));
    assertThat(Resume.of(NOON.plusSeconds(3600), last, 3, List.of())).isEmpty();
    Resume resume =
        Resume.of(NOON.plus(Duration.ofHours(18)), last, 12, List.of(cured, still)).orElseThrow();
    assertThat(Said.texts(resume.cured())).containsExactly("full epoxy");
    assertThat(Said.texts(resume.running())).containsExactly("full epoxy");
    assertThat(resume.out()).isEqualTo(12);
  }

  /** 10 and 20 minutes of work, a night between them. */
  @Test
  void nightIsNoWork() {
    List<Instant> moments =
        List.of(
            NOON,
            NOON.plusSeconds(600),
            NOON.plus(Duration.ofHours(18)),
            NOON.plus(Duration.ofHours(18)).plusSeconds(1200));
    assertThat(WorkedMinutes.of(moments)).isCloseTo(30, within(1e-9));
    assertThat(WorkedMinutes.of(List.of(NOON))).isZero();
    assertThat(WorkedMinutes.of(List.of())).isZero();
  }
}
