package mellow.server.standin;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.measure.UnitSystem;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "Stand-ins")
class BodyComputerController {

  @Schema(description = "What was taken before, and a value to write now; none only reads.")
  record BodyRequest(
      @NotNull @Size(max = 200) List<@Valid @NotNull SettingWritten> written,
      @Valid @Nullable SettingWritten write,
      @Schema(description = "Of the supply while writing.", example = "12.6") double volts) {}

  @Schema(name = "SettingWritten", description = "A parameter and its value.")
  record SettingWritten(
      @NotNull @Size(max = 60) @Schema(example = "running lamps present") String parameter,
      @NotNull @Size(max = 60) @Schema(example = "yes") String value) {}

  @Schema(name = "BodyComputerNow", description = "How the body computer stands.")
  record BodyNow(List<BodyParameter> parameters, @Nullable BodyOutcome outcome) {}

  @Schema(name = "BodyParameter", description = "A parameter, and what it may be.")
  record BodyParameter(String name, String words, String value, List<BodyValue> values) {}

  @Schema(name = "BodyValue", description = "A value that a parameter may have.")
  record BodyValue(String value, String words) {
    static BodyValue of(String value) {
      return new BodyValue(value, Spoken.typed(value));
    }
  }

  @Schema(name = "BodyOutcome", description = "What came of writing.")
  record BodyOutcome(String before, boolean taken, String says) {}

  @PostMapping("/api/standin/body-computer")
  @Operation(
      summary = "A simulated body computer",
      description =
          "Stands in for an adapter on a vehicle: reads its lamp functions, writes one of them and"
              + " reads it back. It remembers nothing.")
  BodyNow at(@Valid @RequestBody BodyRequest request) {
    BodyComputer computer =
        new BodyComputer(
            request.written().stream()
                .map(one -> new BodyComputer.Written(one.parameter(), one.value()))
                .toList());
    SettingWritten write = request.write();
    BodyOutcome outcome = null;
    if (write != null) {
      BodyComputer.Outcome of = computer.write(write.parameter(), write.value(), request.volts());
      outcome = new BodyOutcome(of.before(), of.taken(), Spoken.text(of.says(), UnitSystem.METRIC));
    }
    Map<String, String> settings = computer.settings();
    List<BodyParameter> parameters = new ArrayList<>();
    BodyComputer.choices()
        .forEach(
            (name, values) ->
                parameters.add(
                    new BodyParameter(
                        name,
                        Spoken.typed(name),
                        settings.getOrDefault(name, ""),
                        values.stream().map(BodyValue::of).toList())));
    return new BodyNow(parameters, outcome);
  }
}
