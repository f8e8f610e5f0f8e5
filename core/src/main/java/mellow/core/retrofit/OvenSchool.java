package mellow.core.retrofit;

import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.measure.Temperature;

/** The schools of warming a glued housing; a higher one only where a lower one does not part it. */
public enum OvenSchool {
  COOL(new Heat(220, 5, 5), new Heat(225, 5, 5)),
  MIDDLE(new Heat(255, 5, 5), new Heat(255, 5, 5)),
  HOT(new Heat(290, 7, 10), new Heat(290, 8, 10));

  /** Never above: 290 °F. */
  public static final double MOST_FAHRENHEIT = 290;

  public static final Source SOURCE = Source.commonPractice(RetrofitWords.srcOven());

  private final Heat opening;
  private final Heat resealing;

  OvenSchool(Heat opening, Heat resealing) {
    this.opening = opening;
    this.resealing = resealing;
  }

  /** How hot, and how many minutes, from and to. */
  public record Heat(double fahrenheit, int fromMinutes, int toMinutes) {
    public double celsius() {
      return Temperature.celsius(fahrenheit);
    }
  }

  public Heat opening() {
    return opening;
  }

  public Heat resealing() {
    return resealing;
  }

  /** How it is pressed shut. */
  public Sentence closing() {
    return switch (this) {
      case COOL -> RetrofitWords.closeCool();
      case MIDDLE -> RetrofitWords.closeMiddle();
      case HOT -> RetrofitWords.closeHot();
    };
  }
}
