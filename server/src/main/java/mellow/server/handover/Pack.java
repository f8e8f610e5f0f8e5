package mellow.server.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    blocks.add(plain(page.headings().done(), page.done()));
    if (!page.handOver().note().isBlank()) {
      blocks.add(plain(page.headings().note(), List.of(page.handOver().note())));
    }
    blocks.add(plain(page.headings().heed(), page.heed()));
    if (!page.handOver().fuses().isBlank()) {
      blocks.add(plain(page.headings().fuses(), List.of(page.handOver().fuses())));
    }
    if (!page.followUps().isEmpty()) {
      blocks.add(
          new Block(
              page.headings().comeBack(),
              page.followUps().stream().map(one -> List.of(one.when(), one.what())).toList(),
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
                  ? Spoken.words(HandoverWords.notYet())
                  : Spoken.words(HandoverWords.goesAnyway(closed.reason(), closed.by()))));
      blocks.add(new Block(Spoken.words(HandoverWords.stillOut()), rows, PLAIN));
    }
    if (!page.beforeAfter().isEmpty()) {
      blocks.add(
          new Block(
              page.headings().beforeAfter(),
              page.beforeAfter().stream()
                  .map(row -> List.of(row.what(), row.before(), row.after()))
                  .toList(),
              List.of(0.26, 0.37, 0.37)));
    }
    stages.stream().filter(one -> !one.findings().isEmpty()).forEach(one -> blocks.add(stage(one)));
    blocks.add(
        plain(
            Spoken.words(HandoverWords.judgedBy()),
            sets.stream()
                .map(set -> Spoken.words(HandoverWords.setVersion(set.title(), set.version())))
                .toList()));
    if (!parts.isEmpty()) {
      blocks.add(plain(Spoken.words(HandoverWords.parts()), parts));
    }
    feed.filter(papers -> !papers.bill().isEmpty())
        .ifPresent(
            papers -> blocks.add(plain(Spoken.words(HandoverWords.wiringParts()), papers.bill())));
    if (!page.minutes().isEmpty()) {
      blocks.add(
          new Block(
              Spoken.words(HandoverWords.times()),
              page.minutes().stream()
                  .map(row -> List.of(row.words(), minutes(row.expected()), minutes(row.taken())))
                  .toList(),
              List.of(0.4, 0.3, 0.3)));
    }
    if (!work.log().isEmpty()) {
      blocks.add(
          new Block(
              Spoken.words(HandoverWords.log()),
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
              Spoken.words(HandoverWords.corrected()),
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
    return figure == null ? Spoken.words(HandoverWords.notKnown()) : figure.metric();
  }

  private Block stage(StageStanding standing) {
    return new Block(
        Spoken.words(HandoverWords.stageFindings(standing.stage())),
        standing.findings().stream()
            .map(
                finding ->
                    List.of(
                        Spoken.term(finding.verdict()),
                        Spoken.text(finding.headline(), units()),
                        Spoken.words(
                            HandoverWords.source(
                                finding.source().reference(), finding.source().mark()))))
            .distinct()
            .toList(),
        List.of(0.14, 0.5, 0.36));
  }

  /** The pictures' words: when, and what they show. */
  List<String> captions() {
    return photos.stream()
        .map(
            one ->
                Spoken.term(one.photo().moment())
                    + (one.photo().shows().isBlank() ? "" : ": " + one.photo().shows()))
        .toList();
  }
}
