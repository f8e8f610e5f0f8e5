package mellow.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.core.hunt.Reach;
import mellow.core.hunt.Tool;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.feed.FeedView.PlanBrief;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.CautionView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Find" shows. */
@Schema(description = "All that the page of the stage Find shows, in one answer.")
public record FindPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    FindEdit find,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Nullable Instant changedAt,
    @Schema(description = "Circuits to search, those of the factory first.")
        List<PlanBrief> circuits,
    @Schema(description = "Whether the job has a feed of its own that can be searched.")
        boolean hasFeed,
    @Schema(description = "What is searched, with its answers; left out while it is not known.")
        @Nullable ChosenPlan searched,
    @Schema(description = "Whether anything is live now.") boolean live,
    @Schema(description = "What earlier searches of the shop ended at.") BeforeView before,
    List<ReachWords> reaches,
    List<ToolWords> tools,
    @Schema(description = "Left out while no circuit is known.") @Nullable HuntView hunt,
    List<CautionView> cautions) {

  /** What was found before. */
  @Schema(name = "FoundBefore", description = "What earlier searches of the shop ended at.")
  public record BeforeView(
      @Schema(description = "How often each sort of part, the most frequent first.")
          List<SortView> sorts,
      @Schema(description = "On vehicles of the same make and model, the newest first.")
          List<LikeView> alike) {}

  /** A sort of part, counted. */
  @Schema(name = "FoundSort", description = "How many searches ended at a sort of part.")
  public record SortView(@Schema(example = "ground") String words, int count) {}

  /** A search on a vehicle like this one. */
  @Schema(name = "FoundAlike", description = "What a search on a vehicle like this one found.")
  public record LikeView(
      String jobId,
      @Schema(example = "valley bus 7") String vehicle,
      List<String> parts,
      @Schema(description = "What was done about it.") String did) {}

  /** A place in words. */
  @Schema(name = "ReachWords", description = "A place, and what it takes to get there.")
  public record ReachWords(
      Reach reach, @Schema(example = "behind the lamps") String words, double minutes) {
    static ReachWords of(Reach reach) {
      return new ReachWords(reach, Spoken.term(reach), reach.minutes());
    }
  }

  /** A tool in words. */
  @Schema(name = "ToolWords", description = "Something to check with.")
  public record ToolWords(Tool tool, @Schema(example = "test light") String words) {
    static ToolWords of(Tool tool) {
      return new ToolWords(tool, Spoken.term(tool));
    }
  }
}
