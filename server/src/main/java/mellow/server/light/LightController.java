package mellow.server.light;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Calculation")
class LightController {
  @PostMapping("/api/calc/road")
  @Operation(
      summary = "Light on the road",
      description =
          "Lines of equal light from above, how far somebody on foot is lit and the speed at which"
              + " one stops within that (AASHTO's formula), and what an oncoming driver has in the"
              + " eye (CIE small-angle veil; discomfort by Schmidt-Clausen and Bindels), for a beam"
              + " file that ships. Equations and their figures are from memory.")
  RoadView road(@Valid @RequestBody RoadRequest request) {
    return RoadView.of(request);
  }
}
