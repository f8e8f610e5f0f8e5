package mellow.server.workshop;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.formats.StepBook;
import mellow.core.measure.TapeText;
import mellow.core.measure.Temperature;
import mellow.core.measure.UnitSystem;
import mellow.core.proof.Isolation;
import mellow.core.proof.ProofEvent.Tried;
import mellow.core.proof.ProofList;
import mellow.core.proof.ProofSheet;
import mellow.core.record.Line;
import mellow.core.record.LineWords;
import mellow.core.record.WorkLog;
import mellow.core.retrofit.Bake;
import mellow.core.retrofit.BenchField;
import mellow.core.retrofit.FitSection;
import mellow.core.retrofit.HeatCheck;
import mellow.core.retrofit.LensLadder;
import mellow.core.retrofit.Mount;
import mellow.core.retrofit.OvenAdvice;
import mellow.core.retrofit.OvenSchool;
import mellow.core.retrofit.WarmingCurve;
import mellow.core.vehicle.Side;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Resume;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.StepLine;
import mellow.core.workflow.StepMark;
import mellow.core.workflow.ledger.Handling;
import mellow.core.workflow.ledger.LedgerLine;
import mellow.core.workflow.schedule.PlannedStage;
import mellow.core.workflow.schedule.WorkedMinutes;
import mellow.core.workshop.Around;
import mellow.core.workshop.WorkshopSheet;
import mellow.server.wire.CautionView;
import mellow.server.wire.FigureView;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.WorkshopPage.BenchView;
import mellow.server.workshop.WorkshopPage.HeatCurve;
import mellow.server.workshop.WorkshopPage.HeatPoint;
import mellow.server.workshop.WorkshopPage.HeatView;
import mellow.server.workshop.WorkshopPage.LedgerLineView;
import mellow.server.workshop.WorkshopPage.ProofCellView;
import mellow.server.workshop.WorkshopPage.ProofItemView;
import mellow.server.workshop.WorkshopPage.ProofView;
import mellow.server.workshop.WorkshopPage.ResumeView;
import mellow.server.workshop.WorkshopPage.StageWorkView;
import mellow.server.workshop.WorkshopPage.StepLineView;
import mellow.server.workshop.WorkshopPage.TimerView;

/** Puts the parts of the workshop's page together. */
final class WorkshopViews {
  private static final int CURVE_POINTS = 40;

  private final WorkLog log;
  private final Around around;
  private final WorkshopSheet sheet;
  private final Instant now;
  private final LineWords words;

  WorkshopViews(WorkLog log, Around around, Instant now) {
    this.log = log;
    this.around = around;
    this.now = now;
    this.sheet = new WorkshopSheet(log, around, now);
    this.words = new LineWords(log.record(), StepBook::wordsOf);
  }

  List<StageWorkView> stages() {
    return WorkLog.STAGES.stream().map(this::stage).toList();
  }

  private StageWorkView stage(Stage stage) {
    Optional<PlannedStage> planned =
        around.plan().stages().stream().filter(one -> one.stage() == stage).findFirst();
    List<Step> steps = sheet.steps(stage).lines().stream().map(StepLine::step).distinct().toList();
    List<Instant> moments =
        log.living().stream().filter(line -> line.stage() == stage).map(Line::at).sorted().toList();
    return new StageWorkView(
        stage,
        Spoken.term(stage),
        planned.isPresent(),
        sheet.steps(stage).lines().stream().map(this::step).toList(),
        sheet.findings(stage).stream().map(FindingView::of).toList(),
        Stream.concat(
                steps.stream().flatMap(step -> step.cautions().stream()),
                around.hasDischarge() ? StepBook.caution("high-voltage").stream() : Stream.of())
            .distinct()
            .map(CautionView::of)
            .toList(),
        planned
            .flatMap(PlannedStage::expected)
            .map(expected -> FigureView.of(expected.minutes()))
            .orElse(null),
        FigureView.of(Figure.minutes(WorkedMinutes.of(moments))));
  }

  /** What a step leaves curing here: butyl does not cure. */
  private Optional<BenchTimer.Adhesive> cures(Step step) {
    return step.when()
        .cures()
        .filter(what -> what != BenchTimer.Adhesive.SEALANT || !sheet.resealsWithButyl());
  }

  private StepLineView step(StepLine line) {
    Optional<StepMark> mark = line.mark();
    return new StepLineView(
        line.step().id(),
        line.side().orElse(null),
        Spoken.words(line.words()),
        line.step().gate(),
        line.step().when().people(),
        cures(line.step()).orElse(null),
        line.state(),
        texts(line.waitsFor()),
        line.unread().map(Spoken::term).orElse(""),
        Spoken.typed(line.step().comesOff()),
        line.step().atHand().stream().map(Spoken::typed).toList(),
        mark.map(StepMark::by).orElse(""),
        mark.map(StepMark::at).orElse(null),
        mark.map(StepMark::reason).orElse(""));
  }

