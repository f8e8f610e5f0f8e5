import type { Units } from '../api/client';
import { paint } from '../ui/theme';
import { Label } from './Label';
import { mmToScreenY, tickStep, type View } from './view';

const INCH = 25.4;
const METRIC_STEPS = [50, 100, 200, 500, 1000];
const IMPERIAL_STEPS = [2, 4, 6, 12, 24].map((inches) => inches * INCH);

/** A tape standing on the floor at the drawing's left edge: its scale. */
export function UprightTape({
  view,
  width,
  topMm,
  units,
}: {
  view: View;
  width: number;
  topMm: number;
  units: Units;
}) {
  const unit = units === 'METRIC' ? 1 : INCH;
  const step = tickStep(view, units === 'METRIC' ? METRIC_STEPS : IMPERIAL_STEPS, 44);
  const minor = step / 5;
  const ticks = Array.from({ length: Math.floor(topMm / minor) + 1 }, (_, i) => i * minor);
  return (
    <g aria-hidden="true">
      <rect
        x="0"
        y={mmToScreenY(view, topMm)}
        width={width}
        height={topMm * view.scale}
        fill={paint('tape')}
        stroke={paint('hairline')}
      />
      {ticks.map((mm, index) => {
        const y = mmToScreenY(view, mm);
        const major = index % 5 === 0;
        return (
          <g key={index}>
            <line
              x1={width - (major ? width : 6)}
              x2={width}
              y1={y}
              y2={y}
              stroke={paint('tapeInk')}
              strokeWidth={major ? 1.2 : 0.8}
            />
            {major && mm > 0 && y > 12 && (
              <Label x={4} y={y + 13} as="scale" size={12.5} weight={600} colour="tapeInk">
                {Math.round(mm / unit)}
              </Label>
            )}
          </g>
        );
      })}
    </g>
  );
}
