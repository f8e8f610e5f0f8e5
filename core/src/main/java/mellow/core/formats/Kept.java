package mellow.core.formats;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads fields of an object that was stored; what it does not ask for may be there as well. */
final class Kept {
  private final JsonNode object;

  Kept(JsonNode object) {
    this.object = object;
  }

  /** Empty where it is missing. */
  String text(String name) {
    JsonNode value = object.path(name);
    return value.isMissingNode() || value.isNull() ? "" : value.asText();
  }

  Optional<String> maybe(String name) {
    return Optional.of(text(name)).filter(text -> !text.isEmpty());
  }

  /**
   * A text that has to be there.
   *
   * @throws IllegalArgumentException where it is missing
   */
  String needed(String name) {
    return maybe(name).orElseThrow(() -> new IllegalArgumentException("“" + name + "” is missing"));
  }

  /**
   * A constant that has to be there.
   *
   * @throws IllegalArgumentException where it is missing, or no such constant is known
   */
  <E extends Enum<E>> E constant(Class<E> type, String name) {
    return Enum.valueOf(type, needed(name));
  }

  <E extends Enum<E>> Optional<E> maybe(Class<E> type, String name) {
    return maybe(name).map(value -> Enum.valueOf(type, value));
  }

  int count(String name) {
    return object.path(name).asInt();
  }

  int count(String name, int otherwise) {
    return object.path(name).asInt(otherwise);
  }

  double number(String name) {
    return object.path(name).asDouble();
  }

  boolean whether(String name) {
    return object.path(name).asBoolean();
  }

  Map<String, String> texts(String name) {
    Map<String, String> texts = new LinkedHashMap<>();
    object.path(name).properties().forEach(one -> texts.put(one.getKey(), one.getValue().asText()));
    return texts;
  }

  <E extends Enum<E>> Set<E> constants(Class<E> type, String name) {
    Set<E> constants = EnumSet.noneOf(type);
    object.path(name).forEach(value -> constants.add(Enum.valueOf(type, value.asText())));
    return constants;
  }

  /** An object within it; empty where there is none. */
  Optional<Kept> within(String name) {
    return object.path(name).isObject()
        ? Optional.of(new Kept(object.path(name)))
        : Optional.empty();
  }

  /**
   * A document in its own JSON.
   *
   * @throws IllegalArgumentException where it is missing
   */
  String json(String name) {
    return optionalJson(name)
        .orElseThrow(() -> new IllegalArgumentException("“" + name + "” is missing"));
  }

  /** A document in its own JSON; empty where it is missing. */
  Optional<String> optionalJson(String name) {
    return Optional.of(object.path(name))
        .filter(document -> !document.isMissingNode() && !document.isNull())
        // the migration that moved documents into the record wrote each as a text
        .map(document -> document.isTextual() ? document.asText() : document.toString());
  }

  /** The objects of a list; none where it is missing. */
  List<Kept> each(String name) {
    List<Kept> all = new ArrayList<>();
    object.path(name).forEach(one -> all.add(new Kept(one)));
    return all;
  }
}
