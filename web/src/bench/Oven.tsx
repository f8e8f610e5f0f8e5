import { Box, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { EntryEdit, WorkshopPage as Page } from '../api/client';
import { ActButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { Refusal } from '../ui/Refusal';
import { Choice, TextField } from '../settings/fields';
import { CureForm } from '../workshop/CureForm';
import { OneOf } from '../workshop/OneOf';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { sideWord } from '../words/terms';

type Bake = NonNullable<EntryEdit['bake']>;
type Inside = Bake['notInside'][number];

const INSIDE: readonly (readonly [Inside, string])[] = [
  ['BULBS', workshopWords.noBulbs()],
  ['BALLASTS', workshopWords.noBallastOrDriver()],
  ['TAPES', workshopWords.noTapeOrFilm()],
  ['WIRES', workshopWords.noLooseWiresOrPlugs()],
  ['SCREWS', workshopWords.noScrewOrClipHoldsThe()],
];

/** Into the oven, coolest school first; cures by their labels; any other timer. */
export function Oven({ page, write }: { page: Page; write: Write }) {
  return (
    <>
      <BakeForm page={page} write={write} />
      <Closing page={page} write={write} />
      <CureForm write={write} />
      <Schools page={page} />
    </>
  );
}

/** What closes the lens: butyl holds at once, a sealant holds back what follows until it has cured. */
function Closing({ page, write }: { page: Page; write: Write }) {
  return (
    <Flex gap="8px" align="center" wrap="wrap" pt="14px">
      <Box color="quiet">{workshopWords.theLensIsClosedWith()}</Box>
      <OneOf
        which="RESEAL"
        label={workshopWords.closedWith()}
        options={[
          ['SEALANT', workshopWords.sealant()],
          ['BUTYL', workshopWords.butyl()],
        ]}
        value={page.bench.choices.RESEAL ?? 'SEALANT'}
        keep={write}
      />
    </Flex>
  );
}

function BakeForm({ page, write }: { page: Page; write: Write }) {
  const [side, setSide] = useState<Bake['side']>('LEFT');
  const [chosen, setPurpose] = useState<Bake['purpose']>();
  const opened = page.stages.some((stage) =>
    stage.steps.some(
      (step) => step.id === 'bench.open' && step.side === side && step.state === 'DONE',
    ),
  );
  const purpose = chosen ?? (opened ? 'RESEAL' : 'OPEN');
  const advice = page.bench.oven.find((one) => one.side === side && one.purpose === purpose);
  const [temperature, setTemperature] = useState<string>();
  const [time, setTime] = useState<string>();
  const [notInside, setNotInside] = useState<Inside[]>([]);
  const [problem, setProblem] = useState<string>();
  const degrees = temperature ?? (advice ? `${advice.fahrenheit} °F` : '');
  const minutes = time ?? (advice ? `${advice.fromMinutes} min` : '');
  const bake = async () => {
    try {
      await write(
        { bake: { purpose, side, temperature: degrees, time: minutes, notInside } },
        workshopWords.ovenSideLampDegrees({ side: sideWord(side), degrees }),
      );
      setProblem(undefined);
      setNotInside([]);
      setTemperature(undefined);
      setTime(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box as="section" aria-label={workshopWords.oven()}>
      <Box fontFamily="heading" fontWeight="600" fontSize="22px">
        {advice?.temperature}, {advice?.fromMinutes}
        {advice &&
          advice.toMinutes !== advice.fromMinutes &&
          workshopWords.toToMinutes({ toMinutes: advice.toMinutes })}{' '}
        min
        <Box as="span" color="quiet" fontSize="17px" fontWeight="400">
          {' '}
          ·{' '}
          {advice && advice.times > 0
            ? workshopWords.timesSoFar({ times: appWords.countTimes({ count: advice.times }) })
            : workshopWords.firstTime()}
        </Box>
      </Box>
      <Box color="quiet">{advice?.because}</Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(4, 1fr)' }} gap="10px" pt="8px">
        <Choice
          label={workshopWords.whichLamp()}
          value={side}
          set={setSide}
          options={[
            ['LEFT', appWords.left()],
            ['RIGHT', appWords.right()],
          ]}
        />
        <Choice
          label={workshopWords.whatFor()}
          value={purpose}
          set={setPurpose}
          options={[
            ['OPEN', workshopWords.toOpen()],
            ['RESEAL', workshopWords.toReseal()],
          ]}
        />
        <TextField
          label={workshopWords.ovensOwnThermometer()}
          value={degrees}
          set={setTemperature}
          maxLength={20}
        />
        <TextField label={workshopWords.howLong()} value={minutes} set={setTime} maxLength={20} />
      </Grid>
      <Box pt="10px" pb="4px">
        {workshopWords.whatIsInTheOvenChecked()}
      </Box>
      <ChoiceButtons
        label={workshopWords.checkedAndThereAre()}
        options={INSIDE}
        chosen={notInside}
        onToggle={(one) => setNotInside(toggled(notInside, one))}
      />
      <Refusal words={problem} pt="8px" />
      <Flex justify="flex-end" pt="10px">
        <ActButton onClick={() => void bake()}>{workshopWords.intoTheOven()}</ActButton>
      </Flex>
    </Box>
  );
}

function Schools({ page }: { page: Page }) {
  return (
    <Box pt="16px">
      <Box as="table" w="100%" aria-label={workshopWords.waysOfOpeningAndResealing()}>
        <Box as="thead" color="quiet" textAlign="left">
          <tr>
            <th scope="col">{workshopWords.method()}</th>
            <th scope="col">{workshopWords.opening()}</th>
            <th scope="col">{workshopWords.resealing()}</th>
            <th scope="col">{workshopWords.pressedShutBy()}</th>
          </tr>
        </Box>
        <tbody>
          {page.bench.schools.map((one) => (
            <Box as="tr" key={one.school} borderTopWidth="1px" borderColor="hairline">
              <Box as="td" py="6px" fontWeight="600">
                {one.words}
              </Box>
              <td>{one.opening}</td>
              <td>{one.resealing}</td>
              <td>{one.closing}</td>
            </Box>
          ))}
        </tbody>
      </Box>
      <Box color="quiet" fontSize="14px" pt="4px">
        {workshopWords.commonPracticeNeverAbove290F()}
      </Box>
    </Box>
  );
}
