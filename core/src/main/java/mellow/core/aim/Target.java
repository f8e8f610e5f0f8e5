package mellow.core.aim;

import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Source;

/**
 * What a school asks of one lamp.
 *
 * @param percent the inclination to aim for, negative downwards
 * @param tolerancePercent how far from it the setting may lie, either way
 * @param source where the school comes from
 * @param warning what is to be said against it for this lamp; empty where nothing is
 */
public record Target(
    double percent, double tolerancePercent, Source source, Optional<Finding> warning) {}
