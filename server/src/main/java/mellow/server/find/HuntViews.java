package mellow.server.find;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import mellow.core.circuit.Emitter;
import mellow.core.fault.CauseWords;
import mellow.core.fault.Check;
import mellow.core.fault.NextCheck;
import mellow.core.fault.Shown;
import mellow.core.fault.ShownWords;
import mellow.core.fault.Sides;
import mellow.core.feed.PlannedFeed;
import mellow.core.hunt.Hunt;
import mellow.core.layout.Layout;
import mellow.core.measure.UnitSystem;
import mellow.core.record.Fact;
import mellow.core.record.Line;
import mellow.server.feed.FeedView;
import mellow.server.find.HuntView.CandidateView;
import mellow.server.find.HuntView.CheckView;
import mellow.server.find.HuntView.CheckedView;
import mellow.server.find.HuntView.EndView;
import mellow.server.find.HuntView.ExpectedView;
import mellow.server.find.HuntView.LampView;
import mellow.server.find.HuntView.LayoutView;
import mellow.server.find.HuntView.NamedView;
import mellow.server.find.HuntView.NextView;
import mellow.server.find.HuntView.PinHeatView;
import mellow.server.find.HuntView.PlaceView;
import mellow.server.find.HuntView.RunView;
import mellow.server.find.HuntView.StateView;
import mellow.server.wire.Spoken;
import mellow.server.workshop.CheckEdit.ShownEdit;

/** A hunt as its page shows it. */
final class HuntViews {
  private static final int CANDIDATES = 8;
  private static final int EXPECTED = 4;

  /** Below this share a part is not tinted on the drawing. */
  private static final double TINTED = 0.01;

  private final Hunt hunt;
  private final PlannedFeed feed;
  private final List<Line> lines;

  /** Lines that led to what was mended before. */
  private final Set<String> before;

  HuntViews(Hunt hunt, PlannedFeed feed, List<Line> lines, Set<String> before) {
    this.before = before;
    this.hunt = hunt;
    this.feed = feed;
    this.lines = lines;
  }

  HuntView view(FeedView sheet) {
    Optional<Hunt.Suggestion> next = hunt.next();
    List<Hunt.Candidate> candidates = hunt.candidates();
    Map<String, Double> heat = new TreeMap<>();
    hunt.heat()
        .forEach(
            (part, share) -> {
              if (share >= TINTED) {
                heat.put(part, share);
              }
            });
    return new HuntView(
        sheet,
        hunt.standing(),
        feed.plan().states().stream()
            .map(state -> new StateView(state, Spoken.term(state), state.controls()))
            .toList(),
        feed.circuit().of(Emitter.class).map(lamp -> lamp(lamp.id())).toList(),
        heat,
        next.map(one -> next(one, candidates)).orElse(null),
        hunt.others().stream().map(this::check).toList(),
        candidates.stream().limit(CANDIDATES).map(HuntViews::candidate).toList(),
        checked(),
        feed.circuit().parts().stream().map(part -> named(part.id())).toList(),
        layout());
  }

  private LayoutView layout() {
    Layout layout = Layout.of(feed);
    return new LayoutView(
        layout.places().entrySet().stream()
            .map(one -> new PlaceView(one.getKey(), Spoken.term(one.getKey()), one.getValue()))
            .toList(),
        layout.runs().stream()
            .map(run -> new RunView(run.part().orElse(null), end(run.from()), end(run.to())))
            .toList(),
        hunt.pinHeat().entrySet().stream()
            .filter(one -> one.getValue() >= TINTED)
            .map(one -> new PinHeatView(one.getKey().part(), one.getKey().node(), one.getValue()))
            .toList());
  }

  private static EndView end(Layout.End end) {
    return new EndView(end.site(), end.node());
  }

  private LampView lamp(String id) {
    return new LampView(id, Spoken.typed(id), Sides.twin(feed.circuit(), id).orElse(null));
  }

  private static NamedView named(String id) {
    return new NamedView(id, Spoken.typed(id));
  }

  private CheckView check(NextCheck next) {
    Check check = next.check();
    Shown kept = hunt.kept(check);
    return new CheckView(
        ShownEdit.of(kept),
        Spoken.words(ShownWords.check(kept).capital()),
        next.minutes(),
        next.splits(),
        unit(kept.kind()),
        List.copyOf(hunt.toOpen(check)));
  }

  private static String unit(Shown.Kind kind) {
    return switch (kind) {
      case VOLTS -> "V";
      case AMPS -> "A";
      case OHMS -> "Ω";
      default -> "";
    };
  }

  private NextView next(Hunt.Suggestion suggestion, List<Hunt.Candidate> candidates) {
    List<ExpectedView> expected = new ArrayList<>();
    Check check = suggestion.next().check();
    for (Hunt.Candidate one : candidates.subList(0, Math.min(EXPECTED, candidates.size()))) {
      hunt.shows(check, one)
          .ifPresent(
              shown ->
                  expected.add(
                      new ExpectedView(
                          Spoken.text(
                              CauseWords.of(one.likeliest(), one.under()), UnitSystem.METRIC),
                          Spoken.text(ShownWords.answer(shown), UnitSystem.METRIC))));
    }
    Shown kept = hunt.kept(check);
    return new NextView(
        check(suggestion.next()),
        suggestion.why(),
        expected,
        hunt.probed(kept.from()).orElse(null),
        hunt.probed(kept.to()).orElse(null));
  }

  private static CandidateView candidate(Hunt.Candidate one) {
    return new CandidateView(
        one.parts().stream().sorted().toList(),
        Spoken.text(CauseWords.of(one.likeliest(), one.under()).capital(), UnitSystem.METRIC),
        one.shares(),
        one.explains(),
        one.leavesOpen());
  }

  private List<CheckedView> checked() {
    Set<String> counting = new HashSet<>();
    hunt.moments().forEach(moment -> counting.add(moment.line()));
    Optional<String> unexplained = hunt.unexplained().map(Hunt.Moment::line);
    return lines.stream()
        .map(
            line ->
                new CheckedView(
                    line.id(),
                    line.at(),
                    line.by(),
                    words(line),
                    counting.contains(line.id()),
                    before.contains(line.id()),
                    unexplained.equals(Optional.of(line.id()))))
        .toList();
  }

  /** What was checked at one moment, and what it showed. */
  static String words(Line line) {
    return Spoken.text(
        ShownWords.moment(((Fact.Checked) line.fact()).shown()).capital(), UnitSystem.METRIC);
  }
}
