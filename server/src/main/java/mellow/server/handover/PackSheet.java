package mellow.server.handover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.server.feed.paper.WiringSheet;
import mellow.server.photo.Photos;
import mellow.server.print.Block;
import mellow.server.print.Paper;
import mellow.server.print.Printed;
import mellow.server.print.Shapes;
import mellow.server.wire.Spoken;
import org.jspecify.annotations.Nullable;

/**
 * The pack on paper, as its template names it.
 *
 * @param strip where the work stands, as SVG
 * @param wiring null while no plan was taken
 */
record PackSheet(
    String language,
    String title,
    String paper,
    String acrossMm,
    String foot,
    String vehicle,
    String work,
    List<Block> owner,
    String law,
    String signed,
    String fileTitle,
    String strip,
    List<Block> file,
    @Nullable Pictures pictures,
    @Nullable WiringSheet wiring) {

  /** Pictures under a heading. */
  record Pictures(String heading, List<PictureRow> rows) {}

  /** Pictures beside each other. */
  record PictureRow(List<Picture> pictures) {}

  /** A picture, and what it shows. */
  record Picture(String name, String words) {}

  private static final int A_ROW = 2;
  private static final int PICTURE_PX = 1000;
  private static final String BLANK = "______________________";

  /** As PDF. */
  static byte[] pdf(Pack pack, Paper paper, String foot) {
    // upright, and no larger than print shows: a telephone's picture would swell the paper; each
    // is work for a core by itself
    List<byte[]> small =
        pack.photos().parallelStream().map(photo -> photo.jpeg(PICTURE_PX)).toList();
    Map<String, byte[]> files = new LinkedHashMap<>();
    List<PictureRow> rows = new ArrayList<>();
    for (Photos.FileOf photo : pack.photos()) {
      if (files.size() % A_ROW == 0) {
        rows.add(new PictureRow(new ArrayList<>()));
      }
      String name = String.valueOf(files.size());
      files.put(name, small.get(files.size()));
      rows.get(rows.size() - 1).pictures().add(new Picture(name, Pack.caption(photo)));
    }
    return Printed.pdf("pack.html", of(pack, paper, foot, rows), files);
  }

  private static PackSheet of(Pack pack, Paper paper, String foot, List<PictureRow> pictures) {
    HandOverPage.ClosedView closed = pack.page().closed();
    return new PackSheet(
        Spoken.language(),
        Spoken.words(HandoverWords.packTitle(pack.title())),
        paper.size(),
        paper.acrossMm(),
        foot,
        pack.title(),
        pack.page().job().work(),
        pack.owner(),
        Spoken.words(HandoverWords.lawDecides()),
        Spoken.words(
            closed == null
                ? HandoverWords.signatures(BLANK, BLANK)
                : HandoverWords.handedOverBy(
                    closed.by(), closed.at().toString().substring(0, 10), BLANK)),
        Spoken.words(HandoverWords.forTheFile(pack.title())),
        Shapes.strip(pack.horizon()),
        pack.file(),
        pictures.isEmpty() ? null : new Pictures(Spoken.words(HandoverWords.pictures()), pictures),
        pack.feed().map(papers -> papers.wiring()).orElse(null));
  }
}