  private static List<String> texts(List<Sentence> sentences) {
    return sentences.stream().map(one -> Spoken.text(one, UnitSystem.METRIC)).toList();
  }

  List<WorkshopPage.EntryView> entries() {
    return log.all().stream()
        .map(
            line ->
                new WorkshopPage.EntryView(
                    line.id(),
                    line.number(),
                    line.stage(),
                    Spoken.words(words.of(line)),
                    line.by(),
                    line.at(),
                    line.strikes().orElse(null),
                    log.record().striker(line.id()).map(Line::id).orElse(null)))
        .toList();
  }

  List<LedgerLineView> ledger() {
    return sheet.ledger().lines().stream().map(this::line).toList();
  }

  private LedgerLineView line(LedgerLine line) {
    String id = line.row().id();
    Line entry = log.record().line(id).orElseThrow();
    return new LedgerLineView(
        id,
        Spoken.words(line.row().words()),
        EntryEdit.OutEdit.of(log.row(id), null),
        line.row().side().orElse(null),
        line.out(),
        line.byHand(),
        line.awaiting(),
        line.back(),
        line.tight(),
        line.broken(),
        line.replaced(),
        line.stays(),
        sheet.ledger().before(line).stream()
            .map(first -> Spoken.words(first.row().words()))
            .toList(),
        Spoken.words(Handling.of(line.row().what()).off()),
        Spoken.words(Handling.of(line.row().what()).on()),
        line.isDone(),
        entry.by(),
        entry.at());
  }

  List<String> reverse() {
    return sheet.ledger().inReverse().stream().map(line -> line.row().id()).toList();
  }

  List<TimerView> timers() {
    return TimerView.of(log, now);
  }

  BenchView bench() {
    Mount.Advice advice = Mount.advice(sheet.housing(), sheet.projector());
    Optional<LensLadder.FollowUp> again =
        log.lensDone()
            .map(at -> LensLadder.FollowUp.after(LocalDate.ofInstant(at, ZoneOffset.UTC)));
    return new BenchView(
        measures(),
        log.choices(),
        sheet.mount(),
        Spoken.term(sheet.mount()),
        advice.mount(),
        Spoken.words(advice.because()),
        sheet.rollWay(),
        Spoken.term(sheet.rollWay()),
        WorkshopPage.SectionView.of(FitSection.of(sheet.housing(), sheet.projector())),
        sheet.fit().stream().map(FindingView::of).toList(),
        Stream.of(Side.values())
            .map(
                side ->
                    new WorkshopPage.AimView(
                        side, sheet.aim(side).stream().map(FindingView::of).toList()))
            .toList(),
        oven(),
        Stream.of(OvenSchool.values()).map(WorkshopViews::school).toList(),
        LensLadder.rungs().stream().map(this::rung).toList(),
        again.map(LensLadder.FollowUp::from).orElse(null),
        again.map(LensLadder.FollowUp::latest).orElse(null));
  }

  private List<WorkshopPage.MeasureView> measures() {
    List<WorkshopPage.MeasureView> measures = new ArrayList<>();
    for (BenchField field : BenchField.values()) {
      List<Optional<Side>> sides =
          field.bySide()
              ? Stream.of(Side.values()).map(Optional::of).toList()
              : List.of(Optional.empty());
      for (Optional<Side> side : sides) {
        var mm = log.measured(field, side);
        measures.add(
            new WorkshopPage.MeasureView(
                field,
                Spoken.term(field),
                side.orElse(null),
                mm.isPresent() ? FigureView.of(Figure.fineMm(mm.getAsDouble())) : null));
      }
    }
    return measures;
  }

  private List<WorkshopPage.OvenView> oven() {
    List<WorkshopPage.OvenView> oven = new ArrayList<>();
    for (Side side : Side.values()) {
      List<Bake> bakes = log.bakes(side);
      for (Bake.Purpose purpose : Bake.Purpose.values()) {
        OvenAdvice advice = OvenAdvice.of(purpose, bakes);
        oven.add(
            new WorkshopPage.OvenView(
                side,
                purpose,
                advice.school(),
                degrees(advice.heat().fahrenheit()),
                advice.heat().fahrenheit(),
                advice.heat().fromMinutes(),
                advice.heat().toMinutes(),
                Spoken.words(advice.because()),
                bakes.stream().filter(bake -> bake.purpose() == purpose).count()));
      }
    }
    return oven;
  }

