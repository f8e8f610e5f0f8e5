package mellow.server.record;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.Side;
import mellow.core.words.Speech;
import org.jspecify.annotations.Nullable;

/**
 * Where two versions of one document differ: every field, told by where it stands, with both values
 * in words. It walks the records that a document is made of, so that a field that is added later is
 * compared as well.
 */
public final class Comparer {
  /** What tells the rows of a list from each other, the first that they have. */
  private static final List<String> KEYS =
      List.of("id", "stage", "state", "function", "wire", "question", "part", "about", "parameter");

  /** What a row of a list is called, the first that it has. */
  private static final List<String> NAMES =
      List.of("name", "label", "what", "wire", "stage", "function", "state", "parameter", "about");

  private static final String VERSION = "version";
  private static final String ID = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  private final UnaryOperator<String> names;
  private final List<Difference> found = new ArrayList<>();

  private Comparer(UnaryOperator<String> names) {
    this.names = names;
  }

  /**
   * A field that differs.
   *
   * @param what where it stands, in words
   */
  public record Difference(Sentence what, Sentence theirs, Sentence mine) {}

  /** Where two versions differ; empty where they say the same. */
  public static <T extends Record> List<Difference> between(T theirs, T mine) {
    return between(theirs, mine, id -> "");
  }

  /**
   * The same where a document refers to others by their ids.
   *
   * @param names what is called so; empty where that is not known
   */
  public static <T extends Record> List<Difference> between(
      T theirs, T mine, UnaryOperator<String> names) {
    Comparer comparer = new Comparer(names);
    comparer.records(List.of(), theirs, mine);
    return comparer.found;
  }

  private void records(List<Sentence> path, Record theirs, Record mine) {
    for (RecordComponent component : theirs.getClass().getRecordComponents()) {
      String name = component.getName();
      // of the document itself they differ, or nobody would compare them
      if (!path.isEmpty() || !name.equals(VERSION)) {
        values(
            with(path, Sentence.term(FieldName.of(name))),
            name,
            value(component, theirs),
            value(component, mine));
      }
    }
  }

  private void values(
      List<Sentence> path, String name, @Nullable Object theirs, @Nullable Object mine) {
    if (Objects.equals(emptied(theirs), emptied(mine))) {
      return;
    }
    if (theirs instanceof Record their && mine instanceof Record my) {
      records(path, their, my);
    } else if (isOfMap(theirs, mine)) {
      maps(path, name, map(theirs), map(mine));
    } else if (isOfRows(theirs, mine)) {
      rows(path, name, list(theirs), list(mine));
    } else {
      note(path, said(name, theirs), said(name, mine), theirs, mine);
    }
  }

  /** What is empty says the same as what is not there. */
  private static @Nullable Object emptied(@Nullable Object value) {
    boolean empty =
        value instanceof String text && text.isEmpty()
            || value instanceof Collection<?> many && many.isEmpty()
            || value instanceof Map<?, ?> map && map.isEmpty();
    return empty ? null : value;
  }

  private static boolean isOfMap(@Nullable Object theirs, @Nullable Object mine) {
    return theirs instanceof Map || mine instanceof Map;
  }

  /** Lists of records that can be told apart; points of an outline are one thing together. */
  private static boolean isOfRows(@Nullable Object theirs, @Nullable Object mine) {
    return Stream.of(list(theirs), list(mine))
        .flatMap(List::stream)
        .anyMatch(one -> one instanceof Record row && !isOfNumbers(row));
  }

  private static boolean isOfNumbers(Record row) {
    return Arrays.stream(row.getClass().getRecordComponents())
        .allMatch(component -> component.getType() == double.class);
  }

  private static List<?> list(@Nullable Object value) {
    return value instanceof Collection<?> many ? List.copyOf(many) : List.of();
  }

  private static Map<?, ?> map(@Nullable Object value) {
    return value instanceof Map<?, ?> map ? map : Map.of();
  }

  private void maps(List<Sentence> path, String name, Map<?, ?> theirs, Map<?, ?> mine) {
    Set<Object> keys = new LinkedHashSet<>(theirs.keySet());
    keys.addAll(mine.keySet());
    for (Object key : keys) {
      values(with(path, said("", key)), name, theirs.get(key), mine.get(key));
    }
  }

  private void rows(List<Sentence> path, String name, List<?> theirs, List<?> mine) {
    Map<Object, Object> their = byKey(theirs);
    Map<Object, Object> my = byKey(mine);
    Set<Object> keys = new LinkedHashSet<>(their.keySet());
    keys.addAll(my.keySet());
    int before = found.size();
    int place = 0;
    for (Object key : keys) {
      place++;
      Object one = their.get(key);
      Object other = my.get(key);
      List<Sentence> at = with(path, called(one == null ? other : one, place));
      if (one == null || other == null) {
        note(at, there(one), there(other), one, other);
      } else {
        values(at, name, one, other);
      }
    }
    if (found.size() == before) {
      note(path, RecordWords.theirOrder(), RecordWords.myOrder(), theirs, mine);
    }
  }

