/**
 * From the thing in millimetres to the screen: x to the vehicle's left and seen from the seat, so
 * left is left; heights upwards. One scale for both directions.
 */
export interface View {
  /** Pixels per millimetre. */
  scale: number;
  /** Where x = 0 stands on the screen. */
  centreX: number;
  /** Where height 0 stands on the screen. */
  footY: number;
}

export interface Extent {
  halfWidthMm: number;
  heightMm: number;
}

/** The largest view of an extent inside a box, standing on its lower edge. */
export function fitView(extent: Extent, box: { width: number; height: number }): View {
  const scale = Math.max(
    1e-6,
    Math.min(box.width / (2 * extent.halfWidthMm), box.height / extent.heightMm),
  );
  return { scale, centreX: box.width / 2, footY: box.height };
}

/** Screen x of a place so many mm to the left of the centre line. */
export function mmToScreenX(view: View, leftMm: number): number {
  return view.centreX - leftMm * view.scale;
}

/** Screen y of a height above the wall's foot. */
export function mmToScreenY(view: View, heightMm: number): number {
  return view.footY - heightMm * view.scale;
}

/** Round steps for a scale, at least so many pixels apart. */
export function tickStep(view: View, steps: number[], leastPixels: number): number {
  return steps.find((step) => step * view.scale >= leastPixels) ?? steps[steps.length - 1] ?? 1;
}
