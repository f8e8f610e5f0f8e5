package mellow.core.record;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The change of a document that is undone next: the last one that was neither undone, nor undid
 * another.
 *
 * @param line that revised the document
 * @param before the version that it changed; empty where it is the first
 */
public record LastChange(Line line, Optional<Fact.Revised> before) {

  /**
   * The last change of a document; empty where all are undone, or what it was before is not known.
   *
   * @param versions the lines that revised it, in their order, with those that were undone
   */
  public static Optional<LastChange> of(List<Line> versions) {
    Set<String> undone = new HashSet<>();
    for (int at = versions.size() - 1; at >= 0; at--) {
      Line line = versions.get(at);
      line.strikes().ifPresent(undone::add);
      if (line.strikes().isEmpty() && !undone.contains(line.id())) {
        Optional<Fact.Revised> before =
            at == 0 ? Optional.empty() : Optional.of((Fact.Revised) versions.get(at - 1).fact());
        boolean isKnown = before.isPresent() || ((Fact.Revised) line.fact()).version() == 1;
        return isKnown ? Optional.of(new LastChange(line, before)) : Optional.empty();
      }
    }
    return Optional.empty();
  }
}
