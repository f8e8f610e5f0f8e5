import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap, type JobPage, type RecordLine } from '../api/client';
import { useJobPage } from '../api/queries';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { JobStage } from '../frame/JobStage';
import { JobStrip } from '../frame/JobStrip';
import { Waiting } from '../frame/Nowhere';
import { Refusal } from '../ui/Refusal';
import { StageHeader } from '../frame/StageHeader';
import { STAGE_PAGES, type Stage } from '../ui/stages';
import { useToYard } from '../frame/useToYard';
import { ScrollRegion } from '../ui/ScrollRegion';
import { appWords } from '../words/page/app';
import { recordWords } from '../words/page/record';
import { DayOfLines } from './DayOfLines';
import { daysOf } from './days';

/** Everything that was kept of a job; from each line the job can be seen as it stood right after it. */
export function RecordPage() {
  return (
    <JobStage usePage={useJobPage}>
      {(page, offline) => <Whole page={page} offline={offline} />}
    </JobStage>
  );
}

const NONE: RecordLine[] = [];

function Whole({ page, offline }: { page: JobPage; offline: boolean }) {
  const id = page.job.id;
  const [only, setOnly] = useState<Stage[]>([]);
  const record = useQuery({
    queryKey: ['record', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/record', { params: { path: { id } } })),
  });
  const lines = record.data?.lines ?? NONE;
  const here = lines.at(-1)?.stage ?? 'TAKE_IN';
  const stages = (Object.keys(STAGE_PAGES) as Stage[]).filter((stage) =>
    lines.some((line) => line.stage === stage),
  );
  const shown = lines.filter((line) => only.length === 0 || only.includes(line.stage));
  useToYard();
  return (
    <Flex direction="column" h={{ base: 'auto', lg: '100vh' }} minH="100vh">
      <StageHeader job={page.job} vehicle={page.vehicle} here={here} offline={offline} />
      <JobStrip job={page.job} here={here} />
      <Flex
        as="main"
        direction="column"
        flex="1"
        minH="0"
        borderTopWidth="1px"
        borderColor="hairline"
        bg="tape"
        color="tapeInk"
      >
        <Flex
          align="center"
          columnGap="20px"
          rowGap="6px"
          wrap="wrap"
          px={{ base: '14px', lg: '26px' }}
          py="8px"
          borderBottomWidth="1px"
          borderColor="tapeQuiet"
        >
          <Box as="h2" fontFamily="heading" fontWeight="600" fontSize="20px">
            {recordWords.record()}
          </Box>
          <Box color="tapeQuiet">{recordWords.everythingKept()}</Box>
          <Box color="tapeQuiet" role="status" ml="auto">
            {recordWords.lines({ count: shown.length })}
          </Box>
          <ChoiceButtons
            label={appWords.stages()}
            options={stages.map((stage) => [stage, STAGE_PAGES[stage].words] as const)}
            chosen={only}
            onToggle={(stage) => setOnly(toggled(only, stage))}
            ink="tapeInk"
          />
        </Flex>
        <ScrollRegion label={recordWords.record()} px={{ base: '14px', lg: '26px' }} pb="20px">
          <Refusal words={record.error?.message} py="14px" />
          {record.isPending && <Waiting />}
          {record.isSuccess && lines.length === 0 && (
            <Box py="16px">{recordWords.nothingKept()}</Box>
          )}
          {daysOf(shown).map((day) => (
            <DayOfLines key={day.words} day={day} jobId={id} />
          ))}
        </ScrollRegion>
      </Flex>
    </Flex>
  );
}
