package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The end of a job: a reason where something is above the horizon, a closed record, a way back. */
@ServerTest
class HandOverApiTest {
  @LocalServerPort private int port;

  private Api api;
  private String job;

  @BeforeEach
  void aJob() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Quenby Lantern", Map.of());
    api.takeIn(job, "FOG", "BUMPER_OFF");
  }

  private String path(String what) {
    return "/api/jobs/" + job + "/" + what;
  }

  private Api.Answer close(String reason) {
    return api.put(path("closed"), Map.of("reason", reason));
  }

  private static Map<String, Object> told(List<?> comeBack) {
    return Map.of(
        "version",
        0,
        "handOver",
        Map.of(
            "note",
            "The left liner clip is new.",
            "fuses",
            "15 A, beside the battery",
            "comeBack",
            comeBack));
  }

  @Test
  void goesAboveTheHorizonOnlyWithASignedReason() throws IOException {
    Api.Answer refused = close("");
    assertThat(refused.status()).isEqualTo(422);
    refused(refused, "server/handover.openNeedsReason");
    assertThat(refused.body().get("above"))
        .as("each by its name")
        .extracting(open -> open.at("/finding/headline/pattern").asText())
        .contains(
            "The parts were not checked",
            "The place of the new lamps was not judged",
            "How the new lamps are fed was not planned",
            "Not done: The hole: pilot first, then final, left",
            "Left front fog lamp: not tried",
            "Right turn signal: not tried",
            "Left front fog lamp: not read at the wall since the work");
    Api.expect(api.put(path("hand-over"), told(List.of())), 200);
    JsonNode closed =
        Api.expect(close("The owner needs it today, comes back on Friday"), 200).body();
    assertThat(closed.at("/closed/by").asText()).isEqualTo("Runa");
    assertThat(close("once more").body().at("/closed/reason").asText())
        .startsWith("The owner needs");

    try (PDDocument pack = Loader.loadPDF(api.file(path("pack.pdf")))) {
      PDFTextStripper text = new PDFTextStripper();
      text.setEndPage(1);
      String owner = text.getText(pack);
      assertThat(owner)
          .contains(
              "Quenby Lantern",
              "Fog lamps were fitted and wired.",
              "15 A, beside the battery",
              "Handed over by Runa")
          .contains("Not as it should be yet", "The parts were not checked.")
          .as("one page in plain words")
          .doesNotContain("R48", "levelling dial");
      text.setEndPage(pack.getNumberOfPages());
      assertThat(text.getText(pack))
          .contains(
              "Still open",
              "Left front fog lamp: not tried",
              "Right front fog lamp: not read at the wall since the work",
              "Signed: Runa",
              "comes back on Friday");
      assertThat(pack.getPage(0).getMediaBox().getWidth()).isCloseTo(595, within(1f));
    }
    try (PDDocument pack = Loader.loadPDF(api.file(path("pack.pdf?paper=LETTER")))) {
      assertThat(pack.getPage(0).getMediaBox().getWidth())
          .as("8.5 in")
          .isCloseTo(612, within(0.1f));
    }
  }

  /** Who signed what is on paper has read it: nobody's other language changes it afterwards. */
  @Test
  void staysInTheLanguageThatWasSigned() throws IOException {
    Api german = api.speaking("de");
    Map<String, String> back =
        Map.of("what", "Sitz der Klemmen", "from", "2026-12-01", "latest", "2026-12-15");
    Api.expect(german.put(path("hand-over"), told(List.of(back))), 200);
    String reason = "Der Kunde braucht ihn heute";
    JsonNode closed = Api.expect(german.put(path("closed"), Map.of("reason", reason)), 200).body();
    assertThat(closed.at("/done/0").asText()).startsWith("Nebelscheinwerfer wurden angebaut");
    JsonNode read = Api.expect(api.get(path("hand-over")), 200).body();
    for (String what : List.of("/done", "/heed", "/headings", "/followUps", "/closed/findings")) {
      assertThat(read.at(what)).as(what).isEqualTo(closed.at(what)).isNotEmpty();
    }
    assertThat(read.at("/closed/language").asText()).isEqualTo("de");
    assertThat(packText())
        .contains("Was gemacht wurde", "Nebelscheinwerfer wurden", "Übergeben von Runa")
        .doesNotContain("What was done", "Still open");
    assertThat(read.at("/followUps/0/when").asText()).isEqualTo("2026-12-01 bis 2026-12-15");

    String copy = Api.newId();
    Api.expect(api.put("/api/jobs/" + copy + "/file", api.get(path("file")).body()), 200);
    assertThat(api.get("/api/jobs/" + copy + "/hand-over").body().at("/done"))
        .as("a file takes it along")
        .isEqualTo(closed.at("/done"));
  }

  private String packText() throws IOException {
    try (PDDocument pack = Loader.loadPDF(api.file(path("pack.pdf")))) {
      return new PDFTextStripper().getText(pack).replaceAll("[\\s\\p{Z}]+", " ");
    }
  }

  private void reads(String kind, String side, String typed) {
    Api.expect(api.read(job, Api.newId(), kind, side, typed), 200);
  }

  /** 102 mm at 5.1 m is 2 %, 76.2 mm at 7.62 m is 1 %: told alike, whatever the distance. */
  @Test
  void packTellsBeforeAndAfterInPercent() throws IOException {
    reads("DISTANCE", "LEFT", "7620");
    reads("CENTRE", "LEFT", "690");
    reads("CUTOFF_BELOW", "LEFT", "3 in");
    assertThat(packText())
        .as("the headlamps are those that it came with")
        .contains("left lamp, cutoff −1.00 % −1.00 % (76 mm below its line at 7 620 mm)");
    reads("BEFORE_BELOW", "LEFT", "102");
    reads("BEFORE_DISTANCE", null, "5100");
    assertThat(packText())
        .contains(
            "left lamp, cutoff −2.00 % (102 mm below its line at 5 100 mm)"
                + " −1.00 % (76 mm below its line at 7 620 mm)");
  }

  /** What new lamps show first is not how the vehicle came. */
  @Test
  void packDoesNotTakeNewLampsForThoseBefore() throws IOException {
    job = api.newJob("Quenby Lantern", Map.of());
    api.takeIn(job, "SWAP", "BUMPER_OFF");
    reads("DISTANCE", "LEFT", "7620");
    reads("CENTRE", "LEFT", "690");
    reads("CUTOFF_BELOW", "LEFT", "3 in");
    assertThat(packText()).contains("left lamp, cutoff not read −1.00 %");
  }

  @Test
  void closedRecordTakesCorrectionsBesideItOnly() {
    assertThat(
            api.put(path("amendments/" + Api.newId()), Map.of("words", "x", "why", "y")).status())
        .as("while it is open")
        .isEqualTo(422);
    Api.expect(close("shown to the owner as it is"), 200);
    for (Api.Answer late :
        List.of(
            api.read(job, Api.newId(), "CENTRE", "LEFT", "690"),
            api.put(path("hand-over"), told(List.of())),
            api.put(
                path("workshop/" + Api.newId()),
                Map.of(
                    "stage",
                    "PROVE",
                    "waitedMs",
                    0,
                    "choice",
                    Map.of("which", "MOUNT", "value", "RING"))))) {
      assertThat(late.status()).isEqualTo(409);
      refused(late, "server/job.closed");
    }
    String id = Api.newId();
    Map<String, ?> words = Map.of("words", "The fuse is 10 A", "why", "misread on the day");
    Api.expect(api.as("Ilse").put(path("amendments/" + id), words), 200);
    JsonNode page = Api.expect(api.put(path("amendments/" + id), words), 200).body();
    assertThat(page.get("amendments")).hasSize(1);
    assertThat(page.at("/amendments/0/by").asText()).isEqualTo("Ilse");
  }

  @Test
  void comebackStartsWithWhatDiffers() {
    for (String[] read :
        new String[][] {{"DISTANCE", "7620"}, {"CENTRE", "690"}, {"CUTOFF_BELOW", "80"}}) {
      Api.expect(api.read(job, Api.newId(), read[0], "LEFT", read[1]), 200);
    }
    assertThat(api.put(path("comeback/" + Api.newId()), Map.of()).status())
        .as("still open")
        .isEqualTo(422);
    Api.expect(close("shown to the owner as it is"), 200);
    String later = Api.newId();
    Api.expect(api.put(path("comeback/" + later), Map.of()), 200);
    for (String[] read :
        new String[][] {{"DISTANCE", "7620"}, {"CENTRE", "690"}, {"CUTOFF_BELOW", "20"}}) {
      Api.expect(api.read(later, Api.newId(), read[0], "LEFT", read[1]), 200);
    }
    JsonNode page = api.get("/api/jobs/" + later + "/hand-over").body();
    assertThat(page.at("/comebackOf/jobId").asText()).isEqualTo(job);
    // 80 and 20 mm below at 7.62 m: 1.05 and 0.26 %
    assertThat(page.at("/comebackOf/differences/0/what").asText()).isEqualTo("left lamp, cutoff");
    assertThat(page.at("/comebackOf/differences/0/then").asText()).isEqualTo("−1.05 %");
    assertThat(page.at("/comebackOf/differences/0/now").asText()).isEqualTo("−0.26 %");
    assertThat(api.get(path("hand-over")).body().at("/comebacks/0/jobId").asText())
        .isEqualTo(later);
  }

  @Test
  void whatTwoTellTheOwnerIsShownToTheSecond() {
    Api.expect(api.as("Ilse").put(path("hand-over"), told(List.of())), 200);
    Map<String, ?> mine =
        Map.of(
            "version",
            0,
            "handOver",
            Map.of("note", "Both clips are new.", "fuses", "", "comeBack", List.of()));
    Api.Answer stale = api.put(path("hand-over"), mine);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().get("changedBy").asText()).isEqualTo("Ilse");
    assertThat(stale.body().at("/current/version").asInt()).isEqualTo(1);
    assertThat(stale.body().at("/current/handOver/note").asText())
        .isEqualTo("The left liner clip is new.");
    assertThat(api.as("Ilse").put(path("hand-over"), told(List.of())).status())
        .as("the same again, as after an answer that was lost")
        .isEqualTo(200);
  }

  @Test
  void packTellsWhenToComeBackAndWhatWasCorrectedSince() throws IOException {
    Map<String, ?> springs =
        Map.of("what", "Springs looked at", "from", "2027-01-10", "latest", "2027-02-10");
    Api.expect(api.put(path("hand-over"), told(List.of(springs))), 200);
    Api.expect(close("shown to the owner as it is"), 200);
    assertThat(packText()).doesNotContain("Corrected after hand-over");
    Api.expect(
        api.as("Ilse")
            .put(
                path("amendments/" + Api.newId()),
                Map.of("words", "The fuse is 10 A", "why", "misread on the day")),
        200);
    assertThat(packText())
        .contains(
            "When to come back 2027-01-10 to 2027-02-10 Springs looked at",
            "Corrected after hand-over The fuse is 10 A (misread on the day; Ilse, ");
  }

  /** 690 mm are 27 3/16 in by the tape, 76.2 mm are 3 in, 7.62 m are 25 ft. */
  @Test
  void packIsInTheUnitsOfItsJob() throws IOException {
    job = api.newJob("Quenby Lantern", Map.of("units", "IMPERIAL"));
    api.takeIn(job, "AIM", "LAMPS_ONLY");
    reads("DISTANCE", "LEFT", "7620");
    reads("CENTRE", "LEFT", "690");
    reads("CUTOFF_BELOW", "LEFT", "76.2 mm");
    assertThat(packText())
        .contains("left lamp, centre 27 3/16 in")
        .contains("(3 in below its line at 25 ft)");
  }

  /** Pictures are on the paper, each once. */
  @Test
  void picturesAreInThePack() throws IOException {
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    BufferedImage grey = new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB);
    ImageIO.write(grey, "jpeg", jpeg);
    for (int i = 0; i < 3; i++) {
      Api.expect(
          api.send(
              path("photos/" + Api.newId()) + "?moment=BEFORE&shows=front%20" + i,
              "application/octet-stream",
              jpeg.toByteArray()),
          200);
    }
    try (PDDocument pack = Loader.loadPDF(api.file(path("pack.pdf")))) {
      int pictures = 0;
      for (PDPage page : pack.getPages()) {
        for (COSName name : page.getResources().getXObjectNames()) {
          pictures += page.getResources().isImageXObject(name) ? 1 : 0;
        }
      }
      assertThat(pictures).isEqualTo(3);
      assertThat(new PDFTextStripper().getText(pack))
          .contains("before: front 0", "before: front 2");
    }
  }

  @Test
  void closedJobsAreFoundByWhatTheyRecorded() {
    String clip = "{\"stage\":\"APART\",\"waitedMs\":0,\"out\":%s}";
    JsonNode row =
        api.post("/api/calc/ledger/line", Map.of("typed", "3 rivet zebra corner")).body();
    Api.expect(api.put(path("workshop/" + Api.newId()), clip.formatted(row)), 200);
    assertThat(api.get("/api/history?text=rivet%20zebra").body().get("jobs")).isEmpty();
    Api.expect(close("shown to the owner as it is"), 200);
    JsonNode found = api.get("/api/history?text=rivet%20zebra").body().get("jobs");
    assertThat(found).hasSize(1);
    assertThat(found.at("/0/jobId").asText()).isEqualTo(job);
    assertThat(found.at("/0/where/0").asText()).contains("3 rivets, zebra corner");
    // two letters, a number and a word that the index of words leaves out: there, then not there
    assertThat(api.get("/api/history?text=3%20zeb%20co%20the").body().get("jobs")).hasSize(1);
    assertThat(api.get("/api/history?text=xq%20zebra").body().get("jobs")).isEmpty();
    assertThat(api.get("/api/history?text=und%20zebra").body().get("jobs")).isEmpty();
    assertThat(api.get("/api/history?text=rivet%20giraffe").body().get("jobs")).isEmpty();
    // signs stand for themselves: "z.bra", "r_vet", "zebra%"
    for (String sign : List.of("z.bra", "r_vet", "zebra%25", "%5Eoff", "zebra%5CE")) {
      assertThat(api.get("/api/history?text=" + sign).body().get("jobs")).as(sign).isEmpty();
    }
    assertThat(api.get("/api/history?text=RIVET%20Zebra").body().get("jobs")).hasSize(1);
    assertThat(api.get("/api/history?text=%2B%22%28%2A%40").status())
        .as("signs of the search")
        .isEqualTo(200);
    assertThat(api.get("/api/history/look-back").body().get("rules").findValuesAsText("what"))
        .contains("every function is proved before closing; nothing is lit with the key out");
  }

  /** Read back by another library than the one that wrote it. */
  @Test
  void followUpsAreACalendar() throws Exception {
    Map<String, ?> springs =
        Map.of(
            "what", "Springs looked at; umlauts: Äü", "from", "2027-01-10", "latest", "2027-02-10");
    Api.expect(api.put(path("hand-over"), told(List.of(springs))), 200);
    Calendar calendar =
        new CalendarBuilder().build(new ByteArrayInputStream(api.file(path("follow-ups.ics"))));
    Component event = calendar.getComponents("VEVENT").get(0);
    assertThat(event.getRequiredProperty(Property.SUMMARY).getValue())
        .startsWith("Springs looked at; umlauts: Äü: Quenby Lantern");
    assertThat(event.getRequiredProperty(Property.DTSTART).getValue()).isEqualTo("20270110");
    Map<String, ?> backwards = Map.of("what", "x", "from", "2027-02-10", "latest", "2027-01-10");
    assertThat(api.put(path("hand-over"), told(List.of(backwards))).status()).isEqualTo(422);
  }
}
