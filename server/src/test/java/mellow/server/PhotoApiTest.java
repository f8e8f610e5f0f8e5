package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Photos over HTTP: cleaned, stored once, refused where they cannot be, laid over each other. */
@ServerTest
class PhotoApiTest {
  private static final ObjectMapper JSON = new ObjectMapper();

  @LocalServerPort private int port;

  @Value("${mellow.photos}")
  private String directory;

  private final HttpClient http = HttpClient.newHttpClient();
  private Api api;
  private String job;

  @BeforeEach
  void takeIn() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
    job = api.newJob("Quenby Loft", Map.of());
  }

  /** A picture whose upper left corner is red, so that one sees which way is up. */
  private static byte[] jpeg(int seed) throws IOException {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(new Color(20, 40, seed));
    pen.fillRect(0, 0, 600, 400);
    pen.setColor(Color.RED);
    pen.fillRect(0, 0, 300, 200);
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }

  /**
   * As a camera held on its side writes it: orientation 6, and a place that is nobody's business.
   */
  private static byte[] withExif(byte[] jpeg) {
    byte[] exif = {
      'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0,
      6, 0, 0, 0, 0, 0, 0
    };
    byte[] place = "59.123 N 10.456 E".getBytes(StandardCharsets.US_ASCII);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(Arrays.copyOf(jpeg, 2));
    int length = 2 + exif.length + place.length;
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    out.writeBytes(exif);
    out.writeBytes(place);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  private HttpResponse<String> send(String id, byte[] file) throws Exception {
    return http.send(
        HttpRequest.newBuilder(
                URI.create(
                    "http://127.0.0.1:%d/api/jobs/%s/photos/%s"
                        .formatted(
                            port, job, id.contains("?") ? id : id + "?moment=BEFORE&shows=wall")))
            .header("Content-Type", "application/octet-stream")
            .header("X-Acting-As", "Runa")
            .PUT(BodyPublishers.ofByteArray(file))
            .build(),
        BodyHandlers.ofString());
  }

  private HttpResponse<byte[]> file(String id, String what) throws Exception {
    return http.send(
        HttpRequest.newBuilder(
                URI.create("http://127.0.0.1:%d/api/photos/%s/%s".formatted(port, id, what)))
            .build(),
        BodyHandlers.ofByteArray());
  }

  private long files() throws IOException {
    try (Stream<Path> all = Files.walk(Path.of(directory))) {
      return all.filter(Files::isRegularFile).count();
    }
  }

  @Test
  void aPhotoLosesItsPlaceKeepsItsUpAndIsStoredOnce() throws Exception {
    byte[] sent = withExif(jpeg(1));
    String id = Api.newId();
    JsonNode photo = JSON.readTree(send(id, sent).body()).at("/photos/0");
    assertThat(photo.get("widthPx").asInt()).isEqualTo(400);
    assertThat(photo.get("heightPx").asInt()).isEqualTo(600);

    HttpResponse<byte[]> image = file(id, "image");
    assertThat(image.headers().firstValue("Content-Type")).contains("image/jpeg");
    assertThat(new String(image.body(), StandardCharsets.ISO_8859_1)).doesNotContain("59.123 N");
    // turned by a quarter clockwise, the red corner is the upper right one
    BufferedImage small = ImageIO.read(new ByteArrayInputStream(file(id, "thumbnail").body()));
    assertThat(small.getHeight()).isEqualTo(480);
    assertThat(new Color(small.getRGB(300, 20)).getRed()).isGreaterThan(200);
    assertThat(new Color(small.getRGB(20, 20)).getRed()).isLessThan(80);

    long before = files();
    assertThat(send(id, sent).statusCode()).isEqualTo(200);
    assertThat(send(Api.newId(), sent).statusCode()).isEqualTo(200);
    assertThat(files()).isEqualTo(before);
    assertThat(send(id, jpeg(2)).statusCode()).isEqualTo(409);
  }

  @Test
  void whatCannotBeShownIsRefusedWithItsReasonAndLeavesNoPhoto() throws Exception {
    byte[] whole = jpeg(3);
    assertThat(send(Api.newId(), Arrays.copyOf(whole, whole.length / 2)).body())
        .contains("is incomplete or damaged");
    assertThat(send(Api.newId(), "<svg/>".getBytes()).body()).contains("neither a JPEG nor a PNG");
    byte[] hollow = {
      (byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xDA, 0, 2, (byte) 0xFF, (byte) 0xD9
    };
    assertThat(send(Api.newId(), hollow).body()).contains("can’t be shown");
    assertThat(send(Api.newId(), bomb()).body()).contains("million pixels");
    HttpResponse<String> large = send(Api.newId(), new byte[31_000_000]);
    assertThat(large.statusCode()).isIn(413, 422);
    assertThat(api.get("/api/jobs/" + job + "/photos").body().get("photos")).isEmpty();
  }

  /** A sound JPEG that claims to be 65 000 by 65 000 pixels. */
  private static byte[] bomb() throws IOException {
    byte[] jpeg = jpeg(4);
    for (int i = 0; i < jpeg.length - 9; i++) {
      if ((jpeg[i] & 0xFF) == 0xFF && (jpeg[i + 1] & 0xFF) == 0xC0) {
        jpeg[i + 5] = (byte) 0xFD;
        jpeg[i + 6] = (byte) 0xE8;
        jpeg[i + 7] = (byte) 0xFD;
        jpeg[i + 8] = (byte) 0xE8;
      }
    }
    return jpeg;
  }

  private static Map<String, Object> notes(int version, String moment, String from) {
    return new HashMap<>(
        Map.of(
            "version",
            version,
            "moment",
            moment,
            "shows",
            "wall",
            "fromTyped",
            from,
            "units",
            "METRIC",
            "focusLocked",
            true,
            "exposureLocked",
            true,
            "balanceLocked",
            moment.equals("BEFORE"),
            "putAside",
            false,
            "marks",
            Map.of("leftX", 0.25, "leftY", 0.5, "rightX", 0.75, "rightY", 0.5)));
  }

  @Test
  void notedPhotosAreLaidOverEachOtherAndSayWhatTheyAreGoodFor() throws Exception {
    String before = Api.newId();
    String after = Api.newId();
    send(before, jpeg(5));
    send(after, withExif(jpeg(6)));
    String path = "/api/jobs/" + job + "/photos/";
    Api.expect(api.put(path + before + "/notes", notes(1, "BEFORE", "10 ft")), 200);
    Api.expect(api.put(path + after + "/notes", notes(1, "AFTER", "3048")), 200);
    JsonNode found = api.get(path + "comparison?before=" + before + "&after=" + after).body();
    // marks 300 px apart on the one, 200 px on the other, both level
    assertThat(found.at("/lay/a").asDouble()).isCloseTo(1.5, within(1e-9));
    assertThat(found.at("/lay/b").asDouble()).isCloseTo(0, within(1e-9));
    assertThat(found.get("findings").findValuesAsText("id"))
        .containsExactly("photo.shape", "photo.brightness", "photo.colour");
    assertThat(found.at("/findings/2/verdict").asText()).isEqualTo("OUT");

    Api.Answer stale = api.as("Marten").put(path + after + "/notes", notes(1, "OTHER", "3 m"));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().at("/current/moment").asText()).isEqualTo("AFTER");
    refused(
        api.put(path + after + "/notes", notes(2, "AFTER", "3 furlongs")), "entry.noLengthUnit");
  }

  @Test
  void whatWaitedInThePageWasTakenWhenItWasAdded() throws Exception {
    Instant before = Instant.now().minus(Duration.ofHours(1));
    send(Api.newId() + "?moment=BEFORE&waitedMs=3600000", jpeg(91));
    JsonNode photo = api.get("/api/jobs/" + job + "/photos").body().at("/photos/0");
    assertThat(Instant.parse(photo.get("takenAt").asText()))
        .isBetween(before.minusSeconds(60), before.plusSeconds(60));
    JsonNode lines = api.get("/api/jobs/" + job + "/record").body().get("lines");
    Instant noted = Instant.parse(lines.get(lines.size() - 1).get("at").asText());
    assertThat(noted).isBetween(before.minusSeconds(60), before.plusSeconds(60));
  }

  @Test
  void anEarlierMomentShowsWhatWasNotedThen() throws Exception {
    String id = Api.newId();
    send(id, jpeg(90));
    long taken = lastLine();
    String notes = "/api/jobs/" + job + "/photos/" + id + "/notes";
    Map<String, Object> inInches = notes(1, "AFTER", "120");
    inInches.put("units", "IMPERIAL");
    Api.expect(api.put(notes, inInches), 200);
    JsonNode noted = api.get("/api/jobs/" + job + "/photos").body().at("/photos/0");
    long last = lastLine();
    Api.expect(api.as("Marten").put(notes, notes(2, "OTHER", "3 m")), 200);

    assertThat(photoAt(taken).get("moment").asText()).isEqualTo("BEFORE");
    assertThat(photoAt(taken).get("focusLocked").asBoolean()).isFalse();
    assertThat(photoAt(last)).isEqualTo(noted);
    // 120 in
    assertThat(photoAt(last).at("/from/value").asDouble()).isCloseTo(3048, within(1e-9));
    assertThat(photoAt(last).get("changedBy").asText()).isEqualTo("Åsa");
  }

  private long lastLine() {
    return api.get("/api/jobs/" + job + "/record").body().get("last").asLong();
  }

  private JsonNode photoAt(long line) {
    return api.lookingBackTo(line).get("/api/jobs/" + job + "/photos").body().at("/photos/0");
  }
}
