package mellow.server;

import static mellow.server.testing.Api.refused;
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
    refused(sent("no zip".getBytes(StandardCharsets.UTF_8)), "server/jobfile.notZip");
    Map<String, byte[]> files = Zips.read(good);
    files.put("../../etc/x", new byte[] {1});
    refused(sent(Zips.written(files)), "server/jobfile.leadsOut");
    files.remove("../../etc/x");
    files.put("job.json", "{".getBytes(StandardCharsets.UTF_8));
    refused(sent(Zips.written(files)), "server/jobfile.notJson");
    Map<String, byte[]> asPicture = Zips.read(good);
    asPicture.replace("photos/001.jpg", "%PDF-1.7 not a picture".getBytes(StandardCharsets.UTF_8));
    refused(sent(Zips.written(asPicture)), "photo.otherFormat", "photos/001.jpg");
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
    refused(sent(Zips.written(many)), "server/jobfile.tooManyFiles", "500");

    Map<String, byte[]> half = new LinkedHashMap<>(good);
    byte[] picture = good.get("photos/001.jpg");
    half.put("photos/001.jpg", Arrays.copyOf(picture, picture.length / 2));
    String copy = Api.newId();
    refused(
        api().send("/api/jobs/" + copy + "/job.zip", "application/zip", Zips.written(half)),
        "photo.damaged",
        "photos/001.jpg");
    assertThat(api().get("/api/jobs/" + copy).status()).as("looked at before all").isEqualTo(404);

    half.remove("photos/001.jpg");
    refused(
        sent(Zips.written(half)),
        "server/jobfile.pictureMissing",
        "photos.json",
        "“photos/001.jpg”");
    Map<String, byte[]> other = new LinkedHashMap<>(good);
    other.put(
        "job.json", "{\"format\": \"mellow-horizon-job-9\"}".getBytes(StandardCharsets.UTF_8));
    assertThat(sent(Zips.written(other)).body().get("place").asText()).isEqualTo("job.json");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "job.json | `` | server/jobfile.notAJob",
        "job.json | null | server/jobfile.notAJob",
        "job.json | [] | server/jobfile.notAJob",
        "job.json | 42 | server/jobfile.notAJob",
        "job.json | {} | server/platform.missing",
        "photos.json | { | server/jobfile.notJson",
        "photos.json | [1] | server/jobfile.photoNotes",
        "photos.json | [{\"file\":\"photos/001.jpg\"}] | server/jobfile.photoNotes",
        "photos.json | [{\"file\":\"photos/001.jpg\",\"notes\":{\"version\":-1}}] | server/jobfile.photoNotes",
        "photos.json | [{\"file\":\"photos/001.jpg\",\"notes\":7}] | server/jobfile.photoNotes",
      })
  void fileThatIsNotWhatItSaysIsNamed(String name, String content, String why) throws Exception {
    String job = demoJob();
    Map<String, byte[]> files = Zips.read(api().file("/api/jobs/" + job + "/job.zip"));
    files.put(name, content.getBytes(StandardCharsets.UTF_8));
    Api.Answer answer = sent(Zips.written(files));
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(422);
    refused(answer, why, name);
  }

  @Test
  void zipWithoutAJobOrWithTooManyPicturesIsRefused() throws Exception {
    refused(sent(Zips.written(Map.of("readings.csv", new byte[] {1}))), "server/jobfile.noJobJson");
    String job = demoJob();
    Map<String, byte[]> files = Zips.read(api().file("/api/jobs/" + job + "/job.zip"));
    String note = "{\"file\":\"photos/001.jpg\"}";
    files.put(
        "photos.json",
        ("[" + String.join(",", Collections.nCopies(1000, note)) + "]")
            .getBytes(StandardCharsets.UTF_8));
    refused(sent(Zips.written(files)), "server/jobfile.tooManyPhotos", "photos.json");
    files = new LinkedHashMap<>(Map.of("../" + "x".repeat(200), new byte[] {1}));
    Api.Answer longName = refused(sent(Zips.written(files)), "server/jobfile.leadsOut");
    assertThat(longName.detail()).as("a name of any length").hasSizeLessThan(160);
  }

  /** The deflated bytes of one file overwritten: its place in the ZIP is sound, its content not. */
  @Test
  void fileThatCannotBeUnpackedIsNamed() throws Exception {
    byte[] zip =
        Zips.written(Map.of("job.json", "{\"a\":1}".repeat(400).getBytes(StandardCharsets.UTF_8)));
    int content = 30 + "job.json".length();
    Arrays.fill(zip, content, content + 20, (byte) 0xff);
    refused(sent(zip), "server/jobfile.damaged", "job.json");
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
    refused(sent(out.toByteArray()), "server/jobfile.unpackedTooLarge", "job.json", "30 MB");
  }
}
