package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import mellow.server.testing.Zips;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Whole jobs as ZIPs, read and written by another library than the product's own. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class JobZipTest {
  private static final ObjectMapper JSON = new ObjectMapper();

  @LocalServerPort private int port;

  private Api api() {
    return new Api("http://127.0.0.1:" + port, "Åsa");
  }

  /** Every finding of every stage, but for the ids of screws in their names. */
  private List<String> findings(String job) {
    List<String> findings = new ArrayList<>();
    for (JsonNode mark : api().get("/api/jobs/" + job + "/standing").body().at("/horizon/marks")) {
      findings.add(
          "%s %s %s %s"
              .formatted(
                  mark.get("part"), mark.get("verdict"), mark.get("share"), mark.get("says")));
    }
    return findings;
  }

  @Test
  void everyJobComesInElsewhereWithTheSameFindings() throws Exception {
    var schema =
        JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(new String(api().file("/api/job-file/schema"), StandardCharsets.UTF_8));
    int photos = 0;
    for (JsonNode row : api().get("/api/yard?limit=100").body().get("rows")) {
      String job = row.get("jobId").asText();
      byte[] zip = api().file("/api/jobs/" + job + "/job.zip");
      Map<String, byte[]> files = Zips.read(zip);
      assertThat(schema.validate(JSON.readTree(files.get("job.json"))))
          .as(row.get("nickname").asText())
          .isEmpty();
      photos += (int) files.keySet().stream().filter(name -> name.startsWith("photos/")).count();
      String copy = Api.newId();
      Api.expect(api().send("/api/jobs/" + copy + "/job.zip", "application/zip", zip), 200);
      Api.expect(api().send("/api/jobs/" + copy + "/job.zip", "application/zip", zip), 200);
      assertThat(findings(copy))
          .as(row.get("nickname").asText())
          .containsExactlyInAnyOrderElementsOf(findings(job));
      Map<String, byte[]> again = Zips.read(api().file("/api/jobs/" + copy + "/job.zip"));
      assertThat(again.keySet()).isEqualTo(files.keySet());
      assertSameReadings(again, files);
    }
    assertThat(photos).isGreaterThanOrEqualTo(2);
  }

  private Api.Answer sent(byte[] zip) {
    return api().send("/api/jobs/" + Api.newId() + "/job.zip", "application/zip", zip);
  }

  @Test
  void hostileFilesAreRefusedWithASentence() throws Exception {
    String job = demoJob();
    byte[] good = api().file("/api/jobs/" + job + "/job.zip");
    byte[] half = Arrays.copyOf(good, good.length / 2);
    assertThat(sent(half).status()).isEqualTo(422);
    assertThat(sent("no zip".getBytes(StandardCharsets.UTF_8)).detail())
        .contains("This isn’t a ZIP");
    Map<String, byte[]> files = Zips.read(good);
    files.put("../../etc/x", new byte[] {1});
    assertThat(sent(Zips.written(files)).detail()).contains("A name in the ZIP leads out of it.");
    files.remove("../../etc/x");
    files.put("job.json", "{".getBytes(StandardCharsets.UTF_8));
    assertThat(sent(Zips.written(files)).detail()).contains("This isn’t a JSON file.");
    Map<String, byte[]> asPicture = Zips.read(good);
    asPicture.replace("photos/001.jpg", "%PDF-1.7 not a picture".getBytes(StandardCharsets.UTF_8));
    Api.Answer pdf = sent(Zips.written(asPicture));
    assertThat(pdf.status()).isEqualTo(422);
    assertThat(pdf.detail()).startsWith("At photos/001.jpg: ");
  }

  /** A page that sends again while the first sending is still on its way. */
  @Test
  void sameZipSentTwiceAtOnceIsOneJob() throws Exception {
    String job = demoJob();
    byte[] zip = api().file("/api/jobs/" + job + "/job.zip");
    String copy = Api.newId();
    ExecutorService pages = Executors.newFixedThreadPool(2);
    try {
      Callable<Api.Answer> send =
          () -> api().send("/api/jobs/" + copy + "/job.zip", "application/zip", zip);
      for (Future<Api.Answer> answer : pages.invokeAll(List.of(send, send))) {
        Api.expect(answer.get(), 200);
      }
    } finally {
      pages.shutdownNow();
    }
    assertThat(findings(copy)).containsExactlyInAnyOrderElementsOf(findings(job));
    assertSameReadings(Zips.read(api().file("/api/jobs/" + copy + "/job.zip")), Zips.read(zip));
  }

  /** The demo's own van 3: what other tests brought in of it from files was touched later. */
  private String demoJob() {
    JsonNode rows = api().get("/api/yard?text=van%203").body().get("rows");
    return rows.get(rows.size() - 1).get("jobId").asText();
  }

  /** The same readings, by names that say that they came in a file. */
  private static void assertSameReadings(Map<String, byte[]> again, Map<String, byte[]> sent) {
    String came = new String(again.get("readings.csv"), StandardCharsets.UTF_8);
    String went = new String(sent.get("readings.csv"), StandardCharsets.UTF_8);
    assertThat(came.replace(" (from a file)", "")).isEqualTo(went.replace(" (from a file)", ""));
    assertThat(came.lines().skip(1)).allMatch(line -> line.contains(" (from a file)"));
  }

  @Test
  void whatIsWrongInAZipIsNamedAndNothingOfItIsKept() throws Exception {
    String job = demoJob();
    Map<String, byte[]> good = Zips.read(api().file("/api/jobs/" + job + "/job.zip"));
    Map<String, byte[]> many = new LinkedHashMap<>(good);
    for (int i = 0; i < 500; i++) {
      many.put("more/" + i, new byte[] {1});
    }
    assertThat(sent(Zips.written(many)).detail()).isEqualTo("The ZIP holds more than 500 files.");

    Map<String, byte[]> half = new LinkedHashMap<>(good);
    byte[] picture = good.get("photos/001.jpg");
    half.put("photos/001.jpg", Arrays.copyOf(picture, picture.length / 2));
    String copy = Api.newId();
    Api.Answer refused =
        api().send("/api/jobs/" + copy + "/job.zip", "application/zip", Zips.written(half));
    assertThat(refused.detail()).startsWith("At photos/001.jpg: ");
    assertThat(api().get("/api/jobs/" + copy).status()).as("looked at before all").isEqualTo(404);

    half.remove("photos/001.jpg");
    assertThat(sent(Zips.written(half)).detail())
        .isEqualTo("At photos.json: The picture “photos/001.jpg” is not in the ZIP.");
    Map<String, byte[]> other = new LinkedHashMap<>(good);
    other.put(
        "job.json", "{\"format\": \"mellow-horizon-job-9\"}".getBytes(StandardCharsets.UTF_8));
    assertThat(sent(Zips.written(other)).detail()).startsWith("At job.json: ");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "job.json | `` | At job.json: ",
        "job.json | null | At job.json: ",
        "job.json | [] | At job.json: This is not a job file.",
        "job.json | 42 | At job.json: This is not a job file.",
        "job.json | {} | At job.json: ",
        "photos.json | { | At photos.json: This isn’t a JSON file.",
        "photos.json | [1] | At photos.json: The notes of “” can’t be right.",
        "photos.json | [{\"file\":\"photos/001.jpg\"}] | At photos.json: The notes of “photos/001.jpg”",
        "photos.json | [{\"file\":\"photos/001.jpg\",\"notes\":{\"version\":-1}}] | At photos.json: The notes",
        "photos.json | [{\"file\":\"photos/001.jpg\",\"notes\":7}] | At photos.json: The notes",
      })
  void fileThatIsNotWhatItSaysIsNamed(String name, String content, String why) throws Exception {
    String job = demoJob();
    Map<String, byte[]> files = Zips.read(api().file("/api/jobs/" + job + "/job.zip"));
    files.put(name, content.getBytes(StandardCharsets.UTF_8));
    Api.Answer answer = sent(Zips.written(files));
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(422);
    assertThat(answer.detail()).startsWith(why).endsWith(".");
  }

  @Test
  void zipWithoutAJobOrWithTooManyPicturesIsRefused() throws Exception {
    assertThat(sent(Zips.written(Map.of("readings.csv", new byte[] {1}))).detail())
        .isEqualTo("This isn’t the ZIP of a job: job.json is missing.");
    String job = demoJob();
    Map<String, byte[]> files = Zips.read(api().file("/api/jobs/" + job + "/job.zip"));
    String note = "{\"file\":\"photos/001.jpg\"}";
    files.put(
        "photos.json",
        ("[" + String.join(",", Collections.nCopies(1000, note)) + "]")
            .getBytes(StandardCharsets.UTF_8));
    assertThat(sent(Zips.written(files)).detail())
        .matches("At photos.json: A job holds at most \\d+ photos.");
    files = new LinkedHashMap<>(Map.of("../" + "x".repeat(200), new byte[] {1}));
    assertThat(sent(Zips.written(files)).detail())
        .as("a name of any length")
        .hasSizeLessThan(160)
        .endsWith("…: A name in the ZIP leads out of it.");
  }

  /** The deflated bytes of one file overwritten: its place in the ZIP is sound, its content not. */
  @Test
  void fileThatCannotBeUnpackedIsNamed() throws Exception {
    byte[] zip =
        Zips.written(Map.of("job.json", "{\"a\":1}".repeat(400).getBytes(StandardCharsets.UTF_8)));
    int content = 30 + "job.json".length();
    Arrays.fill(zip, content, content + 20, (byte) 0xff);
    assertThat(sent(zip).detail()).isEqualTo("At job.json: It is damaged and can’t be unpacked.");
  }

  /** 160 MB of zeros in a fraction of a megabyte: reading stops at the limit. */
  @Test
  void bombIsNotUnpacked() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(out)) {
      zip.putArchiveEntry(new ZipArchiveEntry("job.json"));
      byte[] zeros = new byte[1 << 20];
      for (int i = 0; i < 160; i++) {
        zip.write(zeros);
      }
      zip.closeArchiveEntry();
    }
    assertThat(sent(out.toByteArray()).detail())
        .contains("At job.json: Unpacked, it is larger than 30 MB.");
  }
}
