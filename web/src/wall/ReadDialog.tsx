import { Box, Dialog, Flex, Input, NativeSelect } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import type { Adjuster, JobPage, LampKind, Side } from '../api/client';
import { useReadings } from '../kept/useReadings';
import { ActButton, PlainButton } from '../ui/buttons';
import { useUnits } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { typedTurns } from '../entry/typed';
import { SentenceText } from '../finding/SentenceText';
import { reading } from '../kept/readings';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';
import { KINDS } from './kinds';

export interface ReadTask {
  lamp: LampKind;
  side: Side;
  turned: boolean;
}

/** Which lamp is read, and whether a screw was turned before. */
export function ReadDialog({
  page,
  task,
  close,
}: {
  page: JobPage;
  task: ReadTask | undefined;
  close: () => void;
}) {
  return (
    <DialogFrame
      open={task !== undefined}
      close={close}
      size="md"
      initialFocusEl={() => document.querySelector<HTMLElement>('[data-first]')}
    >
      {task && <ReadForm page={page} task={task} close={close} />}
    </DialogFrame>
  );
}

const AXIS_WORD = {
  VERTICAL: appWords.vertical(),
  HORIZONTAL: appWords.horizontal(),
  TO_BE_TRIED: wallWords.untried(),
} as const;

function ReadForm({ page, task, close }: { page: JobPage; task: ReadTask; close: () => void }) {
  const units = useUnits();
  const { keep } = useReadings('job', page.job.id);
  const pair = page.sheet.pairs.find((one) => one.kind === task.lamp);
  const lamp = task.side === 'LEFT' ? pair?.left : pair?.right;
  const screws = page.adjusters.filter((one) => one.side === task.side && one.lamp === task.lamp);
  const advised = lamp?.correction;
  const [screw, setScrew] = useState(advised?.adjusterId ?? screws[0]?.id ?? '');
  const [turns, setTurns] = useState(
    advised?.turns ? typedTurns(advised.turns.value) : '1/2 clockwise',
  );
  const [below, setBelow] = useState('');
  const [step, setStep] = useState('');
  const [rise, setRise] = useState('');
  const [run, setRun] = useState('');
  const [laden, setLaden] = useState('');
  const [turned, setTurned] = useState(task.turned);
  // One id for each reading of this form: storing it again after a failure adds nothing twice.
  const [ids] = useState(() => Array.from({ length: 6 }, () => uuidv7()));
  const side = sideWord(task.side);
  const of = { lamp: task.lamp, side: task.side } as const;

  const rolled = rise.trim() && run.trim();
  const readings = [
    { id: ids[0], thing: { kind: 'TURN', adjusterId: screw }, typed: turned ? turns : '' },
    { id: ids[1], thing: { kind: 'CUTOFF_BELOW' }, typed: below },
    { id: ids[2], thing: { kind: 'STEP_LEFT' }, typed: step },
    { id: ids[5], thing: { kind: 'CUTOFF_LADEN' }, typed: laden },
    { id: ids[3], thing: { kind: 'ROLL_RUN' }, typed: rolled ? run : '' },
    { id: ids[4], thing: { kind: 'ROLL_RISE' }, typed: rolled ? rise : '' },
  ] as const;

  const store = useMutation({
    mutationFn: async () => {
      for (const { id, thing, typed } of readings) {
        if (typed.trim()) {
          await keep({ id, edit: reading({ ...of, ...thing }, typed, units) });
        }
      }
    },
    onSuccess: close,
  });

  const unit = units === 'METRIC' ? 'mm' : 'in';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate();
      }}
    >
      <DialogTitle>
        {side === 'left' ? appWords.leftTitle() : appWords.rightTitle()}{' '}
        {wallWords.lampTheOtherOneCovered({ lamp: KINDS[task.lamp].lamp })}
      </DialogTitle>
      <Dialog.Body display="flex" flexDirection="column" gap="14px">
        {advised && turned && (
          <Box color="lamp" fontWeight="600">
            <SentenceText sentence={advised.says} />
          </Box>
        )}
        {turned ? (
          <TurnFields
            screws={screws}
            screw={screw}
            setScrew={setScrew}
            turns={turns}
            setTurns={setTurns}
          />
        ) : (
          <PlainButton type="button" alignSelf="flex-start" onClick={() => setTurned(true)}>
            {wallWords.anAdjusterWasTurnedBefore()}
          </PlainButton>
        )}
        <Box>
          <Label>
            {task.lamp === 'DRIVING' ? wallWords.centreOfTheBrightSpot() : wallWords.cutoff()}{' '}
            {wallWords.belowTheLampHeightLineAbove()}
          </Label>
          <Field label={wallWords.cutoffBelow()} unit={unit} value={below} set={setBelow} focus />
        </Box>
        <Box as="details">
          <Box as="summary" cursor="pointer" minH="48px" display="flex" alignItems="center">
            {wallWords.alsoLateralStepRoll()}
            {task.lamp === 'DIPPED' && wallWords.laden()}
          </Box>
          <Label>{wallWords.stepToTheLeftOfStraight()}</Label>
          <Field label={wallWords.stepToTheLeft()} unit={unit} value={step} set={setStep} />
          <Label>{wallWords.rollTheFlatPartsLeftEnd()}</Label>
          <Flex gap="8px">
            <Field label={wallWords.leftEndHigher()} unit={unit} value={rise} set={setRise} />
            <Field label={wallWords.overAWidthOf()} unit={unit} value={run} set={setRun} />
          </Flex>
          {task.lamp === 'DIPPED' && (
            <>
              <Label>{wallWords.withTheLoadInAndThe()}</Label>
              <Field
                label={wallWords.cutoffBelowLaden()}
                unit={unit}
                value={laden}
                set={setLaden}
              />
            </>
          )}
        </Box>
        <Refusal words={store.error?.message} />
      </Dialog.Body>
      <Dialog.Footer>
        <ActButton
          type="submit"
          disabled={store.isPending || (!below.trim() && !laden.trim() && !turned)}
        >
          {appWords.save()}
        </ActButton>
      </Dialog.Footer>
    </form>
  );
}

