package mellow.server.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellow.core.finding.Verdict;
import mellow.core.measure.UnitSystem;
import mellow.core.rules.RuleSet;
import mellow.core.workflow.StageStanding;
import mellow.server.feed.Feeds;
import mellow.server.photo.Photos;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.Workshops;

/**
 * What is handed over on paper: one page for the owner, the rest for the file.
 *
 * @param stages how every stage stands
 * @param sets the rule sets that the job was judged by
 * @param parts what was fitted, in words
 */
record Pack(
    HandOverPage page,
    List<StageStanding> stages,
    List<RuleSet> sets,
    List<String> parts,
    Workshops.Summary work,
    Optional<Feeds.Papers> feed,
    List<Photos.FileOf> photos) {

  /** Rows of cells under a heading, with the columns' shares of the width. */
  record Block(String heading, List<List<String>> rows, List<Double> widths) {}

  private static final List<Double> PLAIN = List.of(1.0);

  private UnitSystem units() {
    return page.job().units();
  }

  String title() {
    return page.vehicle().name() + ", " + page.vehicle().nickname();
  }

  /** The page for the owner, in plain words. */
  List<Block> owner() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(plain("What was done", page.done()));
    if (!page.handOver().note().isBlank()) {
      blocks.add(plain("From the workshop", List.of(page.handOver().note())));
    }
    blocks.add(plain("What to heed", page.heed()));
    if (!page.handOver().fuses().isBlank()) {
      blocks.add(plain("Where the new fuses are", List.of(page.handOver().fuses())));
    }
    if (!page.followUps().isEmpty()) {
      blocks.add(
          new Block(
              "When to come back",
              page.followUps().stream()
                  .map(one -> List.of(one.from() + " to " + one.latest(), one.what()))
                  .toList(),
              List.of(0.28, 0.72)));
    }
    return blocks;
  }

  private static Block plain(String heading, List<String> lines) {
    return new Block(heading, lines.stream().map(List::of).toList(), PLAIN);
  }

  /** The pages for the file. */
  List<Block> file() {
    List<Block> blocks = new ArrayList<>();
    HandOverPage.ClosedView closed = page.closed();
    List<FindingView> above =
        closed == null
            ? page.above().stream().map(HandOverPage.AboveView::finding).toList()
            : closed.findings();
    if (!above.isEmpty()) {
      List<List<String>> rows = new ArrayList<>();
      above.forEach(one -> rows.add(List.of("! " + one.headline().text(units()))));
      rows.add(
          List.of(
              closed == null
                  ? "Not handed over yet."
                  : "It goes all the same: %s. Signed: %s"
                      .formatted(closed.reason(), closed.by())));
      blocks.add(new Block("Above the horizon", rows, PLAIN));
    }
    if (!page.beforeAfter().isEmpty()) {
      blocks.add(
          new Block(
              "As it came, and as it goes",
              page.beforeAfter().stream()
                  .map(row -> List.of(row.what(), row.before(), row.after()))
                  .toList(),
              List.of(0.26, 0.37, 0.37)));
    }
    stages.stream().filter(one -> !one.findings().isEmpty()).forEach(one -> blocks.add(stage(one)));
    blocks.add(
        plain(
            "Judged by",
            sets.stream()
                .map(set -> "%s, version %d".formatted(set.title(), set.version()))
                .toList()));
    if (!parts.isEmpty()) {
      blocks.add(plain("Parts", parts));
    }
    feed.filter(papers -> !papers.bill().isEmpty())
        .ifPresent(papers -> blocks.add(plain("Parts of the wiring", papers.bill())));
    if (!page.minutes().isEmpty()) {
      blocks.add(
          new Block(
              "Time, expected and taken",
              page.minutes().stream()
                  .map(row -> List.of(row.words(), minutes(row.expected()), minutes(row.taken())))
                  .toList(),
              List.of(0.4, 0.3, 0.3)));
    }
    if (!work.log().isEmpty()) {
      blocks.add(
          new Block(
              "Written down in the workshop (times in UTC)",
              work.log().stream()
                  .map(
                      line ->
                          List.of(
                              line.at().toString().substring(0, 16).replace('T', ' '),
                              line.by(),
                              line.words()))
                  .toList(),
              List.of(0.2, 0.14, 0.66)));
    }
    if (!page.amendments().isEmpty()) {
      blocks.add(
          plain(
              "Corrected after hand-over",
              page.amendments().stream()
                  .map(
                      one ->
                          "%s (%s; %s, %s)"
                              .formatted(
                                  one.words(),
                                  one.why(),
                                  one.by(),
                                  one.at().toString().substring(0, 10)))
                  .toList()));
    }
    return blocks;
  }

  private String minutes(@org.jspecify.annotations.Nullable FigureView figure) {
    return figure == null ? "not known" : figure.metric();
  }

  private Block stage(StageStanding standing) {
    return new Block(
        standing.stage().words() + ": findings",
        standing.findings().stream()
            .map(
                finding ->
                    List.of(
                        word(finding.verdict()),
                        Spoken.text(finding.headline(), units()),
                        finding.source().reference()
                            + " ("
                            + finding.source().mark().words()
                            + ")"))
            .distinct()
            .toList(),
        List.of(0.14, 0.5, 0.36));
  }

  static String word(Verdict verdict) {
    return switch (verdict) {
      case WITHIN -> "within";
      case AT_EDGE -> "at the edge";
      case OUT -> "OUT";
      case NOT_KNOWN -> "not known yet";
    };
  }

  /** The pictures' words: when, and what they show. */
  List<String> captions() {
    return photos.stream()
        .map(
            one ->
                one.photo().moment().name().toLowerCase(Locale.ROOT)
                    + (one.photo().shows().isBlank() ? "" : ": " + one.photo().shows()))
        .toList();
  }
}
