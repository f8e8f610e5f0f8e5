package mellow.server.parts;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.CannotBe;
import mellow.core.parts.Candidate;
import mellow.core.parts.Part;
import mellow.core.parts.PartsList;
import mellow.core.parts.Plug;
import mellow.core.vehicle.Side;
import mellow.core.workflow.Stage;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** The parts of a job, as they are sent to be kept. */
@Schema(name = "PartsEdit", description = "The parts of a job, their plugs, and what was compared.")
public record PartsEdit(
    @NotNull @Size(max = 60) List<@Valid @NotNull PartEdit> parts,
    @NotNull @Size(max = 80) List<@Valid @NotNull PlugEdit> plugs,
    @NotNull @Size(max = 20) List<@Valid @NotNull CandidateEdit> candidates,
    @Schema(description = "Id of the candidate that was taken.", example = "wide")
        @Nullable String chosen,
    @NotNull
        @Size(max = 300)
        @Schema(description = "The reason for it.", example = "outline matches, white")
        String why) {
  private static final String KEY = "[a-z0-9-]{1,40}";

  static final PartsEdit NOTHING = new PartsEdit(List.of(), List.of(), List.of(), null, "");

  /** One part. */
  @Schema(name = "PartEdit", description = "A part that was ordered or has to be there.")
  public record PartEdit(
      @NotNull @Pattern(regexp = KEY) @Schema(example = "fog-lamp-left") String id,
      @NotBlank @Size(max = 80) @Schema(example = "fog lamp") String name,
      @Schema(description = "The driver's, sitting; left out where it has none.")
          @Nullable Side side,
      @NotNull @Schema(description = "The stage that waits for it.") Stage neededFor,
      @NotNull @Schema(description = "What was looked at.", example = "{\"VARIANT\": \"RIGHT\"}")
          Map<Part.Ask, Part.@NotNull Answer> checks,
      @NotNull Part.Outcome outcome,
      @NotNull
          @Size(max = 200)
          @Schema(description = "What it is adapted with, or why it goes back.", example = "")
          String with,
      @Valid @Nullable LightEdit light,
      @Size(max = 200) @Schema(description = "What is moulded on its lens.", example = "E4 B 02")
          @Nullable String marks,
      @Schema(description = "What is looked at follows from it; left out: from side and light.")
          Part.@Nullable Kind kind) {

    Part core() {
      return new Part(
          id,
          name,
          kind == null ? Part.Kind.usual(light != null, side != null) : kind,
          Optional.ofNullable(side),
          neededFor,
          checks,
          outcome,
          with,
          Optional.ofNullable(light).map(LightEdit::core),
          marks == null ? "" : marks);
    }
  }

  /** One plug. */
  @Schema(name = "PlugEdit", description = "A plug of a kit, and how it stands on each side.")
  public record PlugEdit(
      @NotNull @Pattern(regexp = KEY) @Schema(example = "side-marker") String id,
      @NotBlank
          @Size(max = 60)
          @Schema(description = "What stands on it.", example = "side marker, yellow wire")
          String label,
      @NotNull
          @Size(max = 80)
          @Schema(description = "What it goes to.", example = "factory socket behind the wing")
          String socket,
      @NotNull
          @Size(max = 40)
          @Schema(description = "Kind of connector.", example = "two-pin, sealed")
          String family,
      @NotNull Plug.Gender gender,
      @NotNull
          @Size(max = 80)
          @Schema(description = "Adapter it needs; empty for none.", example = "")
          String adapter,
      @NotNull Plug.Use use,
      @Schema(description = "Id of the plug of this kit that it mates with.", example = "option-b")
          @Nullable String matesWith,
      @NotNull @Schema(example = "{\"LEFT\": \"CONNECTED\"}") Map<Side, Plug.@NotNull State> done,
      @Schema(description = "Where the kit has it; left out: on each side.")
          Plug.@Nullable There there,
      @Schema(description = "How one stands that the kit has once.") Plug.@Nullable State once) {

    Plug core() {
      return new Plug(
          id,
          label,
          socket,
          family,
          gender,
          adapter,
          use,
          Optional.ofNullable(matesWith),
          there == null ? Plug.There.EACH_SIDE : there,
          done,
          Optional.ofNullable(once));
    }
  }

  /** One candidate. */
  @Schema(name = "CandidateEdit", description = "A part that could be ordered.")
  public record CandidateEdit(
      @NotNull @Pattern(regexp = KEY) @Schema(example = "wide") String id,
      @NotBlank @Size(max = 80) @Schema(example = "wide fog, glass lens") String name,
      @Schema(description = "Outline and brackets held against the vehicle.")
          Part.@Nullable Answer outline,
      @Valid @Nullable LightEdit light,
      @NotNull @Size(max = 60) @Schema(example = "140 the pair") String cost,
      @NotNull @Size(max = 300) @Schema(example = "bulbs apart") String note) {

    Candidate core() {
      return new Candidate(
          id,
          name,
          Optional.ofNullable(outline),
          Optional.ofNullable(light).map(LightEdit::core),
          cost,
          note);
    }
  }

  /** The core\'s form of it. */
  public PartsList core() {
    try {
      return new PartsList(
          parts.stream().map(PartEdit::core).toList(),
          plugs.stream().map(PlugEdit::core).toList(),
          candidates.stream().map(CandidateEdit::core).toList(),
          Optional.ofNullable(chosen),
          why);
    } catch (CannotBe contradiction) {
      throw Refusal.unprocessable("parts", PartsWords.contradicts(contradiction.why()));
    }
  }
}
