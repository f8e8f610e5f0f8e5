package mellow.core.parts;

import java.util.Optional;

/**
 * A part that could be ordered.
 *
 * @param name what it is called where it is sold
 * @param outline whether outline and brackets were held against the vehicle, and matched
 * @param light what light it gives; empty where it is no lamp or not said
 * @param cost as written
 * @param note what speaks for or against it
 */
public record Candidate(
    String id,
    String name,
    Optional<Part.Answer> outline,
    Optional<Light> light,
    String cost,
    String note) {}
