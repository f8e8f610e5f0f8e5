import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { LampFunction, LampPairEdit, ShapeEdit, Units } from '../app/api/client';
import { readLength } from '../app/api/queries';
import { PlainButton } from '../app/buttons';
import { useUnits } from '../app/session';
import { typedLength } from '../entry/typed';
import { Choice, Pairs, TextField, YesNo } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { Corners, readCorners, typedCorners } from './Corners';
import { FUNCTIONS } from './words';

/** A hole as typed. */
interface TypedHole {
  out: string;
  up: string;
  pilot: string;
  final: string;
}

interface Typed {
  function: LampFunction;
  name: string;
  form: ShapeEdit['form'];
  width: string;
  height: string;
  corners: string;
  intensity: string;
  goesOut: boolean;
  holes: TypedHole[];
}

const START: Record<LampFunction, { outMm: number; heightMm: number }> = {
  DIPPED: { outMm: 620, heightMm: 680 },
  MAIN: { outMm: 480, heightMm: 680 },
  FRONT_FOG: { outMm: 600, heightMm: 380 },
  DRL: { outMm: 560, heightMm: 480 },
  POSITION: { outMm: 660, heightMm: 700 },
  TURN: { outMm: 740, heightMm: 640 },
  SIDE_MARKER: { outMm: 800, heightMm: 620 },
  DRIVING: { outMm: 350, heightMm: 900 },
};

function typedOf(pair: LampPairEdit | undefined, units: Units): Typed {
  const lit = pair?.heads[0]?.lit;
  const fine = (mm: number) =>
    units === 'METRIC' ? String(Math.round(mm * 10) / 10) : typedLength(mm, units);
  return {
    function: pair?.function ?? 'DRL',
    name: pair?.name ?? '',
    form: lit?.form ?? 'ELLIPSE',
    width: lit?.widthMm ? fine(lit.widthMm) : '',
    height: lit?.heightMm ? fine(lit.heightMm) : '',
    corners: typedCorners(lit?.corners ?? [], fine),
    intensity: pair?.intensityCd === undefined ? '' : String(pair.intensityCd),
    goesOut: pair?.goesOutWithTurnSignal ?? false,
    holes: (pair?.holes ?? []).map((hole) => ({
      out: fine(hole.outMm),
      up: fine(hole.upMm),
      pilot: fine(hole.pilotMm),
      final: fine(hole.finalMm),
    })),
  };
}

