import type { CircuitDrawing as Drawing } from '../api/client';
import { Label } from '../drawing/Label';
import { paint } from '../ui/theme';
import { feedWords } from '../words/page/feed';
import { points } from './wires';

interface Spot {
  x: number;
  y: number;
}

/** Where a check is made: on a part, or with probes at points of the circuit. */
export interface Pointed {
  part?: string | undefined;
  red?: string | undefined;
  black?: string | undefined;
}

/** A part that is hardly suspected is tinted as well, so that it is not taken for a sound one. */
const FAINTEST = 0.12;
const STRONGEST = 0.75;

/** Around a symbol; its name begins 6 px beside it. */
const TINTED = 3;
const RINGED = 4;

/** How strongly a share is tinted. */
export const tint = (share: number) => FAINTEST + (STRONGEST - FAINTEST) * Math.sqrt(share);

/** What is suspected, as quiet heat below wires and parts. */
export function Suspicion({ drawing, of }: { drawing: Drawing; of: Record<string, number> }) {
  return (
    <g pointerEvents="none" fill={paint('out')} stroke={paint('out')} strokeLinecap="round">
      {drawing.paths.map((path) => {
        const share = of[path.wire];
        return (
          share && (
            <polyline
              key={path.id}
              points={points(path.spots)}
              fill="none"
              strokeWidth="16"
              strokeLinejoin="round"
              opacity={tint(share)}
            />
          )
        );
      })}
      {drawing.symbols.map((box) => {
        const share = of[box.part];
        return (
          share && (
            <rect
              key={box.id}
              x={box.x - TINTED}
              y={box.y - TINTED}
              width={box.width + 2 * TINTED}
              height={box.height + 2 * TINTED}
              rx="8"
              stroke="none"
              opacity={tint(share)}
            />
          )
        );
      })}
    </g>
  );
}

/** The pin of a node that stands lowest on the drawing: wires end there, and a hand gets there. */
function spotOf(drawing: Drawing, node: string | undefined) {
  return drawing.symbols
    .flatMap((box) => box.pins)
    .filter((pin) => pin.node === node)
    .map((pin) => pin.at)
    .toSorted((one, other) => other.y - one.y)[0];
}

/** Where the next check is made: a ring around its part, a flag at each probe. */
export function Probes({ drawing, pointed }: { drawing: Drawing; pointed: Pointed }) {
  const red = spotOf(drawing, pointed.red);
  const black = spotOf(drawing, pointed.black);
  return (
    <g pointerEvents="none">
      {drawing.symbols
        .filter((box) => box.part === pointed.part)
        .map((box) => (
          <rect
            key={box.id}
            x={box.x - RINGED}
            y={box.y - RINGED}
            width={box.width + 2 * RINGED}
            height={box.height + 2 * RINGED}
            rx="9"
            fill="none"
            stroke={paint('lamp')}
            strokeWidth="3"
          />
        ))}
      {drawing.paths
        .filter((path) => path.wire && path.wire === pointed.part)
        .map((path) => (
          <polyline
            key={path.id}
            points={points(path.spots)}
            fill="none"
            stroke={paint('lamp')}
            strokeWidth="3"
            strokeDasharray="2 7"
            strokeLinecap="round"
          />
        ))}
      <ProbeFlags red={red} black={black} />
    </g>
  );
}

/** Where the probes go. */
export function ProbeFlags({ red, black }: { red: Spot | undefined; black: Spot | undefined }) {
  return (
    <>
      {red && <Flag at={red} words={feedWords.redProbe()} fill="out" ink="onVerdict" />}
      {black && <Flag at={black} words={feedWords.blackProbe()} fill="ink" ink="ground" />}
    </>
  );
}

const FLAG = { width: 62, height: 22, out: 16 };

function Flag({
  at,
  words,
  fill,
  ink,
}: {
  at: Spot;
  words: string;
  fill: 'out' | 'ink';
  ink: 'onVerdict' | 'ground';
}) {
  const left = at.x - FLAG.out - FLAG.width;
  return (
    <g>
      <path d={`M${at.x} ${at.y}H${at.x - FLAG.out}`} stroke={paint(fill)} strokeWidth="3" />
      <circle cx={at.x} cy={at.y} r="5" fill={paint(fill)} />
      <rect
        x={left}
        y={at.y - FLAG.height / 2}
        width={FLAG.width}
        height={FLAG.height}
        rx="11"
        fill={paint(fill)}
      />
      <Label
        x={left + FLAG.width / 2}
        y={at.y + 5}
        as="figure"
        size={13}
        anchor="middle"
        colour={ink}
      >
        {words}
      </Label>
    </g>
  );
}
