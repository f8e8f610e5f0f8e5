package mellow.server.platform;

import com.fasterxml.jackson.databind.JsonMappingException;
import java.net.URI;
import java.util.Locale;
import java.util.stream.Collectors;
import mellow.core.effort.TooMuch;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;
import mellow.server.wire.Spoken;
import org.jooq.exception.DataAccessException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.validation.method.ParameterErrors;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;

/** Turns whatever went wrong into a problem document (RFC 9457) with a sentence for people. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refusal(Refusal refusal) {
    ProblemDetail problem = problem(refusal.status(), refusal.says(), refusal.field());
    problem.setType(type(refusal.reason()));
    refusal.more().forEach(problem::setProperty);
    return ResponseEntity.status(refusal.status()).body(problem);
  }

  /** The database is away: nothing was stored, and the page keeps what was typed. */
  @ExceptionHandler({
    DataAccessException.class,
    TransactionException.class,
    org.springframework.dao.DataAccessException.class
  })
  ResponseEntity<ProblemDetail> database(Exception exception) {
    if (DiskFull.is(exception)) {
      return diskFull(exception);
    }
    LOG.error("The database did not answer", exception);
    HttpStatus status = HttpStatus.SERVICE_UNAVAILABLE;
    return ResponseEntity.status(status).body(problem(status, PlatformWords.databaseAway(), ""));
  }

  private static ResponseEntity<ProblemDetail> diskFull(Exception exception) {
    LOG.error("The disk is full", exception);
    HttpStatus status = HttpStatus.INSUFFICIENT_STORAGE;
    return ResponseEntity.status(status).body(problem(status, PlatformWords.diskFull(), ""));
  }

  @ExceptionHandler(BodyLimit.TooLarge.class)
  ResponseEntity<ProblemDetail> tooLarge(BodyLimit.TooLarge tooLarge) {
    HttpStatus status = HttpStatus.PAYLOAD_TOO_LARGE;
    return ResponseEntity.status(status).body(problem(status, tooLarge.says(), ""));
  }

  @ExceptionHandler(BodyLimit.TooSlow.class)
  ResponseEntity<ProblemDetail> tooSlow(BodyLimit.TooSlow tooSlow) {
    HttpStatus status = HttpStatus.REQUEST_TIMEOUT;
    return ResponseEntity.status(status)
        .header(HttpHeaders.CONNECTION, "close")
        .body(problem(status, PlatformWords.tooSlow(), ""));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooMuch(TooMuch tooMuch) {
    HttpStatus status = HttpStatus.UNPROCESSABLE_ENTITY;
    return ResponseEntity.status(status).body(problem(status, PlatformWords.tooMuch(), ""));
  }

  @ExceptionHandler
  @Nullable ResponseEntity<ProblemDetail> unforeseen(Exception exception) {
    if (DiskFull.is(exception)) {
      return diskFull(exception);
    }
    if (DisconnectedClientHelper.isClientDisconnectedException(exception)) {
      // a page that was closed while it loaded: nobody is there to be answered
      return null;
    }
    LOG.error("Not foreseen", exception);
    HttpStatus status = HttpStatus.INTERNAL_SERVER_ERROR;
    return ResponseEntity.status(status).body(problem(status, PlatformWords.wentWrong(), ""));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException exception,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (exception.getMostSpecificCause() instanceof BodyLimit.TooLarge tooLarge) {
      HttpStatus large = HttpStatus.PAYLOAD_TOO_LARGE;
      return ResponseEntity.status(large).body(problem(large, tooLarge.says(), ""));
    }
    if (exception.getMostSpecificCause() instanceof BodyLimit.TooSlow) {
      HttpStatus late = HttpStatus.REQUEST_TIMEOUT;
      return ResponseEntity.status(late)
          .header(HttpHeaders.CONNECTION, "close")
          .body(problem(late, PlatformWords.tooSlow(), ""));
    }
    String field =
        exception.getCause() instanceof JsonMappingException mapping ? path(mapping) : "";
    return ResponseEntity.status(HttpStatus.BAD_REQUEST)
        .body(
            problem(
                HttpStatus.BAD_REQUEST,
                field.isEmpty()
                    ? PlatformWords.notOfTheForm()
                    : PlatformWords.fieldNotOfTheForm(field),
                field));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException exception,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    FieldError error = exception.getBindingResult().getFieldError();
    HttpStatus answer = HttpStatus.UNPROCESSABLE_ENTITY;
    return ResponseEntity.status(answer)
        .body(
            error == null
                ? problem(answer, PlatformWords.notComplete(), "")
                : problem(answer, Violations.says(error.getField(), error), error.getField()));
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException exception,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    var first = exception.getParameterValidationResults().get(0);
    // of a body, the field that is wrong; of an address, its part
    FieldError inBody = first instanceof ParameterErrors errors ? errors.getFieldError() : null;
    String field =
        inBody == null
            ? String.valueOf(first.getMethodParameter().getParameterName())
            : inBody.getField();
    MessageSourceResolvable why = inBody == null ? first.getResolvableErrors().get(0) : inBody;
    HttpStatus answer = HttpStatus.UNPROCESSABLE_ENTITY;
    return ResponseEntity.status(answer)
        .body(problem(answer, Violations.says(field, first, why), field));
  }

  private static String path(JsonMappingException mapping) {
    return mapping.getPath().stream()
        .map(
            part ->
                part.getFieldName() == null ? String.valueOf(part.getIndex()) : part.getFieldName())
        .collect(Collectors.joining("."));
  }

  public static ProblemDetail problem(HttpStatus status, Sentence says, String field) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(status, Spoken.text(says, UnitSystem.METRIC));
    problem.setType(type(says));
    if (!field.isEmpty()) {
      problem.setProperty("field", field);
    }
    return problem;
  }

  /** Names the message, so that a program need not read the sentence. */
  private static URI type(Sentence says) {
    return URI.create(
        says instanceof Sentence.Keyed keyed ? "urn:mellow:problem:" + keyed.key() : "about:blank");
  }

  /**
   * A problem as it is written where no converter is at hand.
   *
   * @param says without signs that JSON would escape
   * @param locale of whoever asked
   */
  public static String text(int code, Sentence says, Locale locale) {
    HttpStatus status = HttpStatus.resolve(code);
    return "{\"type\":\"%s\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
        .formatted(
            type(says),
            status == null ? "Error" : status.getReasonPhrase(),
            code,
            Speech.of(locale).text(says, UnitSystem.METRIC));
  }
}
