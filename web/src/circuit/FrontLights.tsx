import type { SolvedFeed } from '../api/client';
import { paint } from '../ui/theme';
import { Label } from '../drawing/Label';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

/** Where lamps of a function sit on a plain front: out from the middle and up, and how large. */
const PLACES: Record<string, { out: number; up: number; radius: number; words: string }> = {
  MAIN: { out: 74, up: 62, radius: 9, words: feedWords.main() },
  DIPPED: { out: 98, up: 62, radius: 11, words: feedWords.low() },
  POSITION: { out: 118, up: 62, radius: 5, words: appWords.position() },
  TURN: { out: 132, up: 60, radius: 6, words: feedWords.turnSmall() },
  DRL: { out: 92, up: 38, radius: 7, words: feedWords.running() },
  FRONT_FOG: { out: 104, up: 22, radius: 9, words: appWords.fog() },
  DRIVING: { out: 34, up: 40, radius: 9, words: appWords.driving() },
  SIDE_MARKER: { out: 142, up: 40, radius: 5, words: feedWords.marker() },
};

const WIDTH = 360;
const HEIGHT = 118;
const FLOOR = 100;

/** The vehicle's front, seen standing before it: its lamps as bright as they are solved. */
export function FrontLights({
  solved,
  busy = true,
}: {
  solved: SolvedFeed | undefined;
  /** Whether what is not solved yet is being worked out. */
  busy?: boolean;
}) {
  const lamps = (solved?.parts ?? []).flatMap((part) => (part.lamp ? [part.lamp] : []));
  const brightest = new Map<string, number>();
  for (const lamp of lamps) {
    const key = `${lamp.function} ${lamp.side}`;
    brightest.set(key, Math.max(brightest.get(key) ?? 0, lamp.light.value));
  }
  const lit = [...brightest.entries()].filter(([, light]) => light >= 1).length;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-busy={!solved && busy}
      aria-label={
        solved
          ? feedWords.theFrontSeenStandingBeforeIt({ lit: appWords.countLamps({ count: lit }) })
          : feedWords.theFrontIsNotWorkedOut()
      }
    >
      <g fill="none" stroke={paint('rule')} strokeWidth="1.5">
        <path d="M30 96V58q2 -20 26 -26l40 -22h168l40 22q24 6 26 26v38z" fill={paint('plaster')} />
        <path d="M108 30h144l-10 -16h-124z" />
        <line x1="0" x2={WIDTH} y1={FLOOR} y2={FLOOR} />
      </g>
      {[...brightest.entries()].map(([key, light]) => {
        const [of = '', side] = key.split(' ');
        const place = PLACES[of];
        if (!place) {
          return null;
        }
        // the vehicle's left stands at the right of who looks at it
        const x = WIDTH / 2 + (side === 'LEFT' ? place.out : -place.out);
        const y = FLOOR - place.up + 8;
        const strength = Math.min(1, light / 100);
        return (
          <g key={key}>
            <circle
              cx={x}
              cy={y}
              r={place.radius * 2.2}
              fill={paint('lamp')}
              opacity={0.28 * strength}
            />
            <circle
              cx={x}
              cy={y}
              r={place.radius}
              fill={strength > 0.01 ? paint('lampFill') : paint('ground')}
              fillOpacity={strength > 0.01 ? 0.25 + 0.75 * strength : 1}
              stroke={paint('ink')}
            />
          </g>
        );
      })}
      <Label x={4} y={FLOOR + 14} as="scale" size={13} colour="quiet">
        {feedWords.right()}
      </Label>
      <Label x={WIDTH - 4} y={FLOOR + 14} as="scale" size={13} colour="quiet" anchor="end">
        {feedWords.left()}
      </Label>
      <Label x={WIDTH / 2} y={FLOOR + 14} as="scale" size={13} colour="quiet" anchor="middle">
        {appWords.seenStandingBeforeIt()}
      </Label>
    </svg>
  );
}
