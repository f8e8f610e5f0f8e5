package mellow.server.record;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import mellow.server.platform.Acting;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@Tag(name = "Record")
class EventsController {
  private final Changes changes;

  EventsController(Changes changes) {
    this.changes = changes;
  }

  @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @Operation(
      summary = "What changes, as it changes",
      description =
          "Server-sent events. “changed” names the job or bay of which something was kept; what it"
              + " was, its pages say. Whoever was away asks for the pages again.")
  @ApiResponse(
      responseCode = "200",
      description = "Events, until whoever asked goes away.",
      content =
          @Content(
              mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
              schema = @Schema(type = "string"),
              examples =
                  @ExampleObject("event: changed\ndata: {\"kind\":\"job\",\"id\":\"…\"}\n\n")))
  ResponseEntity<SseEmitter> events(Acting acting) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.noStore().noTransform())
        .body(changes.follow(acting.shopId()));
  }
}
