package mellow.server.platform;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What failed outside of the controllers, in the application's own form. */
@Controller
@Hidden
class ProblemPage implements ErrorController {
  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> problem(HttpServletRequest request) {
    HttpStatus known =
        request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
            ? HttpStatus.resolve(code)
            : null;
    HttpStatus status = known == null ? HttpStatus.NOT_FOUND : known;
    return ResponseEntity.status(status)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(Problems.problem(status, sentence(status), ""));
  }

  private static String sentence(HttpStatus status) {
    return switch (status) {
      case REQUEST_TIMEOUT ->
          "The rest of the request did not come in time. Nothing was stored; send it again.";
      case NOT_FOUND -> "There is nothing at this address.";
      default ->
          status.is5xxServerError()
              ? "Something went wrong here; what you typed is not lost."
              : "The request cannot be answered as it was sent.";
    };
  }
}
