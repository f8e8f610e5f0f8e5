package mellow.core.retrofit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.finding.Working;
import mellow.core.measure.Temperature;
import mellow.core.subject.SubjectKind;

/** Where a lamp or resistor that warms up will end, instead of what it was after five minutes. */
public final class HeatCheck {
  private static final Source FIVE_MINUTES = Source.commonPractice(RetrofitWords.srcHeat());
  private static final double FINE_FAHRENHEIT = 133;

  /** A contact or infrared thermometer in a workshop, one standard deviation. Judged. */
  static final double THERMOMETER_CELSIUS = 1;

  private static final double ROOM_CELSIUS = 20;

  /**
   * What was warmed.
   *
   * @param id stable name of it
   * @param what in words: "left resistor"
   * @param limitCelsius what its material bears; empty where nobody said, then common practice
   *     holds
   */
  public record Object(String id, String what, Optional<Double> limitCelsius) {}

  private HeatCheck() {}

  /** Up to where it may go: what its material bears, else what is taken as fine. */
  public static double limitCelsius(Object object) {
    return object.limitCelsius().orElse(Temperature.celsius(FINE_FAHRENHEIT));
  }

  /** The curve through readings in any order; empty where they do not tell one. */
  public static Optional<WarmingCurve> curve(List<WarmingCurve.At> readings) {
    return WarmingCurve.fit(sorted(readings), THERMOMETER_CELSIUS);
  }

  private static List<WarmingCurve.At> sorted(List<WarmingCurve.At> readings) {
    return readings.stream().sorted(Comparator.comparingDouble(WarmingCurve.At::minutes)).toList();
  }

  /** The finding on readings in any order. */
  public static Finding of(Object object, List<WarmingCurve.At> readings) {
    List<WarmingCurve.At> sorted = sorted(readings);
    FindingKey key = FindingKey.of("heat", SubjectKind.DIMENSION.named(object.id()));
    String what = Words.capital(object.what());
    double limit = limitCelsius(object);
    Source source =
        object.limitCelsius().isPresent()
            ? Source.derived(RetrofitWords.srcMaterial())
            : FIVE_MINUTES;
    double highest = sorted.stream().mapToDouble(WarmingCurve.At::celsius).max().orElse(0);
    if (!sorted.isEmpty() && highest > limit + 2 * THERMOMETER_CELSIUS) {
      return onLimit(key, source, limit, highest, 2 * THERMOMETER_CELSIUS)
          .apply(RetrofitWords.heatOver(what, Figure.celsius(highest), Figure.celsius(limit)));
    }
    Optional<WarmingCurve> curve = WarmingCurve.fit(sorted, THERMOMETER_CELSIUS);
    if (curve.isEmpty()) {
      return Finding.notKnown(
          key,
          source,
          RetrofitWords.heatNotKnown(object.what()),
          Remedy.of(
              Remedy.Action.READ,
              Remedy.Page.BENCH,
              sorted.size() < 4 ? RetrofitWords.readHeat() : RetrofitWords.readOn()));
    }
    double end = curve.get().endCelsius();
    Sentence headline = RetrofitWords.heatEnds(what, Figure.celsius(end), Figure.celsius(limit));
    return onLimit(key, source, limit, end, 2 * curve.get().endDeviation())
        .apply(headline)
        .withWorking(working(curve.get()));
  }

  private static java.util.function.Function<Sentence, Finding> onLimit(
      FindingKey key, Source source, double limit, double value, double uncertainty) {
    // a difference of temperatures, so a bare number and no reading of a thermometer
    Margin margin =
        Margin.of(
            Figure.number(limit - value),
            uncertainty,
            ROOM_CELSIUS,
            Limit.most(Figure.celsius(limit)));
    return headline -> {
      Finding finding = Finding.on(key, margin, source, headline);
      return margin.verdict() == Verdict.WITHIN
          ? finding
          : finding.withRemedy(
              Remedy.of(Remedy.Action.WAIT, Remedy.Page.BENCH, RetrofitWords.coolIt()));
    };
  }

  private static Working working(WarmingCurve curve) {
    return Working.of(
        new Working.Line(
            RetrofitWords.timeConstant(),
            RetrofitWords.fromFit(),
            RetrofitWords.toWithin(Figure.number(curve.tauDeviation())),
            Figure.number(curve.tauMinutes())),
        new Working.Line(
            RetrofitWords.afterFive(),
            RetrofitWords.afterFiveFormula(),
            Sentence.of(
                "{0} − ({0} − {1}) · e^(−5 ÷ {2})",
                Figure.celsius(curve.endCelsius()),
                Figure.celsius(curve.startCelsius()),
                Figure.number(curve.tauMinutes())),
            Figure.celsius(curve.at(5))),
        new Working.Line(
            RetrofitWords.whereItEnds(),
            RetrofitWords.whereItEndsFormula(),
            RetrofitWords.toKelvin(Figure.number(2 * curve.endDeviation())),
            Figure.celsius(curve.endCelsius())));
  }
}
