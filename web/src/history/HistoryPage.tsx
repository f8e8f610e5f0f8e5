import { Box, Flex, Grid, Input } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../api/client';
import { Header } from '../frame/Header';
import { Waiting } from '../frame/Nowhere';
import { Refusal } from '../ui/Refusal';
import { useToYard } from '../frame/useToYard';
import { ScrollRegion } from '../ui/ScrollRegion';
import { CountChart, EstimateChart, TimeChart } from './Charts';
import { appWords } from '../words/page/app';
import { historyWords } from '../words/page/history';

/** Looking back over all jobs: found by words, times taken, what most often gave trouble. */
export function HistoryPage() {
  const [text, setText] = useState('');
  const found = useQuery({
    queryKey: ['history', text],
    queryFn: () => unwrap(api.GET('/api/history', { params: { query: { text } } })),
    placeholderData: keepPreviousData,
  });
  const back = useQuery({
    queryKey: ['look-back'],
    queryFn: () => unwrap(api.GET('/api/history/look-back')),
    staleTime: 60_000,
  });
  useToYard();
  return (
    <Flex direction="column" h={{ base: 'auto', lg: '100vh' }}>
      <Header title={appWords.history()} subtitle={historyWords.everyJobWhatItTookAnd()} />
      <Grid
        as="main"
        flex="1"
        minH="0"
        templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1.25fr)' }}
        borderTopWidth="1px"
        borderColor="hairline"
      >
        <Flex direction="column" minH="0" px={{ base: '14px', lg: '26px' }} py="14px">
          <Input
            aria-label={historyWords.findJobsByVehicleWorkPart()}
            placeholder={historyWords.vehicleWorkPartFastenerFinding()}
            h="48px"
            fontSize="17px"
            maxLength={100}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <ScrollRegion label={historyWords.jobsFound()} pt="8px">
            <Refusal words={found.error?.message} py="14px" />
            {found.isPending && <Waiting />}
            {found.data?.jobs.map((job) => (
              <Box
                key={job.jobId}
                asChild
                display="block"
                py="9px"
                borderTopWidth="1px"
                borderColor="hairline"
              >
                <Link to={`/jobs/${job.jobId}/hand-over`}>
                  <Flex justify="space-between" gap="10px">
                    <Box fontFamily="heading" fontWeight="600" fontSize="18px">
                      {job.vehicle}, {job.nickname}
                    </Box>
                    <Box color="quiet" whiteSpace="nowrap">
                      {job.at.slice(0, 10)}
                    </Box>
                  </Flex>
                  <Box color="quiet">
                    {job.work} ·{' '}
                    {job.closed ? historyWords.handedOver() : historyWords.beingWorkedOn()}
                  </Box>
                  {job.where.map((line) => (
                    <Box key={line} fontSize="14px">
                      {line}
                    </Box>
                  ))}
                </Link>
              </Box>
            ))}
            {found.data?.jobs.length === 0 && (
              <Box py="14px">{historyWords.noJobContainsAllOfThese()}</Box>
            )}
          </ScrollRegion>
        </Flex>
        <Box
          minH="0"
          overflowY="auto"
          tabIndex={0}
          role="region"
          aria-label={historyWords.lookingBack()}
          bg="plaster"
          px={{ base: '14px', lg: '26px' }}
          py="14px"
        >
          <Refusal words={back.error?.message} />
          {back.data && (
            <>
              <Box color="quiet">
                {historyWords.theLatestJobsJobsAsFar({ jobs: back.data.jobs })}
              </Box>
              <TimeChart times={back.data.times} />
              <EstimateChart estimates={back.data.estimates} />
              <CountChart
                title={historyWords.fastenersThatGaveTrouble()}
                counts={back.data.fasteners}
              />
              <CountChart title={historyWords.partsThatWereWrong()} counts={back.data.parts} />
              <CountChart title={historyWords.rulesNotMetAtHandOver()} counts={back.data.rules} />
            </>
          )}
        </Box>
      </Grid>
    </Flex>
  );
}
