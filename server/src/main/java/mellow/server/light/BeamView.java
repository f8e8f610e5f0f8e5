package mellow.server.light;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.formats.TestTables;
import mellow.core.photometry.Beam;
import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.points.TestJudge;
import mellow.core.photometry.points.TestTable;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.vehicle.TrafficSide;
import mellow.server.wire.FindingView;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/** A beam file that ships, and what its regulation's test makes of it. */
@Schema(name = "BeamFile", description = "A beam file that ships, held against its test.")
record BeamView(
    @Schema(example = "reflector") String name,
    @Schema(description = "Lumens of its light source, as the file has them.", example = "1450")
        @Nullable Double sourceLumens,
    @Schema(description = "What it draws, W.", example = "55") double watts,
    @Schema(description = "Left out where no test is known for such a lamp.")
        @Nullable TestView test) {

  /** A photometric test. */
  @Schema(name = "BeamTest", description = "The points at which a regulation measures a lamp.")
  record TestView(
      @Schema(example = "UN R112, low beam of class B") String title,
      @Schema(description = "What of the regulation the test leaves out.") String note,
      Verdict worst,
      List<FindingView> findings) {}

  static BeamView of(ShippedBeam lamp) {
    BeamFile file = lamp.file();
    OptionalDouble lumens = file.source().lumens();
    return new BeamView(
        lamp.title(),
        lumens.isPresent() ? lumens.getAsDouble() : null,
        file.inputWatts(),
        lamp.test()
            .flatMap(TestTables::byId)
            .map(table -> test(table, Beam.of(file)))
            .orElse(null));
  }

  private static TestView test(TestTable table, Beam beam) {
    List<Finding> findings = TestJudge.judge(beam, table, TrafficSide.RIGHT);
    return new TestView(
        Spoken.typed(table.title()),
        Spoken.typed(table.note()),
        findings.stream().map(Finding::verdict).reduce(Verdict.WITHIN, Verdict::or),
        findings.stream().map(FindingView::of).toList());
  }
}
