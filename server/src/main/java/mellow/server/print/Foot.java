package mellow.server.print;

import java.time.LocalDate;
import java.time.ZoneOffset;
import mellow.server.platform.Acting;
import mellow.server.shop.Shops;
import mellow.server.vehicle.VehicleView;
import mellow.server.wire.Spoken;
import org.springframework.stereotype.Component;

/** What stands at the foot of each printed page, so that a lost sheet is known. */
@Component
public class Foot {
  private final Shops shops;

  Foot(Shops shops) {
    this.shops = shops;
  }

  /** Vehicle, shop and day. */
  public String of(Acting acting, VehicleView vehicle) {
    return Spoken.words(
        PrintWords.foot(
            vehicle.name() + ", " + vehicle.nickname(),
            shops.name(acting.shopId()),
            LocalDate.ofInstant(acting.at(), ZoneOffset.UTC).toString()));
  }
}
