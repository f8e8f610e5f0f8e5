import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * A compiler that stays warm: for each line of its input, "classes TAB class path TAB source TAB
 * source …", it compiles the sources into the directory of classes, and answers "done" or "failed".
 * What does not compile is said on the error output.
 */
final class Recompile {
  private Recompile() {}

  public static void main(String[] none) throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    BufferedReader asked =
        new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    PrintWriter said = new PrintWriter(System.err, true);
    for (String line = asked.readLine(); line != null; line = asked.readLine()) {
      List<String> words = Arrays.asList(line.split("\t"));
      List<String> options =
          List.of(
              "-proc:none", "-nowarn", "-parameters", "-g", "--release", "17", //
              "-d", words.get(0), "-cp", words.get(1));
      try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
        boolean done =
            compiler
                .getTask(
                    said,
                    files,
                    null,
                    options,
                    null,
                    files.getJavaFileObjectsFromPaths(
                        words.subList(2, words.size()).stream().map(Path::of).toList()))
                .call();
        System.out.println(done ? "done" : "failed");
        System.out.flush();
      }
    }
  }
}
