package mellow.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** One batch run of the general circuit simulator. */
final class SpiceBatch {
  private SpiceBatch() {}

  /**
   * How long it took, and what the simulator said.
   *
   * @param nanos of the whole run, its start among them
   */
  record Ran(double nanos, String said) {}

  /**
   * Runs a script of the simulator's own commands.
   *
   * @param files by name, which the script reads
   */
  static Ran run(String commands, Map<String, String> files)
      throws IOException, InterruptedException {
    Path directory = Files.createTempDirectory("mellow-spice");
    try {
      for (Map.Entry<String, String> file : files.entrySet()) {
        Files.writeString(directory.resolve(file.getKey()), file.getValue());
      }
      String script = "* all points\n.control\n" + commands + "quit\n.endc\n.end\n";
      Files.writeString(directory.resolve("batch.cir"), script);
      Path said = directory.resolve("log");
      long began = System.nanoTime();
      Process process =
          new ProcessBuilder("ngspice", "-b", "batch.cir")
              .directory(directory.toFile())
              .redirectErrorStream(true)
              .redirectOutput(said.toFile())
              .start();
      process.waitFor();
      return new Ran(System.nanoTime() - began, Files.readString(said));
    } finally {
      try (var left = Files.list(directory)) {
        for (Path file : left.toList()) {
          Files.delete(file);
        }
      }
      Files.delete(directory);
    }
  }
}
