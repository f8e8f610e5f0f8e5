package mellow.server.jobfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import mellow.core.record.JobDocument;
import mellow.server.platform.Refusal;
import mellow.server.sheet.DocumentShapes;
import org.junit.jupiter.api.Test;

/** A job's file is read whichever version of the product wrote it. */
class JobFileModuleTest {
  /** Shape 2 calls "note" what shape 1 called "remark". */
  private static final List<UnaryOperator<ObjectNode>> STEPS =
      List.of(one -> one.<ObjectNode>set("note", one.remove("remark")));

  private static final ObjectMapper JSON =
      JsonMapper.builder()
          .addModules(
              new Jdk8Module(),
              new JavaTimeModule(),
              new JobFileModule(new DocumentShapes(Map.of(JobDocument.HAND_OVER, STEPS))))
          .build();

  private static String note(String file) throws Exception {
    return JSON.readValue(file, JobFile.class).handOver().note();
  }

  @Test
  void bringsDocumentsOfAnEarlierShapeToTheNewest() throws Exception {
    String first =
        "{\"format\": \"mellow-horizon-job-1\","
            + "\"handOver\": {\"remark\": \"new clip\", \"fuses\": \"\", \"comeBack\": []}}";
    assertThat(note(first)).isEqualTo("new clip");
  }

  @Test
  void readsTheShapeThatTheFileSays() throws Exception {
    assertThat(
            note(
                "{\"format\": \"mellow-horizon-job-2\", \"shapes\": {\"HAND_OVER\": 2},"
                    + "\"handOver\": {\"note\": \"new clip\", \"fuses\": \"\", \"comeBack\": []}}"))
        .isEqualTo("new clip");
  }

  @Test
  void refusesWhatALaterVersionWrote() {
    assertThatThrownBy(() -> JSON.readValue("{\"shapes\": {\"HAND_OVER\": 3}}", JobFile.class))
        .isInstanceOfSatisfying(
            Refusal.class,
            refusal -> assertThat(refusal.says()).isEqualTo(JobfileWords.ofALaterVersion()));
  }
}
