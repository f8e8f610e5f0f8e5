package mellow.server.sheet;

import mellow.core.record.JobDocument;

/**
 * A document as it is to be kept.
 *
 * @param version it was made on; 0 where none was kept yet
 * @param before what it held before anybody kept one: with that back, the first change is undone
 * @param <T> what it holds
 */
public record Revision<T extends Record>(JobDocument document, int version, T content, T before) {}
