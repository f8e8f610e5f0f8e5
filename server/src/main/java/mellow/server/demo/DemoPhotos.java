package mellow.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import mellow.core.measure.UnitSystem;
import mellow.server.photo.PhotoNotes;
import mellow.server.photo.PhotoNotes.MarksEdit;
import mellow.server.photo.PhotoNotes.Moment;

/** Pictures of a lit wall for the demo: drawn, since nobody was there with a camera. */
final class DemoPhotos {
  private static final int WIDTH = 1600;
  private static final int HEIGHT = 1000;
  private static final Color PLASTER = new Color(0x2c2825);
  private static final Color TAPE = new Color(0xeadcb8);

  /** Where the two tape marks are on the wall. */
  private static final double LEFT_X = 420;

  private static final double RIGHT_X = 1180;
  private static final double MARK_Y = 330;

  private DemoPhotos() {}

  /** The wall as it was lit by the old lamps. */
  static byte[] before() {
    return wall(new AffineTransform(), 560, 90, new Color(0xffe2a0));
  }

  /** The wall as it is lit by the new ones, from a little farther and with the camera aslant. */
  static byte[] after() {
    return wall(aslant(), 520, 12, new Color(0xfff4dc));
  }

  private static AffineTransform aslant() {
    AffineTransform aslant = AffineTransform.getTranslateInstance(90, 40);
    aslant.rotate(Math.toRadians(1.6));
    aslant.scale(0.93, 0.93);
    return aslant;
  }

  private static byte[] wall(AffineTransform camera, int cutoffY, int blur, Color light) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(new Color(0x1d1a18));
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.transform(camera);
    pen.setColor(PLASTER);
    pen.fillRect(-200, -200, WIDTH + 400, 1060);
    for (double centre : new double[] {LEFT_X, RIGHT_X}) {
      beam(pen, centre, cutoffY, blur, light);
    }
    pen.setColor(new Color(0x191614));
    pen.fillRect(-200, 860, WIDTH + 400, 400);
    tape(pen);
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** A low beam with a stepped cutoff; the larger the blur, the softer its edge. */
  private static void beam(Graphics2D pen, double x, int y, int blur, Color light) {
    Path2D below = new Path2D.Double();
    below.moveTo(x - 560, y);
    below.lineTo(x, y);
    below.lineTo(x + 250, y - 66);
    below.lineTo(x + 620, y - 66);
    below.lineTo(x + 620, 860);
    below.lineTo(x - 560, 860);
    below.closePath();
    Color none = new Color(light.getRed(), light.getGreen(), light.getBlue(), 0);
    Color half = new Color(light.getRed(), light.getGreen(), light.getBlue(), 150);
    for (int edge = blur; edge > 0; edge -= 6) {
      Graphics2D soft = (Graphics2D) pen.create();
      soft.translate(0, -edge);
      soft.setPaint(
          new GradientPaint(
              0,
              y - 60,
              new Color(light.getRed(), light.getGreen(), light.getBlue(), 9),
              0,
              860,
              none));
      soft.fill(below);
      soft.dispose();
    }
    pen.setPaint(
        new RadialGradientPaint(
            new Point2D.Double(x + 40, y + 40),
            640,
            new float[] {0, 0.5f, 1},
            new Color[] {light, half, none}));
    pen.fill(below);
  }

  private static void tape(Graphics2D pen) {
    pen.setColor(TAPE);
    pen.setStroke(new BasicStroke(9));
    for (double x : new double[] {LEFT_X, RIGHT_X}) {
      pen.drawLine((int) x - 46, (int) MARK_Y, (int) x + 46, (int) MARK_Y);
      pen.drawLine((int) x, (int) MARK_Y - 46, (int) x, (int) MARK_Y + 46);
    }
    pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 30));
    pen.drawString("left", (int) LEFT_X + 60, (int) MARK_Y - 16);
    pen.drawString("right", (int) RIGHT_X + 60, (int) MARK_Y - 16);
  }

  static PhotoNotes beforeNotes() {
    return notes(Moment.BEFORE, "cutoff of the old lamps, 6.1 m", "4.2 m", new AffineTransform());
  }

  static PhotoNotes afterNotes() {
    return notes(Moment.AFTER, "cutoff of the new projectors", "4.5 m", aslant());
  }

  private static PhotoNotes notes(
      Moment moment, String shows, String from, AffineTransform camera) {
    Point2D left = camera.transform(new Point2D.Double(LEFT_X, MARK_Y), null);
    Point2D right = camera.transform(new Point2D.Double(RIGHT_X, MARK_Y), null);
    return new PhotoNotes(
        1,
        moment,
        shows,
        from,
        UnitSystem.METRIC,
        true,
        true,
        moment == Moment.BEFORE,
        new MarksEdit(
            left.getX() / WIDTH, left.getY() / HEIGHT, right.getX() / WIDTH, right.getY() / HEIGHT),
        false);
  }
}
