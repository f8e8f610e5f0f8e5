package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.core.feed.DonorSlot;
import mellow.core.feed.DrivingState;
import mellow.core.vehicle.LampFunction;
import mellow.server.job.JobView;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.CautionView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** All that the page of the stage "Feed" shows. */
@Schema(description = "All that the page of the stage Feed shows, in one answer.")
public record FeedPage(
    JobView job,
    VehicleView vehicle,
    @Schema(description = "0 while nothing was kept.") int version,
    FeedEdit feed,
    @Schema(description = "Empty while nothing was kept.") String changedBy,
    @Nullable Instant changedAt,
    @Schema(description = "Left out while no plan was taken.") @Nullable FeedView sheet,
    List<FeedView.PlanBrief> plans,
    @Schema(description = "States in which lamps can be wished for.") List<StateWords> states,
    @Schema(description = "What this kind of work is about, to begin the wishes with.")
        List<LampFunction> functions,
    @Schema(description = "What the wires of this job are.") List<SourceView> sources,
    @Schema(description = "How long each route comes out.") List<RouteView> routes,
    @Schema(description = "Wires found on this vehicle in earlier jobs.") List<SourceView> known,
    @Schema(description = "Donor slots that earlier jobs on such vehicles found.")
        List<KnownSlot> slots,
    @Schema(description = "Whether anything is live now, by its own battery or a helper one.")
        boolean connected,
    @Schema(description = "What was done to the battery at other stages.")
        List<FeedEdit.BatteryEdit> batteryElsewhere,
    List<CautionView> cautions) {

  /** A slot that was tapped before. */
  @Schema(name = "KnownSlot", description = "A donor slot of an earlier job on such a vehicle.")
  public record KnownSlot(
      @Schema(description = "Model year of that vehicle.", example = "2012") @Nullable Integer year,
      @Schema(example = "slot 14") String slot,
      String feeds,
      @Schema(description = "Whether that vehicle is of the same model year.") boolean sameYear) {
    public static KnownSlot of(DonorSlot slot, @Nullable Integer theirs, @Nullable Integer ours) {
      return new KnownSlot(
          theirs, slot.name(), Spoken.term(slot.feeds()), ours != null && ours.equals(theirs));
    }
  }

  /** A state in words. */
  @Schema(name = "StateWords", description = "A state and what people call it.")
  public record StateWords(DrivingState state, @Schema(example = "side lamps, fog") String words) {}
}
