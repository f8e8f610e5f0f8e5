package mellow.server.parts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mellow.core.parts.Part;
import mellow.core.parts.PartsSheet;
import mellow.core.workflow.Stage;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Parts" shows. */
@Schema(description = "All that the page of the stage Parts shows, in one answer.")
public record PartsPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    PartsEdit parts,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Nullable Instant changedAt,
    SheetView sheet,
    @Schema(description = "What such work usually takes, to start with.")
        List<PartsEdit.PartEdit> usual) {

  /** The parts, judged. */
  @Schema(name = "PartsSheet", description = "The parts of a job, judged.")
  public record SheetView(
      List<FindingView> findings,
      @Schema(description = "Stages that cannot begin, each with what it waits for.")
          Map<Stage, List<String>> waiting,
      @Schema(description = "What is asked of each part, by its id.")
          Map<String, List<AskView>> asks) {

    static SheetView of(PartsSheet sheet, List<Part> parts) {
      return new SheetView(
          sheet.findings().stream().map(FindingView::of).toList(),
          sheet.waiting(),
          parts.stream()
              .collect(
                  Collectors.toMap(
                      Part::id,
                      part ->
                          part.asked().map(ask -> new AskView(ask, Spoken.term(ask))).toList())));
    }
  }

  /** One thing to look at. */
  @Schema(name = "PartAsk", description = "One thing to look at on a part.")
  public record AskView(Part.Ask ask, @Schema(example = "variant for this body") String words) {}
}
