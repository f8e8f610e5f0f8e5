package mellow.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import mellow.server.workshop.WorkshopPage.TimerView;

/** The timers of all open jobs that somebody still waits for. */
@Schema(name = "ShopTimers", description = "The timers of all open jobs that run or ring.")
record ShopTimers(
    @Schema(description = "The server's clock; timers are shown against it.") Instant now,
    @Schema(description = "The next to end first.") List<ShopTimer> timers) {

  /** A timer and the job that it belongs to. */
  @Schema(name = "ShopTimer", description = "A timer and the job that it belongs to.")
  record ShopTimer(
      String jobId,
      @Schema(description = "What the vehicle is called.", example = "valley bus 7") String vehicle,
      TimerView timer) {}
}
