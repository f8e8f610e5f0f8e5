package mellow.server.feed;

import java.util.ArrayList;
import java.util.List;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.PlanStep;
import mellow.core.finding.Verdict;
import mellow.core.measure.UnitSystem;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/**
 * What is printed beside a circuit's drawing, as blocks of lines.
 *
 * @param title what and whose it is
 * @param blocks in order
 */
record WiringSheet(String title, String under, FeedView sheet, List<Block> blocks) {
  /**
   * Lines under a heading.
   *
   * @param rows cells of a table; one cell a row for plain lines
   * @param widths of its columns, as shares of the page
   */
  record Block(String heading, List<List<String>> rows, List<Double> widths) {}

  private static final int LABELS_A_ROW = 4;

  static WiringSheet of(FeedView sheet, FeedPage page, UnitSystem units) {
    List<Block> blocks = new ArrayList<>();
    List<List<String>> cautions = new ArrayList<>();
    page.cautions().forEach(caution -> cautions.add(List.of("! " + caution.text())));
    sheet.plan().cautions().forEach(caution -> cautions.add(List.of("! " + caution)));
    cautions.add(List.of(Spoken.words(FeedWords.codeDecides())));
    blocks.add(new Block(Spoken.words(FeedWords.heed()), cautions, List.of(1.0)));
    blocks.add(new Block(Spoken.words(FeedWords.order()), steps(sheet), List.of(0.04, 0.7, 0.26)));
    blocks.add(
        new Block(
            Spoken.words(FeedWords.cutList()),
            cuts(sheet, units),
            List.of(0.14, 0.12, 0.3, 0.12, 0.16, 0.16)));
    blocks.add(
        new Block(
            Spoken.words(FeedWords.parts()),
            sheet.bill().stream().map(line -> List.of(line.count() + " ×", line.what())).toList(),
            List.of(0.08, 0.92)));
    if (!sheet.donors().isEmpty()) {
      blocks.add(
          new Block(
              Spoken.words(FeedWords.donorSlots()),
              sheet.donors().stream().map(slot -> donor(slot, page.vehicle().modelYear())).toList(),
              List.of(0.3, 0.7)));
    }
    blocks.add(labels(sheet));
    blocks.add(states(sheet));
    List<List<String>> findings = findings(sheet, units);
    if (!findings.isEmpty()) {
      blocks.add(
          new Block(Spoken.words(FeedWords.notWithin()), findings, List.of(0.14, 0.5, 0.36)));
    }
    if (!sheet.undo().isEmpty()) {
      blocks.add(
          new Block(Spoken.words(FeedWords.undo()), List.of(List.of(sheet.undo())), List.of(1.0)));
    }
    return new WiringSheet(
        sheet.plan().title(),
        page.vehicle().name() + ", " + page.vehicle().nickname(),
        sheet,
        blocks);
  }

  private static List<List<String>> steps(FeedView sheet) {
    List<List<String>> rows = new ArrayList<>();
    for (FeedView.StepView step : sheet.order()) {
      rows.add(
          List.of(
              rows.size() + 1 + ".",
              step.does(),
              step.battery() == PlanStep.Needs.ANY ? "" : Spoken.term(step.battery())));
    }
    return rows;
  }

  /** A slot is that of one model year: the next one may have another map. */
  private static List<String> donor(FeedView.DonorView slot, @Nullable Integer year) {
    return List.of(Spoken.typed(slot.tap()), (year == null ? "" : year + ": ") + slot.words());
  }

  private static List<List<String>> cuts(FeedView sheet, UnitSystem units) {
    List<List<String>> rows = new ArrayList<>();
    for (FeedView.ReelView reel : sheet.cuts()) {
      for (FeedView.PieceView piece : reel.pieces()) {
        rows.add(
            List.of(
                reel.size(),
                reel.colour(),
                piece.label(),
                text(piece.length(), units),
                piece.fromEnd(),
                piece.toEnd()));
      }
    }
    return rows;
  }

  private static String text(FigureView figure, UnitSystem units) {
    return units == UnitSystem.METRIC ? figure.metric() : figure.imperial();
  }

  /** To be cut out: four in a row. */
  private static Block labels(FeedView sheet) {
    List<List<String>> rows = new ArrayList<>();
    for (int i = 0; i < sheet.labels().size(); i += LABELS_A_ROW) {
      rows.add(sheet.labels().subList(i, Math.min(i + LABELS_A_ROW, sheet.labels().size())));
    }
    return new Block(Spoken.words(FeedWords.labels()), rows, List.of(0.25, 0.25, 0.25, 0.25));
  }

  private static Block states(FeedView sheet) {
    List<List<String>> rows = new ArrayList<>();
    for (int state = 0; state < sheet.states().size(); state++) {
      List<String> lit = new ArrayList<>();
      for (FeedView.LampRow row : sheet.lamps()) {
        LightLevel level = row.cells().get(state).level();
        if (level != LightLevel.OUT) {
          lit.add(
              level == LightLevel.REDUCED
                  ? Spoken.words(FeedWords.reduced(row.words()))
                  : row.words());
        }
      }
      rows.add(
          List.of(
              sheet.states().get(state).words(),
              lit.isEmpty() ? Spoken.words(FeedWords.nothingLit()) : String.join(", ", lit)));
    }
    return new Block(Spoken.words(FeedWords.litToProve()), rows, List.of(0.28, 0.72));
  }

  private static List<List<String>> findings(FeedView sheet, UnitSystem units) {
    return sheet.findings().stream()
        .filter(finding -> finding.verdict() != Verdict.WITHIN)
        .map(
            (FindingView finding) ->
                List.of(
                    Spoken.term(finding.verdict()),
                    finding.headline().text(units),
                    finding.remedy() == null ? "" : finding.remedy().text(units)))
        .toList();
  }
}
