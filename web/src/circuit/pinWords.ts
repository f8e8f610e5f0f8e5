import type { PlacedSymbol } from '../api/client';

/** Clear of what marks a suspect. */
const BESIDE = 9;

/** Where the number of a pin stands: inside a module, outside a coil, beside a contact. */
export function pinWords(box: PlacedSymbol, pin: PlacedSymbol['pins'][number]) {
  const above = pin.at.y < box.y + box.height / 2;
  switch (box.symbol) {
    case 'MODULE':
      return { x: pin.at.x, y: pin.at.y + (above ? 14 : -5), anchor: 'middle' } as const;
    case 'COIL':
      return { x: pin.at.x - 5, y: pin.at.y + (above ? -8 : 17), anchor: 'end' } as const;
    default: {
      // right of the other foot of a change-over begin the words of the next wire
      const isOther = pin.at.x > box.x + box.width / 2;
      const x = isOther ? pin.at.x - 5 : box.x - BESIDE;
      return { x, y: pin.at.y + (above ? 11 : -1), anchor: 'end' } as const;
    }
  }
}
