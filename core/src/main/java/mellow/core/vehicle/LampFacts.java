package mellow.core.vehicle;

import java.util.OptionalDouble;

/**
 * What a rule of aim may ask about a lamp.
 *
 * @param beamClass what the lens says
 * @param centreHeightMm height of the lamp's centre above the floor
 * @param lowerEdgeHeightMm height of the lower edge of the lit surface above the floor
 * @param steeperByMaker the vehicle's maker chose the steeper of two settings that the rule allows
 */
public record LampFacts(
    BeamClass beamClass,
    OptionalDouble centreHeightMm,
    OptionalDouble lowerEdgeHeightMm,
    boolean steeperByMaker) {}
