package mellow.server.platform;

import jakarta.servlet.http.HttpServletResponse;
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
        .header(HttpHeaders.CONTENT_DISPOSITION, attached(name))
        .body(content);
  }

  /** Begins the answer of a file that is written piece by piece. */
  public static void begin(HttpServletResponse response, MediaType type, String name) {
    response.setContentType(type.toString());
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attached(name));
  }

  private static String attached(String name) {
    return ContentDisposition.attachment().filename(name).build().toString();
  }
}
