package mellow.server.aside;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/** A job that was put aside. */
@Schema(name = "AsideJob", description = "A job that was put aside, as nobody can read all of it.")
record AsideView(
    String jobId,
    @Schema(example = "Quenby Loft") String vehicle,
    String work,
    String why,
    String by,
    Instant at) {}
