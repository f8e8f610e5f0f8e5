package mellow.core.finding;

import static org.assertj.core.api.Assertions.within;

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

  public FindingAssert says(String part) {
    Assertions.assertThat(text(actual.headline())).contains(part);
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

  public FindingAssert advises(String part) {
    Assertions.assertThat(text(actual.remedy().map(Remedy::says).orElse(Sentence.EMPTY)))
        .contains(part);
    return this;
  }

  private static String text(Sentence sentence) {
    return Said.text(sentence).replace('\u2009', ' ');
  }
}
