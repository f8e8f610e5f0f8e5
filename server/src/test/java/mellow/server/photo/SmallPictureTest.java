package mellow.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures are shown the way up that the camera noted. */
class SmallPictureTest {
  private static final Color[][] QUARTERS = {{Color.RED, Color.GREEN}, {Color.BLUE, Color.YELLOW}};

  /** Red and green above, blue and yellow below, as it lies in the file. */
  private static byte[] stored(int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    for (int row = 0; row < 2; row++) {
      for (int column = 0; column < 2; column++) {
        pen.setColor(QUARTERS[row][column]);
        pen.fillRect(column * width / 2, row * height / 2, width / 2, height / 2);
      }
    }
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  /**
   * The table of tag 0x0112 (TIFF 6.0, taken over by Exif): on which side the file's first row and
   * its first column are seen.
   */
  @ParameterizedTest
  @CsvSource({
    "1, top, left",
    "2, top, right",
    "3, bottom, right",
    "4, bottom, left",
    "5, left, top",
    "6, right, top",
    "7, right, bottom",
    "8, left, bottom"
  })
  void isDrawnUpright(int orientation, String firstRow, String firstColumn) throws Exception {
    SmallPicture small = SmallPicture.of(stored(600, 400), orientation, 120);
    boolean onItsSide = orientation >= 5;
    assertThat(new int[] {small.widthPx(), small.heightPx()})
        .containsExactly(onItsSide ? new int[] {400, 600} : new int[] {600, 400});
    BufferedImage image = small.image();
    assertThat(Math.max(image.getWidth(), image.getHeight())).isEqualTo(120);
    for (int row = 0; row < 2; row++) {
      for (int column = 0; column < 2; column++) {
        boolean left = is("left", firstRow, row) || is("left", firstColumn, column);
        boolean top = is("top", firstRow, row) || is("top", firstColumn, column);
        int x = image.getWidth() * (left ? 1 : 3) / 4;
        int y = image.getHeight() * (top ? 1 : 3) / 4;
        assertThat(new Color(image.getRGB(x, y)))
            .as("the file's quarter %d, %d", row, column)
            .isEqualTo(QUARTERS[row][column]);
      }
    }
  }

  /** Whether the first (0) or second (1) half is seen on a side, where the first is seen there. */
  private static boolean is(String side, String first, int half) {
    String opposite =
        switch (side) {
          case "left" -> "right";
          case "top" -> "bottom";
          default -> throw new IllegalArgumentException(side);
        };
    return half == 0 ? first.equals(side) : first.equals(opposite);
  }

  @Test
  void smallOneKeepsItsSize() throws Exception {
    BufferedImage image = SmallPicture.of(stored(60, 40), 6, 480).image();
    assertThat(new int[] {image.getWidth(), image.getHeight()}).containsExactly(40, 60);
  }

  @Test
  void halfAFileIsNoPicture() throws Exception {
    byte[] whole = stored(600, 400);
    assertThatThrownBy(() -> SmallPicture.of(Arrays.copyOf(whole, whole.length / 2), 1, 480))
        .isInstanceOf(IOException.class);
    assertThatThrownBy(() -> SmallPicture.of(new byte[] {1, 2, 3}, 1, 480))
        .isInstanceOf(IOException.class);
  }
}
