package mellow.server.jobfile;

/**
 * The name of a person as a file brought it: nobody here vouches for it, and it says so wherever it
 * is shown. A file that goes out again bears the name alone.
 */
final class ImportedName {
  private static final String MARK = " (from a file)";
  private static final int LONGEST = 60;

  private ImportedName() {}

  /** As it is kept here. */
  static String marked(String name) {
    String plain = plain(name);
    int room = LONGEST - MARK.length();
    return (plain.length() > room ? plain.substring(0, room - 1) + "…" : plain) + MARK;
  }

  /** As a file has it. */
  static String plain(String name) {
    return name.endsWith(MARK) ? name.substring(0, name.length() - MARK.length()) : name;
  }
}
