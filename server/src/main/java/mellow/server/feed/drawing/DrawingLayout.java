package mellow.server.feed.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mellow.server.feed.drawing.Drawing.Placed;
import mellow.server.feed.drawing.Drawing.PlacedPin;
import mellow.server.feed.drawing.Drawing.Spot;
import mellow.server.feed.drawing.Schematic.Box;
import mellow.server.feed.drawing.Schematic.End;
import mellow.server.feed.drawing.Schematic.Pin;
import mellow.server.wire.Spoken;
import org.eclipse.elk.alg.layered.options.EdgeLabelSideSelection;
import org.eclipse.elk.alg.layered.options.LayerConstraint;
import org.eclipse.elk.alg.layered.options.LayeredMetaDataProvider;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.alg.layered.options.NodePlacementStrategy;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.data.LayoutMetaDataService;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeLabelPlacement;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.options.PortConstraints;
import org.eclipse.elk.core.options.PortSide;
import org.eclipse.elk.core.util.NullElkProgressMonitor;
import org.eclipse.elk.graph.ElkBendPoint;
import org.eclipse.elk.graph.ElkEdge;
import org.eclipse.elk.graph.ElkEdgeSection;
import org.eclipse.elk.graph.ElkLabel;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.ElkPort;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/** Lays a circuit's drawing out in layers, by a library. */
public final class DrawingLayout {
  /** Barlow Semi Condensed at 14 px, a letter's usual width. */
  private static final double LETTER = 6.1;

  private static final double WORDS_HEIGHT = 34;
  private static final double WORDS_GAP = 10;
  private static final double WIRE_LABEL_WIDTH = 86;
  private static final double LINK_GAP = 8;

  static {
    LayoutMetaDataService.getInstance()
        .registerLayoutMetaDataProviders(new LayeredMetaDataProvider());
  }

  private final Schematic schematic;
  private final ElkNode root = ElkGraphUtil.createGraph();
  private final Map<String, ElkNode> nodes = new LinkedHashMap<>();
  private final Map<End, ElkPort> ports = new LinkedHashMap<>();
  private final Map<String, ElkEdge> edges = new LinkedHashMap<>();

  private DrawingLayout(Schematic schematic) {
    this.schematic = schematic;
  }

  /** Plans are few and a layout takes long; what was laid out last is kept. */
  private static final int KEPT = 200;

  /** Names take different room in each language. */
  private record Said(Schematic schematic, String language) {}

