package mellow.core.workflow.ledger;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import mellow.core.vehicle.LampFunction;

/**
 * The lamp functions that are parted from the vehicle with a line of the ledger, as far as the
 * words tell it that somebody called it out with.
 */
public final class HangsOn {
  private static final Map<Pattern, Set<LampFunction>> SAID = new LinkedHashMap<>();

  /** Plugs behind a front that feed no lamp. */
  private static final Pattern NO_LAMP =
      words(
          "horn",
          "washer",
          "sensor",
          "temperature",
          "camera",
          "radar",
          "alarm",
          "bonnet",
          "hupe",
          "wischwasser",
          "temperatur",
          "kamera",
          "motorhaube");

  private static final Pattern NAMED_HEADLAMP =
      words("headlamp", "headlight", "head lamp", "scheinwerfer", "hauptscheinwerfer");

  private static final Set<LampFunction> HEADLAMP =
      EnumSet.of(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN);

  static {
    SAID.put(NAMED_HEADLAMP, HEADLAMP);
    SAID.put(
        words("fog", "nebel", "nebelscheinwerfer", "nebellampe"),
        EnumSet.of(LampFunction.FRONT_FOG));
    SAID.put(
        words("turn", "indicator", "flasher", "blinker", "fahrtrichtungsanzeiger"),
        EnumSet.of(LampFunction.TURN));
    SAID.put(
        words("marker", "seitenmarkierung", "seitenmarkierungsleuchte"),
        EnumSet.of(LampFunction.SIDE_MARKER));
    SAID.put(
        words("corner lamp", "corner piece", "eckleuchte"),
        EnumSet.of(LampFunction.TURN, LampFunction.SIDE_MARKER));
    SAID.put(
        words(
            "position",
            "side lamp",
            "parking",
            "standlicht",
            "begrenzungsleuchte",
            "begrenzungslicht"),
        EnumSet.of(LampFunction.POSITION));
    SAID.put(
        words("running", "drl", "tagfahrlicht", "tagfahrleuchte"), EnumSet.of(LampFunction.DRL));
    SAID.put(words("low", "dipped", "abblendlicht"), EnumSet.of(LampFunction.DIPPED));
    SAID.put(words("main beam", "high", "fernlicht"), EnumSet.of(LampFunction.MAIN));
    SAID.put(
        words("pod", "driving lamp", "zusatzscheinwerfer", "zusatzleuchte"),
        EnumSet.of(LampFunction.DRIVING, LampFunction.FRONT_FOG));
  }

  private HangsOn() {}

  private static Pattern words(String... words) {
    return Pattern.compile("(?<!\\p{L})(" + String.join("|", words) + ")(s|n)?(?!\\p{L})");
  }

  /** Whether its name says that it is a headlamp. */
  static boolean isHeadlamp(LedgerRow row) {
    return NAMED_HEADLAMP.matcher(row.what().name().toLowerCase(Locale.ROOT)).find();
  }

  /** The functions that its words name; empty where they name none. */
  public static Set<LampFunction> named(LedgerRow row) {
    Set<LampFunction> named = EnumSet.noneOf(LampFunction.class);
    if (row.isConnector() || row.what().kind().named()) {
      String said = said(row);
      SAID.forEach(
          (words, functions) -> {
            if (words.matcher(said).find()) {
              named.addAll(functions);
            }
          });
    }
    return named;
  }

  /**
   * The functions that may be parted: of a connector that nobody named, every one; of a piece,
   * those that it is known to carry.
   */
  public static Set<LampFunction> parted(LedgerRow row) {
    Set<LampFunction> named = named(row);
    return named.isEmpty() && row.isConnector() && !NO_LAMP.matcher(said(row)).find()
        ? EnumSet.allOf(LampFunction.class)
        : named;
  }

  private static String said(LedgerRow row) {
    return "%s %s %s"
        .formatted(row.what().name(), row.where(), row.holds())
        .toLowerCase(Locale.ROOT);
  }
}
