package mellow.server.wire;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import java.io.IOException;

/**
 * Writes a number to a millionth: no tape reads finer, and the digits behind are most of a page's
 * numbers and the dearest to write.
 */
final class Rounded extends JsonSerializer<Double> {
  private static final long PARTS = 1_000_000;
  private static final int DECIMALS = 6;

  /** Beyond it a millionth is lost in a double. */
  private static final double LARGEST = 1e9;

  private static final int ROOM = 20;

  @Override
  public void serialize(Double value, JsonGenerator json, SerializerProvider provider)
      throws IOException {
    if (!(Math.abs(value) < LARGEST)) {
      json.writeNumber(value);
      return;
    }
    long parts = Math.round(value * PARTS);
    char[] digits = new char[ROOM];
    int from = written(Math.abs(parts), digits);
    if (parts < 0) {
      digits[--from] = '-';
    }
    json.writeNumber(digits, from, ROOM - from);
  }

  /** From the end; "76.2" and "3.0", as other numbers are written. Answers where it begins. */
  private static int written(long parts, char[] digits) {
    int at = ROOM;
    long rest = parts;
    int decimals = DECIMALS;
    while (decimals > 1 && rest % 10 == 0) {
      rest /= 10;
      decimals--;
    }
    for (int i = 0; i < decimals; i++, rest /= 10) {
      digits[--at] = (char) ('0' + rest % 10);
    }
    digits[--at] = '.';
    do {
      digits[--at] = (char) ('0' + rest % 10);
      rest /= 10;
    } while (rest > 0);
    return at;
  }
}
