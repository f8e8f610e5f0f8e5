package mellow.server.rulebook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** A job's rule set of which there is a newer version. */
@Schema(
    name = "NewerRules",
    description = "A rule set of a job of which there is a newer version, and what it changes.")
public record NewerRules(
    @Schema(example = "valley") String setId,
    String title,
    @Schema(description = "The version that the job is judged by.") int kept,
    int latest,
    @Schema(description = "One sentence a rule.") List<String> differences) {}
