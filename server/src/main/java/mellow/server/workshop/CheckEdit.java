package mellow.server.workshop;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import mellow.core.fault.Shown;
import mellow.core.feed.DrivingState;
import mellow.core.record.Fact;
import org.jspecify.annotations.Nullable;

/** Something was checked while a fault was looked for. */
@Schema(name = "CheckEdit", description = "What was seen at one moment of a hunt for a fault.")
public record CheckEdit(@NotEmpty @Size(max = 40) List<@Valid @NotNull ShownEdit> shown) {

  /** What one check showed. */
  @Schema(name = "ShownEdit", description = "What a check showed.")
  public record ShownEdit(
      @NotNull Shown.Kind kind,
      @Schema(description = "How the controls stood; left out for what stays.")
          @Nullable DrivingState state,
      @Size(max = 200)
          @Schema(description = "Exchanged, pulled, shaken, looked at, heard or clamped.")
          @Nullable String part,
      @Size(max = 200) @Schema(description = "The node at the red probe, or at an end of a lead.")
          @Nullable String from,
      @Size(max = 200)
          @Schema(description = "The node at the black probe, or at the lead's other end.")
          @Nullable String to,
      @Size(max = 200) @Schema(description = "That was looked at.") @Nullable String lamp,
      @Schema(description = "The number of the answer, V or A.", example = "12.4") double value) {

    public Shown core() {
      return new Shown(
          kind, Optional.ofNullable(state), text(part), text(from), text(to), text(lamp), value);
    }

    private static String text(@Nullable String text) {
      return text == null ? "" : text;
    }

    public static ShownEdit of(Shown shown) {
      return new ShownEdit(
          shown.kind(),
          shown.state().orElse(null),
          given(shown.part()),
          given(shown.from()),
          given(shown.to()),
          given(shown.lamp()),
          shown.value());
    }

    private static @Nullable String given(String text) {
      return text.isEmpty() ? null : text;
    }
  }

  Fact.Checked fact() {
    return new Fact.Checked(shown.stream().map(ShownEdit::core).toList());
  }

  static CheckEdit of(Fact.Checked checked) {
    return new CheckEdit(checked.shown().stream().map(ShownEdit::of).toList());
  }
}
