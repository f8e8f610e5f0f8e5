import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FrontEdit, KeepOutEdit } from '../api/client';
import { readLength } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { useUnits } from '../ui/session';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { freeId } from '../vehicle/shapes';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';
import { Corners, readCorners } from './Corners';

const NOTHING = {
  name: '',
  side: 'LEFT' as 'LEFT' | 'RIGHT' | 'MIDDLE',
  out: '',
  height: '',
  width: '',
  tall: '',
  clearance: '',
  form: 'BOX' as 'BOX' | 'CORNERS',
  corners: '',
};

/** What lamps have to stay clear of: a box around it, and how far away. */
export function KeepOutForm({
  front,
  onChange,
}: {
  front: FrontEdit;
  onChange: (keepOuts: KeepOutEdit[]) => void;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState(NOTHING);
  const set = (change: Partial<typeof NOTHING>) => setTyped((before) => ({ ...before, ...change }));
  const add = async () => {
    const name = typed.name.trim();
    if (!name) {
      throw new Error(placeWords.enterWhatItIsATow());
    }
    const clearanceMm = typed.clearance.trim() ? await readLength(typed.clearance, units) : 0;
    const corners =
      typed.form === 'BOX' ? await boxCorners() : await readCorners(typed.corners, units);
    onChange([
      ...front.keepOuts,
      { id: freeId(front, name), name, outline: { form: 'POLYGON', corners }, clearanceMm },
    ]);
    setTyped(NOTHING);
  };
  const boxCorners = async () => {
    const sign = { LEFT: 1, RIGHT: -1, MIDDLE: 0 }[typed.side];
    const middle = sign === 0 ? 0 : sign * (await readLength(typed.out, units));
    const height = await readLength(typed.height, units);
    const half = (await readLength(typed.width, units)) / 2;
    const tall = (await readLength(typed.tall || typed.width, units)) / 2;
    const corner = (x: number, y: number) => ({
      outMm: middle + x * half,
      upMm: height + y * tall,
    });
    return [corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)];
  };
  return (
    <TypedForm words={appWords.addIt()} onSend={add}>
      <Box>
        {front.keepOuts.map((keepOut) => (
          <Flex
            key={keepOut.id}
            align="center"
            justify="space-between"
            borderBottomWidth="1px"
            borderColor="hairline"
            py="4px"
          >
            <Box fontSize="17px">{keepOut.name}</Box>
            <PlainButton
              type="button"
              aria-label={placeWords.removeName({ name: keepOut.name })}
              onClick={() => onChange(front.keepOuts.filter((one) => one.id !== keepOut.id))}
            >
              {placeWords.remove()}
            </PlainButton>
          </Flex>
        ))}
      </Box>
      <Pairs>
        <TextField
          label={placeWords.whatIsInTheWay()}
          value={typed.name}
          set={(name) => set({ name })}
          maxLength={40}
          placeholder={placeWords.towEye()}
        />
        <Choice
          label={placeWords.drawnAs()}
          value={typed.form}
          set={(form) => set({ form })}
          options={[
            ['BOX', placeWords.aBoxAroundIt()],
            ['CORNERS', placeWords.itsOwnOutlineByCorners()],
          ]}
        />
        {typed.form === 'BOX' && <BoxFields typed={typed} set={set} />}
        <TextField
          label={placeWords.keepClearBy()}
          value={typed.clearance}
          set={(clearance) => set({ clearance })}
        />
      </Pairs>
      {typed.form === 'CORNERS' && (
        <Corners
          label={placeWords.cornersOneALineOutFrom()}
          placeholder={'300 / 410\n360 / 410\n330 / 470'}
          value={typed.corners}
          set={(corners) => set({ corners })}
        />
      )}
    </TypedForm>
  );
}

/** A box by its centre, its width and its height. */
function BoxFields({
  typed,
  set,
}: {
  typed: typeof NOTHING;
  set: (change: Partial<typeof NOTHING>) => void;
}) {
  return (
    <>
      <Choice
        label={placeWords.side()}
        value={typed.side}
        set={(side) => set({ side })}
        options={[
          ['LEFT', appWords.left()],
          ['RIGHT', appWords.right()],
          ['MIDDLE', appWords.onTheCentreLine()],
        ]}
      />
      {typed.side !== 'MIDDLE' && (
        <TextField
          label={placeWords.itsCentreFromTheCentreLine()}
          value={typed.out}
          set={(out) => set({ out })}
        />
      )}
      <TextField
        label={placeWords.itsCentreAboveTheGround()}
        value={typed.height}
        set={(height) => set({ height })}
      />
      <TextField
        label={placeWords.itsWidth()}
        value={typed.width}
        set={(width) => set({ width })}
      />
      <TextField
        label={placeWords.itsHeightAsWideWhereLeft()}
        value={typed.tall}
        set={(tall) => set({ tall })}
      />
    </>
  );
}
