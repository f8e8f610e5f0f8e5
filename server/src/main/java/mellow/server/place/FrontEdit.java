package mellow.server.place;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.measure.UnitSystem;
import mellow.core.placement.Bumper;
import mellow.core.placement.Front;
import mellow.core.placement.Guess;
import mellow.core.placement.KeepOut;
import mellow.core.placement.Lamp;
import mellow.core.placement.LampPair;
import mellow.core.placement.Light;
import mellow.core.placement.Recess;
import mellow.core.placement.Spot;
import mellow.core.rules.RuleBook;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.TurnCategory;
import mellow.server.platform.Refusal;
import org.jspecify.annotations.Nullable;

/** The front of a vehicle with its lamps, as it is sent to be judged or kept. */
@Schema(description = "The front of a vehicle with its lamps, and the rule sets to judge it by.")
public record FrontEdit(
    @NotNull @Size(max = 12) @Schema(example = "[\"un-r48\", \"fitters\"]")
        List<@NotNull String> ruleSets,
    @DecimalMin(value = "500")
        @DecimalMax(value = "4000")
        @Schema(description = "Width of the vehicle without mirrors, mm.", example = "1700")
        double widthMm,
    @NotNull @Size(max = 20) List<@Valid @NotNull PairEdit> pairs,
    @NotNull @Size(max = 30) List<@Valid @NotNull KeepOutEdit> keepOuts,
    @DecimalMin(value = "0")
        @DecimalMax(value = "2000")
        @Schema(description = "How far the bumper lies back at its side, mm.", example = "110")
        @Nullable Double bumperSetbackMm,
    @Schema(description = "Nobody has measured the width yet; left out where it was.")
        @Nullable Boolean widthGuessed,
    @DecimalMin(value = "0")
        @DecimalMax(value = "100")
        @Schema(
            description = "How far inside every limit a lamp is placed, mm; 5 where left out.",
            example = "5")
        @Nullable Double fittingMm,
    @DecimalMin(value = "0.1")
        @DecimalMax(value = "50")
        @Schema(
            description = "What the lengths of this front were read to, ± mm; 1 where left out.",
            example = "1")
        @Nullable Double readToMm) {
  /** Brackets give and holes wander. Judged. */
  private static final double USUAL_FITTING_MM = 5;

  /** Real fronts have some dozens. */
  private static final int MOST_CORNERS = 2_000;

  private static final String KEY = "[a-z0-9-]{1,40}";

  /** A pair of lamps. */
  @Schema(name = "LampPairEdit", description = "A pair of lamps, left and right alike.")
  public record PairEdit(
      @NotNull @Pattern(regexp = KEY) @Schema(example = "fog") String id,
      @NotBlank @Size(max = 40) @Schema(example = "fog lamp") String name,
      @NotNull LampFunction function,
      @NotNull @Size(min = 1, max = 24) List<@Valid @NotNull HeadEdit> heads,
      @Valid @Nullable ShapeEdit housing,
      @DecimalMin(value = "0")
          @DecimalMax(value = "500000")
          @Schema(description = "On the axis, candela.", example = "800")
          @Nullable Double intensityCd,
      boolean goesOutWithTurnSignal,
      @Schema(description = "A running lamp that is the dimmed main beam; false where left out.")
          @Nullable Boolean upperBeam,
      @DecimalMin(value = "1")
          @DecimalMax(value = "100")
          @Schema(description = "The number of a main beam's approval mark.", example = "17.5")
          @Nullable Double referenceMark,
      @Schema(description = "Of a turn signal: 1, 1a or 1b on its lens.")
          @Nullable TurnCategory turnCategory,
      @Valid @Nullable RecessEdit recess,
      @NotNull @Size(max = 40) List<@Valid @NotNull HoleEdit> holes,
      @NotNull @Valid SpotEdit left,
      @NotNull @Valid SpotEdit right,
      @Schema(description = "What nobody has measured or chosen yet; left out where all was.")
          @Size(max = 3)
          @Nullable List<@NotNull Guess> guessed) {

    LampPair core() {
      String field = "pairs." + id;
      Lamp lamp =
          new Lamp(
              function,
              heads.stream()
                  .map(head -> new Lamp.Head(head.lit().core(field), head.outMm(), head.upMm()))
                  .toList(),
              Optional.ofNullable(housing).map(shape -> shape.core(field)),
              new Light(
                  known(intensityCd),
                  goesOutWithTurnSignal,
                  Boolean.TRUE.equals(upperBeam),
                  known(referenceMark),
                  Optional.ofNullable(turnCategory)),
              Optional.ofNullable(recess).map(RecessEdit::core),
              holes.stream().map(hole -> hole.core(field)).toList());
      return new LampPair(
          id,
          name,
          lamp,
          new BySide<>(left.core(), right.core()),
          guessed == null ? Set.of() : Set.copyOf(guessed));
    }
  }

  private static OptionalDouble known(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** How a lens lies behind what stands around it. */
  @Schema(
      name = "RecessEdit",
      description =
          "How far the lens lies behind the foremost edge around it, and from the lit surface to"
              + " that edge each way, mm.")
  public record RecessEdit(
      @Deep @Schema(description = "0 where the lens is flush.", example = "25") double deepMm,
      @Deep @Schema(example = "30") double outMm,
      @Deep @Schema(example = "30") double inMm,
      @Deep @Schema(example = "20") double upMm,
      @Deep @Schema(example = "20") double downMm) {

    Recess core() {
      return new Recess(deepMm, outMm, inMm, upMm, downMm);
    }
  }

  /** A lit surface. */
  @Schema(name = "HeadEdit", description = "One lit surface of a lamp.")
  public record HeadEdit(
      @NotNull @Valid ShapeEdit lit,
      @Away @Schema(description = "From the lamp's reference point outwards, mm.") double outMm,
      @Away @Schema(description = "The same upwards, mm.") double upMm) {}

  /** A hole. */
  @Schema(name = "HoleEdit", description = "A hole to drill for a lamp.")
  public record HoleEdit(
      @Away @Schema(description = "From the lamp's reference point outwards, mm.") double outMm,
      @Away @Schema(description = "The same upwards, mm.") double upMm,
      @DecimalMin(value = "0")
          @DecimalMax(value = "200")
          @Schema(description = "Diameter of the first drill, mm; 0 for none.", example = "3")
          double pilotMm,
      @DecimalMin(value = "1")
          @DecimalMax(value = "200")
          @Schema(description = "Diameter of the hole, mm.", example = "10")
          double finalMm) {

    Lamp.Hole core(String field) {
      if (pilotMm > finalMm) {
        throw Refusal.unprocessable(field, PlaceWords.pilotTooLarge());
      }
      return new Lamp.Hole(outMm, upMm, pilotMm, finalMm);
    }
  }

  /** Where a lamp sits. */
  @Schema(name = "SpotEdit", description = "Where a lamp's reference point sits.")
  public record SpotEdit(
      @Away @Schema(description = "From the centre line to the lamp's own side, mm.") double outMm,
      @Away @Schema(description = "Above the ground, mm.") double heightMm,
      @DecimalMin(value = "-90")
          @DecimalMax(value = "90")
          @Schema(description = "Outwards of straight ahead, degrees.")
          double headingDeg) {

    Spot core() {
      return new Spot(outMm, heightMm, headingDeg);
    }
  }

  /** Something to stay clear of. */
  @Schema(name = "KeepOutEdit", description = "Something to stay clear of, drawn on the front.")
  public record KeepOutEdit(
      @NotNull @Pattern(regexp = KEY) String id,
      @NotBlank @Size(max = 40) @Schema(example = "tow eye") String name,
      @NotNull
          @Valid
          @Schema(description = "A polygon: left of the centre line, and above the ground, mm.")
          ShapeEdit outline,
      @DecimalMin(value = "0")
          @DecimalMax(value = "1000")
          @Schema(description = "How far lamps stay away, mm.", example = "20")
          double clearanceMm) {

    KeepOut core() {
      return new KeepOut(id, name, outline.polygon("keepOuts." + id), clearanceMm);
    }
  }

  /** The front, or a refusal that says what is wrong. */
  public Front core() {
    Set<String> ids = new HashSet<>();
    pairs.forEach(pair -> unique(ids, pair.id(), "pairs"));
    keepOuts.forEach(keepOut -> unique(ids, keepOut.id(), "keepOuts"));
    if (corners() > MOST_CORNERS) {
      throw Refusal.unprocessable("pairs", PlaceWords.tooManyCorners(MOST_CORNERS));
    }
    return new Front(
        widthMm,
        Boolean.TRUE.equals(widthGuessed),
        pairs.stream().map(PairEdit::core).toList(),
        keepOuts.stream().map(KeepOutEdit::core).toList(),
        Optional.ofNullable(bumperSetbackMm).map(Bumper::new));
  }

  private long corners() {
    return Stream.concat(
            pairs.stream()
                .flatMap(
                    pair ->
                        Stream.concat(
                            pair.heads().stream().map(HeadEdit::lit),
                            Stream.ofNullable(pair.housing()))),
            keepOuts.stream().map(KeepOutEdit::outline))
        .mapToLong(shape -> shape.corners() == null ? 0 : shape.corners().size())
        .sum();
  }

  /** How far inside every limit lamps are placed, mm. */
  double fitting() {
    return fittingMm == null ? USUAL_FITTING_MM : fittingMm;
  }

  /** What the lengths of this front were read to, ± mm. */
  public double readTo() {
    return readToMm == null ? UnitSystem.METRIC.tapeStepMm() : readToMm;
  }

  private static void unique(Set<String> ids, String id, String field) {
    if (!ids.add(id)) {
      throw Refusal.unprocessable(field, PlaceWords.twice(id));
    }
  }

  /** The same, judged by other rule sets. */
  public FrontEdit withRuleSets(List<String> others) {
    return new FrontEdit(
        others, widthMm, pairs, keepOuts, bumperSetbackMm, widthGuessed, fittingMm, readToMm);
  }

  /** The rule sets, or a refusal of an unknown one. */
  public List<RuleSet> sets(RuleBook book) {
    return ruleSets.stream().distinct().map(id -> known(book, id)).toList();
  }

  private static RuleSet known(RuleBook book, String id) {
    return book.byId(id).orElseThrow(() -> Refusal.unprocessable("ruleSets", PlaceWords.noSet(id)));
  }
}
