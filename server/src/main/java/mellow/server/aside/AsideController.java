package mellow.server.aside;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import mellow.core.record.Fact;
import mellow.core.workflow.Stage;
import mellow.server.job.JobFacts;
import mellow.server.job.Jobs;
import mellow.server.platform.Acting;
import mellow.server.platform.Refusal;
import mellow.server.record.Records;
import mellow.server.wire.Patterns;
import mellow.server.yard.Standings;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Yard")
class AsideController {
  private final AsideStore store;
  private final Jobs jobs;
  private final Standings standings;
  private final Records records;

  AsideController(AsideStore store, Jobs jobs, Standings standings, Records records) {
    this.records = records;
    this.store = store;
    this.jobs = jobs;
    this.standings = standings;
  }

  @Schema(name = "AsideEdit", description = "A job to put aside, or to bring back.")
  record AsideEdit(
      @Schema(description = "False brings it back into the yard.") boolean aside,
      @NotBlank @Size(max = 300) @Schema(example = "cannot be read since the power cut")
          String why) {}

  @GetMapping("/api/aside")
  @Operation(
      summary = "What was put aside",
      description = "Jobs of which something cannot be read, taken out of the yard.")
  List<AsideView> all(Acting acting) {
    return store.all(acting.shopId());
  }

  @PutMapping("/api/jobs/{id}/aside")
  @Operation(
      summary = "Put a job aside that cannot be read, or bring it back",
      description = "Nothing of it is thrown away. A job that can be read stays in the yard.")
  @Transactional
  List<AsideView> put(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody AsideEdit edit) {
    String person = acting.personOrRefuse();
    JobFacts facts = jobs.facts(acting, id);
    if (edit.aside() && standings.canBeRead(acting, facts)) {
      throw Refusal.unprocessable("aside", AsideWords.readable());
    }
    boolean changed =
        edit.aside() ? store.put(id, acting.moment(), person, edit.why()) : store.bringBack(id);
    if (changed) {
      Fact fact = new Fact.PutAside(edit.aside(), edit.why());
      records.note(acting, id, Stage.TAKE_IN, fact, "aside " + acting.at());
    }
    return store.all(acting.shopId());
  }

  @GetMapping("/api/jobs/{id}/stored")
  @Operation(
      summary = "What is stored of a job",
      description =
          "Every row as it lies in the database, by its table, unread: for a job whose own file"
              + " cannot be made.")
  @ApiResponse(
      responseCode = "200",
      description = "Tables, rows and values, as text.",
      content =
          @Content(
              mediaType = MediaType.APPLICATION_JSON_VALUE,
              schema = @Schema(type = "object"),
              examples = @ExampleObject("{\"job\": [{\"id\": \"…\", \"work\": \"fog lamps\"}]}")))
  ResponseEntity<Map<String, List<Map<String, String>>>> stored(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    jobs.brief(acting, id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"stored-%s.json\"".formatted(id))
        .body(store.rows(id));
  }
}