/** A pair of lamps: what it is for, how large its lit surface is, and what is drilled for it. */
export function LampForm({
  pair,
  newId,
  onDone,
  onRemove,
}: {
  pair: LampPairEdit | undefined;
  newId: (name: string) => string;
  onDone: (pair: LampPairEdit) => void;
  onRemove: (() => void) | undefined;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState(() => typedOf(pair, units));
  const set = (change: Partial<Typed>) => setTyped((before) => ({ ...before, ...change }));
  const several = (pair?.heads ?? []).length > 1;
  return (
    <TypedForm
      words={pair ? 'Change' : 'Put it on the front'}
      onSend={async () => onDone(await built(pair, typed, units, newId))}
      more={
        onRemove && (
          <PlainButton type="button" onClick={onRemove}>
            Take it off the drawing
          </PlainButton>
        )
      }
    >
      <Pairs>
        <Choice
          label="What it is for"
          value={typed.function}
          set={(value) => set({ function: value })}
          options={FUNCTIONS}
        />
        <TextField
          label="Called"
          value={typed.name}
          set={(name) => set({ name })}
          maxLength={40}
          placeholder={FUNCTIONS.find(([one]) => one === typed.function)?.[1]}
        />
      </Pairs>
      {several ? (
        <Box color="quiet">Its lit surface has several parts and stays as it is.</Box>
      ) : (
        <>
          <Choice
            label="Lit surface"
            value={typed.form}
            set={(form) => set({ form })}
            options={[
              ['ELLIPSE', 'round or oval'],
              ['RECTANGLE', 'rectangular'],
              ['POLYGON', 'its own outline, by corners'],
            ]}
          />
          {typed.form === 'POLYGON' ? (
            <Corners
              label="Corners, one a line: outwards / upwards from the lamp’s middle"
              placeholder={'-60 / -15\n60 / -25\n60 / 25\n-60 / 15'}
              value={typed.corners}
              set={(corners) => set({ corners })}
            />
          ) : (
            <Pairs>
              <TextField
                label="Its width"
                value={typed.width}
                set={(width) => set({ width })}
                maxLength={30}
              />
              <TextField
                label="Its height (as wide where left out)"
                value={typed.height}
                set={(height) => set({ height })}
                maxLength={30}
              />
            </Pairs>
          )}
        </>
      )}
      <Pairs>
        <TextField
          label="Intensity on its axis, cd (from the data sheet)"
          value={typed.intensity}
          set={(intensity) => set({ intensity })}
          maxLength={12}
        />
        <YesNo
          label="Goes out while the turn signal flashes"
          value={typed.goesOut}
          set={(goesOut) => set({ goesOut })}
        />
      </Pairs>
      <Holes holes={typed.holes} set={(holes) => set({ holes })} />
    </TypedForm>
  );
}

function Holes({ holes, set }: { holes: TypedHole[]; set: (holes: TypedHole[]) => void }) {
  const change = (index: number, part: Partial<TypedHole>) =>
    set(holes.map((hole, i) => (i === index ? { ...hole, ...part } : hole)));
  return (
    <Box>
      <Box color="quiet">
        Holes to drill, from the lamp’s middle: outwards, upwards, first drill (0 for none), hole
      </Box>
      {holes.map((hole, index) => (
        <Flex key={index} gap="8px" align="end" mt="6px">
          <TextField label="out" value={hole.out} set={(out) => change(index, { out })} />
          <TextField label="up" value={hole.up} set={(up) => change(index, { up })} />
          <TextField label="first" value={hole.pilot} set={(pilot) => change(index, { pilot })} />
          <TextField label="hole" value={hole.final} set={(final) => change(index, { final })} />
          <PlainButton
            type="button"
            aria-label={`Remove hole ${index + 1}`}
            onClick={() => set(holes.filter((_, i) => i !== index))}
          >
            Remove
          </PlainButton>
        </Flex>
      ))}
      <PlainButton
        type="button"
        mt="8px"
        onClick={() => set([...holes, { out: '0', up: '0', pilot: '3', final: '' }])}
      >
        Add a hole
      </PlainButton>
    </Box>
  );
}

/** The pair as typed; throws with a sentence where something cannot be read. */
async function built(
  pair: LampPairEdit | undefined,
  typed: Typed,
  units: Units,
  newId: (name: string) => string,
): Promise<LampPairEdit> {
  const name = typed.name.trim() || (FUNCTIONS.find(([one]) => one === typed.function)?.[1] ?? '');
  const intensity = typed.intensity.trim().replace(',', '.');
  if (intensity && !(Number(intensity) >= 0)) {
    throw new Error('The intensity is a number of candela, such as 800.');
  }
  const holes = [];
  for (const hole of typed.holes) {
    holes.push({
      outMm: await readLength(hole.out, units),
      upMm: await readLength(hole.up, units),
      pilotMm: await readLength(hole.pilot || '0', units),
      finalMm: await readLength(hole.final, units),
    });
  }
  const start = { ...START[typed.function], headingDeg: 0 };
  return {
    id: pair?.id ?? newId(name),
    name,
    function: typed.function,
    heads:
      pair && pair.heads.length > 1
        ? pair.heads
        : [{ lit: await readSurface(typed, units), outMm: 0, upMm: 0 }],
    housing: pair?.housing,
    intensityCd: intensity ? Number(intensity) : undefined,
    goesOutWithTurnSignal: typed.goesOut,
    holes,
    left: pair?.left ?? start,
    right: pair?.right ?? start,
  };
}

async function readSurface({ form, width, height, corners }: Typed, units: Units) {
  if (form === 'POLYGON') {
    return { form, corners: await readCorners(corners, units) };
  }
  const widthMm = await readLength(width, units);
  return { form, widthMm, heightMm: height.trim() ? await readLength(height, units) : widthMm };
}