/** Which adjuster was turned, and how far. */
function TurnFields({
  screws,
  screw,
  setScrew,
  turns,
  setTurns,
}: {
  screws: Adjuster[];
  screw: string;
  setScrew: (id: string) => void;
  turns: string;
  setTurns: (typed: string) => void;
}) {
  const chosen = screws.find((one) => one.id === screw);
  return (
    <Box>
      <Label>{wallWords.whichAdjusterAndHowFarIt()}</Label>
      <Flex gap="8px" wrap="wrap">
        <NativeSelect.Root w="150px">
          <NativeSelect.Field
            aria-label={wallWords.adjuster()}
            h="48px"
            value={screw}
            onChange={(event) => setScrew(event.target.value)}
          >
            {screws.map((one) => (
              <option key={one.id} value={one.id}>
                {AXIS_WORD[one.axis]}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <Input
          aria-label={wallWords.turned()}
          h="48px"
          flex="1"
          minW="160px"
          value={turns}
          onChange={(event) => setTurns(event.target.value)}
        />
        <PlainButton type="button" onClick={() => setTurns(otherWay(turns))}>
          {wallWords.otherWay()}
        </PlainButton>
      </Flex>
      {chosen?.place && (
        <Box color="quiet" mt="4px">
          {chosen.place}, {chosen.drive}
        </Box>
      )}
    </Box>
  );
}

/** A turn as it was typed, the other way round. */
function otherWay(typed: string): string {
  if (/anticlockwise/.test(typed)) {
    return typed.replace('anticlockwise', 'clockwise');
  }
  return /clockwise/.test(typed)
    ? typed.replace('clockwise', 'anticlockwise')
    : `${typed} anticlockwise`;
}

function Label({ children }: { children: React.ReactNode }) {
  return (
    <Box color="quiet" fontSize="15px" mb="4px" mt="4px">
      {children}
    </Box>
  );
}

function Field({
  label,
  unit,
  value,
  set,
  focus = false,
}: {
  label: string;
  unit: string;
  value: string;
  set: (typed: string) => void;
  focus?: boolean;
}) {
  return (
    <Flex align="center" gap="8px">
      <Input
        aria-label={label}
        h="52px"
        w="150px"
        fontFamily="heading"
        fontSize="22px"
        fontWeight="600"
        autoComplete="off"
        data-first={focus || undefined}
        value={value}
        onChange={(event) => set(event.target.value)}
      />
      <Box color="quiet">{unit}</Box>
    </Flex>
  );
}
