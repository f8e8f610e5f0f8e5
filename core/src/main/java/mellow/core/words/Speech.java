package mellow.core.words;

import com.ibm.icu.text.DecimalFormatSymbols;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mellow.core.finding.Figure;
import mellow.core.finding.MessageKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Words;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;
import mellow.words.Catalogue;
import mellow.words.Message;
import org.jspecify.annotations.Nullable;

/** One language: what is said becomes words with places for figures, or a text in some units. */
public final class Speech {
  /** The language in which every message is written first. */
  public static final Speech ENGLISH = new Speech(Catalogue.FIRST);

  private static final Map<String, Speech> LANGUAGES = new ConcurrentHashMap<>();
  private static final String YES = "yes";
  private static final String NO = "no";

  private static final char POINT = '.';
  private static final Pattern BETWEEN_DIGITS = Pattern.compile("(?<=\\d)[.](?=\\d)");

  private final String language;
  private final ULocale locale;
  private final char decimalMark;
  private final ListFormatter all;
  private final ListFormatter any;
  // by the key's number, made once: making one costs ten times as much as using it
  private volatile @Nullable Wording[] wordings = {};
  private final Map<Enum<?>, String> terms = new ConcurrentHashMap<>();

  private Speech(String language) {
    this.language = language;
    this.locale = new ULocale(language);
    this.decimalMark = DecimalFormatSymbols.getInstance(locale).getDecimalSeparator();
    this.all = ListFormatter.getInstance(locale);
    this.any = ListFormatter.getInstance(locale, ListFormatter.Type.OR, ListFormatter.Width.WIDE);
  }

  /** The language of a locale, or English where that language is not whole yet. */
  public static Speech of(Locale locale) {
    if (locale.toLanguageTag().equals(Catalogue.STRETCHED)) {
      return LANGUAGES.computeIfAbsent(Catalogue.STRETCHED, Speech::new);
    }
    String wanted = locale.getLanguage();
    return Catalogue.shipped().offered().contains(wanted) && !wanted.equals(Catalogue.FIRST)
        ? LANGUAGES.computeIfAbsent(wanted, Speech::new)
        : ENGLISH;
  }

  /** A language of the catalogue, whole or not: to look at it, and for tests. */
  public static Speech named(String language) {
    return new Speech(language);
  }

  /** Its code: "en". */
  public String language() {
    return language;
  }

  /** The sentence's words, with places for its figures. */
  public Sentence.Written written(Sentence sentence) {
    if (sentence instanceof Sentence.Written already) {
      return already;
    }
    Places places = new Places();
    String pattern = pattern(sentence, places);
    return new Sentence.Written(pattern, places.figures);
  }

  /** The sentence with its figures in the given units. */
  public String text(Sentence sentence, UnitSystem units) {
    Sentence.Written written = written(sentence);
    String text = written.pattern();
    for (int i = 0; i < written.figures().size(); i++) {
      text = text.replace("{" + i + "}", text(written.figures().get(i), units));
    }
    return text;
  }

  /** A figure with its unit, as this language writes it: "1.15 %", "1,15 %". */
  public String text(Figure figure, UnitSystem units) {
    return decimal(figure instanceof Figure.Turns turns ? text(turns) : figure.text(units));
  }

  /** Numbers written with a point, as this language writes them: "1.15", "1,15". */
  public String decimal(String numbers) {
    return decimalMark == POINT
        ? numbers
        : BETWEEN_DIGITS.matcher(numbers).replaceAll(String.valueOf(decimalMark));
  }

  private String text(Figure.Turns turns) {
    Sentence unit = turns.isMoreThanOne() ? FiguresWords.turns() : FiguresWords.turn();
    return TapeText.turns(turns.value()) + " " + written(unit).pattern();
  }

  /** The figures of a sentence and of those within it, counted through. */
  private static final class Places {
    private final List<Figure> figures = new ArrayList<>();

    String of(Figure figure) {
      figures.add(figure);
      return Sentence.Written.place(figures.size() - 1);
    }
  }

