package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveInputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.junit.jupiter.api.Test;
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

  private static Map<String, byte[]> read(byte[] zip) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipArchiveInputStream in = new ZipArchiveInputStream(new ByteArrayInputStream(zip))) {
      for (ZipArchiveEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        files.put(entry.getName(), in.readAllBytes());
      }
    }
    return files;
  }

  private static byte[] written(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putArchiveEntry(new ZipArchiveEntry(file.getKey()));
        zip.write(file.getValue());
        zip.closeArchiveEntry();
      }
    }
    return out.toByteArray();
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
      Map<String, byte[]> files = read(zip);
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
      Map<String, byte[]> again = read(api().file("/api/jobs/" + copy + "/job.zip"));
      assertThat(again.keySet()).isEqualTo(files.keySet());
      assertThat(again.get("readings.csv")).isEqualTo(files.get("readings.csv"));
    }
    assertThat(photos).isGreaterThanOrEqualTo(2);
  }

  private Api.Answer sent(byte[] zip) {
    return api().send("/api/jobs/" + Api.newId() + "/job.zip", "application/zip", zip);
  }

  @Test
  void hostileFilesAreRefusedWithASentence() throws Exception {
    String job = api().get("/api/yard?text=van%203").body().at("/rows/0/jobId").asText();
    byte[] good = api().file("/api/jobs/" + job + "/job.zip");
    byte[] half = java.util.Arrays.copyOf(good, good.length / 2);
    assertThat(sent(half).status()).isEqualTo(422);
    assertThat(sent("no zip".getBytes(StandardCharsets.UTF_8)).detail()).contains("no job.json");
    Map<String, byte[]> files = read(good);
    files.put("../../etc/x", new byte[] {1});
    assertThat(sent(written(files)).detail()).contains("A name in the ZIP leads out of it.");
    files.remove("../../etc/x");
    files.put("job.json", "{".getBytes(StandardCharsets.UTF_8));
    assertThat(sent(written(files)).detail()).contains("It is no JSON.");
    Map<String, byte[]> asPicture = read(good);
    asPicture.replace("photos/001.jpg", "%PDF-1.7 not a picture".getBytes(StandardCharsets.UTF_8));
    Api.Answer pdf = sent(written(asPicture));
    assertThat(pdf.status()).isEqualTo(422);
    assertThat(pdf.detail()).startsWith("At photos/001.jpg: ");
  }

  /** 160 MB of zeros in a fraction of a megabyte: reading stops at the limit. */
  @Test
  void bombIsNotUnpacked() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipArchiveOutputStream zip = new ZipArchiveOutputStream(out)) {
      zip.putArchiveEntry(new ZipArchiveEntry("zeros"));
      byte[] zeros = new byte[1 << 20];
      for (int i = 0; i < 160; i++) {
        zip.write(zeros);
      }
      zip.closeArchiveEntry();
    }
    assertThat(sent(out.toByteArray()).detail()).contains("Unpacked, the ZIP is larger than");
  }
}
