package mellow.server.record;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Min;
import mellow.server.platform.Acting;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Record")
class LineController {
  private final Records records;

  LineController(Records records) {
    this.records = records;
  }

  @GetMapping("/api/record/{number}")
  @Operation(
      summary = "A line of the record",
      description =
          "By its number. Any page is answered as it stood right after this line where the request"
              + " has the header “X-As-Of” with the number.")
  LineView line(Acting acting, @PathVariable @Min(1) long number) {
    return records.numbered(acting, number);
  }
}
