package mellow.server.feed;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.feed.JointPlan;
import mellow.core.feed.Question;
import mellow.core.feed.sheet.Proposal;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;

/** A plan held against the wishes. */
@Schema(name = "FeedProposal", description = "A plan held against what is wished, and its cost.")
public record ProposalView(
    FeedView.PlanBrief plan,
    @Schema(description = "That differ from the usual ones.") Map<String, String> answers,
    @Schema(description = "Of the answers, those of the vehicle: asked once for all plans.")
        List<String> shared,
    @Schema(description = "The same in words.") List<String> answered,
    @Schema(description = "Wishes that it does not meet, in words.") List<String> misses,
    @Schema(description = "Factory wires that it needs.") List<NeedView> sources,
    int addedParts,
    int out,
    int atEdge,
    @Schema(description = "The gravest findings, three at most.") List<FindingView> gravest) {
  private static final int SHOWN = 3;

  /** A factory wire. */
  @Schema(name = "NeededWire", description = "A factory wire that a plan needs.")
  public record NeedView(
      @Schema(description = "As the plan calls it.", example = "side-lamp wire") String id,
      String words) {
    public static NeedView of(String id) {
      return new NeedView(id, Spoken.typed(id));
    }
  }

  public static ProposalView of(Proposal proposal) {
    return new ProposalView(
        FeedView.PlanBrief.of(proposal.sheet().feed().plan()),
        proposal.answers(),
        proposal.answers().keySet().stream()
            .filter(question -> JointPlan.isShared(proposal.sheet().feed().plan(), question))
            .sorted()
            .toList(),
        answered(proposal),
        proposal.misses().stream()
            .map(
                miss ->
                    Spoken.words(
                        FeedWords.misses(
                            Sentence.term(miss.wish().state()).capital(),
                            miss.wish().function(),
                            miss.gets(),
                            miss.wish().level())))
            .toList(),
        proposal.sources().stream().sorted().map(NeedView::of).toList(),
        proposal.addedParts(),
        count(proposal, Verdict.OUT),
        count(proposal, Verdict.AT_EDGE),
        proposal.sheet().findings().stream()
            .filter(finding -> finding.verdict() != Verdict.WITHIN)
            .limit(SHOWN)
            .map(FindingView::of)
            .toList());
  }

  private static int count(Proposal proposal, Verdict verdict) {
    return proposal.sheet().counts().getOrDefault(verdict, 0L).intValue();
  }

  private static List<String> answered(Proposal proposal) {
    List<String> words = new ArrayList<>();
    for (Question question : proposal.sheet().feed().plan().questions()) {
      String answer = proposal.answers().get(question.id());
      if (answer != null) {
        String says =
            question.kind() instanceof Question.Kind.Choice choice
                ? choice.options().stream()
                    .filter(option -> option.value().equals(answer))
                    .map(Question.Option::says)
                    .findFirst()
                    .orElse(answer)
                : answer;
        words.add(Spoken.words(FeedWords.answered(question.asks(), says)));
      }
    }
    return words;
  }
}
