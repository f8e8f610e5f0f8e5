package mellow.server.sheet;

import java.time.Instant;

/**
 * A document as it is kept.
 *
 * @param <T> what it holds
 * @param version 0 while nothing was kept
 * @param changedBy who changed it last; empty while nothing was kept
 * @param changedAt when
 */
public record Kept<T>(int version, T content, String changedBy, Instant changedAt) {}
