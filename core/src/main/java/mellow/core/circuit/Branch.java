package mellow.core.circuit;

/**
 * Where current can flow within a part.
 *
 * @param name which of the part's branches: "coil"; empty where it has one only
 * @param from node at which its current enters
 * @param to node at which it leaves
 */
public record Branch(String name, String from, String to) {
  static Branch only(String from, String to) {
    return new Branch("", from, to);
  }
}
