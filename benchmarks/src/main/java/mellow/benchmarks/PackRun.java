package mellow.benchmarks;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import mellow.server.testing.Api;

/** How long the pack of a large job takes, and how long its ZIP takes to come in; one at a time. */
final class PackRun {
  private static final int READINGS = 40;
  private static final int PICTURES = 12;
  private static final int WARM_UP = 5;
  private static final int MANY = 21;

  private final Api api;
  private final Consumer<String> report;
  private final Random random = new Random(12);

  PackRun(Api api, Consumer<String> report) {
    this.api = api;
    this.report = report;
  }

  private interface Timed {
    void run();
  }

  private interface Prepared {
    Timed prepare() throws IOException;
  }

  void run() throws IOException {
    String job = api.newJob("Quenby Loft", Map.of());
    for (int i = 0; i < READINGS; i++) {
      Api.expect(
          api.read(
              job,
              Api.newId(),
              i % 2 == 0 ? "CENTRE" : "CUTOFF_BELOW",
              "LEFT",
              String.valueOf(600 + i)),
          200);
    }
    for (int i = 0; i < PICTURES; i++) {
      Api.expect(
          api.send(
              "/api/jobs/" + job + "/photos/" + Api.newId() + "?moment=BEFORE&shows=front",
              "application/octet-stream",
              picture()),
          200);
    }
    String path = "/api/jobs/" + job;
    measure("pack", () -> () -> api.file(path + "/pack.pdf"));
    byte[] zip = api.file(path + "/job.zip");
    report.accept(String.format(Locale.ROOT, "zip_size %.1f MB", zip.length / 1e6));
    measure("zip_import", () -> takeIn(withOtherPictures(zip)));
  }

  private Timed takeIn(byte[] zip) {
    return () ->
        Api.expect(api.send("/api/jobs/" + Api.newId() + "/job.zip", "application/zip", zip), 200);
  }

  /** As from elsewhere: pictures that no job here has seen. */
  private byte[] withOtherPictures(byte[] zip) throws IOException {
    ByteArrayOutputStream other = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream out = new ZipOutputStream(other)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(entry.getName().startsWith("photos/") ? picture() : in.readAllBytes());
      }
    }
    return other.toByteArray();
  }

  private void measure(String name, Prepared prepared) throws IOException {
    for (int i = 0; i < WARM_UP; i++) {
      prepared.prepare().run();
    }
    double[] millis = new double[MANY];
    for (int i = 0; i < MANY; i++) {
      Timed timed = prepared.prepare();
      long from = System.nanoTime();
      timed.run();
      millis[i] = (System.nanoTime() - from) / 1e6;
    }
    Arrays.sort(millis);
    report.accept(String.format(Locale.ROOT, "%s_p50 %.0f ms", name, millis[MANY / 2]));
    report.accept(String.format(Locale.ROOT, "%s_p95 %.0f ms", name, millis[MANY * 95 / 100]));
  }

  /** A picture as a telephone takes it, in size: some noise on a plain ground. */
  private byte[] picture() throws IOException {
    BufferedImage image = new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int grey = 60 + (x + y) / 24 + random.nextInt(24);
        image.setRGB(x, y, grey << 16 | grey << 8 | grey);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", out);
    return out.toByteArray();
  }
}
