package mellow.server.takein;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** What is settled when a vehicle is taken in, as it is sent to be kept. */
@Schema(name = "TakeInEdit", description = "What is settled when a vehicle is taken in.")
public record TakeInEdit(
    @NotNull
        @Size(max = 120)
        @Schema(description = "Whose vehicle it is.", example = "valley library")
        String customer,
    @NotNull Set<@NotNull WorkKind> kinds,
    @NotNull
        @Size(max = 600)
        @Schema(description = "In the customer's own words.", example = "too dark on the pass")
        String wants,
    @NotNull TakeIn.Access access,
    @Schema(description = "A second set of lamps is built while the vehicle stays in use.")
        boolean secondSet,
    @Schema(description = "Headlamps come loose for access.") boolean headlampsLoosened,
    @NotNull Set<@NotNull PriorChange> changes,
    @NotNull
        @Size(max = 600)
        @Schema(description = "What was changed before, in words.", example = "springs in spring")
        String changesNote,
    @NotNull @Size(max = 24) List<@Valid @NotNull CheckEdit> checks,
    @Size(max = 10)
        @Schema(description = "Stages that are left out though the work brings them; or missing.")
        @Nullable List<@Valid @NotNull LeftOutEdit> leftOut) {
  private static final int SHORTEST_REASON = 3;

  /** A stage that is left out. */
  @Schema(name = "LeftOutStage", description = "A stage that is left out, and why.")
  public record LeftOutEdit(@NotNull Stage stage, @NotNull @Size(max = 300) String reason) {}

  /** How a function of a lamp works today. */
  @Schema(name = "LampCheck", description = "How one function of one lamp works today.")
  public record CheckEdit(
      @NotNull LampFunction function,
      @NotNull Side side,
      @NotNull LampCheck.State state,
      @Min(value = 0)
          @Max(value = 99)
          @Schema(description = "How often it was tried until it worked.", example = "0")
          int tries) {}

  /** Nothing said yet. */
  static final TakeInEdit NOTHING =
      new TakeInEdit(
          "",
          Set.of(),
          "",
          TakeIn.Access.LAMPS_ONLY,
          false,
          false,
          Set.of(),
          "",
          List.of(),
          List.of());

  TakeIn core(boolean reachableClosed, boolean stanceNoted) {
    return checked(reachableClosed, stanceNoted).without(reasons());
  }

  private Map<Stage, String> reasons() {
    Map<Stage, String> reasons = new EnumMap<>(Stage.class);
    for (LeftOutEdit one : leftOut == null ? List.<LeftOutEdit>of() : leftOut) {
      if (!TakeIn.canBeLeftOut(one.stage())) {
        throw Refusal.unprocessable("leftOut", TakeinWords.neverLeftOut(one.stage()));
      }
      if (one.reason().strip().length() < SHORTEST_REASON) {
        throw Refusal.unprocessable("leftOut", TakeinWords.sayWhy(one.stage()));
      }
      reasons.put(one.stage(), one.reason().strip());
    }
    return reasons;
  }

  private TakeIn checked(boolean reachableClosed, boolean stanceNoted) {
    try {
      return new TakeIn(
          kinds,
          access,
          secondSet,
          headlampsLoosened,
          reachableClosed,
          changes,
          stanceNoted,
          checks.stream()
              .map(
                  check ->
                      new LampCheck(check.function(), check.side(), check.state(), check.tries()))
              .toList());
    } catch (IllegalArgumentException twice) {
      throw Refusal.unprocessable("checks", TakeinWords.twice());
    }
  }
}
