package mellow.server.handover;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.handover.Unaimed;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Plan;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.core.workflow.TakeIn;
import mellow.server.aim.LampView;
import mellow.server.aim.SheetView;
import mellow.server.handover.HandOverPage.AboveView;
import mellow.server.job.JobFacts;
import mellow.server.platform.Acting;
import mellow.server.wire.FindingView;
import mellow.server.workshop.Workshops;
import mellow.server.yard.Standings;
import org.springframework.stereotype.Component;

/** What stands above a job's horizon when it is to be handed over. */
@Component
class Horizon {
  private static final Source COUNTED =
      Source.commonPractice("nothing is left over, every function is proved");

  private final Standings standings;

  Horizon(Standings standings) {
    this.standings = standings;
  }

  /** What is asked beside the findings of the stages. */
  record Around(TakeIn takeIn, Plan plan, Workshops.Summary work, SheetView wall) {}

  /** What is out at any stage, what was planned and never begun, what was moved and not read. */
  List<AboveView> above(Acting acting, JobFacts facts, Around around) {
    List<AboveView> above = new ArrayList<>();
    for (StageStanding standing : standings.stages(acting, facts)) {
      standing.findings().stream()
          .filter(finding -> finding.verdict() == Verdict.OUT)
          .forEach(finding -> above.add(view(standing.stage(), finding)));
    }
    Workshops.Summary work = around.work();
    if (work.off() > 0) {
      String things = work.off() == 1 ? " thing is" : " things are";
      above.add(
          view(Stage.TOGETHER, counted("off", work.off() + things + " still off the vehicle")));
    }
    boolean proves = around.plan().stages().stream().anyMatch(one -> one.stage() == Stage.PROVE);
    if (proves && !work.proved()) {
      above.add(view(Stage.PROVE, counted("unproved", "Not every function is proved")));
    }
    Unaimed.of(around.takeIn(), work.headlampsOff(), read(around.wall()))
        .ifPresent(finding -> above.add(view(Stage.WALL, finding)));
    return above;
  }

  private static Finding counted(String id, String words) {
    return Finding.plain("hand-over." + id, Verdict.OUT, COUNTED, Sentence.of(words));
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
    return new AboveView(stage, stage.words(), FindingView.of(finding));
  }
}
