package mellow.server.platform;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers that a browser keeps as a file. */
public final class Download {
  private Download() {}

  /**
   * A file.
   *
   * @param name under which it is kept
   */
  public static <T> ResponseEntity<T> of(T content, MediaType type, String name) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(content);
  }
}