  private static Sentence there(@Nullable Object row) {
    return row == null ? RecordWords.notThere() : RecordWords.there();
  }

  private static Map<Object, Object> byKey(List<?> rows) {
    Map<Object, Object> by = new LinkedHashMap<>();
    Map<Object, Integer> many = new LinkedHashMap<>();
    for (Object row : rows) {
      Object key = key(row);
      by.put(List.of(key, many.merge(key, 1, Integer::sum)), row);
    }
    return by;
  }

  private static Object key(Object row) {
    return component(row, KEYS).orElse("");
  }

  private Sentence called(@Nullable Object row, int place) {
    Sentence name =
        component(row, NAMES)
            .filter(one -> !one.equals(""))
            .map(one -> said("", one))
            .orElseGet(() -> RecordWords.rowNumber(place));
    return component(row, List.of("side"))
        .filter(Side.class::isInstance)
        .map(side -> joined(List.of(name, Sentence.term((Side) side)), ", "))
        .orElse(name);
  }

  private static Optional<Object> component(@Nullable Object row, List<String> wanted) {
    if (row == null || !row.getClass().isRecord()) {
      return Optional.empty();
    }
    RecordComponent[] components = row.getClass().getRecordComponents();
    return wanted.stream()
        .flatMap(
            name -> Arrays.stream(components).filter(component -> component.getName().equals(name)))
        .findFirst()
        .flatMap(component -> Optional.ofNullable(value(component, (Record) row)));
  }

  private static @Nullable Object value(RecordComponent component, Record of) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(of);
    } catch (IllegalAccessException | InvocationTargetException e) {
      throw new IllegalStateException(component + " cannot be compared", e);
    }
  }

  private static List<Sentence> with(List<Sentence> path, Sentence part) {
    return Stream.concat(path.stream(), Stream.of(part)).toList();
  }

  private Sentence said(String name, @Nullable Object value) {
    if (emptied(value) == null) {
      return RecordWords.nothing();
    }
    if (value instanceof Enum<?> constant) {
      return Sentence.term(constant);
    } else if (value instanceof Boolean so) {
      return RecordWords.yesOrNo(so);
    } else if (value instanceof Number number) {
      return number(name, number.doubleValue());
    } else if (value instanceof Collection<?> many) {
      return joined(many.stream().map(one -> said(name, one)).toList(), "; ");
    } else if (value instanceof Record row) {
      return joined(
          Arrays.stream(row.getClass().getRecordComponents())
              .map(component -> said(component.getName(), value(component, row)))
              .toList(),
          " / ");
    }
    String text = String.valueOf(value);
    if (!text.matches(ID)) {
      return Sentence.typed(text);
    }
    String known = names.apply(text);
    return known.isEmpty() ? RecordWords.chosen() : Sentence.typed(known);
  }

  private static Sentence number(String name, double value) {
    if (name.endsWith("Mm")) {
      return Sentence.of("{0}", Figure.lengthMm(value));
    } else if (name.endsWith("Deg")) {
      return Sentence.of("{0}", Figure.degrees(value));
    }
    return Sentence.of("{0}", Figure.number(value));
  }

  private static Sentence joined(List<Sentence> parts, String between) {
    List<Sentence> all = new ArrayList<>();
    for (Sentence part : parts) {
      if (!all.isEmpty()) {
        all.add(Sentence.of(between));
      }
      all.add(part);
    }
    return new Sentence.Joined(all);
  }

  /** Values that are rounded to the same words are told as they are. */
  private void note(
      List<Sentence> path,
      Sentence theirs,
      Sentence mine,
      @Nullable Object their,
      @Nullable Object my) {
    boolean alike =
        Stream.of(UnitSystem.values())
            .anyMatch(
                units ->
                    Speech.ENGLISH.text(theirs, units).equals(Speech.ENGLISH.text(mine, units)));
    found.add(
        new Difference(
            joined(path, ", ").capital(),
            alike ? exact(their, RecordWords.oneOfTwo()) : theirs,
            alike ? exact(my, RecordWords.anotherOfTwo()) : mine));
  }

  private static Sentence exact(@Nullable Object value, Sentence otherwise) {
    if (value instanceof Collection<?> many && !many.isEmpty()) {
      return Sentence.typed(many.stream().map(Comparer::digits).collect(Collectors.joining("; ")));
    }
    return value instanceof Number ? Sentence.typed(digits(value)) : otherwise;
  }

  private static String digits(Object value) {
    return value instanceof Record row
        ? Arrays.stream(row.getClass().getRecordComponents())
            .map(component -> String.valueOf(value(component, row)))
            .collect(Collectors.joining(" / "))
        : String.valueOf(value);
  }
}
