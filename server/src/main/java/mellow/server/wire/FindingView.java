package mellow.server.wire;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import mellow.core.finding.Finding;
import mellow.core.finding.Limit;
import mellow.core.finding.Remedy;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.subject.Subject;
import org.jspecify.annotations.Nullable;

/** A verdict with its margin, working, remedy and source. */
@Schema(name = "Finding", description = "A verdict with its margin, working, remedy and source.")
public record FindingView(
    @Schema(description = "Its rule and subject.", example = "aim.limits@lamp:DIPPED:RIGHT")
        String id,
    @Schema(description = "What was asked.", example = "aim.limits") String rule,
    @Schema(description = "Of what it was asked.", example = "lamp:DIPPED:RIGHT") String subject,
    Verdict verdict,
    SentenceView headline,
    SentenceView detail,
    @Schema(description = "Positive within the limit, negative beyond.")
        @Nullable FigureView margin,
    @Schema(description = "± of what was measured, in the margin's unit.")
        @Nullable FigureView uncertainty,
    @Schema(
            description =
                "What the value was held against; missing in records of earlier versions.")
        @Nullable LimitView limit,
    @Nullable SentenceView remedy,
    @Schema(description = "The remedy as data; missing in records of earlier versions.")
        @Nullable TaskView task,
    List<WorkingLineView> working,
    SourceView source) {
  /** What a closed record of an earlier version holds has its whole name for a rule. */
  public FindingView {
    rule = Objects.requireNonNullElse(rule, id);
    subject = Objects.requireNonNullElse(subject, Subject.Job.WHOLE.text());
  }

  public static FindingView of(Finding finding) {
    return new FindingView(
        finding.id(),
        finding.rule(),
        finding.subject().text(),
        finding.verdict(),
        SentenceView.of(finding.headline()),
        SentenceView.of(finding.detail()),
        finding.margin().map(margin -> FigureView.of(margin.amount())).orElse(null),
        finding.margin().map(margin -> FigureView.of(margin.uncertainty())).orElse(null),
        finding.margin().map(margin -> LimitView.of(margin.limit())).orElse(null),
        finding.remedy().map(remedy -> SentenceView.of(remedy.says())).orElse(null),
        finding.remedy().map(remedy -> TaskView.of(remedy, finding.subject())).orElse(null),
        WorkingLineView.of(finding.working()),
        SourceView.of(finding.source()));
  }

  /** What a value was held against; the clause is the finding's source. */
  @Schema(name = "FindingLimit", description = "What a measured value is held against.")
  public record LimitView(
      @Schema(description = "The least allowed; missing where there is none.")
          @Nullable FigureView least,
      @Schema(description = "The most allowed; missing where there is none.")
          @Nullable FigureView most) {

    static LimitView of(Limit limit) {
      return new LimitView(
          limit.least().map(FigureView::of).orElse(null),
          limit.most().map(FigureView::of).orElse(null));
    }
  }

  /** What to do, where, to what and by how much. */
  @Schema(name = "FindingTask", description = "What to do about a finding, and where.")
  public record TaskView(
      Remedy.Action action,
      Remedy.Page page,
      @Schema(description = "What it is done to.", example = "lamp:DIPPED:LEFT") String subject,
      @Schema(description = "By how much; missing where no figure tells.")
          @Nullable FigureView by) {

    static TaskView of(Remedy remedy, Subject about) {
      return new TaskView(
          remedy.action(),
          remedy.page(),
          remedy.on().orElse(about).text(),
          remedy.by().map(FigureView::of).orElse(null));
    }
  }

  /** One line of a working. */
  @Schema(name = "WorkingLine", description = "One line of a working, as written on cardboard.")
  public record WorkingLineView(
      String label,
      @Schema(description = "In symbols; empty for a value that was read.") String formula,
      SentenceView filled,
      FigureView result) {

    public static List<WorkingLineView> of(Working working) {
      return working.lines().stream()
          .map(
              line ->
                  new WorkingLineView(
                      Spoken.words(line.label()),
                      Spoken.words(line.formula()),
                      SentenceView.of(line.filled()),
                      FigureView.of(line.result())))
          .toList();
    }
  }

  /** Where a rule comes from. */
  @Schema(name = "Source", description = "Where a rule or figure comes from.")
  public record SourceView(
      Source.Mark mark,
      @Schema(example = "from memory, check the current text") String words,
      @Schema(example = "UN R48, 6.2.6.1") String reference) {

    public static SourceView of(Source source) {
      return new SourceView(
          source.mark(), Spoken.term(source.mark()), Spoken.words(source.reference()));
    }
  }
}
