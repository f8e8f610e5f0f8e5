package mellow.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mellow.core.circuit.Controls.When;
import mellow.core.finding.CannotBe;

/**
 * One or several contacts that follow the driver's controls.
 *
 * @param ratedAmps what a contact bears for long; infinite where nobody said
 */
public record Switch(String id, List<Contact> contacts, double ratedAmps) implements Part {
  public Switch {
    contacts = List.copyOf(contacts);
    if (!(ratedAmps > 0)) {
      throw new CannotBe(CircuitWords.contactRating());
    }
  }

  public static Switch of(String id, String from, String to, When closed) {
    return new Switch(id, List.of(new Contact(from, to, closed)), Double.POSITIVE_INFINITY);
  }

  /** The same with what its contacts bear. */
  public Switch rated(double amps) {
    return new Switch(id, contacts, amps);
  }

  /** One contact, and when it is closed. */
  public record Contact(String from, String to, When closed) {}

  @Override
  public List<Branch> branches() {
    return contacts.stream()
        .map(contact -> new Branch(contact.to(), contact.from(), contact.to()))
        .toList();
  }

  @Override
  public List<String> terminals() {
    return contacts.stream().flatMap(contact -> Stream.of(contact.from(), contact.to())).toList();
  }

  @Override
  public Switch at(List<String> nodes) {
    List<Contact> between = new ArrayList<>();
    for (int i = 0; i < contacts.size(); i++) {
      between.add(new Contact(nodes.get(2 * i), nodes.get(2 * i + 1), contacts.get(i).closed()));
    }
    return new Switch(id, between, ratedAmps);
  }

  @Override
  public Law law(int branch, Situation now) {
    return contacts.get(branch).closed().holds(now.controls()) ? CONTACT : Law.OPEN;
  }
}
