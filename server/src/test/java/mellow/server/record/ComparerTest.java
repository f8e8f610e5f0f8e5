package mellow.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.parts.Part;
import mellow.core.vehicle.Side;
import mellow.core.words.Speech;
import mellow.core.workflow.Stage;
import mellow.server.bay.BayEdit;
import mellow.server.feed.FeedEdit;
import mellow.server.handover.HandOverEdit;
import mellow.server.job.JobEdit;
import mellow.server.parts.PartsEdit;
import mellow.server.photo.PhotoNotes;
import mellow.server.place.FrontEdit;
import mellow.server.takein.FoundEdit;
import mellow.server.takein.TakeInEdit;
import mellow.server.vehicle.AdjusterEdit;
import mellow.server.vehicle.VehicleEdit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever field of whatever document is changed, the difference is shown, in words. */
class ComparerTest {
  static Stream<Class<? extends Record>> documents() {
    return Stream.of(
        FrontEdit.class,
        FeedEdit.class,
        PartsEdit.class,
        TakeInEdit.class,
        FoundEdit.class,
        HandOverEdit.class,
        JobEdit.class,
        VehicleEdit.class,
        AdjusterEdit.class,
        BayEdit.class,
        PhotoNotes.class);
  }

  @ParameterizedTest
  @MethodSource("documents")
  void everyFieldThatIsChangedIsShown(Class<? extends Record> type) throws Exception {
    Record document = (Record) filled(type, type, 0);
    assertThat(Comparer.between(document, (Record) filled(type, type, 0))).isEmpty();
    List<Changed> changes = changes(document);
    assertThat(changes).hasSizeGreaterThan(2);
    for (Changed changed : changes) {
      List<Comparer.Difference> found = Comparer.between(document, (Record) changed.document());
      assertThat(found).as(type.getSimpleName() + ": " + changed.where()).isNotEmpty();
      for (Comparer.Difference one : found) {
        for (Speech language : List.of(Speech.ENGLISH, Speech.named("de"))) {
          for (UnitSystem units : UnitSystem.values()) {
            String their = language.text(one.theirs(), units);
            assertThat(their)
                .as(changed.where())
                .isNotBlank()
                .isNotEqualTo(language.text(one.mine(), units));
            assertThat(language.text(one.what(), units) + their)
                .as("no name of a constant, and no id")
                .doesNotContainPattern("[A-Z]{2,}_|[0-9a-f]{8}-");
          }
        }
      }
    }
  }

  /** Seen before: each of these compared as equal, and "Use mine" then wrote over it. */
  @Test
  void ofTwoThatHaveOneNameTheSideIsSaid() {
    PartsEdit before = projectors("");
    assertThat(Comparer.between(before, projectors("scratched")))
        .singleElement()
        .satisfies(one -> assertThat(text(one.what())).contains("projector, right"));
  }

  private static PartsEdit projectors(String withOfTheRight) {
    return new PartsEdit(
        List.of(projector(Side.LEFT, ""), projector(Side.RIGHT, withOfTheRight)),
        List.of(),
        List.of(),
        null,
        "");
  }

  private static PartsEdit.PartEdit projector(Side side, String with) {
    return new PartsEdit.PartEdit(
        "projector-" + side.word(),
        "projector",
        side,
        Stage.BENCH,
        Map.of(),
        Part.Outcome.GOES_BACK,
        with,
        null,
        null,
        null);
  }

  @Test
  void aMovedKeepOutItsClearanceAndTheWidthAreShown() throws Exception {
    Record front = (Record) filled(FrontEdit.class, FrontEdit.class, 0);
    List<String> shown = new ArrayList<>();
    for (Changed changed : changes(front)) {
      Comparer.between(front, (Record) changed.document())
          .forEach(one -> shown.add(text(one.what())));
    }
    assertThat(shown)
        .anyMatch(what -> what.startsWith("In the way") && what.endsWith("clearance"))
        .anyMatch(what -> what.startsWith("In the way") && what.endsWith("corners"))
        .contains("Width");
  }

  private static String text(Sentence sentence) {
    return Speech.ENGLISH.text(sentence, UnitSystem.METRIC);
  }

  /** A document with one leaf changed, and where. */
  private record Changed(String where, Object document) {}

  private static List<Changed> changes(Object value) throws Exception {
    List<Changed> all = new ArrayList<>();
    if (value instanceof Record row) {
      RecordComponent[] components = row.getClass().getRecordComponents();
      for (int i = 0; i < components.length; i++) {
        if (isVersionOf(row, components[i])) {
          continue;
        }
        components[i].getAccessor().setAccessible(true);
        Object inner = components[i].getAccessor().invoke(row);
        for (Changed changed : changes(inner)) {
          all.add(
              new Changed(
                  components[i].getName() + "." + changed.where(),
                  with(row, i, changed.document())));
        }
      }
    } else if (value instanceof Map<?, ?> map) {
      for (Object key : map.keySet()) {
        for (Changed changed : changes(map.get(key))) {
          Map<Object, Object> other = new LinkedHashMap<>(map);
          other.put(key, changed.document());
          all.add(new Changed(key + "." + changed.where(), other));
        }
        Map<Object, Object> fewer = new LinkedHashMap<>(map);
        fewer.remove(key);
        all.add(new Changed("without " + key, fewer));
      }
    } else if (value instanceof Collection<?> many) {
      ofMany(many, all);
    } else {
      all.add(new Changed("", other(value)));
    }
    return all;
  }

