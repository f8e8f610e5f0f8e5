package mellow.benchmarks;

import java.util.Collection;
import java.util.Set;

/**
 * Which parts of the bench are wanted.
 *
 * @param named all where none is named
 */
record Parts(Set<String> named) {
  Parts(Collection<String> named) {
    this(Set.copyOf(named));
  }

  boolean isAll() {
    return named.isEmpty();
  }

  boolean wants(String part) {
    return isAll() || named.contains(part);
  }

  boolean wantsAny(String... parts) {
    for (String part : parts) {
      if (wants(part)) {
        return true;
      }
    }
    return false;
  }
}
