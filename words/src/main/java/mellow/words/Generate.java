package mellow.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Writes what is generated from the catalogue. */
public final class Generate {
  private Generate() {}

  /**
   * @param arguments where a module's generated sources stand, and what its packages begin with
   */
  public static void main(String[] arguments) throws IOException {
    List<String> problems = Catalogue.shipped().problems();
    if (!problems.isEmpty()) {
      throw new IllegalStateException(String.join("\n", problems));
    }
    Path root = Path.of(arguments[0]);
    for (Map.Entry<Path, String> source :
        new JavaKeys(Catalogue.shipped()).sources(arguments[1]).entrySet()) {
      Path file = root.resolve(source.getKey());
      Files.createDirectories(file.getParent());
      Files.writeString(file, source.getValue());
    }
  }
}
