package mellow.core.formats;

import com.networknt.schema.PathType;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.ValidationMessage;
import mellow.core.finding.Sentence;

/** What breaks the schema of a file, in the catalogue's words: the library has words of its own. */
final class SchemaBreach {
  /** Places are told as JSON pointers, the whole file as an empty one. */
  static final SchemaValidatorsConfig POINTERS =
      SchemaValidatorsConfig.builder().pathType(PathType.JSON_POINTER).build();

  private SchemaBreach() {}

  /** Says what is wrong at the place that the problem names. */
  static Sentence sentence(ValidationMessage breach) {
    return switch (breach.getType()) {
      case "required" -> FormatsWords.missing(breach.getProperty());
      case "additionalProperties" -> FormatsWords.unknown(breach.getProperty());
      case "type" -> FormatsWords.otherType(argument(breach, 0), argument(breach, 1));
      case "enum" -> FormatsWords.notAmong(argument(breach, 0));
      case "const" -> FormatsWords.mustBe(argument(breach, 0));
      case "pattern" -> FormatsWords.notOfForm(argument(breach, 0));
      case "minimum" -> FormatsWords.atLeast(argument(breach, 0));
      case "maximum" -> FormatsWords.atMost(argument(breach, 0));
      case "minItems", "minProperties" -> FormatsWords.tooFew(argument(breach, 0));
      case "maxItems", "maxProperties" -> FormatsWords.tooMany(argument(breach, 0));
      case "minLength" -> FormatsWords.tooShort(argument(breach, 0));
      case "maxLength" -> FormatsWords.tooLong(argument(breach, 0));
      case "uniqueItems" -> FormatsWords.twice();
      default -> FormatsWords.breaksSchema(breach.getType());
    };
  }

  private static String argument(ValidationMessage breach, int index) {
    return String.valueOf(breach.getArguments()[index]);
  }
}
