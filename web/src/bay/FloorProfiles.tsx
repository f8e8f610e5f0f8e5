import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Floor } from '../api/client';
import { figureText, sizeOf, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { useWidth } from '../drawing/useSize';
import { appWords } from '../words/page/app';
import { bayWords } from '../words/page/bay';
import { sideWord } from '../words/terms';

const HEIGHT = 92;

/** The floor along each side, heights exaggerated: the tyres' plane, carried on to the wall. */
export function FloorProfiles({ floor }: { floor: Floor }) {
  const { plan } = floor;
  if (!plan || floor.profiles.length === 0) {
    return (
      <Box py="10px" color="quiet">
        {bayWords.enterTheDistancesAndTheFloors()}
      </Box>
    );
  }
  const all = floor.profiles.flatMap((one) => [
    one.planeAtWall.value,
    one.planeAtFront.value,
    one.planeAtRear.value,
    one.foot.value,
  ]);
  const lowest = Math.min(...all, -1);
  const highest = Math.max(...all, 1);
  return (
    <>
      {floor.profiles.map((profile) => (
        <Profile
          key={profile.side}
          profile={profile}
          plan={plan}
          lowest={lowest}
          highest={highest}
        />
      ))}
    </>
  );
}

function Profile({
  profile,
  plan,
  lowest,
  highest,
}: {
  profile: Floor['profiles'][number];
  plan: NonNullable<Floor['plan']>;
  lowest: number;
  highest: number;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const front = plan.frontTyresToWall.value;
  const rear = front + plan.wheelbase.value;
  const x = (fromWall: number) => 20 + (fromWall / rear) * (width - 50);
  const scaleY = (HEIGHT - 42) / (highest - lowest);
  const y = (mm: number) => 24 + (highest - mm) * scaleY;
  const times = Math.round(scaleY / ((width - 50) / rear));
  const side = sideWord(profile.side);
  const down = profile.correction.value < 0;
  return (
    <Box ref={box} mb="14px">
      <Box fontSize="14px" lineHeight="1.25" color="quiet">
        {bayWords.alongTheSideSideHeightsExaggerated({ side, times })}
      </Box>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={bayWords.floorOnTheSideTheMark({
          side,
          correction: figureText(profile.correction, units),
        })}
      >
        <line
          x1={x(0)}
          x2={x(rear)}
          y1={y(0)}
          y2={y(0)}
          stroke={paint('rule')}
          strokeDasharray="3 5"
        />
        <path
          d={`M${x(rear)} ${y(profile.planeAtRear.value)}L${x(0)} ${y(profile.planeAtWall.value)}`}
          stroke={paint('lamp')}
          strokeWidth="2.4"
        />
        <path
          d={`M${x(0)} ${y(profile.foot.value)}L${x(front)} ${y(profile.planeAtFront.value)}L${x(rear)} ${y(profile.planeAtRear.value)}`}
          stroke={paint('ink')}
          strokeWidth="1.6"
          fill="none"
        />
        <line x1={x(0)} x2={x(0)} y1="6" y2={HEIGHT} stroke={paint('ink')} strokeWidth="2" />
        <rect
          x={x(0) - 5}
          y={y(profile.foot.value) - 5}
          width="10"
          height="10"
          fill={paint('tape')}
          stroke={paint('tapeInk')}
        />
        {[front, rear].map((at, index) => (
          <circle
            key={index}
            cx={x(at)}
            cy={y(index === 0 ? profile.planeAtFront.value : profile.planeAtRear.value) - 9}
            r="9"
            fill="none"
            stroke={paint('ink')}
            strokeWidth="1.6"
          />
        ))}
      </svg>
      <Box pl="32px" fontFamily="heading" fontSize="15px" fontWeight="600" lineHeight="1.25">
        {bayWords.markMovesValue2Uncertainty({
          value: figureText(sizeOf(profile.correction), units),
          value2: down ? appWords.down() : appWords.up(),
          uncertainty: figureText(profile.uncertainty, units),
        })}
      </Box>
    </Box>
  );
}
