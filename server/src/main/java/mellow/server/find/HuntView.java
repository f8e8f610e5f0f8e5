package mellow.server.find;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Controls;
import mellow.core.feed.DrivingState;
import mellow.core.hunt.Hunt;
import mellow.core.hunt.Reach;
import mellow.core.vehicle.Site;
import mellow.server.feed.FeedView;
import mellow.server.workshop.CheckEdit.ShownEdit;
import org.jspecify.annotations.Nullable;

/** A hunt: what is suspected, and what to check next. */
@Schema(name = "Hunt", description = "A hunt for a fault: what is suspected, what to check next.")
public record HuntView(
    FeedView sheet,
    Hunt.Standing standing,
    List<StateView> states,
    List<LampView> lamps,
    @Schema(description = "How much each part is suspected, 0 to 1; those above nothing.")
        Map<String, Double> heat,
    @Schema(description = "Left out where it is found, or nothing tells any more.")
        @Nullable NextView next,
    List<CheckView> others,
    List<CandidateView> candidates,
    List<CheckedView> lines,
    @Schema(description = "Every part that may be checked.") List<NamedView> parts,
    LayoutView layout) {

  /** The circuit as it lies on the vehicle. */
  @Schema(name = "CircuitLayout", description = "Where the circuit’s parts and wires lie.")
  public record LayoutView(
      List<PlaceView> places,
      List<RunView> runs,
      @Schema(description = "Terminals that are suspected by themselves; those above nothing.")
          List<PinHeatView> pins) {}

  /** A place on the vehicle. */
  @Schema(name = "LayoutPlace", description = "A place on the vehicle, and what sits there.")
  public record PlaceView(
      Site site,
      @Schema(example = "left lamps") String words,
      @Schema(description = "Ids of the parts there.") List<String> parts) {}

  /** A wire between two places. */
  @Schema(name = "LayoutRun", description = "A wire between two places.")
  public record RunView(
      @Schema(description = "Left out for a wire of which only its ends are known.")
          @Nullable String part,
      EndView from,
      EndView to) {}

  /** An end of a wire. */
  @Schema(name = "LayoutEnd", description = "A point of the circuit at a place.")
  public record EndView(Site site, String node) {}

  /** A terminal. */
  @Schema(name = "PinHeat", description = "How much a terminal is suspected.")
  public record PinHeatView(
      String part,
      @Schema(description = "The point that it is joined to.") String node,
      @Schema(description = "0 to 1.") double share) {}

  /** A state of the controls. */
  @Schema(name = "HuntState", description = "A position of the controls in which is checked.")
  public record StateView(DrivingState state, String words, Controls controls) {}

  /** A part or lamp. */
  @Schema(name = "NamedPart", description = "A part of the circuit, and what it is called.")
  public record NamedView(String id, String words) {}

  /** A lamp. */
  @Schema(name = "HuntLamp", description = "A lamp of the circuit.")
  public record LampView(
      String id,
      String words,
      @Schema(description = "The lamp of the other side, which is seen with it.")
          @Nullable String twin) {}

  /** A check that can be made. */
  @Schema(name = "HuntCheck", description = "A check, and its minutes.")
  public record CheckView(
      @Schema(description = "As it is kept, without what it shows.") ShownEdit check,
      String words,
      @Schema(description = "With what has to be opened for it.", example = "2.1") double minutes,
      @Schema(description = "How many suspects give each answer, the largest group first.")
          List<Integer> splits,
      @Schema(description = "Of what is measured; empty otherwise.", example = "V") String unit,
      @Schema(description = "Places that have to be opened for it.") List<Reach> opens) {}

  /** What to check next. */
  @Schema(name = "HuntNext", description = "What to check next, and why.")
  public record NextView(
      CheckView check,
      Hunt.Why why,
      @Schema(description = "What the likeliest causes would show.") List<ExpectedView> expected,
      @Schema(description = "Where the red probe goes; left out where there is none.")
          @Nullable Site red,
      @Schema(description = "Where the black one goes.") @Nullable Site black) {}

  /** What a cause would show. */
  @Schema(name = "HuntExpected", description = "What a cause would show at the next check.")
  public record ExpectedView(String cause, @Schema(example = "12.6 V") String shows) {}

  /** What may be the cause. */
  @Schema(name = "HuntCandidate", description = "What may be the cause.")
  public record CandidateView(
      @Schema(description = "To be mended; empty for something that is not in the model.")
          List<String> parts,
      @Schema(example = "left fog lamp: dead") String words,
      @Schema(description = "Before anything was seen, and after each line; 0 to 1.")
          List<Double> shares,
      @Schema(description = "Ids of the lines that it explains.") List<String> explains,
      @Schema(description = "Ids of those that it does not.") List<String> leavesOpen) {}

  /** What was checked. */
  @Schema(name = "HuntLine", description = "What was checked, and what it showed.")
  public record CheckedView(
      String id,
      Instant at,
      String by,
      String words,
      @Schema(description = "Whether it is of the circuit that is searched now.") boolean counts,
      @Schema(description = "Whether it led to what was mended before the search went on.")
          boolean before,
      @Schema(description = "Whether nothing explains it: it is to be checked again.")
          boolean unexplained) {}
}