  private static final Map<Said, Drawing> LAST =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Said, Drawing> eldest) {
              return size() > KEPT;
            }
          });

  public static Drawing of(Schematic schematic) {
    Said said = new Said(schematic, Spoken.language());
    Drawing known = LAST.get(said);
    if (known != null) {
      return known;
    }
    Drawing fresh = new DrawingLayout(schematic).laidOut();
    LAST.put(said, fresh);
    return fresh;
  }

  private Drawing laidOut() {
    root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
    root.setProperty(CoreOptions.DIRECTION, Direction.DOWN);
    root.setProperty(CoreOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
    root.setProperty(CoreOptions.PADDING, new ElkPadding(0, 12, 0, 12));
    root.setProperty(CoreOptions.SPACING_NODE_NODE, 10.0);
    root.setProperty(CoreOptions.SPACING_EDGE_NODE, 10.0);
    root.setProperty(CoreOptions.SPACING_EDGE_EDGE, 10.0);
    root.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, 16.0);
    root.setProperty(LayeredOptions.SPACING_EDGE_NODE_BETWEEN_LAYERS, 8.0);
    root.setProperty(LayeredOptions.SPACING_EDGE_EDGE_BETWEEN_LAYERS, 8.0);
    root.setProperty(LayeredOptions.NODE_PLACEMENT_STRATEGY, NodePlacementStrategy.NETWORK_SIMPLEX);
    root.setProperty(LayeredOptions.SPACING_EDGE_LABEL, 6.0);
    root.setProperty(LayeredOptions.EDGE_LABELS_SIDE_SELECTION, EdgeLabelSideSelection.ALWAYS_DOWN);
    root.setProperty(CoreOptions.SEPARATE_CONNECTED_COMPONENTS, false);
    schematic.boxes().forEach(this::addBox);
    schematic.lines().forEach(this::addLine);
    new RecursiveGraphLayoutEngine().layout(root, new NullElkProgressMonitor());
    List<Placed> placed = schematic.boxes().stream().map(this::placed).toList();
    return new Drawing(
        root.getWidth(),
        root.getHeight(),
        placed,
        schematic.lines().stream().map(this::path).toList(),
        links(placed));
  }

  private static double width(Box box) {
    return box.symbol() == Symbol.MODULE
        ? Math.max(Symbol.MODULE.width(), 56 * box.pins().size() / 2.0 + 24)
        : box.symbol().width();
  }

  /** The room that a part's name takes. */
  private static double widthOf(String part) {
    return LETTER * Spoken.typed(part).length();
  }

  private void addBox(Box box) {
    double width = width(box);
    double words =
        box.symbol().named() && !box.part().isEmpty()
            ? WORDS_GAP + Math.max(56, widthOf(box.part()))
            : box.symbol() == Symbol.MAKE || box.symbol() == Symbol.BREAK ? 30 : 0;
    ElkNode node = ElkGraphUtil.createNode(root);
    node.setDimensions(
        width + words,
        words > 0 ? Math.max(box.symbol().height(), WORDS_HEIGHT) : box.symbol().height());
    node.setProperty(CoreOptions.PORT_CONSTRAINTS, PortConstraints.FIXED_POS);
    nodes.put(box.id(), node);
    if (box.symbol() == Symbol.BAR_END) {
      node.setProperty(
          LayeredOptions.LAYERING_LAYER_CONSTRAINT,
          box.pins().get(0).top() ? LayerConstraint.LAST_SEPARATE : LayerConstraint.FIRST_SEPARATE);
    }
    for (int i = 0; i < box.pins().size(); i++) {
      Pin pin = box.pins().get(i);
      ElkPort port = ElkGraphUtil.createPort(node);
      port.setProperty(CoreOptions.PORT_SIDE, pin.top() ? PortSide.NORTH : PortSide.SOUTH);
      port.setLocation(pinX(box, i), pin.top() ? 0 : node.getHeight());
      ports.put(new End(box.id(), i), port);
    }
  }

  /** Pins of one edge stand evenly along it; those of a change-over at its two feet. */
  private static double pinX(Box box, int index) {
    Pin pin = box.pins().get(index);
    List<Pin> alike = box.pins().stream().filter(one -> one.top() == pin.top()).toList();
    int place = 0;
    for (int i = 0; i < index; i++) {
      place += box.pins().get(i).top() == pin.top() ? 1 : 0;
    }
    if (box.symbol() == Symbol.CHANGE_OVER) {
      return pin.top() ? box.symbol().width() / 2 : place == 0 ? 6 : box.symbol().width() - 6;
    }
    return width(box) * (place + 0.5) / alike.size();
  }

  private void addLine(Schematic.Line line) {
    ElkEdge edge =
        ElkGraphUtil.createSimpleEdge(
            Objects.requireNonNull(ports.get(line.from())),
            Objects.requireNonNull(ports.get(line.to())));
    edges.put(line.id(), edge);
    if (!line.wire().isEmpty()) {
      ElkLabel label = ElkGraphUtil.createLabel(line.wire(), edge);
      label.setDimensions(Math.max(WIRE_LABEL_WIDTH, widthOf(line.wire())), WORDS_HEIGHT);
      label.setProperty(CoreOptions.EDGE_LABELS_PLACEMENT, EdgeLabelPlacement.CENTER);
    }
  }

  private Placed placed(Box box) {
    ElkNode node = Objects.requireNonNull(nodes.get(box.id()));
    List<PlacedPin> pins = new ArrayList<>();
    for (int i = 0; i < box.pins().size(); i++) {
      ElkPort port = Objects.requireNonNull(ports.get(new End(box.id(), i)));
      Pin pin = box.pins().get(i);
      pins.add(
          new PlacedPin(
              pin.terminal(),
              pin.node(),
              new Spot(node.getX() + port.getX(), node.getY() + port.getY())));
    }
    return new Placed(
        box.id(),
        box.part(),
        box.symbol(),
        node.getX(),
        node.getY(),
        width(box),
        node.getHeight(),
        pins);
  }

  private Drawing.Path path(Schematic.Line line) {
    ElkEdge edge = Objects.requireNonNull(edges.get(line.id()));
    List<Spot> spots = new ArrayList<>();
    for (ElkEdgeSection section : edge.getSections()) {
      spots.add(new Spot(section.getStartX(), section.getStartY()));
      for (ElkBendPoint bend : section.getBendPoints()) {
        spots.add(new Spot(bend.getX(), bend.getY()));
      }
      spots.add(new Spot(section.getEndX(), section.getEndY()));
    }
    Spot label =
        edge.getLabels().isEmpty()
            ? new Spot(0, 0)
            : new Spot(edge.getLabels().get(0).getX(), edge.getLabels().get(0).getY());
    return new Drawing.Path(line.id(), line.wire(), line.node(), spots, label);
  }

  private static List<Drawing.Link> links(List<Placed> placed) {
    List<Drawing.Link> links = new ArrayList<>();
    for (Placed coil : placed) {
      if (coil.symbol() == Symbol.COIL) {
        placed.stream()
            .filter(other -> other.part().equals(coil.part()) && other != coil)
            .forEach(contact -> links.add(new Drawing.Link(coil.part(), elbow(coil, contact))));
      }
    }
    return links;
  }

  /** Level from the coil, then upright beside the contact, then into it. */
  private static List<Spot> elbow(Placed coil, Placed contact) {
    boolean right = contact.x() > coil.x();
    double coilY = coil.y() + coil.height() / 2;
    double contactY = contact.y() + contact.height() / 2;
    double beside = right ? contact.x() - LINK_GAP : contact.x() + contact.width() + LINK_GAP;
    return List.of(
        new Spot(coil.x() + (right ? coil.width() : 0), coilY),
        new Spot(beside, coilY),
        new Spot(beside, contactY),
        new Spot(contact.x() + (right ? 0 : contact.width()), contactY));
  }
}
