package mellow.server.feed.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.LightLevel;
import mellow.core.feed.PlanStep;
import mellow.core.finding.Verdict;
import mellow.core.measure.UnitSystem;
import mellow.server.feed.FeedPage;
import mellow.server.feed.FeedView;
import mellow.server.feed.FeedWords;
import mellow.server.print.Block;
import mellow.server.print.Paper;
import mellow.server.print.Printed;
import mellow.server.print.Shapes;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/**
 * A circuit on paper, landscape: its drawing first, then what is read beside it.
 *
 * @param title what and whose it is
 * @param circuit its drawing, as SVG
 * @param blocks in order
 */
public record WiringSheet(String title, String under, String circuit, List<Block> blocks) {
  /** What a page of either paper has room for below the heading, in CSS pixels. */
  private static final double WIDTH = 930;

  private static final double HEIGHT = 520;
  private static final int LABELS_A_ROW = 4;

  public static WiringSheet of(FeedView sheet, FeedPage page, UnitSystem units) {
    List<Block> blocks = new ArrayList<>();
    List<String> cautions = new ArrayList<>();
    page.cautions().forEach(caution -> cautions.add(caution.text()));
    cautions.addAll(sheet.plan().cautions());
    cautions.add(Spoken.words(FeedWords.codeDecides()));
    blocks.add(Block.lines(Spoken.words(FeedWords.heed()), cautions));
    blocks.add(
        Block.table(Spoken.words(FeedWords.order()), List.of(0.04, 0.7, 0.26), steps(sheet)));
    blocks.add(
        Block.table(
            Spoken.words(FeedWords.cutList()),
            List.of(0.14, 0.12, 0.3, 0.12, 0.16, 0.16),
            cuts(sheet, units)));
    blocks.add(
        Block.table(
            Spoken.words(FeedWords.parts()),
            List.of(0.08, 0.92),
            sheet.bill().stream().map(line -> List.of(line.count() + " ×", line.what())).toList()));
    if (!sheet.donors().isEmpty()) {
      blocks.add(
          Block.table(
              Spoken.words(FeedWords.donorSlots()),
              List.of(0.3, 0.7),
              sheet.donors().stream()
                  .map(slot -> donor(slot, page.vehicle().modelYear()))
                  .toList()));
    }
    blocks.add(labels(sheet));
    blocks.add(states(sheet));
    List<FindingView> findings =
        sheet.findings().stream().filter(one -> one.verdict() != Verdict.WITHIN).toList();
    if (!findings.isEmpty()) {
      blocks.add(
          Block.shaped(
              Spoken.words(FeedWords.notWithin()),
              List.of(0.18, 0.48, 0.34),
              findings.stream().map(one -> row(one, units)).toList()));
    }
    if (!sheet.undo().isEmpty()) {
      blocks.add(Block.lines(Spoken.words(FeedWords.undo()), List.of(sheet.undo())));
    }
    return new WiringSheet(
        sheet.plan().title(),
        page.vehicle().name() + ", " + page.vehicle().nickname(),
        WiringSvg.fitted(sheet, WIDTH, HEIGHT),
        blocks);
  }

  /**
   * On paper by itself.
   *
   * @param foot what stands at the foot of each page
   */
  public byte[] pdf(Paper paper, String foot) {
    return Printed.pdf(
        "wiring.html",
        new Sheet(
            Spoken.language(),
            Spoken.words(FeedWords.wiringSheet(title)),
            paper.size(),
            paper.acrossMm(),
            foot,
            this),
        Map.of());
  }

  /** What the template names. */
  private record Sheet(
      String language,
      String title,
      String paper,
      String acrossMm,
      String foot,
      WiringSheet wiring) {}

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
    return Block.table(Spoken.words(FeedWords.labels()), List.of(0.25, 0.25, 0.25, 0.25), rows);
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
    return Block.table(Spoken.words(FeedWords.litToProve()), List.of(0.28, 0.72), rows);
  }

  private static Block.Shaped row(FindingView finding, UnitSystem units) {
    return new Block.Shaped(
        Shapes.of(finding.verdict()),
        List.of(
            Spoken.term(finding.verdict()),
            finding.headline().text(units),
            finding.remedy() == null ? "" : finding.remedy().text(units)));
  }
}
