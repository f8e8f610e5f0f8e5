package mellow.words;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** All messages of all languages, by feature and key. */
public final class Catalogue {
  /** The language in which every message is written first. */
  public static final String FIRST = "en";

  /** English with longer words, to look at a view with; never on offer. */
  public static final String STRETCHED = "en-XA";

  /** The feature of the constants' own words: "Side.LEFT", "Adjuster.Axis.VERTICAL". */
  public static final String TERMS = "terms";

  private static final String SERVER = "server/";
  private static final String PAGE = "page/";

  private static final ObjectMapper JSON =
      JsonMapper.builder().enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION).build();
  private static final String ROOT = "/words/";

  private final Map<String, Map<String, Map<String, Message>>> languages = new LinkedHashMap<>();
  private final List<String> problems = new ArrayList<>();
  private final Map<String, Data> data = new LinkedHashMap<>();
  private final Map<String, String> types;
  private final Map<String, String> packages;
  private final List<String> offered;

  private Catalogue() {
    Index index = read(ROOT + "index.json", new TypeReference<>() {});
    this.types = Map.copyOf(index.types());
    this.packages = Map.copyOf(index.packages());
    this.offered = List.copyOf(index.offered());
    for (String language : index.languages()) {
      Map<String, Map<String, Message>> features = new TreeMap<>();
      languages.put(language, features);
      data.put(
          language,
          language.equals(FIRST)
              ? Data.NONE
              : Data.of(read(ROOT + language + "/data.json", new TypeReference<>() {})));
      for (String feature : index.features()) {
        features.put(feature, messages(language, feature));
      }
    }
    compare();
  }

  /**
   * What there is.
   *
   * @param languages their codes, the first one first
   * @param offered those of them that are whole, so that a reader may have them
   * @param features names of the files
   * @param types the Java type of an argument, by its name
   * @param packages of the core, for features that are not called as theirs
   */
  record Index(
      List<String> languages,
      List<String> offered,
      List<String> features,
      Map<String, String> types,
      Map<String, String> packages) {}

  private static final class Held {
    private static final Catalogue CATALOGUE = new Catalogue();
  }

  /** Made when somebody asks for it first. */
  private static final class Longer {
    private static final Map<String, Map<String, Message>> FEATURES =
        Stretched.all(shipped().languages.get(FIRST));
  }

  /** The catalogue, read once. */
  public static Catalogue shipped() {
    return Held.CATALOGUE;
  }

  public List<String> languages() {
    return List.copyOf(languages.keySet());
  }

  /** The languages that are whole. */
  public List<String> offered() {
    return offered;
  }

  /** The messages of a feature in the first language. */
  public Map<String, Message> feature(String feature) {
    return languages.get(FIRST).getOrDefault(feature, Map.of());
  }

  public List<String> features() {
    return List.copyOf(languages.get(FIRST).keySet());
  }

  /** The Java type of an argument; empty for words that somebody typed. */
  public Optional<String> type(String argument) {
    return Optional.ofNullable(types.get(argument));
  }

  /**
   * The Java class that has a method for each message of a feature: "mellow.core.aim.AimWords",
   * "mellow.server.feed.FeedWords"; of the page's own, for those who look at it,
   * "mellow.page.FeedPage". Empty for constants' words.
   */
  public Optional<String> classOf(String feature) {
    if (feature.equals(TERMS)) {
      return Optional.empty();
    }
    if (isOfThePage(feature)) {
      return Optional.of("mellow.page." + capital(feature.substring(PAGE.length())) + "Page");
    }
    boolean server = feature.startsWith(SERVER);
    String name = server ? feature.substring(SERVER.length()) : feature;
    return Optional.of(
        (server ? "mellow.server." : "mellow.core.")
            + packages.getOrDefault(feature, name)
            + "."
            + capital(name)
            + "Words");
  }

  /** Whether the page itself says the messages of a feature. */
  static boolean isOfThePage(String feature) {
    return feature.startsWith(PAGE);
  }

  private static String capital(String name) {
    return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
  }

  public Map<String, String> types() {
    return types;
  }

  /**
   * A message.
   *
   * @param key feature and key: "stance.tipped"
   */
  public Optional<Message> message(String language, String key) {
    int dot = key.indexOf('.');
    Map<String, Map<String, Message>> features =
        language.equals(STRETCHED) ? Longer.FEATURES : languages.getOrDefault(language, Map.of());
    return Optional.ofNullable(
        features.getOrDefault(key.substring(0, dot), Map.of()).get(key.substring(dot + 1)));
  }

  /**
   * Words of the data that ship with the product (feed plans, steps, parts, rules), which stand
   * there in the first language.
   */
  public Optional<String> data(String language, String words) {
    if (language.equals(STRETCHED)) {
      boolean shipped = data.values().stream().anyMatch(one -> one.said(words).isPresent());
      return shipped ? Optional.of(Stretched.words(words)) : Optional.empty();
    }
    return data.getOrDefault(language, Data.NONE).said(words);
  }

  /** The key of a constant's own words: "terms.Adjuster.Axis.VERTICAL". */
  public static String term(Class<?> type, String constant) {
    String name = type.getName().substring(type.getPackageName().length() + 1);
    return TERMS + "." + name.replace('$', '.') + "." + constant;
  }

  /** What is wrong with the files; empty where they can be shipped. */
  public List<String> problems() {
    return List.copyOf(problems);
  }

  private Map<String, Message> messages(String language, String feature) {
    Map<String, Message> messages = new LinkedHashMap<>();
    Map<String, String> texts =
        read(ROOT + language + "/" + feature + ".json", new TypeReference<>() {});
    texts.forEach(
        (key, text) -> {
          try {
            messages.put(key, Message.read(text));
          } catch (IllegalArgumentException broken) {
            problems.add(language + "." + feature + "." + key + ": " + broken.getMessage());
          }
        });
    return messages;
  }

  /** Every language says the same things with the same arguments. */
  private void compare() {
    for (String language : languages.keySet()) {
      for (String feature : features()) {
        Map<String, Message> first = feature(feature);
        Map<String, Message> here = languages.get(language).get(feature);
        first.forEach(
            (key, message) -> {
              String where = language + "." + feature + "." + key;
              Message other = here.get(key);
              if (other == null) {
                problems.add(where + ": is missing");
              } else if (!sameArguments(message, other)) {
                problems.add(where + ": has other arguments");
              }
            });
        here.keySet().stream()
            .filter(key -> !first.containsKey(key))
            .forEach(key -> problems.add(language + "." + feature + "." + key + ": is of no use"));
      }
    }
  }

  /** A language may leave out an argument that its grammar does not need. */
  private static boolean sameArguments(Message first, Message other) {
    return other.arguments().entrySet().stream()
        .allMatch(
            one -> {
              Argument there = first.arguments().get(one.getKey());
              Argument here = one.getValue();
              return there != null
                  && (there.kind() == here.kind() || isChosenOrNamed(there, here))
                  && there.style().equals(here.style());
            });
  }

  private static boolean isChosenOrNamed(Argument one, Argument other) {
    List<Argument.Kind> both = List.of(Argument.Kind.CHOICE, Argument.Kind.WORDS);
    return both.contains(one.kind()) && both.contains(other.kind());
  }

  private static <T> T read(String resource, TypeReference<T> as) {
    try (InputStream in = Catalogue.class.getResourceAsStream(resource)) {
      if (in == null) {
        throw new IllegalStateException(resource + " is missing");
      }
      return JSON.readValue(in, as);
    } catch (IOException e) {
      throw new UncheckedIOException(resource, e);
    }
  }
}
