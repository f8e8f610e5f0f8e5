package mellow.server.feed.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.feed.FeedView;
import mellow.server.feed.drawing.Drawing;
import mellow.server.feed.drawing.Drawing.Placed;
import mellow.server.feed.drawing.Drawing.PlacedPin;
import mellow.server.feed.drawing.Drawing.Spot;
import mellow.server.feed.drawing.Symbol;
import mellow.server.wire.Spoken;

/** Draws a laid-out circuit in standard symbols. */
final class CircuitPen {
  private static final double SMALL = 10;
  private static final double TEXT = 12;
  private static final double LINE = 12;

  private final Ink ink;
  private final FeedView sheet;
  private final Map<String, FeedView.PartView> parts = new HashMap<>();

  private CircuitPen(Ink ink, FeedView sheet) {
    this.ink = ink;
    this.sheet = sheet;
    sheet.parts().forEach(part -> parts.put(part.id(), part));
  }

  static void draw(Ink ink, FeedView sheet) {
    new CircuitPen(ink, sheet).draw();
  }

  private void draw() {
    Drawing drawing = sheet.drawing();
    ink.line(List.of(new Spot(0, 0), new Spot(drawing.width(), 0)), Ink.Pen.BAR);
    ink.line(
        List.of(new Spot(0, drawing.height()), new Spot(drawing.width(), drawing.height())),
        Ink.Pen.BAR);
    for (Drawing.Path path : drawing.paths()) {
      ink.line(path.spots(), path.wire().isEmpty() ? Ink.Pen.THIN : Ink.Pen.WIRE);
      if (!path.wire().isEmpty()) {
        words(path.label(), Spoken.typed(path.wire()), detail(path.wire()), colour(path.wire()));
      }
    }
    for (Drawing.Link link : drawing.links()) {
      ink.line(link.spots(), Ink.Pen.DOTTED);
    }
    drawing.symbols().forEach(this::symbol);
  }

  private void words(Spot at, String... lines) {
    double y = at.y() + TEXT;
    double size = TEXT;
    for (String line : lines) {
      if (!line.isEmpty()) {
        ink.words(new Spot(at.x(), y), size, line);
      }
      y += LINE;
      size = SMALL;
    }
  }

  private String colour(String wire) {
    FeedView.PartView part = parts.get(wire);
    return part == null ? "" : Spoken.typed(part.values().getOrDefault("colour", ""));
  }

  /** What a part is, in a few words: its size, its rating. */
  private String detail(String id) {
    FeedView.PartView part = parts.get(id);
    if (part == null) {
      return "";
    }
    Map<String, String> values = part.values();
    return switch (part.kind()) {
      case "wire" ->
          "%s, %s m"
              .formatted(Spoken.typed(values.getOrDefault("size", "")), number(values, "metres"));
      case "fuse", "tap" -> number(values, "amps") + " A";
      case "lamp" -> values.containsKey("watts") ? number(values, "watts") + " W" : "";
      case "resistor" -> number(values, "ohms") + " Ω, " + number(values, "watts") + " W";
      default -> "";
    };
  }

  private static String number(Map<String, String> values, String name) {
    return Spoken.decimal(values.getOrDefault(name, ""));
  }

  private void symbol(Placed box) {
    double x = box.x();
    double height = box.symbol().height();
    double top = box.y() + (box.height() - height) / 2;
    double bottom = top + height;
    lead(box, top, bottom);
    outline(box, top, bottom);
    if (box.symbol() == Symbol.MODULE) {
      ink.words(new Spot(x + 8, top + height / 2 + 4), TEXT, Spoken.typed(box.part()));
    } else if (box.symbol().named() && !box.part().isEmpty()) {
      words(
          new Spot(x + box.width() + 6, box.y() + (box.height() - 2 * LINE) / 2),
          Spoken.typed(box.part()),
          detail(box.part()));
    }
    for (PlacedPin pin : box.pins()) {
      boolean above = pin.at().y() < box.y() + box.height() / 2;
      if (!pin.terminal().isEmpty()) {
        // outside a coil, beside a contact, inside a module
        boolean outside = box.symbol() == Symbol.COIL;
        double y = pin.at().y() + (above == outside ? -3 : SMALL);
        ink.words(new Spot(pin.at().x() + 4, y), SMALL, Spoken.typed(pin.terminal()));
      }
    }
  }

  /** The symbol itself. */
  private void outline(Placed box, double top, double bottom) {
    double x = box.x();
    double middle = x + box.width() / 2;
    double height = bottom - top;
    switch (box.symbol()) {
      case FUSE -> {
        rectangle(x, top, box.width(), height);
        line(middle, top, middle, bottom);
      }
      case COIL -> {
        rectangle(x, top, box.width(), height);
        line(x, bottom, x + box.width(), top);
      }
      case SWITCH, MAKE -> {
        line(middle, top, middle, top + 8);
        line(middle, bottom, middle, bottom - 10);
        line(middle, bottom - 10, middle - 12, top + 10);
      }
      case BREAK -> {
        line(middle, top, middle, top + 8);
        line(middle, bottom, middle, bottom - 10);
        line(middle, bottom - 10, middle + 4, top + 6);
        line(middle, top + 8, middle + 8, top + 8);
      }
      case CHANGE_OVER -> {
        line(middle, top, middle, top + 10);
        line(middle, top + 10, x + 6, bottom - 10);
        line(x + 6, bottom - 10, x + 6, bottom);
        line(x + box.width() - 6, bottom - 10, x + box.width() - 6, bottom);
      }
      case LAMP, PILOT -> {
        double radius = height / 2;
        double half = radius * Math.sqrt(0.5);
        Spot centre = new Spot(middle, top + radius);
        ink.circle(centre, radius, false);
        line(middle - half, centre.y() - half, middle + half, centre.y() + half);
        line(middle - half, centre.y() + half, middle + half, centre.y() - half);
      }
      case DIODE -> {
        ink.line(
            List.of(
                new Spot(x, top),
                new Spot(x + box.width(), top),
                new Spot(middle, bottom),
                new Spot(x, top)),
            Ink.Pen.THIN);
        line(x, bottom, x + box.width(), bottom);
      }
      case JOINT, JUNCTION, CLIP, LOOSE ->
          ink.circle(
              new Spot(middle, top + height / 2), height / 2, box.symbol() == Symbol.JUNCTION);
      case RESISTOR, SOLENOID, BOX, MODULE -> rectangle(x, top, box.width(), height);
      case BAR_END -> {}
    }
  }

  /** From the pins to the symbol, where its words make it higher than it is. */
  private void lead(Placed box, double top, double bottom) {
    for (PlacedPin pin : box.pins()) {
      boolean above = pin.at().y() < box.y() + box.height() / 2;
      line(pin.at().x(), pin.at().y(), pin.at().x(), above ? top : bottom);
    }
  }

  private void line(double fromX, double fromY, double toX, double toY) {
    ink.line(List.of(new Spot(fromX, fromY), new Spot(toX, toY)), Ink.Pen.THIN);
  }

  private void rectangle(double x, double y, double width, double height) {
    ink.line(
        List.of(
            new Spot(x, y),
            new Spot(x + width, y),
            new Spot(x + width, y + height),
            new Spot(x, y + height),
            new Spot(x, y)),
        Ink.Pen.THIN);
  }
}
