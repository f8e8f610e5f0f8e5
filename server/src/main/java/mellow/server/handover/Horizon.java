package mellow.server.handover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.handover.Unaimed;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.schedule.Plan;
import mellow.core.workflow.schedule.PlannedStage;
import mellow.core.workshop.OpenPoint;
import mellow.server.aim.LampView;
import mellow.server.aim.SheetView;
import mellow.server.handover.HandOverPage.AboveView;
import mellow.server.job.JobFacts;
import mellow.server.platform.Acting;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.Workshops;
import mellow.server.yard.Standings;
import org.springframework.stereotype.Component;

/** What stands above a job's horizon when it is to be handed over. */
@Component
class Horizon {
  private static final Source BEGUN = Source.judged(HandoverWords.srcBegun());

  /** What these say is looked at in the workshop's own way, by its steps. */
  private static final Set<Stage> WORKSHOP =
      EnumSet.of(Stage.APART, Stage.BENCH, Stage.PROVE, Stage.TOGETHER);

  /** Stages at which what was not looked at keeps a job open. */
  private static final Set<Stage> LOOKED_AT = EnumSet.of(Stage.PARTS, Stage.PLACE, Stage.FEED);

  /** New lamps have a place and a feed of their own. */
  private static final Set<WorkKind> NEW_LAMPS =
      EnumSet.of(WorkKind.FOG, WorkKind.DRL, WorkKind.PODS);

  private final Standings standings;

  Horizon(Standings standings) {
    this.standings = standings;
  }

  /** What is asked beside the findings of the stages. */
  record Around(TakeIn takeIn, Plan plan, Workshops.Summary work, SheetView wall) {}

  /** Everything that keeps the job from being handed over without a reason, each by its name. */
  List<AboveView> above(Acting acting, JobFacts facts, Around around) {
    List<AboveView> above = new ArrayList<>();
    List<StageStanding> stages = standings.stages(acting, facts);
    for (StageStanding standing : stages) {
      if (!WORKSHOP.contains(standing.stage())) {
        standing.findings().stream()
            .filter(finding -> isOpen(standing.stage(), finding))
            .forEach(finding -> above.add(view(standing.stage(), finding)));
      }
    }
    if (around.takeIn().kinds().isEmpty()) {
      above.add(
          view(
              Stage.TAKE_IN,
              Finding.plain(
                  FindingKey.of("hand-over.wanted"),
                  Verdict.NOT_KNOWN,
                  BEGUN,
                  HandoverWords.wantedUnknown())));
    }
    neverBegun(stages, around).forEach(stage -> above.add(view(stage, notBegun(stage))));
    around.work().open().forEach(point -> above.add(view(point)));
    Unaimed.of(around.takeIn(), around.work().headlampsOff(), read(around.wall()))
        .forEach(finding -> above.add(view(Stage.WALL, finding)));
    above.sort(Comparator.comparing(AboveView::stage));
    return above;
  }

  private static boolean isOpen(Stage stage, Finding finding) {
    return finding.verdict() == Verdict.OUT
        || finding.verdict() == Verdict.NOT_KNOWN && LOOKED_AT.contains(stage);
  }

  private static List<Stage> neverBegun(List<StageStanding> stages, Around around) {
    boolean newLamps = around.takeIn().kinds().stream().anyMatch(NEW_LAMPS::contains);
    return around.plan().stages().stream()
        .map(PlannedStage::stage)
        .filter(stage -> LOOKED_AT.contains(stage) && (newLamps || stage == Stage.PARTS))
        .filter(stage -> stages.stream().noneMatch(one -> one.stage() == stage && one.begun()))
        .toList();
  }

  private static Finding notBegun(Stage stage) {
    return Finding.plain(
        FindingKey.of("hand-over.begun", SubjectKind.STAGE.named(stage.name())),
        Verdict.NOT_KNOWN,
        BEGUN,
        switch (stage) {
          case PARTS -> HandoverWords.partsNotChecked();
          case PLACE -> HandoverWords.placeNotJudged();
          default -> HandoverWords.feedNotPlanned();
        });
  }

  /** The lamps whose cutoff was read since a screw was turned last. */
  private static Map<LampKind, Set<Side>> read(SheetView wall) {
    Map<LampKind, Set<Side>> read = new EnumMap<>(LampKind.class);
    for (SheetView.PairView pair : wall.pairs()) {
      Set<Side> sides =
          Stream.of(pair.left(), pair.right())
              .filter(lamp -> lamp.reading() != null && !lamp.turnedSinceRead())
              .map(LampView::side)
              .collect(Collectors.toSet());
      read.put(pair.kind(), sides);
    }
    return read;
  }

  private static AboveView view(Stage stage, Finding finding) {
    return new AboveView(stage, Spoken.term(stage), FindingView.of(finding), null);
  }

  private static AboveView view(OpenPoint point) {
    return new AboveView(
        point.stage(),
        Spoken.term(point.stage()),
        FindingView.of(point.finding()),
        point.step().map(HandOverPage.OpenStepView::of).orElse(null));
  }

  /** The lamps that were read since, as the owner is told. */
  static List<Sentence> aimed(SheetView wall) {
    return read(wall).entrySet().stream()
        .flatMap(
            of ->
                of.getValue().stream()
                    .map(side -> HandoverWords.lamp(side, of.getKey().function())))
        .toList();
  }
}
