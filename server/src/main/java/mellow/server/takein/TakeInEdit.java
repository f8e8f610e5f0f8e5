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
    @NotNull(message = "is missing")
        @Size(max = 120, message = "has at most 120 letters")
        @Schema(description = "Whose vehicle it is.", example = "valley library")
        String customer,
    @NotNull(message = "is missing") Set<@NotNull(message = "is missing") WorkKind> kinds,
    @NotNull(message = "is missing")
        @Size(max = 600, message = "has at most 600 letters")
        @Schema(description = "In the customer's own words.", example = "too dark on the pass")
        String wants,
    @NotNull(message = "is missing") TakeIn.Access access,
    @Schema(description = "A second set of lamps is built while the vehicle stays in use.")
        boolean secondSet,
    @Schema(description = "Headlamps come loose for access.") boolean headlampsLoosened,
    @NotNull(message = "is missing") Set<@NotNull(message = "is missing") PriorChange> changes,
    @NotNull(message = "is missing")
        @Size(max = 600, message = "has at most 600 letters")
        @Schema(description = "What was changed before, in words.", example = "springs in spring")
        String changesNote,
    @NotNull(message = "is missing") @Size(max = 24, message = "has at most 24 entries")
        List<@Valid @NotNull(message = "is missing") CheckEdit> checks,
    @Size(max = 10, message = "has at most 10 entries")
        @Schema(description = "Stages that are left out though the work brings them; or missing.")
        @Nullable List<@Valid @NotNull(message = "is missing") LeftOutEdit> leftOut) {
  private static final int SHORTEST_REASON = 3;

  /** A stage that is left out. */
  @Schema(name = "LeftOutStage", description = "A stage that is left out, and why.")
  public record LeftOutEdit(
      @NotNull(message = "is missing") Stage stage,
      @NotNull(message = "is missing") @Size(max = 300, message = "has at most 300 letters")
          String reason) {}

  /** How a function of a lamp works today. */
  @Schema(name = "LampCheck", description = "How one function of one lamp works today.")
  public record CheckEdit(
      @NotNull(message = "is missing") LampFunction function,
      @NotNull(message = "is missing") Side side,
      @NotNull(message = "is missing") LampCheck.State state,
      @Min(value = 0, message = "is not negative")
          @Max(value = 99, message = "is at most 99")
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
        throw Refusal.unprocessable(
            "leftOut",
            "%s is never left out as a whole: leave out single steps, each with its reason."
                .formatted(one.stage().words()));
      }
      if (one.reason().strip().length() < SHORTEST_REASON) {
        throw Refusal.unprocessable(
            "leftOut",
            "Say why %s is left out: it is printed on the pack.".formatted(one.stage().words()));
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
      throw Refusal.unprocessable("checks", "Each function of a lamp is noted once.");
    }
  }
}
