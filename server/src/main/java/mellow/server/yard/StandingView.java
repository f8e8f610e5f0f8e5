package mellow.server.yard;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mellow.core.finding.Verdict;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Standing;
import mellow.server.wire.HorizonView;
import mellow.server.wire.SentenceView;

/** Where a job stands. */
@Schema(name = "Standing", description = "Where a job stands, and what is next there.")
record StandingView(
    @Schema(description = "Where the work stands.") Stage stage,
    Verdict verdict,
    SentenceView headline,
    @Schema(description = "In order of work: the parts of the strip.") List<Stage> stages,
    HorizonView horizon) {

  static StandingView of(Standing standing) {
    return new StandingView(
        standing.stage(),
        standing.verdict(),
        SentenceView.of(standing.headline()),
        standing.stages(),
        HorizonView.of(standing.horizon()));
  }
}