  private String pattern(Sentence sentence, Places places) {
    if (sentence instanceof Sentence.Keyed keyed) {
      return keyed(keyed, places);
    }
    if (sentence instanceof Sentence.Term term) {
      return term(term.constant());
    }
    if (sentence instanceof Sentence.Typed typed) {
      return typed(typed.words());
    }
    if (sentence instanceof Sentence.Capital capital) {
      return Words.capital(pattern(capital.of(), places));
    }
    StringBuilder text = new StringBuilder();
    if (sentence instanceof Sentence.Joined joined) {
      joined.parts().forEach(part -> text.append(pattern(part, places)));
    } else if (sentence instanceof Sentence.Written written) {
      String moved = written.pattern();
      // from the last, as the numbers only grow
      for (int i = written.figures().size() - 1; i >= 0; i--) {
        moved = moved.replace("{" + i + "}", "{" + (i + places.figures.size()) + "}");
      }
      places.figures.addAll(written.figures());
      text.append(moved);
    }
    return text.toString();
  }

  private String keyed(Sentence.Keyed keyed, Places places) {
    Wording wording = wording(keyed.message());
    List<Wording.Slot> slots = wording.slots();
    Wording.Filling[] fillings = new Wording.Filling[slots.size()];
    // in the order of the message, so that figures are counted as they stand
    for (int i = 0; i < fillings.length; i++) {
      fillings[i] = filling(slots.get(i), keyed.values(), places);
    }
    return wording.filled(fillings);
  }

  private Wording wording(MessageKey key) {
    @Nullable Wording[] made = wordings;
    Wording known = key.number() < made.length ? made[key.number()] : null;
    return known == null ? make(key) : known;
  }

  private synchronized Wording make(MessageKey key) {
    @Nullable Wording[] more = Arrays.copyOf(wordings, Math.max(wordings.length, key.number() + 1));
    Wording wording = Wording.of(key, message(key.text()), locale);
    more[key.number()] = wording;
    wordings = more;
    return wording;
  }

  private Wording.Filling filling(Wording.Slot slot, List<Object> values, Places places) {
    Object argument = slot.argument() < 0 ? null : values.get(slot.argument());
    if (argument instanceof Enum<?> constant) {
      return new Wording.Filling(constant.name(), slot.saysWords() ? term(constant) : null);
    }
    if (argument instanceof String typed) {
      return new Wording.Filling(null, typed(typed));
    }
    if (argument instanceof List<?> list) {
      return new Wording.Filling(listed(slot.name(), list, places), null);
    }
    return new Wording.Filling(filled(argument, places), null);
  }

  private Message message(String key) {
    return Catalogue.shipped()
        .message(language, key)
        .orElseThrow(() -> new IllegalArgumentException("the catalogue has no “" + key + "”"));
  }

  private String typed(String words) {
    return Words.typed(Catalogue.shipped().data(language, words).orElse(words));
  }

  private String term(Enum<?> constant) {
    // most are there, and asking whether costs less than asking to put it there
    String known = terms.get(constant);
    return known != null
        ? known
        : terms.computeIfAbsent(
            constant, one -> message(Catalogue.term(one.getDeclaringClass(), one.name())).text());
  }

  private String listed(String name, List<?> list, Places places) {
    if (name.endsWith(Message.ROWS)) {
      return list.stream()
          .map(one -> String.valueOf(filled(one, places)))
          .collect(Collectors.joining("; "));
    }
    ListFormatter formatter = name.endsWith(Message.ANY_OF) ? any : all;
    return formatter.format(list.stream().map(one -> filled(one, places)).toList());
  }

  private @Nullable Object filled(@Nullable Object argument, Places places) {
    if (argument instanceof Figure figure) {
      return places.of(figure);
    }
    if (argument instanceof Sentence sentence) {
      return pattern(sentence, places);
    }
    if (argument instanceof Boolean so) {
      return so ? YES : NO;
    }
    return argument;
  }
}
