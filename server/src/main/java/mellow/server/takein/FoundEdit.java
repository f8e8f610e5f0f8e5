package mellow.server.takein;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import mellow.core.workflow.Stage;
import org.jspecify.annotations.Nullable;

/** What a job found, for the next one on this vehicle or one like it. */
@Schema(name = "FoundEdit", description = "What a job found, for the next one like it.")
public record FoundEdit(
    @NotNull @Size(max = 40) List<@Valid @NotNull Note> notes,
    @NotNull @Schema(description = "Minutes taken, by stage.", example = "{\"WALL\": 45}")
        Map<Stage, @NotNull @Min(value = 0) @Max(value = 6000) Integer> minutes,
    @Min(value = 0)
        @Max(value = 60000)
        @Schema(description = "Minutes the customer was told.", example = "90")
        @Nullable Integer estimateMinutes,
    @NotNull
        @Size(max = 120)
        @Schema(description = "What the parts cost, as written.", example = "two lamps 340")
        String partsCost,
    @NotNull
        @Size(max = 600)
        @Schema(description = "A look back later.", example = "two winters, no trouble")
        String lookBack) {

  static final FoundEdit NOTHING = new FoundEdit(List.of(), Map.of(), null, "", "");

  /** One thing worth knowing. */
  @Schema(name = "FoundNote", description = "One thing worth knowing the next time.")
  public record Note(
      @NotNull About about,
      @NotBlank
          @Size(max = 300)
          @Schema(example = "third bolt behind the liner, 10 mm, reach it with the wheel turned")
          String words) {}

  /** What a note is about. */
  public enum About {
    HIDDEN_BOLT,
    ODD_FASTENER,
    SCREW_DIRECTION,
    WRONG_PART,
    WIRING,
    OTHER
  }
}
