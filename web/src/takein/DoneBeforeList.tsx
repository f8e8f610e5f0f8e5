import { Box } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { DoneBefore } from '../api/client';
import { ABOUT, said } from './words';
import { takeinWords } from '../words/page/takein';
import { dateFormat } from '../words/dates';

const MONTH = dateFormat({ month: 'short', year: 'numeric' });

/** Own earlier jobs on this vehicle or one like it, the most alike first, with what they found. */
export function DoneBeforeList({ jobs }: { jobs: DoneBefore[] }) {
  return (
    <Box
      as="section"
      aria-label={takeinWords.doneBefore()}
      h="100%"
      overflowY="auto"
      tabIndex={0}
      bg="panel"
      px="14px"
      py="10px"
    >
      <Box color="quiet" fontSize="15px" pb="4px">
        {takeinWords.doneBefore()}
      </Box>
      {jobs.length === 0 && <Box py="8px">{takeinWords.noEarlierJobOnThisVehicle()}</Box>}
      {jobs.map((job) => {
        const minutes = Object.values(job.found.minutes).reduce((sum, one) => sum + one, 0);
        return (
          <Box key={job.jobId} py="10px" borderTopWidth="1px" borderColor="hairline">
            <Link to={`/jobs/${job.jobId}/take-in`}>
              <Box minH="48px">
                <Box fontFamily="heading" fontWeight="600" fontSize="17px" lineHeight="1.25">
                  {job.work}
                </Box>
                <Box color="quiet" fontSize="14px">
                  {job.nickname || job.vehicle}, {MONTH.format(new Date(job.touchedAt))};{' '}
                  {job.why.join(', ')}
                </Box>
              </Box>
            </Link>
            {job.found.notes.map((note) => (
              <Box key={note.about + note.words} pt="5px" fontSize="15px" lineHeight="1.3">
                <Box as="span" color="lamp" fontWeight="600">
                  {said(ABOUT, note.about)}:
                </Box>{' '}
                {note.words}
              </Box>
            ))}
            {minutes > 0 && (
              <Box pt="5px" color="quiet" fontSize="15px">
                {takeinWords.tookMinutesMin({ minutes })}
                {job.found.estimateMinutes !== undefined &&
                  takeinWords.toldEstimateMinutesMin({
                    estimateMinutes: job.found.estimateMinutes,
                  })}
              </Box>
            )}
            {job.found.lookBack && (
              <Box pt="5px" color="quiet" fontSize="15px">
                {job.found.lookBack}
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
