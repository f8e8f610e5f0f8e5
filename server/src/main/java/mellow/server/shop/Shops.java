package mellow.server.shop;

import jakarta.annotation.PostConstruct;
import mellow.server.platform.Acting;
import org.springframework.stereotype.Service;

/** The shop and its people. */
@Service
public class Shops {
  private final ShopStore store;

  Shops(ShopStore store) {
    this.store = store;
  }

  @PostConstruct
  void ensureTheOnlyShop() {
    store.ensureShop(Acting.ONLY_SHOP, "Our workshop");
  }

  ShopView view(String shopId) {
    return new ShopView(
        store.nameOf(shopId),
        store.people(shopId).stream()
            .map(person -> new ShopView.PersonView(person.getId(), person.getName()))
            .toList());
  }

  /** What the shop is called. */
  public String name(String shopId) {
    return store.nameOf(shopId);
  }

  /** Names the shop. */
  public void rename(String shopId, String name) {
    store.rename(shopId, name);
  }

  /** Adds a person who can be picked. */
  public void addPerson(String shopId, String id, String name) {
    store.addPerson(id, shopId, name);
  }
}
