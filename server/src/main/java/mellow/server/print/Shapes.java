package mellow.server.print;

import java.util.Locale;
import mellow.core.finding.Verdict;
import mellow.server.wire.HorizonView;

/** The page's shapes on paper, as SVG: verdicts, and the horizon strip. */
public final class Shapes {
  private static final String INK = "#26221e";
  private static final String LAMP = "#e0a52c";

  /** Of the strip's drawing, in its own units. */
  private static final double WIDTH = 1000;

  private static final double HEIGHT = 84;
  private static final double LINE = 42;
  private static final double SUN = 24;
  private static final double TICK = 5;
  private static final double MARK = 15;
  private static final double BAR = 16;
  private static final double CLOSEST = 3.2;
  private static final double ROOM = 0.8;

  private Shapes() {}

  /** Check in a disc, diamond, spike or ring, as high as the words beside it. */
  public static String of(Verdict verdict) {
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"shape\" width=\"10\" height=\"10\""
        + " viewBox=\"0 0 24 24\">"
        + outline(verdict)
        + "</svg>";
  }

  private static String outline(Verdict verdict) {
    return switch (verdict) {
      case WITHIN ->
          "<circle cx=\"12\" cy=\"12\" r=\"10\" fill=\"#17683f\"/><path d=\"M7.5 12.5l3 3 6-6.5\""
              + " fill=\"none\" stroke=\"white\" stroke-width=\"2.4\"/>";
      case AT_EDGE -> "<path d=\"M12 1.5L22.5 12 12 22.5 1.5 12z\" fill=\"#7d4f00\"/>";
      case OUT -> "<path d=\"M12 2l10 20H2z\" fill=\"#ab3413\"/>";
      case NOT_KNOWN ->
          "<circle cx=\"12\" cy=\"12\" r=\"8.5\" fill=\"none\" stroke=\"#5e564e\""
              + " stroke-width=\"2.4\"/>";
    };
  }

  /** The strip of a job: its stages along a line, the sun where the work stands. */
  public static String strip(HorizonView horizon) {
    StringBuilder drawn = new StringBuilder();
    double part = WIDTH / horizon.parts().size();
    double sun = (horizon.present() + 0.5) * part;
    add(
        drawn,
        "<path d=\"M%.1f %.1fa%.1f %.1f 0 0 1 %.1f 0z\" fill=\"%s\"/>",
        sun - SUN,
        LINE,
        SUN,
        SUN,
        2 * SUN,
        LAMP);
    add(drawn, "<path d=\"M0 %.1fH%.1f\" stroke=\"%s\"/>", LINE, WIDTH, INK);
    for (int i = 0; i < horizon.parts().size(); i++) {
      if (i > 0) {
        add(
            drawn,
            "<path d=\"M%.1f %.1fV%.1f\" stroke=\"%s\"/>",
            i * part,
            LINE - TICK,
            LINE + TICK,
            INK);
      }
      add(
          drawn,
          "<text x=\"%.1f\" y=\"78\" font-family=\"Barlow Semi Condensed\" font-weight=\"600\""
              + " font-size=\"15\" text-anchor=\"middle\" fill=\"%s\">%s</text>",
          (i + 0.5) * part,
          INK,
          Markup.escaped(horizon.parts().get(i)));
      marks(drawn, horizon, i, part);
    }
    return String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"strip\" width=\"%.0f\""
                + " height=\"%.0f\" viewBox=\"0 0 %.0f %.0f\">",
            WIDTH / 2,
            HEIGHT / 2,
            WIDTH,
            HEIGHT)
        + drawn
        + "</svg>";
  }

  /** What is within hangs below the line, what is out rises above it. */
  private static void marks(StringBuilder drawn, HorizonView horizon, int part, double width) {
    var marks = horizon.marks().stream().filter(mark -> mark.part() == part).toList();
    double gap = Math.min(MARK, Math.max(CLOSEST, ROOM * width / Math.max(1, marks.size())));
    for (int i = 0; i < marks.size(); i++) {
      double x = (part + 0.5) * width + (i - (marks.size() - 1) / 2.0) * gap;
      Verdict verdict = marks.get(i).verdict();
      if (verdict == Verdict.WITHIN) {
        add(
            drawn,
            "<path d=\"M%.1f %.1fv%.1f\" stroke=\"#17683f\" stroke-width=\"2.4\"/>",
            x,
            LINE,
            BAR);
      } else {
        double top = verdict == Verdict.OUT ? LINE - MARK : LINE - MARK / 2;
        add(
            drawn,
            "<g transform=\"translate(%.1f %.1f) scale(%.3f)\">%s</g>",
            x - MARK / 2,
            top,
            MARK / 24,
            outline(verdict));
      }
    }
  }

  private static void add(StringBuilder drawn, String format, Object... values) {
    drawn.append(String.format(Locale.ROOT, format, values));
  }
}
