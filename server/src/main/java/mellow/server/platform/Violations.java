package mellow.server.platform;

import jakarta.validation.ConstraintViolation;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.Sentence;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.validation.ObjectError;
import org.springframework.validation.method.ParameterValidationResult;

/** What is said of a field that breaks a constraint. */
public final class Violations {
  private Violations() {}

  /** The sentence for what the framework found. */
  static Sentence says(String field, MessageSourceResolvable error) {
    return error instanceof ObjectError one && one.contains(ConstraintViolation.class)
        ? says(field, one.unwrap(ConstraintViolation.class))
        : says(field, constraint(error), Map.of());
  }

  /** The sentence for an argument of an operation. */
  static Sentence says(
      String field, ParameterValidationResult result, MessageSourceResolvable error) {
    return error instanceof ObjectError
        ? says(field, error)
        : says(field, result.unwrap(error, ConstraintViolation.class));
  }

  /** The sentence for a violation. */
  public static Sentence says(String field, ConstraintViolation<?> violation) {
    return says(
        field,
        violation.getConstraintDescriptor().getAnnotation().annotationType().getSimpleName(),
        violation.getConstraintDescriptor().getAttributes());
  }

  /** The last and least special of the codes is the constraint's own name. */
  private static String constraint(MessageSourceResolvable error) {
    String[] codes = error.getCodes();
    return codes == null || codes.length == 0 ? "" : codes[codes.length - 1];
  }

  private static Sentence says(String field, String constraint, Map<String, Object> bounds) {
    return switch (constraint) {
      case "NotNull", "NotBlank", "NotEmpty" -> PlatformWords.missing(field);
      case "Size" ->
          bound(bounds, "max")
              .map(most -> PlatformWords.tooLong(field, most))
              .orElse(PlatformWords.cannotBe(field));
      case "Max", "DecimalMax" ->
          bound(bounds, "value")
              .map(most -> PlatformWords.tooLarge(field, most))
              .orElse(PlatformWords.cannotBe(field));
      case "Min", "DecimalMin" ->
          bound(bounds, "value")
              .map(least -> PlatformWords.tooSmall(field, least))
              .orElse(PlatformWords.cannotBe(field));
      case "PositiveOrZero" -> PlatformWords.tooSmall(field, "0");
      case "Positive" -> PlatformWords.notPositive(field);
      default -> PlatformWords.cannotBe(field);
    };
  }

  private static Optional<String> bound(Map<String, Object> bounds, String name) {
    return Optional.ofNullable(bounds.get(name)).map(String::valueOf);
  }
}
