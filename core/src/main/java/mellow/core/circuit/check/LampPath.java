package mellow.core.circuit.check;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.BlockCutpointGraph;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Multigraph;

/**
 * What a lamp's light depends on: the parts that can carry its current between the battery's posts,
 * and those that drive the relays and modules among them.
 *
 * @param parts by id, the lamp itself among them
 * @param nodes on the way, without those that are joined to a post of the battery by wires alone
 */
public record LampPath(Set<String> parts, Set<String> nodes) {
  public LampPath {
    parts = Set.copyOf(parts);
    nodes = Set.copyOf(nodes);
  }

  public static LampPath of(Circuit circuit, Emitter lamp) {
    return new Search(circuit).of(lamp);
  }

  /** A branch of a part as an edge; two edges between the same nodes are different ones. */
  private static final class Edge extends DefaultEdge {
    private final Part part;

    Edge(Part part) {
      this.part = part;
    }
  }

  private static final class Search {
    private final Circuit circuit;
    private final Set<String> plusPosts;
    private final Set<String> plusNet;
    private final Set<String> groundNet;
    private final Set<String> parts = new LinkedHashSet<>();
    private final Set<String> nodes = new LinkedHashSet<>();

    Search(Circuit circuit) {
      this.circuit = circuit;
      this.plusPosts = circuit.of(Supply.class).map(Supply::plus).collect(Collectors.toSet());
      this.plusNet = joined(plusPosts);
      this.groundNet = joined(Set.of(Circuit.GROUND));
    }

    /** The nodes that wires alone join to those. */
    private Set<String> joined(Set<String> from) {
      Graph<String, Edge> wires = new Multigraph<>(Edge.class);
      from.forEach(wires::addVertex);
      circuit
          .of(Joining.class)
          .filter(part -> !part.from().equals(part.to()))
          .forEach(
              part -> {
                wires.addVertex(part.from());
                wires.addVertex(part.to());
                wires.addEdge(part.from(), part.to(), new Edge(part));
              });
      ConnectivityInspector<String, Edge> inspector = new ConnectivityInspector<>(wires);
      return from.stream()
          .flatMap(node -> inspector.connectedSetOf(node).stream())
          .collect(Collectors.toSet());
    }

    LampPath of(Emitter lamp) {
      Deque<Part> open = new ArrayDeque<>(List.of(lamp));
      parts.add(lamp.id());
      while (!open.isEmpty()) {
        Part part = open.remove();
        for (Branch branch : ends(part)) {
          Set<Part> found = new LinkedHashSet<>(toPlus(part, branch));
          found.addAll(toGround(part, branch));
          found.stream().filter(one -> parts.add(one.id())).forEach(open::add);
        }
      }
      nodes.removeAll(plusNet);
      nodes.removeAll(groundNet);
      return new LampPath(parts, nodes);
    }

    /** The branches whose two ends have to reach the battery for the part to do its work. */
    private static List<Branch> ends(Part part) {
      if (part instanceof Emitter lamp) {
        return lamp.branches();
      }
      return part instanceof Moving moving ? moving.drives() : List.of();
    }

    private Set<Part> toPlus(Part part, Branch branch) {
      String end = groundNet.contains(branch.from()) ? branch.to() : branch.from();
      Graph<String, Edge> graph = without(part, groundNet);
      return plusPosts.stream()
          .flatMap(post -> between(graph, end, post).stream())
          .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Set<Part> toGround(Part part, Branch branch) {
      String end = groundNet.contains(branch.from()) ? branch.from() : branch.to();
      return between(without(part, plusNet), end, Circuit.GROUND);
    }

    private Graph<String, Edge> without(Part part, Set<String> left) {
      Predicate<String> in = node -> !left.contains(node);
      Graph<String, Edge> graph = new Multigraph<>(Edge.class);
      for (Part other : circuit.parts()) {
        if (!(other instanceof Supply) && !other.id().equals(part.id())) {
          for (Branch branch : other.branches()) {
            if (in.test(branch.from())
                && in.test(branch.to())
                && !branch.from().equals(branch.to())) {
              graph.addVertex(branch.from());
              graph.addVertex(branch.to());
              graph.addEdge(branch.from(), branch.to(), new Edge(other));
            }
          }
        }
      }
      return graph;
    }

    /** The parts on any way between two nodes that passes no node twice. */
    private Set<Part> between(Graph<String, Edge> graph, String from, String to) {
      Set<Part> found = new LinkedHashSet<>();
      if (!graph.containsVertex(from) || !graph.containsVertex(to) || from.equals(to)) {
        return found;
      }
      var blocks = new BlockCutpointGraph<>(graph);
      Optional.ofNullable(
              DijkstraShortestPath.findPathBetween(
                  blocks, blocks.getBlock(from), blocks.getBlock(to)))
          .ifPresent(
              way ->
                  way.getVertexList().stream()
                      .flatMap(block -> block.edgeSet().stream())
                      .forEach(edge -> take(graph, edge, found)));
      return found;
    }

    private void take(Graph<String, Edge> graph, Edge edge, Set<Part> found) {
      found.add(edge.part);
      nodes.add(graph.getEdgeSource(edge));
      nodes.add(graph.getEdgeTarget(edge));
    }
  }
}
