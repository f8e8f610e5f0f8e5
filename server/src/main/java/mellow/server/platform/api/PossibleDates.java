package mellow.server.platform.api;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Takes dates and moments only as they are written, and only where a workshop can have had them:
 * what lies outside is refused where it comes in, and no row of it can upset a page later.
 */
@Configuration
class PossibleDates {
  private static final LocalDate FIRST = LocalDate.of(1970, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2199, 12, 31);

  @Bean
  SimpleModule possibleDatesModule() {
    return new SimpleModule("possible dates")
        .addDeserializer(
            LocalDate.class, new Written<>(LocalDate.class, LocalDate::parse, date -> date))
        .addDeserializer(
            Instant.class,
            new Written<>(
                Instant.class, Instant::parse, at -> at.atOffset(ZoneOffset.UTC).toLocalDate()));
  }

  @SuppressWarnings("serial")
  private static final class Written<T> extends StdScalarDeserializer<T> {
    private final transient Function<String, T> parse;
    private final transient Function<T, LocalDate> day;

    Written(Class<T> type, Function<String, T> parse, Function<T, LocalDate> day) {
      super(type);
      this.parse = parse;
      this.day = day;
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context) throws IOException {
      if (parser.currentToken() == JsonToken.VALUE_STRING) {
        try {
          T read = parse.apply(parser.getText().strip());
          LocalDate on = day.apply(read);
          if (!on.isBefore(FIRST) && !on.isAfter(LAST)) {
            return read;
          }
        } catch (DateTimeException unreadable) {
          // refused below, like a date that cannot be
        }
      }
      throw context.weirdStringException(
          parser.getText(), handledType(), "a date between 1970 and 2199, as 2026-11-28");
    }
  }
}
