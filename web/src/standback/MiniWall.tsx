import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import type { LampAtWall, Side, Verdict } from '../api/client';
import { paint } from '../ui/theme';
import { useSize } from '../drawing/useSize';
import { VERDICT_PAINT } from '../finding/VerdictShape';

const ROOM_MM = 90;

/** A strip of the wall around one mark: the band, the tape, the cutoff and which way it has to go. */
export function MiniWall({
  lamp,
  kerb,
  belowMm,
  verdict,
}: {
  lamp: LampAtWall;
  kerb: Side;
  belowMm: number | undefined;
  verdict: Verdict;
}) {
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const line = lamp.place?.line.value ?? 0;
  const aim = lamp.aim?.mark?.value;
  const read =
    belowMm === undefined
      ? lamp.turnedSinceRead
        ? undefined
        : lamp.reading?.height.value
      : line - belowMm;
  const heights = [line, aim, read].filter((one): one is number => one !== undefined);
  const top = Math.max(...heights) + ROOM_MM;
  const bottom = Math.min(...heights) - ROOM_MM;
  const y = (mm: number) => ((top - mm) / Math.max(1, top - bottom)) * height;
  const toKerb = kerb === 'RIGHT' ? 1 : -1;
  const bandTop = lamp.limits?.highestHeight ? Math.max(0, y(lamp.limits.highestHeight.value)) : 0;
  const bandEnd = lamp.limits?.lowestHeight
    ? Math.min(height, y(lamp.limits.lowestHeight.value))
    : height;
  const middle = width / 2;
  return (
    <Box ref={box} h="100%" bg="plaster" overflow="hidden">
      {width > 0 && (
        <svg width={width} height={height} aria-hidden="true">
          {lamp.limits && (
            <>
              <rect
                y={bandTop}
                width={width}
                height={Math.max(0, bandEnd - bandTop)}
                fill={paint('within')}
                opacity="0.16"
              />
              <path
                d={`M0 ${bandTop}H${width}M0 ${bandEnd}H${width}`}
                stroke={paint('within')}
                strokeWidth="2.5"
                strokeDasharray="12 8"
              />
            </>
          )}
          {lamp.place && (
            <path
              d={`M${middle - 16} ${y(line)}h32M${middle} ${y(line) - 16}v32`}
              stroke={paint('ink')}
              strokeWidth="3"
            />
          )}
          {aim !== undefined && (
            <rect
              x={width * 0.16}
              y={y(aim)}
              width={width * 0.68}
              height="16"
              fill={paint('tape')}
              stroke={paint('tapeInk')}
              strokeWidth="0.8"
            />
          )}
          {read !== undefined && (
            <path
              d={`M${middle - (toKerb * width) / 2} ${y(read)}H${middle}l${(toKerb * width) / 2} ${-width * 0.13}`}
              fill="none"
              stroke={paint(verdict === 'OUT' ? VERDICT_PAINT.OUT : 'lamp')}
              strokeWidth="7"
            />
          )}
          {read !== undefined && aim !== undefined && Math.abs(y(read) - y(aim)) > 34 && (
            <Arrow x={middle} from={y(read)} to={y(aim)} />
          )}
        </svg>
      )}
    </Box>
  );
}

function Arrow({ x, from, to }: { x: number; from: number; to: number }) {
  const down = to > from ? 1 : -1;
  const tip = to - down * 6;
  return (
    <path
      d={`M${x - 5} ${from + down * 10}V${tip - down * 24}h-18L${x} ${tip}l23 ${-down * 24}h-18V${from + down * 10}z`}
      fill={paint('ink')}
    />
  );
}
