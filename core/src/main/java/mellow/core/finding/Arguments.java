package mellow.core.finding;

import java.util.AbstractMap;
import java.util.AbstractSet;
import java.util.Iterator;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The arguments of a message: a handful, made with each sentence and mostly never looked at, so
 * that hashing their names would be most of the work.
 */
final class Arguments extends AbstractMap<String, Object> {
  private final Object[] namesAndValues;

  /**
   * @param namesAndValues each name with its value behind it
   */
  Arguments(Object... namesAndValues) {
    this.namesAndValues = namesAndValues;
    for (Object one : namesAndValues) {
      Objects.requireNonNull(one);
    }
  }

  @Override
  public @Nullable Object get(Object name) {
    for (int i = 0; i < namesAndValues.length; i += 2) {
      if (namesAndValues[i].equals(name)) {
        return namesAndValues[i + 1];
      }
    }
    return null;
  }

  @Override
  public boolean containsKey(Object name) {
    return get(name) != null;
  }

  @Override
  public Set<Map.Entry<String, Object>> entrySet() {
    return new AbstractSet<>() {
      @Override
      public Iterator<Map.Entry<String, Object>> iterator() {
        return IntStream.range(0, size())
            .mapToObj(i -> Map.entry((String) namesAndValues[2 * i], namesAndValues[2 * i + 1]))
            .iterator();
      }

      @Override
      public int size() {
        return namesAndValues.length / 2;
      }
    };
  }
}
