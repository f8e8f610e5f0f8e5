package mellow.e2e.screen;

import com.microsoft.playwright.Page;

/** As it came: how the vehicle stands and where its lamps were. */
public final class CameScreen extends Screen {
  public CameScreen(Page page) {
    super(page);
  }
}
