package mellow.server.lens;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import mellow.core.lens.LensMark;
import mellow.core.lens.LensReading;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.TrafficSide;
import mellow.server.wire.FindingView;
import mellow.server.wire.FindingView.SourceView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** A lens as it was read. */
@Schema(name = "Lens", description = "What the marks on a lens say, and what follows.")
public record LensView(
    List<MarkView> marks,
    Set<LampFunction> functions,
    @Schema(description = "The class by which the low beam is aimed; left out where none is named.")
        @Nullable BeamClass dipped,
    @Schema(description = "The class by which the fog lamp is aimed; left out where none is named.")
        @Nullable BeamClass fog,
    @Schema(description = "The market's rules of aim for such a lamp, over all heights.")
        List<SourceView> aimRules,
    List<FindingView> findings) {

  /** One mark. */
  @Schema(name = "LensMark", description = "One mark with its meaning.")
  public record MarkView(
      @Schema(example = "HCR") String typed,
      @Schema(
              description = "Empty where it is not known here.",
              example = "low and main beam, halogen")
          String says,
      SourceView source) {

    static MarkView of(LensMark mark) {
      return new MarkView(mark.typed(), Spoken.words(mark.says()), SourceView.of(mark.source()));
    }
  }

  static LensView of(LensReading lens, RuleSet market, TrafficSide traffic) {
    BeamClass dipped = lens.beam(LampKind.DIPPED, market.marks()).orElse(null);
    BeamClass fog = lens.beam(LampKind.FRONT_FOG, market.marks()).orElse(null);
    return new LensView(
        lens.marks().stream().map(MarkView::of).toList(),
        lens.functions(),
        dipped,
        fog,
        market.aimRules().stream()
            .filter(rule -> rule.classes().stream().anyMatch(of -> of == dipped || of == fog))
            .map(rule -> SourceView.of(rule.source()))
            .distinct()
            .toList(),
        lens.findings(market.marks(), traffic).stream().map(FindingView::of).toList());
  }
}
