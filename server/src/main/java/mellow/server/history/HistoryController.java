package mellow.server.history;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import mellow.server.history.HistoryView.LookBackView;
import mellow.server.platform.Acting;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "History")
class HistoryController {
  private final Histories histories;

  HistoryController(Histories histories) {
    this.histories = histories;
  }

  @GetMapping("/api/history")
  @Operation(
      summary = "Find jobs by words",
      description =
          "By vehicle, work, part, fastener or finding. Of a job that is still worked on, by vehicle"
              + " and work.")
  HistoryView find(
      Acting acting,
      @Parameter(example = "liner clip") @RequestParam(defaultValue = "") @Size(max = 100)
          String text,
      @RequestParam(defaultValue = "50") @Min(value = 1) @Max(value = 200) int limit) {
    return histories.find(acting, text, limit);
  }

  @GetMapping("/api/history/look-back")
  @Operation(
      summary = "Look back over the latest jobs",
      description = "Times taken, and which fasteners, parts and rules most often gave trouble.")
  LookBackView lookBack(Acting acting) {
    return histories.lookBack(acting);
  }
}
