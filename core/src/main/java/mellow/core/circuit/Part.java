package mellow.core.circuit;

import java.util.List;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;

/** Something in a circuit. */
public sealed interface Part permits Supply, Joining, Switch, Moving, Pulsed, Diode, Load, Emitter {
  /** Its name within the circuit. */
  String id();

  /** What findings on it are about. */
  default Subject subject() {
    return SubjectKind.COMPONENT.named(id());
  }

  /** Where current can flow in it, whether it does now or not. */
  List<Branch> branches();

  /**
   * How a branch conducts now.
   *
   * @param branch its index in {@link #branches}
   */
  Law law(int branch, Situation now);

  /**
   * The nodes at its terminals, each in a place of its own; an empty one has nothing joined to it.
   */
  List<String> terminals();

  /**
   * The same part between other nodes.
   *
   * @param nodes in the order of {@link #terminals}
   */
  Part at(List<String> nodes);

  /** Contacts that were not given otherwise, Ω. */
  double CONTACT_OHMS = 0.005;

  /** Such a contact, closed. */
  Law CONTACT = new Law.Resistance(CONTACT_OHMS);
}
