package mellow.core.workshop;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.record.WorkLog;
import mellow.core.subject.SubjectKind;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Stage;
import mellow.core.workflow.StepLine;
import mellow.core.workflow.ledger.LedgerLine;

/**
 * What of the workshop is open when a job is to be handed over, each thing by its name: findings,
 * steps, timers that still hold something, and the battery.
 */
public final class OpenWork {
  private static final Source ORDER = Source.judged(WorkshopWords.srcOrder());
  private static final Source COUNTED = Source.commonPractice(WorkshopWords.srcCounted());

  private final WorkshopSheet sheet;
  private final WorkLog log;
  private final Around around;
  private final Instant now;

  public OpenWork(WorkshopSheet sheet, WorkLog log, Around around, Instant now) {
    this.sheet = sheet;
    this.log = log;
    this.around = around;
    this.now = now;
  }

  public List<OpenPoint> points() {
    List<OpenPoint> points = new ArrayList<>();
    for (Stage stage : WorkLog.STAGES) {
      if (around.plans(stage) || log.isBegun(stage)) {
        findings(stage, points);
      }
      if (around.plans(stage)) {
        steps(stage, points);
      }
    }
    if (!sheet.isClosed()) {
      sheet.ledger().lines().stream()
          .filter(line -> line.out() > 0)
          .forEach(line -> points.add(off(line)));
    }
    log.timers().stream()
        .map(WorkLog.Timed::timer)
        .filter(timer -> timer.kind() != BenchTimer.Kind.OTHER)
        .filter(timer -> timer.state(now) == BenchTimer.State.RUNNING)
        .forEach(timer -> points.add(running(timer)));
    if (!sheet.battery().connected()) {
      points.add(
          plain(
              Stage.PROVE,
              FindingKey.of("hand-over.battery"),
              Verdict.OUT,
              WorkshopWords.negativeOff()));
    }
    if (sheet.battery().secondOn()) {
      points.add(
          plain(
              Stage.PROVE,
              FindingKey.of("hand-over.helper"),
              Verdict.OUT,
              WorkshopWords.helperOn()));
    }
    return points;
  }

  private void findings(Stage stage, List<OpenPoint> points) {
    boolean begun = log.isBegun(stage) || stage == Stage.PROVE;
    sheet.findings(stage).stream()
        .filter(
            finding ->
                finding.verdict() == Verdict.OUT || begun && finding.verdict() == Verdict.NOT_KNOWN)
        .forEach(finding -> points.add(new OpenPoint(stage, finding, Optional.empty())));
  }

  private void steps(Stage stage, List<OpenPoint> points) {
    sheet.steps(stage).lines().stream()
        .filter(StepLine::isOpen)
        .forEach(line -> points.add(step(stage, line)));
  }

  private static OpenPoint step(Stage stage, StepLine line) {
    Finding finding =
        Finding.plain(
            FindingKey.of("hand-over.step", line.subject()),
            Verdict.NOT_KNOWN,
            ORDER,
            WorkshopWords.notDone(line.words()));
    return new OpenPoint(
        stage,
        line.step().gate() ? finding.withDetail(WorkshopWords.noWayBack()) : finding,
        Optional.of(new OpenPoint.StepOf(line.step().id(), line.side())));
  }

  private static OpenPoint off(LedgerLine line) {
    return plain(
        Stage.TOGETHER,
        FindingKey.of("hand-over.off", line.row().subject()),
        Verdict.OUT,
        WorkshopWords.stillOff(line.out(), line.row().words()));
  }

  private OpenPoint running(BenchTimer timer) {
    return plain(
        Stage.BENCH,
        FindingKey.of("hand-over.timer", SubjectKind.TIMER.named(timer.id())),
        Verdict.OUT,
        WorkshopWords.stillRuns(
            timer.name().capital(), Figure.minutes(Math.max(1, timer.left(now).toMinutes()))));
  }

  private static OpenPoint plain(Stage stage, FindingKey key, Verdict verdict, Sentence says) {
    return new OpenPoint(stage, Finding.plain(key, verdict, COUNTED, says), Optional.empty());
  }
}
