package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Writes fields of an object, one after another; what is empty is left out. */
final class Fields {
  private static final ObjectMapper JSON = new ObjectMapper();

  private final ObjectNode object;

  Fields(ObjectNode object) {
    this.object = object;
  }

  Fields text(String name, String value) {
    if (!value.isEmpty()) {
      object.put(name, value);
    }
    return this;
  }

  Fields text(String name, Optional<String> value) {
    return text(name, value.orElse(""));
  }

  Fields constant(String name, Enum<?> value) {
    return text(name, value.name());
  }

  Fields constant(String name, Optional<? extends Enum<?>> value) {
    return text(name, value.map(Enum::name).orElse(""));
  }

  Fields count(String name, int value) {
    object.put(name, value);
    return this;
  }

  Fields number(String name, double value) {
    object.put(name, value);
    return this;
  }

  Fields whether(String name, boolean value) {
    if (value) {
      object.put(name, true);
    }
    return this;
  }

  Fields texts(String name, Map<String, String> values) {
    if (!values.isEmpty()) {
      ObjectNode inner = object.putObject(name);
      new TreeMap<>(values).forEach(inner::put);
    }
    return this;
  }

  Fields constants(String name, Set<? extends Enum<?>> values) {
    var array = object.putArray(name);
    TreeSet<String> names = new TreeSet<>();
    values.forEach(value -> names.add(value.name()));
    names.forEach(array::add);
    return this;
  }

  /** A document in its own JSON. */
  Fields json(String name, String document) {
    try {
      object.set(name, JSON.readTree(document));
    } catch (JsonProcessingException e) {
      throw new IllegalArgumentException("“" + name + "” is no JSON", e);
    }
    return this;
  }

  /** An object of its own. */
  Fields within(String name) {
    return new Fields(object.putObject(name));
  }

  /** One more object of a list. */
  Fields oneOf(String name) {
    return new Fields(object.withArray(name).addObject());
  }
}
