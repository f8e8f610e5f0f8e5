package mellow.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellow.core.workflow.Stage;
import org.junit.jupiter.api.Test;

/** Undoing a document's changes goes back one by one, as a stack of its versions does. */
class LastChangeTest {
  private final List<Line> versions = new ArrayList<>();
  private int first = 1;

  private void revise(String content, Optional<String> strikes) {
    int version = first + versions.size();
    versions.add(
        new Line(
            "v" + version,
            version,
            Stage.PARTS,
            new Fact.Revised(JobDocument.PARTS, version, 1, content),
            strikes,
            "Runa",
            "",
            Instant.EPOCH));
  }

  private Optional<LastChange> last() {
    return LastChange.of(versions);
  }

  private String undo() {
    LastChange last = last().orElseThrow();
    String before = last.before().map(Fact.Revised::content).orElse("nothing");
    revise(before, Optional.of(last.line().id()));
    return before;
  }

  @Test
  void eachUndoingGoesOneChangeFurtherBack() {
    revise("a", Optional.empty());
    revise("b", Optional.empty());
    revise("c", Optional.empty());
    assertThat(undo()).isEqualTo("b");
    assertThat(undo()).isEqualTo("a");
    revise("d", Optional.empty());
    assertThat(undo()).isEqualTo("a");
    assertThat(undo()).isEqualTo("nothing");
    assertThat(last()).isEmpty();
  }

  @Test
  void isAsAStackOfWhatItHeldWouldSay() {
    Random random = new Random(7);
    List<String> stack = new ArrayList<>(List.of("nothing"));
    for (int turn = 0; turn < 400; turn++) {
      if (stack.size() > 1 && random.nextInt(5) < 2) {
        stack.remove(stack.size() - 1);
        assertThat(undo()).isEqualTo(stack.get(stack.size() - 1));
      } else {
        stack.add("content " + turn);
        revise("content " + turn, Optional.empty());
      }
    }
  }

  @Test
  void ofADocumentOlderThanItsRecordTheFirstKnownVersionStays() {
    first = 5;
    revise("kept before there was a record", Optional.empty());
    assertThat(last()).isEmpty();
    revise("changed", Optional.empty());
    assertThat(undo()).isEqualTo("kept before there was a record");
    assertThat(last()).isEmpty();
  }
}
