package mellow.core.retrofit;

import mellow.core.finding.Source;
import mellow.core.measure.TemperatureEntry;

/** The schools of warming a glued housing; a higher one only where a lower one does not part it. */
public enum OvenSchool {
  COOL("cool", new Heat(220, 5, 5), new Heat(225, 5, 5), "clamps, heat gun on stubborn edges"),
  MIDDLE("middle", new Heat(255, 5, 5), new Heat(255, 5, 5), "hand pressure"),
  HOT("hot", new Heat(290, 7, 10), new Heat(290, 8, 10), "pliers round the edge");

  /** Never above: 290 °F. */
  public static final double MOST_FAHRENHEIT = 290;

  public static final Source SOURCE =
      Source.commonPractice("three schools of opening and resealing a glued housing");

  private final String words;
  private final Heat opening;
  private final Heat resealing;
  private final String closing;

  OvenSchool(String words, Heat opening, Heat resealing, String closing) {
    this.words = words;
    this.opening = opening;
    this.resealing = resealing;
    this.closing = closing;
  }

  /** How hot, and how many minutes, from and to. */
  public record Heat(double fahrenheit, int fromMinutes, int toMinutes) {
    public double celsius() {
      return TemperatureEntry.celsius(fahrenheit);
    }
  }

  public String words() {
    return words;
  }

  public Heat opening() {
    return opening;
  }

  public Heat resealing() {
    return resealing;
  }

  /** How it is pressed shut. */
  public String closing() {
    return closing;
  }
}
