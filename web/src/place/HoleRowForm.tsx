import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import { readLength } from '../api/queries';
import { useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { lengthsIn } from '../entry/typed';
import { Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

const PITCH = 56;

/** Which holes of a bracket to use for some lamps, so that they sit mirrored and clear. */
export function HoleRowForm() {
  const units = useUnits();
  const [count, setCount] = useState('5');
  const [pitch, setPitch] = useState('');
  const [widths, setWidths] = useState('');
  const [found, setFound] = useState<{ count: number; holes: number[] }>();
  return (
    <TypedForm
      words={placeWords.whichHoles()}
      onSend={async () => {
        const holes = Number(count);
        if (!Number.isInteger(holes) || holes < 1 || holes > 30) {
          throw new Error(placeWords.aBracketHas1To30());
        }
        const lamps = lengthsIn(widths);
        if (lamps.length === 0) {
          throw new Error(placeWords.enterHowWideEachLampIs());
        }
        const pitchMm = await readLength(pitch, units);
        const widthsMm = await Promise.all(lamps.map((one) => readLength(one, units)));
        const answer = await unwrap(
          api.POST('/api/calc/place/holes', { body: { holes, pitchMm, widthsMm } }),
        );
        setFound({ count: holes, holes: answer.holes });
      }}
    >
      <Pairs>
        <TextField label={placeWords.holesInTheRow()} value={count} set={setCount} maxLength={2} />
        <TextField
          label={placeWords.fromOneHoleToTheNext()}
          value={pitch}
          set={setPitch}
          maxLength={20}
        />
      </Pairs>
      <TextField
        label={placeWords.widthsOfTheLampsFromOne()}
        value={widths}
        set={setWidths}
        placeholder="90 / 90 / 90"
        maxLength={120}
      />
      {found && <HoleRow count={found.count} holes={found.holes} />}
      <Box color="quiet">{placeWords.aNumberStampedOnABracket()}</Box>
    </TypedForm>
  );
}

function HoleRow({ count, holes }: { count: number; holes: number[] }) {
  return (
    <Box role="status">
      <Box fontFamily="heading" fontWeight="600" fontSize="20px">
        {holes.length === 0
          ? placeWords.noHolesKeepTheseLampsMirrored()
          : `${holes.length === 1 ? placeWords.hole() : appWords.holes()} ${holes.join(', ')}`}
      </Box>
      <Box overflowX="auto">
        <svg width={count * PITCH} height="64" aria-hidden="true">
          <rect
            x="2"
            y="16"
            width={count * PITCH - 4}
            height="32"
            fill="none"
            stroke={paint('ink')}
          />
          {Array.from({ length: count }, (_, index) => {
            const on = holes.includes(index + 1);
            return (
              <g key={index} transform={`translate(${(index + 0.5) * PITCH} 32)`}>
                <circle
                  r="11"
                  fill={on ? paint('lampFill') : 'none'}
                  stroke={on ? paint('lampFill') : paint('quiet')}
                  strokeWidth="1.5"
                />
                <text
                  y="5"
                  textAnchor="middle"
                  fontSize="14"
                  fontFamily="Barlow Condensed"
                  fill={on ? paint('onLamp') : paint('ink')}
                >
                  {index + 1}
                </text>
              </g>
            );
          })}
        </svg>
      </Box>
    </Box>
  );
}
