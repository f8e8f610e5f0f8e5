package mellow.core.photo;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a photo was taken.
 *
 * @param fromMm distance from what it shows; empty where not noted
 * @param focusLocked focus was locked
 * @param exposureLocked exposure was locked
 * @param balanceLocked white balance was locked
 * @param marks its two tape marks; empty where not set
 */
public record Shot(
    OptionalDouble fromMm,
    boolean focusLocked,
    boolean exposureLocked,
    boolean balanceLocked,
    Optional<Marks> marks) {}
