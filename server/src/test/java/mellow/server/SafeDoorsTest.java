package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.db.Tables;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.jooq.DSLContext;
import org.jooq.JSON;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What somebody may send who means no good, and what must not come of it. */
@ServerTest
class SafeDoorsTest {
  @LocalServerPort private int port;
  @Autowired private DSLContext sql;

  private Api api;
  private String job;

  @BeforeEach
  void aJob() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Sollen Test", Map.of());
  }

  private String path(String what) {
    return "/api/jobs/" + job + "/" + what;
  }

  /** A request as its bytes: no client's good manners stand between. */
  private String raw(String request, String body) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.setSoTimeout(20_000);
      OutputStream out = socket.getOutputStream();
      String length = body.isEmpty() ? "" : "Content-Length: " + body.length() + "\r\n";
      out.write(
          (request + length + "Connection: close\r\n\r\n" + body).getBytes(StandardCharsets.UTF_8));
      out.flush();
      InputStream in = socket.getInputStream();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private String put(String path, String host, String more, String body) throws IOException {
    return raw(
        "PUT %s HTTP/1.1\r\nHost: %s\r\nContent-Type: application/json\r\nX-Acting-As: Runa\r\n%s"
            .formatted(path, host, more),
        body);
  }

  @ParameterizedTest
  @CsvSource({
    "mellow.evil.example, '', 403",
    "169.254.1.1, '', 403",
    "127.0.0.1, http://evil.example, 403",
    "127.0.0.1, null, 403",
    "127.0.0.1, '', 422",
    "localhost, '', 422"
  })
  void onlyOwnNamesAndOwnPagesWrite(String host, String origin, int status) throws IOException {
    String at = host + ":" + port;
    String answer =
        put(path("closed"), at, origin.isEmpty() ? "" : "Origin: " + origin + "\r\n", "{\"x\":1}");
    // 400: this host may write; what it sent is not of the form
    assertThat(answer).startsWith("HTTP/1.1 " + (status == 422 ? 400 : status));
    assertThat(answer).contains("application/problem+json").contains("\"detail\"");
  }

  @Test
  void theOwnPageIsNoForeignOne() throws IOException {
    String own = "Origin: http://127.0.0.1:" + port + "\r\n";
    assertThat(put(path("closed"), "127.0.0.1:" + port, own, "{\"x\":1}"))
        .startsWith("HTTP/1.1 400");
  }

  @ParameterizedTest
  @ValueSource(strings = {"\"-100000-01-01\"", "\"0000-01-01\"", "\"9999-01-01\"", "1e308", "0"})
  void impossibleDatesAreRefused(String date) throws IOException {
    String told =
        "{\"version\":0,\"handOver\":{\"note\":\"\",\"fuses\":\"\",\"comeBack\":[{\"what\":\"x\",\"from\":%s,\"latest\":%s}]}}"
            .formatted(date, date);
    String answer = put(path("hand-over"), "127.0.0.1:" + port, "", told);
    assertThat(answer).startsWith("HTTP/1.1 400").contains("from");
    JsonNode file = api.get(path("file")).body();
    JsonNode spoilt =
        new ObjectMapper()
            .readTree(
                file.toString()
                    .replaceFirst(
                        "\"comeBack\":\\[\\]",
                        "\"comeBack\":[{\"what\":\"x\",\"from\":"
                            + date
                            + ",\"latest\":"
                            + date
                            + "}]"));
    if (!spoilt.equals(file)) {
      assertThat(api.put("/api/jobs/" + Api.newId() + "/file", spoilt).status())
          .isBetween(400, 422);
    }
    assertThat(api.get("/api/yard").status()).isEqualTo(200);
  }

  /** One row that cannot be read hides no other, and is shown as such. */
  @Test
  void onePoisonedRowHidesNoOtherJob() {
    api.takeIn(job, "FOG", "BUMPER_OFF");
    String other = api.newJob("Sollen Test", Map.of());
    sql.update(Tables.SHEET)
        .set(Tables.SHEET.CONTENT, JSON.valueOf("{\"nonsense\":true}").data())
        .where(Tables.SHEET.JOB_ID.eq(job))
        .execute();
    try {
      Api.Answer yard = api.get("/api/yard?limit=100");
      assertThat(yard.status()).isEqualTo(200);
      Map<String, String> says = new HashMap<>();
      yard.body()
          .get("rows")
          .forEach(
              row ->
                  says.put(
                      row.get("jobId").asText(), row.at("/standing/headline/pattern").asText()));
      assertThat(says.get(job)).startsWith("Something stored in this job can’t be read");
      assertThat(says.get(other)).isNotBlank().doesNotContain("cannot be read");
      assertThat(api.get(path("stored")).body().at("/sheet/0/content").asText())
          .contains("nonsense");
      Map<String, Object> aside = Map.of("aside", true, "why", "nobody can read it");
      assertThat(api.put("/api/jobs/" + other + "/aside", aside).status()).isEqualTo(422);
      Api.expect(api.put(path("aside"), aside), 200);
      assertThat(api.get("/api/yard?limit=100").body().toString()).doesNotContain(job);
      assertThat(api.get("/api/aside").body().toString()).contains(job, "Runa");
      Api.expect(api.put(path("aside"), Map.of("aside", false, "why", "mended")), 200);
      assertThat(api.get("/api/yard?limit=100").body().toString()).contains(job);
    } finally {
      sql.deleteFrom(Tables.SHEET).where(Tables.SHEET.JOB_ID.eq(job)).execute();
    }
  }

  /** No container's page and no empty body, whatever stands in the address or before the body. */
  @Test
  void everyRefusalHasTheProductsForm() throws IOException {
    String host = "Host: 127.0.0.1:" + port + "\r\n";
    List<String> answers =
        List.of(
            raw("GET /api/jobs/%00/page HTTP/1.1\r\n" + host, ""),
            raw("GET /api/jobs/a%2Fb HTTP/1.1\r\n" + host, ""),
            raw("GET /api/jobs/a%5Cb HTTP/1.1\r\n" + host, ""),
            raw("GET /api/nothing HTTP/1.1\r\n" + host, ""),
            raw(
                "PUT " + path("closed") + " HTTP/1.1\r\n" + host + "Content-Type: */*\r\n",
                "{\"reason\":\"x\"}"),
            raw(
                "PUT "
                    + path("photos/" + Api.newId())
                    + "?moment=BEFORE&shows=x HTTP/1.1\r\n"
                    + host
                    + "X-Acting-As: Runa\r\nContent-Type: application/octet-stream\r\n"
                    + "Content-Length: 0\r\n",
                ""),
            put(
                path("closed"),
                "127.0.0.1:" + port,
                "",
                "{\"reason\":\"shown as it is\",\"reason\":\"x\"}"));
    for (String answer : answers) {
      assertThat(answer)
          .as(answer)
          .startsWith("HTTP/1.1 4")
          .contains("application/problem+json")
          .contains("\"detail\":\"");
    }
  }

  /** A name that a spreadsheet would run stays a name. */
  @Test
  void exportsShieldWhatASpreadsheetWouldRun() throws IOException {
    Api evil = api.as("=1+1");
    Api.expect(evil.read(job, Api.newId(), "CENTRE", "LEFT", "690"), 200);
    byte[] zip = api.file(path("job.zip"));
    String csv = "";
    try (var in = new java.util.zip.ZipInputStream(new java.io.ByteArrayInputStream(zip))) {
      for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().equals("readings.csv")) {
          csv = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
      }
    }
    assertThat(csv).contains(",'=1+1,").doesNotContain(",=1+1,");
  }
}
