package mellow.core.photometry.invented;

/** An intensity in cd in each direction. */
@FunctionalInterface
interface Light {
  double candela(double hDeg, double vDeg);
}
