import { useState } from 'react';
import type { LampFunction, LampPairEdit, SpotEdit, Units } from '../api/client';
import { useUnits } from '../ui/session';
import { faithfulLength } from '../entry/typed';
import { Choice, Pairs, TextField, YesNo } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { Heads, ONE_HEAD, readHeads, typedHeads, type TypedHead } from './Heads';
import { Holes, readHoles, typedHoles, type TypedHole } from './Holes';
import { readRecess, RecessFields, typedRecess, type TypedRecess } from './RecessFields';
import { readShape, ShapeFields, typedShape, type TypedShape } from './ShapeFields';
import { FUNCTIONS } from './words';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

interface Typed {
  function: LampFunction;
  name: string;
  heads: TypedHead[];
  housing: TypedShape | undefined;
  intensity: string;
  goesOut: boolean;
  upperBeam: boolean;
  referenceMark: string;
  turnCategory: NonNullable<LampPairEdit['turnCategory']> | '';
  recess: TypedRecess | undefined;
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

const MAIN_BEAMS: LampFunction[] = ['DIPPED', 'MAIN', 'DRIVING'];
const SEEN_FROM_ASIDE: LampFunction[] = ['DRL', 'FRONT_FOG', 'POSITION', 'TURN'];
const CATEGORIES = [
  ['', appWords.notReadAlone()],
  ['ONE', '1'],
  ['ONE_A', '1a'],
  ['ONE_B', '1b'],
] as const;

function typedOf(pair: LampPairEdit | undefined, first: LampFunction, units: Units): Typed {
  const fine = (mm: number) => faithfulLength(mm, units);
  return {
    function: pair?.function ?? first,
    name: pair?.name ?? '',
    heads: pair ? typedHeads(pair.heads, fine) : ONE_HEAD,
    housing: pair?.housing && typedShape(pair.housing, fine),
    intensity: pair?.intensityCd === undefined ? '' : String(pair.intensityCd),
    goesOut: pair?.goesOutWithTurnSignal ?? false,
    upperBeam: pair?.upperBeam ?? false,
    referenceMark: pair?.referenceMark === undefined ? '' : String(pair.referenceMark),
    turnCategory: pair?.turnCategory ?? '',
    recess: typedRecess(pair?.recess, fine),
    holes: typedHoles(pair?.holes ?? [], fine),
  };
}

/** A pair of lamps: what it is for, how large its lit surface is, and what is drilled for it. */
export function LampForm({
  pair,
  first,
  newId,
  measured,
  onDone,
  onRemove,
}: {
  pair: LampPairEdit | undefined;
  /** What a new one is most likely for. */
  first: LampFunction;
  newId: (name: string) => string;
  /** Where the low beams sit, as far as that was measured as the vehicle came. */
  measured?: { left: SpotEdit; right: SpotEdit };
  onDone: (pair: LampPairEdit) => void;
  onRemove: (() => void) | undefined;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState(() => typedOf(pair, first, units));
  const set = (change: Partial<Typed>) => setTyped((before) => ({ ...before, ...change }));
  return (
    <TypedForm
      words={pair ? placeWords.change() : placeWords.putItOnTheFront()}
      onSend={async () => onDone(await built(pair, typed, units, newId, measured))}
      others={onRemove && [{ words: placeWords.removeFromTheDrawing(), act: onRemove }]}
    >
      <Pairs>
        <Choice
          label={placeWords.whatItIsFor()}
          value={typed.function}
          set={(value) => set({ function: value })}
          options={FUNCTIONS}
        />
        <TextField
          label={appWords.called()}
          value={typed.name}
          set={(name) => set({ name })}
          maxLength={40}
          placeholder={FUNCTIONS.find(([one]) => one === typed.function)?.[1]}
        />
      </Pairs>
      <Heads heads={typed.heads} set={(heads) => set({ heads })} />
      <ShapeFields
        label={placeWords.housingBehindItAboutTheSame()}
        of={placeWords.theHousings()}
        none={placeWords.noLargerThanItsLitSurface()}
        value={typed.housing}
        set={(housing) => set({ housing })}
      />
      <Pairs>
        <TextField
          label={placeWords.intensityOnItsAxisCdFrom()}
          value={typed.intensity}
          set={(intensity) => set({ intensity })}
          maxLength={12}
        />
        {typed.function === 'DRL' && (
          <>
            <YesNo
              label={placeWords.goesOutWhileTheTurnSignal()}
              value={typed.goesOut}
              set={(goesOut) => set({ goesOut })}
            />
            <YesNo
              label={placeWords.itIsTheDimmedMainBeam()}
              value={typed.upperBeam}
              set={(upperBeam) => set({ upperBeam })}
            />
          </>
        )}
        {MAIN_BEAMS.includes(typed.function) && (
          <TextField
            label={placeWords.numberBesideItsApprovalMark12()}
            value={typed.referenceMark}
            set={(referenceMark) => set({ referenceMark })}
            maxLength={6}
            placeholder={typed.function === 'DIPPED' ? placeWords.noneLowBeamOnly() : ''}
          />
        )}
        {typed.function === 'TURN' && (
          <Choice
            label={placeWords.categoryOnItsLens()}
            value={typed.turnCategory}
            set={(turnCategory) => set({ turnCategory })}
            options={CATEGORIES}
          />
        )}
      </Pairs>
      {SEEN_FROM_ASIDE.includes(typed.function) && (
        <RecessFields value={typed.recess} set={(recess) => set({ recess })} />
      )}
      <Holes holes={typed.holes} set={(holes) => set({ holes })} />
    </TypedForm>
  );
}

/** The pair as typed; throws with a sentence where something cannot be read. */
async function built(
  pair: LampPairEdit | undefined,
  typed: Typed,
  units: Units,
  newId: (name: string) => string,
  measured: { left: SpotEdit; right: SpotEdit } | undefined,
): Promise<LampPairEdit> {
  const name = typed.name.trim() || (FUNCTIONS.find(([one]) => one === typed.function)?.[1] ?? '');
  const intensity = typed.intensity.trim().replace(',', '.');
  if (intensity && !(Number(intensity) >= 0)) {
    throw new Error(placeWords.theIntensityIsANumberOf());
  }
  const referenceMark = typed.referenceMark.trim().replace(',', '.');
  if (referenceMark && !(Number(referenceMark) >= 1 && Number(referenceMark) <= 100)) {
    throw new Error(placeWords.theNumberBesideTheApprovalMark());
  }
  const there = typed.function === 'DIPPED' ? measured : undefined;
  const start = { ...START[typed.function], headingDeg: 0 };
  return {
    id: pair?.id ?? newId(name),
    name,
    function: typed.function,
    heads: await readHeads(typed.heads, units),
    housing: typed.housing && (await readShape(typed.housing, units)),
    intensityCd: intensity ? Number(intensity) : undefined,
    goesOutWithTurnSignal: typed.function === 'DRL' && typed.goesOut,
    upperBeam: (typed.function === 'DRL' && typed.upperBeam) || undefined,
    referenceMark:
      MAIN_BEAMS.includes(typed.function) && referenceMark ? Number(referenceMark) : undefined,
    turnCategory: (typed.function === 'TURN' && typed.turnCategory) || undefined,
    recess:
      typed.recess && SEEN_FROM_ASIDE.includes(typed.function)
        ? await readRecess(typed.recess, units)
        : undefined,
    holes: await readHoles(typed.holes, units),
    left: pair?.left ?? there?.left ?? start,
    right: pair?.right ?? there?.right ?? start,
    guessed: pair ? pair.guessed : there ? ['HEADING'] : ['PLACE', 'HEADING'],
  };
}
