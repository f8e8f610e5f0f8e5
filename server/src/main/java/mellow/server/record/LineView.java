package mellow.server.record;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellow.core.formats.StepBook;
import mellow.core.record.JobRecord;
import mellow.core.record.Line;
import mellow.core.record.LineWords;
import mellow.core.workflow.Stage;
import mellow.server.wire.SentenceView;
import org.jspecify.annotations.Nullable;

/** A line of a job's record. */
@Schema(name = "RecordLine", description = "A line of a job's record.")
public record LineView(
    String id,
    @Schema(description = "In the order in which lines were kept.", example = "1207") long number,
    Stage stage,
    @Schema(description = "Its kind.", example = "step") String kind,
    @Schema(description = "What it is about.", example = "step:bench.open:LEFT") String subject,
    SentenceView words,
    String by,
    @Schema(description = "On which device; empty where that was not noted.") String device,
    Instant at,
    @Schema(description = "The line that it takes back, or stands instead of.")
        @Nullable String strikes,
    @Nullable String struckBy) {

  static LineView of(Line line, Optional<String> struckBy) {
    return of(line, struckBy, new JobRecord(List.of(line)));
  }

  static LineView of(Line line, Optional<String> struckBy, JobRecord record) {
    return new LineView(
        line.id(),
        line.number(),
        line.stage(),
        line.fact().kind().code(),
        line.subject().text(),
        SentenceView.of(new LineWords(record, StepBook::wordsOf).of(line)),
        line.by(),
        line.device(),
        line.at(),
        line.strikes().orElse(null),
        struckBy.orElse(null));
  }
}
