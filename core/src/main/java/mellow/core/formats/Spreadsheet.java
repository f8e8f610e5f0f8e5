package mellow.core.formats;

/** Cells as spreadsheets take them. */
public final class Spreadsheet {
  /** What a spreadsheet would take for a formula and run. */
  private static final String FORMULA = "=+-@\t\r";

  private Spreadsheet() {}

  /** A text that stays a text: with an apostrophe before what would be run. */
  public static String shielded(String text) {
    return isFormula(text) ? "'" + text : text;
  }

  /** The text as it was before it was shielded. */
  static String bare(String text) {
    return text.length() > 1 && text.charAt(0) == '\'' && isFormula(text.substring(1))
        ? text.substring(1)
        : text;
  }

  private static boolean isFormula(String text) {
    return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0;
  }
}
