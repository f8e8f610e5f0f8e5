package mellow.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.hunt.AtHand;
import mellow.core.hunt.Lately;
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
    @Schema(description = "Left out while it is looked for.") @Valid @Nullable EndedEdit ended,
    @Size(max = 12)
        @Schema(
            description =
                "What was mended before, while something is still wrong; left out where nothing"
                    + " was.")
        @Nullable List<@Valid @NotNull EarlierEdit> earlier) {

  /** With everything closed, the usual tools, and one person. */
  public static final FindEdit NOTHING =
      new FindEdit(
          null,
          "",
          Set.of(),
          Set.of(),
          EnumSet.complementOf(EnumSet.of(Tool.CLAMP)),
          false,
          null,
          null);

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

  /** A search that ended at something that was mended, and was not the last. */
  @Schema(
      name = "FindEarlier",
      description = "What was found and mended before the search went on.")
  public record EarlierEdit(
      @NotNull @Valid EndedEdit ended,
      @NotNull
          @Size(max = 200)
          @Schema(description = "Ids of the lines that led to it: they do not count any more.")
          List<@NotNull @Size(max = 60) String> lines) {}

  /** What was mended before the search went on, the first first. */
  List<EarlierEdit> mendedBefore() {
    return earlier == null ? List.of() : earlier;
  }

  /** How it ended each time, the last one last; none while it was never ended. */
  public List<EndedEdit> endings() {
    return Stream.concat(mendedBefore().stream().map(EarlierEdit::ended), Stream.ofNullable(ended))
        .toList();
  }

  /** The parts that were mended so far, in the order in which they were. */
  Set<String> mended() {
    return endings().stream()
        .filter(one -> one.how() == Ended.MENDED)
        .flatMap(one -> one.parts().stream())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** The lines that led to what was mended before. */
  Set<String> linesBefore() {
    return mendedBefore().stream().flatMap(one -> one.lines().stream()).collect(Collectors.toSet());
  }

  Lately lately() {
    return new Lately(touched, mended());
  }

  /** The same on another circuit. */
  public FindEdit on(ChosenPlan circuit) {
    return new FindEdit(circuit, complaint, touched, open, tools, twoPeople, ended, earlier);
  }

  AtHand atHand(boolean live) {
    return new AtHand(open, tools, twoPeople, live);
  }
}
