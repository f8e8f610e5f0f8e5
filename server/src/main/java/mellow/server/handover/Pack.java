package mellow.server.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.measure.UnitSystem;
import mellow.core.rules.RuleSet;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StageStanding;
import mellow.server.feed.service.Feeds;
import mellow.server.find.Finds;
import mellow.server.photo.Photos;
import mellow.server.print.Block;
import mellow.server.print.Shapes;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.HorizonView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.Workshops;

/**
 * What is handed over on paper: one page for the owner, the rest for the file.
 *
 * @param horizon where the work stands
 * @param stages how every stage stands
 * @param sets the rule sets that the job was judged by
 * @param parts what was fitted, in words
 * @param hunt how a fault was looked for; empty where none was
 */
record Pack(
    HandOverPage page,
    HorizonView horizon,
    List<StageStanding> stages,
    List<RuleSet> sets,
    List<String> parts,
    Workshops.Summary work,
    Optional<Finds.Told> hunt,
    Optional<Feeds.Papers> feed,
    List<Photos.FileOf> photos) {

  private UnitSystem units() {
    return page.job().units();
  }

  String title() {
    return page.vehicle().name() + ", " + page.vehicle().nickname();
  }

  /** The page for the owner, in plain words. */
  List<Block> owner() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(Block.lines(page.headings().done(), page.done()));
    if (!page.handOver().note().isBlank()) {
      blocks.add(Block.lines(page.headings().note(), List.of(page.handOver().note())));
    }
    blocks.add(Block.lines(page.headings().heed(), page.heed()));
    if (!page.handOver().fuses().isBlank()) {
      blocks.add(Block.lines(page.headings().fuses(), List.of(page.handOver().fuses())));
    }
    if (!page.followUps().isEmpty()) {
      blocks.add(
          Block.table(
              page.headings().comeBack(),
              List.of(0.28, 0.72),
              page.followUps().stream().map(one -> List.of(one.when(), one.what())).toList()));
    }
    return blocks;
  }

  /** The pages for the file. */
  List<Block> file() {
    List<Block> blocks = new ArrayList<>();
    open(blocks);
    found(blocks);
    hunt.ifPresent(told -> blocks.add(hunted(told)));
    used(blocks);
    log(blocks);
    return blocks;
  }

  /** What is out, and who signed for it. */
  private void open(List<Block> blocks) {
    HandOverPage.ClosedView closed = page.closed();
    List<FindingView> above =
        closed == null
            ? page.above().stream().map(HandOverPage.AboveView::finding).toList()
            : closed.findings();
    if (!above.isEmpty()) {
      List<Block.Shaped> rows = new ArrayList<>();
      above.forEach(
          one ->
              rows.add(
                  new Block.Shaped(
                      Shapes.of(one.verdict()), List.of(one.headline().text(units())))));
      rows.add(
          new Block.Shaped(
              "",
              List.of(
                  closed == null
                      ? Spoken.words(HandoverWords.notYet())
                      : Spoken.words(HandoverWords.goesAnyway(closed.reason(), closed.by())))));
      blocks.add(Block.shaped(Spoken.words(HandoverWords.stillOut()), List.of(1.0), rows));
    }
  }

  /** What differs from before, what each stage found, and by which rules. */
  private void found(List<Block> blocks) {
    if (!page.beforeAfter().isEmpty()) {
      blocks.add(
          Block.table(
              page.headings().beforeAfter(),
              List.of(0.26, 0.37, 0.37),
              page.beforeAfter().stream()
                  .map(row -> List.of(row.what(), row.before(), row.after()))
                  .toList()));
    }
    stages.stream().filter(one -> !one.findings().isEmpty()).forEach(one -> blocks.add(stage(one)));
    blocks.add(
        Block.lines(
            Spoken.words(HandoverWords.judgedBy()),
            sets.stream()
                .map(set -> Spoken.words(HandoverWords.setVersion(set.title(), set.version())))
                .toList()));
  }

  /** What was wrong, what was checked, what it was and what was done. */
  private static Block hunted(Finds.Told told) {
    List<String> lines = new ArrayList<>();
    if (!told.complaint().isBlank()) {
      lines.add(Spoken.words(HandoverWords.complaintWas(told.complaint())));
    }
    lines.addAll(told.checks());
    told.endings()
        .forEach(
            ended -> {
              ended.parts().forEach(part -> lines.add(Spoken.words(HandoverWords.faultWas(part))));
              lines.add(Spoken.words(HandoverWords.huntEnded(ended.how(), ended.did())));
            });
    return Block.lines(Spoken.words(HandoverWords.faultHunt()), lines);
  }

  /** Parts, and the minutes that it took. */
  private void used(List<Block> blocks) {
    if (!parts.isEmpty()) {
      blocks.add(Block.lines(Spoken.words(HandoverWords.parts()), parts));
    }
    feed.filter(papers -> !papers.bill().isEmpty())
        .ifPresent(
            papers ->
                blocks.add(Block.lines(Spoken.words(HandoverWords.wiringParts()), papers.bill())));
    if (!page.minutes().isEmpty()) {
      blocks.add(
          Block.table(
              Spoken.words(HandoverWords.times()),
              List.of(0.4, 0.3, 0.3),
              page.minutes().stream()
                  .map(row -> List.of(row.words(), minutes(row.expected()), minutes(row.taken())))
                  .toList()));
    }
  }

  /** What was written down, and corrected since. */
  private void log(List<Block> blocks) {
    if (!work.log().isEmpty()) {
      blocks.add(
          Block.table(
              Spoken.words(HandoverWords.log()),
              List.of(0.2, 0.14, 0.66),
              work.log().stream()
                  .filter(line -> line.stage() != Stage.FIND)
                  .map(
                      line ->
                          List.of(
                              line.at().toString().substring(0, 16).replace('T', ' '),
                              line.by(),
                              line.words()))
                  .toList()));
    }
    if (!page.amendments().isEmpty()) {
      blocks.add(
          Block.lines(
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
  }

  private String minutes(@org.jspecify.annotations.Nullable FigureView figure) {
    return figure == null ? Spoken.words(HandoverWords.notKnown()) : figure.metric();
  }

  /** What reads alike is printed once. */
  private Block stage(StageStanding standing) {
    return Block.shaped(
        Spoken.words(HandoverWords.stageFindings(standing.stage())),
        List.of(0.18, 0.48, 0.34),
        standing.findings().stream()
            .map(
                finding ->
                    new Block.Shaped(
                        Shapes.of(finding.verdict()),
                        List.of(
                            Spoken.term(finding.verdict()),
                            Spoken.text(finding.headline(), units()),
                            Spoken.words(
                                HandoverWords.source(
                                    finding.source().reference(), finding.source().mark())))))
            .distinct()
            .toList());
  }

  /** What a picture shows, and when it was taken. */
  static String caption(Photos.FileOf photo) {
    return Spoken.term(photo.photo().moment())
        + (photo.photo().shows().isBlank() ? "" : ": " + photo.photo().shows());
  }
}
