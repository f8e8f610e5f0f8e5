package mellow.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mellow.core.hunt.AtHand;
import mellow.core.hunt.Reach;
import mellow.core.hunt.Tool;
import mellow.server.feed.FeedEdit.ChosenPlan;
import org.jspecify.annotations.Nullable;

/** What a hunt stands on: the circuit, what is wrong, what there is to check with, how it ended. */
@Schema(name = "FindEdit", description = "What a hunt for a fault stands on, and how it ended.")
public record FindEdit(
    @Schema(description = "The circuit that is searched; left out for the job's own feed.") @Valid
        @Nullable ChosenPlan plan,
    @NotNull
        @Size(max = 300)
        @Schema(description = "As it was told.", example = "first left, then both, some days none")
        String complaint,
    @NotNull
        @Size(max = 40)
        @Schema(description = "Parts that were open or changed lately: they are suspected first.")
        Set<@NotNull @Size(max = 200) String> touched,
    @NotNull @Schema(description = "Places that can be reached already.") Set<@NotNull Reach> open,
    @NotNull Set<@NotNull Tool> tools,
    @Schema(description = "Somebody works the controls while another looks.") boolean twoPeople,
    @Schema(description = "Left out while it is looked for.") @Valid @Nullable EndedEdit ended) {

  /** With everything closed, the usual tools, and one person. */
  public static final FindEdit NOTHING =
      new FindEdit(
          null, "", Set.of(), Set.of(), EnumSet.complementOf(EnumSet.of(Tool.CLAMP)), false, null);

  /** How a hunt ends. */
  public enum Ended {
    MENDED,
    BYPASSED,
    GIVEN_UP
  }

  /** The end of a hunt. */
  @Schema(name = "FindEnded", description = "How a hunt for a fault ended.")
  public record EndedEdit(
      @NotNull Ended how,
      @NotNull
          @Size(max = 6)
          @Schema(description = "The parts that it was; empty where the cause was not found.")
          List<@NotNull @Size(max = 200) String> parts,
      @NotNull @Size(max = 600) @Schema(description = "What was done.") String did) {}

  /** The same on another circuit. */
  public FindEdit on(ChosenPlan circuit) {
    return new FindEdit(circuit, complaint, touched, open, tools, twoPeople, ended);
  }

  AtHand atHand(boolean live) {
    return new AtHand(open, tools, twoPeople, live);
  }
}
