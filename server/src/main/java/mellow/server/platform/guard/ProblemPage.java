package mellow.server.platform.guard;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import mellow.core.finding.Sentence;
import mellow.server.platform.PlatformWords;
import mellow.server.platform.Problems;
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

  private static Sentence sentence(HttpStatus status) {
    return switch (status) {
      case REQUEST_TIMEOUT -> PlatformWords.tooSlow();
      case NOT_FOUND -> PlatformWords.nothingHere();
      default ->
          status.is5xxServerError() ? PlatformWords.wentWrong() : PlatformWords.notAnswerable();
    };
  }
}
