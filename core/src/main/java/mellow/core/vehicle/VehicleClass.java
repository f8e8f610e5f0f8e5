package mellow.core.vehicle;

/** The classes of vehicle that rule sets are made for. From memory: UN R.E.3. */
public enum VehicleClass {
  M1,
  M2,
  M3,
  N1,
  N2,
  N3
}
