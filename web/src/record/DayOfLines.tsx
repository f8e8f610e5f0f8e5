import { Box, Flex, Grid } from '@chakra-ui/react';
import type { RecordLine } from '../api/client';
import { sentenceText, useUnits } from '../ui/session';
import { STAGE_PAGES, stagePath } from '../ui/stages';
import { dateFormat } from '../words/dates';
import { recordWords } from '../words/page/record';
import type { Day } from './days';
import { asItStood } from '../browser/moment';

const CLOCK = dateFormat({ hour: '2-digit', minute: '2-digit' });

/** What was kept on one day. */
export function DayOfLines({ day, jobId }: { day: Day; jobId: string }) {
  return (
    <Box as="section" aria-label={day.words}>
      <Box
        as="h3"
        fontFamily="scale"
        fontWeight="600"
        fontSize="15px"
        color="tapeQuiet"
        pt="16px"
        pb="4px"
      >
        {day.words}
      </Box>
      <Box as="ol" listStyleType="none">
        {day.lines.map((line) => (
          <Line key={line.id} line={line} jobId={jobId} />
        ))}
      </Box>
    </Box>
  );
}

function Line({ line, jobId }: { line: RecordLine; jobId: string }) {
  const units = useUnits();
  const struck = line.struckBy !== undefined;
  const words = sentenceText(line.words, units);
  return (
    <Grid
      as="li"
      data-line={line.number}
      templateColumns={{ base: '52px minmax(0, 1fr)', md: '60px 110px minmax(0, 1fr) 170px 180px' }}
      columnGap="14px"
      alignItems="center"
      minH="50px"
      borderTopWidth="1px"
      borderStyle="dashed"
      borderColor="tapeQuiet"
    >
      <Box fontFamily="scale" fontWeight="500" fontSize="17px">
        {CLOCK.format(new Date(line.at))}
      </Box>
      <Box color="tapeQuiet" fontSize="15px" hideBelow="md">
        {STAGE_PAGES[line.stage].words}
      </Box>
      <Box py="6px" fontSize="17px" lineHeight="1.25" fontWeight="500">
        <Box as="span" textDecoration={struck ? 'line-through' : undefined}>
          {words}
        </Box>
        {struck && (
          <Box as="span" color="tapeQuiet" fontSize="15px" fontWeight="400">
            {' '}
            · {recordWords.struckLater()}
          </Box>
        )}
      </Box>
      <Box
        color="tapeQuiet"
        fontSize="15px"
        lineHeight="1.25"
        gridColumn={{ base: '2', md: 'auto' }}
      >
        {line.by}
        {line.device && <Box as="span"> · {line.device}</Box>}
      </Box>
      <Flex gridColumn={{ base: '2', md: 'auto' }} justify={{ md: 'flex-end' }}>
        <Box
          asChild
          py="13px"
          textDecoration="underline"
          textDecorationStyle="dotted"
          textUnderlineOffset="3px"
        >
          <a
            href={asItStood(line.number, stagePath(jobId, line.stage))}
            aria-label={recordWords.asItStoodAfter({ words })}
          >
            {recordWords.asItStoodThen()}
          </a>
        </Box>
      </Flex>
    </Grid>
  );
}
