import { Box, Flex, Grid } from '@chakra-ui/react';
import type { EntryEdit, Finding, WorkshopPage as Page } from '../app/api/client';
import { bareText, useUnits } from '../app/session';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import type { Write } from './useWorkshop';

type Measure = NonNullable<EntryEdit['measure']>;

/** The projector against the factory cutoff, taped from the bench. */
export function BenchAim({ page, write }: { page: Page; write: Write }) {
  const entry = (field: Measure['field'], side: Measure['side'], words: string) => (
    <Entry page={page} write={write} field={field} side={side} words={words} />
  );
  return (
    <>
      <Box color="quiet">
        Its own bulb at 12 V, before the housing is opened: tape the flat part of the cutoff at two
        places, and read both above one fixed line. Then the projector at the same two places. The
        bench stands for the vehicle only if the adjusters stand as they did.
      </Box>
      <Flex gap="26px" wrap="wrap" py="8px">
        {entry('BENCH_DISTANCE', undefined, 'bench to wall')}
        {entry('RUN', undefined, 'the two places apart')}
      </Flex>
      {page.bench.aim.map((lamp) => (
        <Box
          key={lamp.side}
          as="section"
          aria-label={`${lamp.side.toLowerCase()} lamp`}
          pt="10px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Box fontFamily="heading" fontWeight="600" fontSize="20px">
            {lamp.side === 'LEFT' ? 'Left lamp' : 'Right lamp'}
          </Box>
          <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap="26px" maxW="620px">
            {entry('FACTORY_LEFT', lamp.side, 'factory, left place')}
            {entry('FACTORY_RIGHT', lamp.side, 'factory, right place')}
            {entry('NOW_LEFT', lamp.side, 'projector, left place')}
            {entry('NOW_RIGHT', lamp.side, 'projector, right place')}
          </Grid>
          {lamp.findings.map((finding) => (
            <Told key={finding.id} finding={finding} />
          ))}
        </Box>
      ))}
    </>
  );
}

function Entry({
  page,
  write,
  field,
  side,
  words,
}: {
  page: Page;
  write: Write;
  field: Measure['field'];
  side: Measure['side'];
  words: string;
}) {
  const units = useUnits();
  const kept = page.bench.measures.find((one) => one.field === field && one.side === side);
  const name = side ? `${side.toLowerCase()} lamp, ${words}` : words;
  return (
    <Flex align="center" gap="4px">
      <Box color="quiet">{words}</Box>
      <MeasuredEntry
        label={kept?.value ? `${name}: ${bareText(kept.value, units)}` : `${name}, not read`}
        shown={kept?.value ? bareText(kept.value, units) : '?'}
        missing={!kept?.value}
        onKeep={(typed) => write({ measure: { field, side, typed, units } }, `${name}: ${typed}`)}
      />
    </Flex>
  );
}

function Told({ finding }: { finding: Finding }) {
  return (
    <Flex gap="10px" py="5px">
      <VerdictShape verdict={finding.verdict} size={20} />
      <Box>
        <Box fontWeight="600">
          <SentenceText sentence={finding.headline} />
        </Box>
        {finding.remedy && (
          <Box color="quiet">
            <SentenceText sentence={finding.remedy} />
          </Box>
        )}
      </Box>
    </Flex>
  );
}
