package mellow.server.job;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.server.record.DifferenceView;

/** The last change of a document, which can be undone. */
@Schema(name = "LastChange", description = "The last change of a document, which can be undone.")
public record LastChangeView(
    @Schema(description = "Of the document as it is now.", example = "7") int version,
    @Schema(example = "Runa") String by,
    Instant at,
    @Schema(
            implementation = Map.class,
            description = "What it held before: kept on this version, the change is undone.")
        Object before,
    @Schema(description = "All that changes back, as it was before and as it is now.")
        List<DifferenceView> differences) {}
