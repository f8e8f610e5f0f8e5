package mellow.core.finding;

/**
 * Something to heed because work can hurt somebody, or because the product does not decide.
 *
 * @param id stable name
 * @param text what to heed, for people
 * @param source where it comes from
 */
public record Caution(String id, Sentence text, Source source) {}
