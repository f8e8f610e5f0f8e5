import { Box, Grid, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { Controls, SourceEdit } from '../api/client';
import { ActButton, BareButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { MeterLive } from '../meter/MeterLive';
import { Pairs, TextField } from '../settings/fields';
import { FormFoot } from '../settings/FormFoot';
import { KEYS, LIGHTS } from '../circuit/words';
import { feedWords } from '../words/page/feed';

/** A number as people type it; NaN for none. */
export function typedNumber(text: string): number {
  return text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'));
}

const FLASHES = 'flashes';

/** A reading of a meter, or what a test light showed: "lit" is the battery's own voltage. */
export function typedProbe(text: string, supplyVolts: number): number {
  switch (text.trim().toLowerCase()) {
    case 'lit':
    case FLASHES:
      return supplyVolts;
    case 'dark':
      return 0;
    default:
      return typedNumber(text);
  }
}

type Cells = Record<string, string>;

const cell = (key: Controls['key'], lights: Controls['lights']) => `${key} ${lights}`;

/** Each cell of the grid, row after row. */
const CELLS = KEYS.flatMap(([key, words]) =>
  LIGHTS.map(([lights, light]) => ({
    id: cell(key, lights),
    label: feedWords.keyWordsLightsLight({ words, light }),
  })),
);

/** A wire's readings: a grid of key against lights, filled in as far as one has got. */
export function ProbeForm({
  wire,
  onDone,
  onRemove,
}: {
  wire: SourceEdit;
  onDone: (wire: SourceEdit) => void;
  onRemove?: () => void;
}) {
  const [place, setPlace] = useState(wire.place);
  const [colour, setColour] = useState(wire.colour);
  const [ground, setGround] = useState(wire.ground);
  const [supply, setSupply] = useState(String(wire.supplyVolts));
  const [cells, setCells] = useState<Cells>(() =>
    Object.fromEntries(
      wire.readings.map((one) => [
        cell(one.key, one.lights),
        one.flashes ? FLASHES : String(one.volts),
      ]),
    ),
  );
  const [problem, setProblem] = useState<string>();
  // the meter fills the cell that one stands in, then the next, as the controls are moved on
  const [at, setAt] = useState(0);
  const fill = (volts: number) => {
    const next = CELLS[at];
    if (next) {
      setCells((before) => ({ ...before, [next.id]: String(volts) }));
      setAt(Math.min(at + 1, CELLS.length - 1));
    }
  };
  const submit = () => {
    const wrong = Object.values(cells).find(
      (text) => text.trim() !== '' && Number.isNaN(typedProbe(text, 1)),
    );
    if (wrong !== undefined) {
      setProblem(feedWords.wrongIsNeitherANumberOf({ wrong }));
    } else if (!place.trim() || !ground.trim()) {
      setProblem(feedWords.enterWhereTheWireIsAnd());
    } else if (!(typedNumber(supply) > 0)) {
      setProblem(feedWords.enterTheBatteryVoltageForExample());
    } else {
      onDone({
        ...wire,
        place: place.trim(),
        colour: colour.trim(),
        ground: ground.trim(),
        supplyVolts: typedNumber(supply),
        readings: KEYS.flatMap(([key]) =>
          LIGHTS.flatMap(([lights]) => {
            const text = cells[cell(key, lights)] ?? '';
            const volts = typedProbe(text, typedNumber(supply));
            const flashes = text.trim().toLowerCase() === FLASHES;
            return Number.isNaN(volts) ? [] : [{ key, lights, volts, ...(flashes && { flashes }) }];
          }),
        ),
      });
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <Pairs>
        <TextField label={feedWords.connectorAndCavity()} value={place} set={setPlace} />
        <TextField label={feedWords.colour()} value={colour} set={setColour} maxLength={40} />
        <TextField label={feedWords.probedAgainst()} value={ground} set={setGround} />
        <TextField
          label={feedWords.batteryVoltageV()}
          value={supply}
          set={setSupply}
          maxLength={6}
        />
      </Pairs>
      <MeterLive what="VOLTS" keep={fill} into={CELLS[at]?.label} />
      <Box color="quiet" pt="10px" pb="4px">
        {feedWords.voltsOrLitDarkAndFlashes()}
      </Box>
      <Grid templateColumns={`64px repeat(${LIGHTS.length}, minmax(0, 1fr))`} gap="4px">
        <Box />
        {LIGHTS.map(([lights, words]) => (
          <Box key={lights} textAlign="center" fontFamily="heading" fontWeight="600">
            {words}
          </Box>
        ))}
        {KEYS.map(([key, words], row) => (
          <Row
            key={key}
            words={words}
            cells={CELLS.slice(row * LIGHTS.length, (row + 1) * LIGHTS.length)}
            values={cells}
            set={(id, value) => setCells((before) => ({ ...before, [id]: value }))}
            stand={(id) => setAt(CELLS.findIndex((one) => one.id === id))}
          />
        ))}
      </Grid>
      <FormFoot>
        <ActButton type="submit">{feedWords.saveTheReadings()}</ActButton>
        {onRemove && (
          <BareButton type="button" onClick={onRemove}>
            {feedWords.removeThisWire()}
          </BareButton>
        )}
        <Refusal words={problem} />
      </FormFoot>
    </form>
  );
}

function Row({
  words,
  cells,
  values,
  set,
  stand,
}: {
  words: string;
  cells: { id: string; label: string }[];
  values: Cells;
  set: (id: string, value: string) => void;
  stand: (id: string) => void;
}) {
  return (
    <>
      <Box alignSelf="center" fontFamily="heading" fontWeight="600">
        {words}
      </Box>
      {cells.map(({ id, label }) => (
        <Input
          key={id}
          h="48px"
          px="6px"
          textAlign="center"
          inputMode="decimal"
          aria-label={label}
          autoComplete="off"
          maxLength={6}
          value={values[id] ?? ''}
          onFocus={() => stand(id)}
          onChange={(event) => set(id, event.target.value)}
        />
      ))}
    </>
  );
}
