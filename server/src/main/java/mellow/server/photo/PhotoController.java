package mellow.server.photo;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import mellow.server.photo.PhotosPage.ComparisonView;
import mellow.server.platform.Acting;
import mellow.server.record.Waited;
import mellow.server.wire.Patterns;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Photo")
class PhotoController {
  private final Photos photos;

  PhotoController(Photos photos) {
    this.photos = photos;
  }

  @GetMapping("/api/jobs/{jobId}/photos")
  @Operation(
      summary = "The photos of a job",
      description = "In the order in which they were taken.")
  PhotosPage page(Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String jobId) {
    return photos.page(acting, jobId);
  }

  @PutMapping(
      path = "/api/jobs/{jobId}/photos/{id}",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @Operation(
      summary = "Keep a photo",
      description =
          "A JPEG or PNG file of at most 30 MB as the request's body. Place, time and serial"
              + " numbers in it are removed. The same request again changes nothing;"
              + " waitedMs says how long it waited for the network.")
  PhotosPage keep(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @RequestParam PhotoNotes.Moment moment,
      @RequestParam(defaultValue = "") @Size(max = 120) String shows,
      @RequestParam(defaultValue = "0") @PositiveOrZero @Max(Waited.MOST_MS) long waitedMs,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              description = "The file.",
              required = true,
              content =
                  @Content(
                      mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                      schema = @Schema(type = "string", format = "binary"),
                      examples = @ExampleObject("the bytes of a JPEG or PNG file")))
          @RequestBody
          byte[] file) {
    return photos.keep(
        acting, jobId, new Photos.Taken(id, moment, shows, Waited.made(acting, waitedMs)), file);
  }

  @PutMapping("/api/jobs/{jobId}/photos/{id}/notes")
  @Operation(
      summary = "Change what is noted of a photo",
      description = "A stale version is answered 409 with the current notes and who changed them.")
  PhotosPage note(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @PathVariable @Pattern(regexp = Patterns.ID) String id,
      @Valid @RequestBody PhotoNotes notes) {
    return photos.note(acting, jobId, id, notes);
  }

  @GetMapping("/api/jobs/{jobId}/photos/comparison")
  @Operation(
      summary = "Hold two photos against each other",
      description =
          "How the later is laid over the earlier by two tape marks; what it is good for.")
  ComparisonView compare(
      Acting acting,
      @PathVariable @Pattern(regexp = Patterns.ID) String jobId,
      @RequestParam @Pattern(regexp = Patterns.ID) String before,
      @RequestParam @Pattern(regexp = Patterns.ID) String after) {
    return photos.compare(acting, jobId, before, after);
  }

  @GetMapping(path = "/api/photos/{id}/image")
  @Operation(summary = "A photo", description = "As it was sent, without what is no picture.")
  @ApiResponse(
      responseCode = "200",
      description = "A JPEG or PNG.",
      content =
          @Content(
              mediaType = "image/*",
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("…")))
  ResponseEntity<byte[]> image(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return answer(photos.file(acting, id, PhotoFiles.Kind.IMAGE));
  }

  @GetMapping(path = "/api/photos/{id}/thumbnail")
  @Operation(summary = "A photo made small", description = "At most 480 pixels each way.")
  @ApiResponse(
      responseCode = "200",
      description = "A JPEG.",
      content =
          @Content(
              mediaType = MediaType.IMAGE_JPEG_VALUE,
              schema = @Schema(type = "string", format = "binary"),
              examples = @ExampleObject("…")))
  ResponseEntity<byte[]> thumbnail(
      Acting acting, @PathVariable @Pattern(regexp = Patterns.ID) String id) {
    return answer(photos.file(acting, id, PhotoFiles.Kind.THUMBNAIL));
  }

  /** A photo's file never changes under its id. */
  private static ResponseEntity<byte[]> answer(Photos.Stored file) {
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf(file.format().mediaType()))
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(file.bytes());
  }
}
