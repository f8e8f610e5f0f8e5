package mellow.server.meter;

/** What a meter is asked for, with its query by SCPI-1999, volume 2, MEASure. */
public enum MeterQuantity {
  VOLTS("MEAS:VOLT:DC?", "V"),
  AMPS("MEAS:CURR:DC?", "A"),
  OHMS("MEAS:RES?", "Ω"),
  CELSIUS("MEAS:TEMP?", "°C");

  private final String query;
  private final String unit;

  MeterQuantity(String query, String unit) {
    this.query = query;
    this.unit = unit;
  }

  String query() {
    return query;
  }

  String unit() {
    return unit;
  }
}
