package mellow.core.entry;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.LengthUnit;

/**
 * A tyre's size as it stands on its side: "235/75 R15", "LT265/70R17 121S", "31x10.5 R15".
 *
 * <p>The metric size gives width in mm, side wall in percent of it, rim in inches: the diameter is
 * rim + 2 × width × percent ÷ 100; "185R14", without percent, is of the full series. Another gives
 * diameter and width in inches; "7.00-16" width and rim in inches.
 *
 * @param diameterMm outer diameter, not loaded
 * @param widthMm nominal width
 */
public record TyreSize(double diameterMm, double widthMm) {
  private static final Sentence EXAMPLE = EntryWords.exampleTyre();

  private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
  private static final String RIM = "(?:\\s*(?:Z?R|D|B|-)\\s*|\\s+)" + NUMBER;

  /** Service marks behind the size: load and speed, "LT", "XL", "M+S". */
  private static final String REST = "\\s*C?(?:\\s*[\\dA-Z/+ ]{0,20})";

  private static final Pattern METRIC =
      Pattern.compile("\\s*(?:P|LT|ST|T)?\\s*(\\d{3})\\s*/\\s*(\\d{2,3})" + RIM + REST);
  private static final Pattern BY_DIAMETER =
      Pattern.compile(
          "\\s*(?:LT)?\\s*" + NUMBER + "\\s*[X×]\\s*" + NUMBER + "(?:" + RIM + ")?" + REST);
  private static final Pattern NO_SIDE_WALL =
      Pattern.compile("\\s*(\\d{3})\\s*(?:R|-)\\s*(\\d{2})" + REST);

  private static final Pattern CROSS_PLY =
      Pattern.compile("\\s*(\\d{1,2}[.,]\\d{2})\\s*(?:R|-|\\s)\\s*(\\d{2})" + REST);

  /** "7.00-16": tables, from memory, have 775 mm for it, a side wall of 105 % of the width. */
  private static final double CROSS_PLY_PERCENT = 105;

  /** A metric size without a side wall is of the full series: tables, from memory, come to 80 %. */
  private static final double FULL_SERIES_PERCENT = 80;

  /** Reads a size, or says where and why not. */
  public static Entry<TyreSize> read(String typed) {
    try {
      return new Entry.Accepted<>(typed, parse(typed));
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static TyreSize parse(String typed) throws EntryProblem {
    if (typed.length() > 40) {
      throw problem(40, EntryWords.tyreTooLong());
    }
    // In place, so that a refusal points into what was typed.
    String text = typed.stripTrailing().toUpperCase(Locale.ROOT);
    if (text.isBlank()) {
      throw problem(0, EntryWords.nothingTyped());
    }
    Matcher metric = METRIC.matcher(text);
    if (metric.matches()) {
      double width = within(metric, 1, 105, 455, EntryWords.tyreWidth());
      double wall = within(metric, 2, 20, 100, EntryWords.tyreWall());
      double rim = within(metric, 3, 8, 30, EntryWords.tyreRim());
      return new TyreSize(LengthUnit.IN.toMm(rim) + 2 * width * wall / 100, width);
    }
    Matcher inches = BY_DIAMETER.matcher(text);
    if (inches.matches()) {
      double diameter = within(inches, 1, 18, 60, EntryWords.tyreDiameter());
      double width = within(inches, 2, 4, 20, EntryWords.tyreWidthIn());
      return new TyreSize(LengthUnit.IN.toMm(diameter), LengthUnit.IN.toMm(width));
    }
    Matcher full = NO_SIDE_WALL.matcher(text);
    if (full.matches()) {
      double width = within(full, 1, 105, 455, EntryWords.tyreWidth());
      double rim = within(full, 2, 8, 30, EntryWords.tyreRim());
      return new TyreSize(LengthUnit.IN.toMm(rim) + 2 * width * FULL_SERIES_PERCENT / 100, width);
    }
    Matcher cross = CROSS_PLY.matcher(text);
    if (cross.matches()) {
      double width = LengthUnit.IN.toMm(within(cross, 1, 4, 16, EntryWords.tyreWidthIn()));
      double rim = within(cross, 2, 8, 30, EntryWords.tyreRim());
      return new TyreSize(LengthUnit.IN.toMm(rim) + 2 * width * CROSS_PLY_PERCENT / 100, width);
    }
    throw problem(0, EntryWords.noTyre());
  }

  private static double within(Matcher size, int group, double least, double most, Sentence what)
      throws EntryProblem {
    double value = Double.parseDouble(size.group(group).replace(',', '.'));
    if (value < least || value > most) {
      throw problem(
          size.start(group),
          EntryWords.tyreRange(what.capital(), Figure.count(least), Figure.count(most)));
    }
    return value;
  }

  private static EntryProblem problem(int at, Sentence why) {
    return new EntryProblem(at, why, EXAMPLE);
  }
}