  private static String degrees(double fahrenheit) {
    return "%s °F (%s °C)"
        .formatted(
            TapeText.decimal(fahrenheit, 0), TapeText.decimal(Temperature.celsius(fahrenheit), 0));
  }

  private static WorkshopPage.SchoolView school(OvenSchool school) {
    return new WorkshopPage.SchoolView(
        school,
        Spoken.term(school),
        heat(school.opening()),
        heat(school.resealing()),
        Spoken.words(school.closing()));
  }

  private static String heat(OvenSchool.Heat heat) {
    String minutes =
        heat.fromMinutes() == heat.toMinutes()
            ? String.valueOf(heat.toMinutes())
            : Spoken.words(
                WorkshopWords.fromTo(
                    String.valueOf(heat.fromMinutes()), String.valueOf(heat.toMinutes())));
    return degrees(heat.fahrenheit()) + ", " + minutes + " min";
  }

  private WorkshopPage.RungView rung(LensLadder.Rung rung) {
    return new WorkshopPage.RungView(
        rung.grit(),
        Spoken.words(rung.words()),
        Spoken.words(rung.look()),
        Stream.of(Side.values()).filter(side -> log.rungs(side).contains(rung.grit())).toList());
  }

  List<HeatView> heat() {
    return log.warmed().stream().map(WorkshopViews::heat).toList();
  }

  private static HeatView heat(WorkLog.Heated warmed) {
    return new HeatView(
        warmed.object().what(),
        HeatCheck.limitCelsius(warmed.object()),
        FigureView.of(Figure.celsius(HeatCheck.limitCelsius(warmed.object()))),
        warmed.readings().stream().map(at -> new HeatPoint(at.minutes(), at.celsius())).toList(),
        HeatCheck.curve(warmed.readings())
            .map(curve -> curve(curve, warmed.readings()))
            .orElse(null),
        FindingView.of(HeatCheck.of(warmed.object(), warmed.readings())));
  }

  private static HeatCurve curve(WarmingCurve curve, List<WarmingCurve.At> readings) {
    double last = readings.stream().mapToDouble(WarmingCurve.At::minutes).max().orElse(0);
    double until = Math.max(last, 5 * curve.tauMinutes());
    List<HeatPoint> points = new ArrayList<>();
    for (int i = 0; i <= CURVE_POINTS; i++) {
      double minutes = until * i / CURVE_POINTS;
      points.add(new HeatPoint(minutes, curve.at(minutes)));
    }
    return new HeatCurve(
        FigureView.of(Figure.celsius(curve.endCelsius())),
        curve.endCelsius(),
        curve.endDeviation(),
        curve.tauMinutes(),
        points);
  }

  ProofView proof() {
    ProofSheet proof = sheet.proof();
    return new ProofView(
        proof.list().items().stream().map(this::item).toList(),
        proof.list().movements(),
        proof.isProved(),
        proof.open(),
        around.feed().isPresent(),
        sheet.battery().isLive(),
        log.flashRates().stream().map(rate -> FindingView.of(rate.finding())).toList());
  }

  private ProofItemView item(ProofList.Item item) {
    return new ProofItemView(
        item.state(),
        Spoken.term(item.state()),
        item.state().controls(),
        Spoken.all(item.moves()),
        sheet.proof().cells().stream()
            .filter(cell -> cell.state() == item.state())
            .map(this::cell)
            .toList());
  }

  private ProofCellView cell(ProofSheet.Cell cell) {
    Optional<Tried> result = cell.result();
    return new ProofCellView(
        cell.lamp().function(),
        cell.lamp().side(),
        cell.lamp().name(),
        Spoken.words(cell.lamp().words()),
        Spoken.term(cell.lamp().function()),
        cell.expected(),
        result.map(Tried::outcome).orElse(null),
        result.map(Tried::tries).orElse(0),
        result.map(Tried::seen).orElse(""),
        cell.faults(),
        cell.reopened().map(Spoken::words).orElse(""),
        result
            .filter(one -> one.outcome().isFault())
            .map(one -> Spoken.all(Isolation.firstThree(one.outcome(), around.light(cell.lamp()))))
            .orElse(List.of()));
  }

  Optional<ResumeView> resume() {
    List<Line> living = log.living();
    if (living.isEmpty()) {
      return Optional.empty();
    }
    Line last = living.get(living.size() - 1);
    return Resume.of(
            now,
            new Resume.Last(last.at(), words.of(last)),
            sheet.ledger().out(),
            log.timers().stream().map(WorkLog.Timed::timer).toList())
        .map(
            resume ->
                new ResumeView(
                    resume.leftAt(),
                    Spoken.words(resume.last()),
                    resume.out(),
                    Spoken.all(resume.cured()),
                    Spoken.all(resume.running())));
  }
}
