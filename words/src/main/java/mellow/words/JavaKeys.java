package mellow.words;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes a Java class for each feature of a module: a method a message, typed by its arguments. */
final class JavaKeys {
  private static final Map<String, String> QUANTITIES =
      Map.ofEntries(
          Map.entry("length", "Length"),
          Map.entry("fine", "FineLength"),
          Map.entry("reach", "Reach"),
          Map.entry("percent", "Percent"),
          Map.entry("angle", "Angle"),
          Map.entry("direction", "Direction"),
          Map.entry("turns", "Turns"),
          Map.entry("area", "Area"),
          Map.entry("intensity", "Intensity"),
          Map.entry("lux", "Illuminance"),
          Map.entry("speed", "Speed"),
          Map.entry("minutes", "Minutes"),
          Map.entry("volts", "Voltage"),
          Map.entry("amps", "Current"),
          Map.entry("ohms", "Resistance"),
          Map.entry("watts", "Power"),
          Map.entry("temperature", "Temperature"),
          Map.entry("count", "Count"),
          Map.entry("number", "Number"));

  /** A figure whose quantity is only known at run time. */
  private static final String ANY = "any";

  private final Catalogue catalogue;

  JavaKeys(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  /**
   * The sources by their path below the source root.
   *
   * @param module whose packages begin so: "mellow.core"
   */
  Map<Path, String> sources(String module) {
    Map<Path, String> sources = new LinkedHashMap<>();
    for (String feature : catalogue.features()) {
      catalogue
          .classOf(feature)
          .filter(name -> name.startsWith(module + "."))
          .ifPresent(
              name ->
                  sources.put(Path.of(name.replace('.', '/') + ".java"), source(feature, name)));
    }
    return sources;
  }

  private String source(String feature, String fullName) {
    String packageName = fullName.substring(0, fullName.lastIndexOf('.'));
    String className = fullName.substring(packageName.length() + 1);
    TreeSet<String> imports =
        new TreeSet<>(List.of("mellow.core.finding.MessageKey", "mellow.core.finding.Sentence"));
    StringBuilder methods = new StringBuilder();
    catalogue
        .feature(feature)
        .forEach((key, message) -> methods.append(method(feature, key, message, imports)));
    return """
        package %s;

        %s
        /** What is said in this package: generated from the catalogue's %s.json. */
        public final class %s {
          private %s() {}
        %s}
        """
        .formatted(
            packageName,
            imports.stream()
                .filter(
                    one ->
                        !one.startsWith(packageName + ".")
                            || one.lastIndexOf('.') > packageName.length())
                .map(one -> "import " + one + ";\n")
                .collect(Collectors.joining()),
            feature,
            className,
            className,
            methods);
  }

  private String method(String feature, String key, Message message, TreeSet<String> imports) {
    List<String> parameters = new ArrayList<>();
    List<String> names = new ArrayList<>();
    List<String> values = new ArrayList<>();
    message
        .arguments()
        .values()
        .forEach(
            argument -> {
              String type = type(feature, argument, imports);
              parameters.add(type + " " + argument.name());
              names.add(", \"" + argument.name() + "\"");
              values.add(", " + argument.name());
            });
    return """

          private static final MessageKey %s = MessageKey.of("%s.%s"%s);

          /** %s */
          public static Sentence %s(%s) {
            return Sentence.keyed(%s%s);
          }
        """
        .formatted(
            constant(key),
            feature,
            key,
            String.join("", names),
            message.text().replace("*/", "* /").replace("@", "&#64;").replace("\n", " "),
            key,
            String.join(", ", parameters),
            constant(key),
            String.join("", values))
        .indent(0);
  }

  private static String constant(String key) {
    return key.replaceAll("([A-Z])", "_$1").toUpperCase(Locale.ROOT);
  }

  private String type(String feature, Argument argument, TreeSet<String> imports) {
    return switch (argument.kind()) {
      case FIGURE -> {
        imports.add("mellow.core.finding.Figure");
        yield argument.style().equals(ANY) ? "Figure" : "Figure." + quantity(argument);
      }
      case AMOUNT -> "int";
      case WHETHER -> "boolean";
      case SENTENCE -> "Sentence";
      case LIST -> {
        imports.add("java.util.List");
        yield "List<Sentence>";
      }
      case CHOICE, WORDS ->
          // the page puts words together that were said before
          Catalogue.isOfThePage(feature)
              ? "String"
              : catalogue.type(argument.name()).map(of -> imported(of, imports)).orElse("String");
    };
  }

  private static String quantity(Argument argument) {
    String type = QUANTITIES.get(argument.style());
    if (type == null) {
      throw new IllegalArgumentException(argument.style() + " is no quantity");
    }
    return type;
  }

  /** Nested types are written with the one that they are in: "Adjuster.Axis". */
  private static String imported(String type, TreeSet<String> imports) {
    String[] names = type.split("\\$");
    imports.add(names[0]);
    String outer = names[0].substring(names[0].lastIndexOf('.') + 1);
    return names.length > 1 ? outer + "." + names[1] : outer;
  }
}
