package mellow.core.finding;

import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.TreeMap;
import org.assertj.core.api.AbstractAssert;
import org.assertj.core.api.Assertions;

/** Assertions on findings, in the trade's words. */
public final class FindingAssert extends AbstractAssert<FindingAssert, Finding> {
  private FindingAssert(Finding finding) {
    super(finding, FindingAssert.class);
  }

  public static FindingAssert assertThatFinding(Finding finding) {
    return new FindingAssert(finding);
  }

  public FindingAssert is(Verdict verdict) {
    Assertions.assertThat(actual.verdict())
        .as(actual.id() + ": " + text(actual.headline()))
        .isEqualTo(verdict);
    return this;
  }

  /** The margin, in its own unit; negative is beyond the limit. */
  public FindingAssert hasMargin(double amount, double tolerance) {
    Assertions.assertThat(actual.margin().orElseThrow().amount().value())
        .as(actual.id())
        .isCloseTo(amount, within(tolerance));
    return this;
  }

  /**
   * The headline has this key, and these arguments as they are shown in metric units: "off=20 mm".
   */
  public FindingAssert says(String key, String... arguments) {
    same(actual.headline(), key, arguments);
    return this;
  }

  /** The headline has this key and these arguments; figures to nine digits. */
  public FindingAssert says(Sentence expected) {
    same(actual.headline(), expected);
    return this;
  }

  /** The remedy has this key and these arguments; figures to nine digits. */
  public FindingAssert advises(Sentence expected) {
    same(actual.remedy().map(Remedy::says).orElse(Sentence.EMPTY), expected);
    return this;
  }

  private static void same(Sentence said, Sentence expected) {
    Assertions.assertThat(said)
        .usingRecursiveComparison()
        .withComparatorForType(
            (one, other) -> Math.abs(one - other) < 1e-9 ? 0 : Double.compare(one, other),
            Double.class)
        .withStrictTypeChecking()
        .isEqualTo(expected);
  }

  /** What is to be done, where, and by how much as it is shown in metric units. */
  public FindingAssert isSettledBy(Remedy.Action action, Remedy.Page page, String by) {
    Remedy remedy = actual.remedy().orElseThrow();
    Assertions.assertThat(remedy.action()).isEqualTo(action);
    Assertions.assertThat(remedy.page()).isEqualTo(page);
    Assertions.assertThat(remedy.by().map(Said::argument)).contains(by);
    return this;
  }

  /** What its value is held against, as it is shown in metric units; empty for an open end. */
  public FindingAssert isHeldBetween(String least, String most) {
    Limit limit = actual.margin().orElseThrow().limit();
    Assertions.assertThat(limit.least().map(Said::argument).orElse("")).isEqualTo(least);
    Assertions.assertThat(limit.most().map(Said::argument).orElse("")).isEqualTo(most);
    return this;
  }

  /** The same of the remedy. */
  public FindingAssert advises(String key, String... arguments) {
    same(actual.remedy().map(Remedy::says).orElse(Sentence.EMPTY), key, arguments);
    return this;
  }

  private static void same(Sentence said, String key, String... arguments) {
    Sentence bare = said instanceof Sentence.Capital capital ? capital.of() : said;
    Assertions.assertThat(bare).as(text(said)).isInstanceOf(Sentence.Keyed.class);
    Sentence.Keyed keyed = (Sentence.Keyed) bare;
    Assertions.assertThat(keyed.key()).as(text(said)).isEqualTo(key);
    Map<String, String> shown = new TreeMap<>();
    keyed.arguments().forEach((name, argument) -> shown.put(name, Said.argument(argument)));
    for (String argument : arguments) {
      String[] both = argument.split("=", 2);
      Assertions.assertThat(shown).as(text(said)).containsEntry(both[0], both[1]);
    }
  }

  private static String text(Sentence sentence) {
    return Said.text(sentence).replace('\u2009', ' ');
  }
}
