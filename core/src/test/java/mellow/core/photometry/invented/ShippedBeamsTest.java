package mellow.core.photometry.invented;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import mellow.core.photometry.lm63.Lm63Reader;
import mellow.core.photometry.lm63.Lm63Reading;
import mellow.core.photometry.lm63.Lm63Writer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The files that ship are those of the formulas; written anew with {@code -Dbeams.write=true}. */
class ShippedBeamsTest {
  private static final Path FOLDER = Path.of("src/main/resources/mellow/beams");

  @ParameterizedTest
  @EnumSource
  void theFileIsWhatTheFormulaGives(InventedLamp lamp) throws IOException {
    Path path = FOLDER.resolve(lamp.file() + ".ies");
    if (Boolean.getBoolean("beams.write")) {
      Files.createDirectories(FOLDER);
      Files.writeString(path, Lm63Writer.write(lamp.beamFile()));
    }
    Lm63Reading reading = Lm63Reader.read(Files.readString(path));
    assertThat(reading).isInstanceOf(Lm63Reading.Read.class);
    Lm63Reading.Read read = (Lm63Reading.Read) reading;
    assertThat(read.notices()).isEmpty();
    // another processor's exponential may end in another digit, and round another way
    assertThat(read.file())
        .usingRecursiveComparison()
        .withEqualsForType((a, b) -> Math.abs(a - b) <= 0.11 + 2e-3 * Math.abs(a), Double.class)
        .isEqualTo(lamp.beamFile());
  }
}
