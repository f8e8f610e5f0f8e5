package mellow.server.rulebook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.formats.FormatProblem;
import mellow.core.formats.RuleChangeFormat;
import mellow.core.rules.AimRule;
import mellow.core.rules.AsideRule;
import mellow.core.rules.Band;
import mellow.core.rules.HeightCondition;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleChange;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.TrafficSide;
import mellow.core.vehicle.VehicleClass;
import mellow.server.db.tables.records.LocalRuleSetRecord;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView.SourceView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** A rule set as it is shown. */
@Schema(
    name = "RuleSet",
    description = "What a market, an inspection or a shop asks of the aim and the place of lamps.")
public record RuleSetView(
    @Schema(example = "un-r48") String id,
    int version,
    String title,
    String scope,
    TrafficSide usualTraffic,
    @Schema(description = "The lens marks of its market; left out where any will do.")
        @Nullable MarkFamily marks,
    @Schema(description = "Left out for the sets of the product.") @Nullable LocalView local,
    @Schema(description = "Left out where the text sets no limit.") @Nullable AsideView aside,
    @Schema(description = "The classes of vehicle that it is made for; empty where none is named.")
        List<VehicleClass> vehicleClasses,
    List<AimRuleView> aim,
    List<PlaceRuleView> place) {

  /** A shop's own set. */
  @Schema(name = "LocalRuleSet", description = "What a shop's own set changes, and why.")
  public record LocalView(
      String over,
      String reason,
      List<String> off,
      @Schema(description = "Ids of the rules that it overrides or adds.") List<String> own,
      @Schema(description = "Its file.") String file,
      String changedBy,
      Instant changedAt) {

    static LocalView of(LocalRuleSetRecord row) {
      try {
        RuleChange change = RuleChangeFormat.read(row.getContent());
        return new LocalView(
            change.over(),
            change.reason(),
            change.off(),
            Stream.concat(
                    change.aim().stream().map(AimRule::id),
                    change.place().stream().map(PlaceRule::id))
                .toList(),
            row.getContent(),
            row.getChangedBy(),
            row.getChangedAt().toInstant(ZoneOffset.UTC));
      } catch (FormatProblem e) {
        throw new IllegalStateException(e);
      }
    }
  }

  static RuleSetView of(RuleSet set, @Nullable LocalRuleSetRecord local) {
    return new RuleSetView(
        set.id(),
        set.version(),
        Spoken.typed(set.title()),
        Spoken.typed(set.scope()),
        set.usualTraffic(),
        set.marks().orElse(null),
        local == null ? null : LocalView.of(local),
        set.aside().map(AsideView::of).orElse(null),
        set.vehicleClasses().stream().sorted().toList(),
        set.aimRules().stream().map(AimRuleView::of).toList(),
        set.placeRules().stream().map(PlaceRuleView::of).toList());
  }

  /** How far a step may stand aside. */
  @Schema(
      name = "AsideRule",
      description = "How far a cutoff's step may stand beside its straight-ahead line.")
  public record AsideView(FigureView mostLeft, FigureView mostRight, SourceView source) {
    static AsideView of(AsideRule rule) {
      return new AsideView(
          FigureView.of(Figure.percent(rule.mostLeftPercent())),
          FigureView.of(Figure.percent(rule.mostRightPercent())),
          SourceView.of(rule.source()));
    }
  }

  private static @Nullable FigureView length(OptionalDouble mm) {
    return mm.isPresent() ? FigureView.lengthMm(mm.getAsDouble()) : null;
  }

  /** One rule of place. */
  @Schema(name = "PlaceRule", description = "One rule of a lamp's place.")
  public record PlaceRuleView(
      String id,
      Set<LampFunction> functions,
      PlaceRule.Asks asks,
      @Schema(example = "lower edge") String asksWords,
      @Nullable FigureView least,
      @Nullable FigureView most,
      @Nullable FigureView widthFrom,
      @Nullable FigureView widthBelow,
      @Nullable FigureView centreFrom,
      @Nullable FigureView centreBelow,
      @Schema(description = "Only where the running lamp is, or is not, the dimmed main beam.")
          @Nullable Boolean upperBeam,
      SourceView source) {

    static PlaceRuleView of(PlaceRule rule) {
      return new PlaceRuleView(
          rule.id(),
          rule.functions(),
          rule.asks(),
          Spoken.term(rule.asks()),
          figure(rule, rule.limits().lowest()),
          figure(rule, rule.limits().highest()),
          length(rule.when().vehicleWidthMm().fromMm()),
          length(rule.when().vehicleWidthMm().belowMm()),
          length(rule.when().centreHeightMm().fromMm()),
          length(rule.when().centreHeightMm().belowMm()),
          rule.when().upperBeam().orElse(null),
          SourceView.of(rule.source()));
    }

    private static @Nullable FigureView figure(PlaceRule rule, OptionalDouble value) {
      return value.isPresent()
          ? FigureView.of(Figure.of(value.getAsDouble(), rule.asks().quantity()))
          : null;
    }
  }

  /** One rule of aim. */
  @Schema(name = "AimRule", description = "One rule of vertical aim.")
  public record AimRuleView(
      String id,
      Set<BeamClass> lamps,
      HeightCondition.@Nullable HeightOf heightOf,
      @Nullable FigureView aboveHeight,
      @Schema(description = "A lamp exactly at the lower height belongs here.")
          boolean aboveIncluded,
      @Nullable FigureView belowHeight,
      @Schema(description = "A lamp exactly at the upper height belongs here.")
          boolean belowIncluded,
      boolean byMakersChoice,
      @Nullable FigureView lowest,
      @Nullable FigureView highest,
      FigureView aim,
      SourceView source) {

    static AimRuleView of(AimRule rule) {
      Band limits = rule.limits();
      return new AimRuleView(
          rule.id(),
          rule.classes(),
          rule.height().map(HeightCondition::of).orElse(null),
          length(rule.height().map(HeightCondition::aboveMm).orElse(OptionalDouble.empty())),
          rule.height().map(HeightCondition::aboveIncluded).orElse(false),
          length(rule.height().map(HeightCondition::belowMm).orElse(OptionalDouble.empty())),
          rule.height().map(HeightCondition::belowIncluded).orElse(false),
          rule.byMakersChoice(),
          percent(limits.lowest()),
          percent(limits.highest()),
          FigureView.percent(rule.aimPercent()),
          SourceView.of(rule.source()));
    }

    private static @Nullable FigureView percent(OptionalDouble percent) {
      return percent.isPresent() ? FigureView.percent(percent.getAsDouble()) : null;
    }
  }
}
