package mellow.server.job;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mellow.core.aim.wall.NextStep;
import mellow.core.aim.wall.WallSheet;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.server.platform.Acting;
import org.springframework.stereotype.Component;

/** The stages that live from readings: how the vehicle came, and the wall. */
@Component
class ReadStages implements StageReporter {
  @Override
  public Map<String, List<StageStanding>> standings(Acting acting, Collection<JobFacts> jobs) {
    return jobs.stream()
        .collect(
            Collectors.toMap(
                facts -> facts.job().id(), facts -> List.of(came(facts), wall(facts))));
  }

  private static StageStanding came(JobFacts facts) {
    return StageStanding.of(
        Stage.CAME, facts.log().isBegun(), StanceView.findings(facts.log(), facts.vehicle()));
  }

  private static StageStanding wall(JobFacts facts) {
    WallSheet sheet =
        WallSheet.of(
            facts
                .log()
                .wall(
                    facts.job().setup(facts.vehicle(), facts.adjusters(), facts.book()),
                    facts.bayLog()));
    NextStep next = sheet.next();
    return new StageStanding(
        Stage.WALL,
        facts.log().isBegunAtTheWall(),
        sheet.findings(),
        next.action() == NextStep.Action.DONE
            ? Optional.empty()
            : Optional.of(new StageStanding.Open(next.verdict(), next.headline())));
  }
}