  private static void ofMany(Collection<?> many, List<Changed> all) throws Exception {
    List<Object> list = new ArrayList<>(many);
    if (many instanceof List) {
      List<Object> turned = new ArrayList<>(list);
      Collections.reverse(turned);
      all.add(new Changed("in another order", turned));
    }
    for (int i = 0; i < list.size(); i++) {
      List<Object> fewer = new ArrayList<>(list);
      fewer.remove(i);
      all.add(new Changed("without " + i, like(many, fewer)));
      if (many instanceof List) {
        for (Changed changed : changes(list.get(i))) {
          List<Object> others = new ArrayList<>(list);
          others.set(i, changed.document());
          all.add(new Changed(i + "." + changed.where(), others));
        }
      }
    }
  }

  private static Collection<Object> like(Collection<?> many, List<Object> values) {
    return many instanceof Set ? new LinkedHashSet<>(values) : values;
  }

  /** The document's own version is what made it two. */
  private static boolean isVersionOf(Record row, RecordComponent component) {
    return component.getName().equals("version")
        && documents().anyMatch(type -> type.equals(row.getClass()));
  }

  private static Object with(Record row, int at, Object value) throws Exception {
    RecordComponent[] components = row.getClass().getRecordComponents();
    Object[] values = new Object[components.length];
    for (int i = 0; i < values.length; i++) {
      components[i].getAccessor().setAccessible(true);
      values[i] = i == at ? value : components[i].getAccessor().invoke(row);
    }
    return made(row.getClass(), values);
  }

  private static Object made(Class<?> type, Object[] values) throws Exception {
    Class<?>[] types =
        Stream.of(type.getRecordComponents())
            .map(RecordComponent::getType)
            .toArray(Class<?>[]::new);
    Constructor<?> constructor = type.getDeclaredConstructor(types);
    constructor.setAccessible(true);
    return constructor.newInstance(values);
  }

  private static Object filled(Class<?> type, Type generic, int seed) throws Exception {
    if (type.isRecord()) {
      RecordComponent[] components = type.getRecordComponents();
      Object[] values = new Object[components.length];
      for (int i = 0; i < values.length; i++) {
        values[i] =
            filled(components[i].getType(), components[i].getGenericType(), seed + 3 * i + 1);
      }
      return made(type, values);
    } else if (type.isEnum()) {
      return type.getEnumConstants()[seed % type.getEnumConstants().length];
    } else if (Map.class.isAssignableFrom(type)) {
      Type[] of = ((ParameterizedType) generic).getActualTypeArguments();
      Map<Object, Object> map = new LinkedHashMap<>();
      for (int i = 0; i < 2; i++) {
        map.put(filled(raw(of[0]), of[0], seed + i), filled(raw(of[1]), of[1], seed + i));
      }
      return map;
    } else if (Collection.class.isAssignableFrom(type)) {
      Type of = ((ParameterizedType) generic).getActualTypeArguments()[0];
      List<Object> list = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        list.add(filled(raw(of), of, seed + i));
      }
      return Set.class.isAssignableFrom(type) ? new LinkedHashSet<>(list) : list;
    }
    return leaf(type, seed);
  }

  private static Class<?> raw(Type type) {
    return type instanceof ParameterizedType of ? (Class<?>) of.getRawType() : (Class<?>) type;
  }

  private static Object leaf(Class<?> type, int seed) {
    if (type == String.class) {
      return "said " + seed;
    } else if (type == boolean.class || type == Boolean.class) {
      return seed % 2 == 0;
    } else if (type == int.class || type == Integer.class) {
      return seed;
    } else if (type == LocalDate.class) {
      return LocalDate.of(2026, 11, 1).plusDays(seed % 28);
    }
    return 100.25 + seed;
  }

  /** Another value of the same type; of a length one that is rounded to the same. */
  private static Object other(Object value) {
    if (value instanceof String text) {
      return text + "x";
    } else if (value instanceof Boolean so) {
      return !so;
    } else if (value instanceof Integer count) {
      return count + 1;
    } else if (value instanceof LocalDate day) {
      return day.plusDays(1);
    } else if (value instanceof Enum<?> constant) {
      Object[] all = constant.getDeclaringClass().getEnumConstants();
      return all[(constant.ordinal() + 1) % all.length];
    }
    return (double) value + 0.0001;
  }
}
