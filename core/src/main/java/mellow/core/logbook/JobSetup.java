package mellow.core.logbook;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.TrafficSide;

/**
 * What was settled for a job, as against what was read.
 *
 * @param market the rule set it is judged by
 * @param scope what is known of the vehicle's class
 * @param compare rule sets shown beside it
 * @param labelPercent inclination on the vehicle's label, negative downwards
 * @param stanceChanged suspension, tyres or load changed since the marks "before"
 * @param dipped what the low beams' lenses say
 * @param fog what the fog lamps' lenses say; empty where none are aimed
 * @param driving driving lamps or pods are aimed too
 * @param steeperByMaker the maker chose the steeper of two settings that the rule allows
 * @param adjusters the vehicle's screws
 */
public record JobSetup(
    TrafficSide traffic,
    RuleSet market,
    VehicleScope scope,
    List<RuleSet> compare,
    School school,
    OptionalDouble labelPercent,
    boolean stanceChanged,
    boolean frontClosed,
    MarkStyle.Edge markEdge,
    double tapeWidthMm,
    MarkStyle.Origin markOrigin,
    BeamClass dipped,
    Optional<BeamClass> fog,
    boolean driving,
    boolean steeperByMaker,
    List<Adjuster> adjusters) {}
