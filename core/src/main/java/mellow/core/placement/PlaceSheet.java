package mellow.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BySide;

/**
 * The whole stage "Place", computed from the drawing of the front.
 *
 * @param findings all verdicts
 * @param pairs what the drawing shows of each pair
 */
public record PlaceSheet(List<Finding> findings, List<PairOnFront> pairs) {

  /**
   * What the drawing shows of a pair.
   *
   * @param extents how far the lit surfaces reach
   * @param innerSpacingMm between the inner edges of the two lit surfaces
   * @param bounds the limits as lines
   */
  public record PairOnFront(
      String id,
      BySide<Extent> extents,
      double innerSpacingMm,
      double litAreaCm2,
      List<Bound> bounds) {}

  /**
   * Judges a front by some rule sets. The same input gives the same sheet.
   *
   * @param tapeMm what one tape reading is good to, ± mm
   */
  public static PlaceSheet of(Front front, List<RuleSet> sets, double tapeMm) {
    return of(front, sets, VehicleScope.OPEN, tapeMm);
  }

  /**
   * The same, of a vehicle that not every set is made for.
   *
   * @param scope what is known of the vehicle's class
   */
  public static PlaceSheet of(Front front, List<RuleSet> sets, VehicleScope scope, double tapeMm) {
    PlaceJudge judge = new PlaceJudge(front, tapeMm);
    FrontCheck check = new FrontCheck(front, tapeMm);
    List<Finding> findings = new ArrayList<>();
    List<PairOnFront> pairs = new ArrayList<>();
    if (!front.pairs().isEmpty()) {
      sets.forEach(set -> scope.doubt(set).ifPresent(findings::add));
    }
    for (LampPair pair : front.pairs()) {
      sets.forEach(set -> findings.addAll(judge.judge(pair, set)));
      Optional<Guess> guess = Guess.among(pair, Guess.PLACE);
      check.of(pair).stream()
          .map(drawn -> guess.map(of -> of.leavesOpen(drawn)).orElse(drawn))
          .forEach(findings::add);
      BySide<Extent> extents = BySide.of(side -> Extent.of(front, pair, side));
      pairs.add(
          new PairOnFront(
              pair.id(),
              extents,
              extents.left().innerMm() + extents.right().innerMm(),
              pair.lamp().litAreaCm2(),
              bounds(front, pair, sets)));
    }
    return new PlaceSheet(List.copyOf(findings), List.copyOf(pairs));
  }

  /** The findings on one pair. */
  public List<Finding> findingsOf(String pairId) {
    return findings.stream()
        .filter(
            finding -> finding.subject().lamp().filter(of -> of.which().equals(pairId)).isPresent())
        .toList();
  }

  /** The first of the gravest findings; empty where everything is within. */
  public Optional<Finding> foremost() {
    Verdict worst = worst();
    return findings.stream()
        .filter(finding -> worst != Verdict.WITHIN && finding.verdict() == worst)
        .findFirst();
  }

  /** The gravest verdict of all. */
  public Verdict worst() {
    return findings.stream().map(Finding::verdict).reduce(Verdict.WITHIN, Verdict::or);
  }

  private static List<Bound> bounds(Front front, LampPair pair, List<RuleSet> sets) {
    List<Bound> bounds = new ArrayList<>();
    for (RuleSet set : sets) {
      for (PlaceRule rule : set.placeRulesFor(pair.lamp().function(), front.widthMm())) {
        rule.limits()
            .lowest()
            .ifPresent(limit -> bounds.add(bound(front, pair, set, rule, true, limit)));
        rule.limits()
            .highest()
            .ifPresent(limit -> bounds.add(bound(front, pair, set, rule, false, limit)));
      }
    }
    return bounds;
  }

  private static Bound bound(
      Front front, LampPair pair, RuleSet set, PlaceRule rule, boolean atLeast, double limit) {
    OptionalDouble line =
        switch (rule.asks()) {
          case LOWER_EDGE_HEIGHT, UPPER_EDGE_HEIGHT, CENTRE_HEIGHT -> OptionalDouble.of(limit);
          case OUTER_EDGE -> OptionalDouble.of(front.widthMm() / 2 - limit);
          case INNER_SPACING -> OptionalDouble.of(limit / 2);
          case ABOVE_DIPPED ->
              front.topOfDippedMm().isPresent()
                  ? OptionalDouble.of(front.topOfDippedMm().getAsDouble() + limit)
                  : OptionalDouble.empty();
          default -> OptionalDouble.empty();
        };
    return new Bound(PlaceJudge.ruleOf(rule), set.id(), rule.asks(), atLeast, limit, line);
  }
}
