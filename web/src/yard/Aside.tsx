import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap, type AsideJob } from '../api/client';
import { ACTING } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { appWords } from '../words/page/app';
import { yardWords } from '../words/page/yard';

const KEY = ['aside'];
const WHY = yardWords.somethingStoredInItCantBe();

function usePutAside() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, aside }: { id: string; aside: boolean }) =>
      unwrap(
        api.PUT('/api/jobs/{id}/aside', {
          params: { path: { id }, header: ACTING },
          body: { aside, why: WHY },
        }),
      ),
    onSuccess: async (all) => {
      client.setQueryData(KEY, all);
      await client.invalidateQueries({ queryKey: ['yard'] });
    },
  });
}

function Stored({ id }: { id: string }) {
  return (
    <PlainButton asChild>
      <a href={`/api/jobs/${id}/stored`} download>
        {yardWords.whatIsStored()}
      </a>
    </PlainButton>
  );
}

/** What can be done with a job that cannot be read. */
export function Unreadable({ id }: { id: string }) {
  const put = usePutAside();
  return (
    <Flex gap="10px" px={{ base: '14px', md: '26px' }} pb="12px" align="center" wrap="wrap">
      <Stored id={id} />
      <PlainButton disabled={put.isPending} onClick={() => put.mutate({ id, aside: true })}>
        {appWords.putItAside()}
      </PlainButton>
      <Refusal words={put.error?.message} />
    </Flex>
  );
}

/** The jobs that were put aside, each with the way back. */
export function Aside() {
  const all = useQuery({ queryKey: KEY, queryFn: () => unwrap(api.GET('/api/aside')) });
  const [open, setOpen] = useState(false);
  const put = usePutAside();
  if (!all.data || all.data.length === 0) {
    return null;
  }
  return (
    <Box px={{ base: '14px', md: '26px' }} py="14px">
      <PlainButton aria-expanded={open} onClick={() => setOpen(!open)}>
        {yardWords.lengthPutAside({ length: appWords.countJobs({ count: all.data.length }) })}
      </PlainButton>
      <Refusal words={put.error?.message} />
      {open &&
        all.data.map((job: AsideJob) => (
          <Flex key={job.jobId} gap="14px" py="10px" align="center" wrap="wrap">
            <Box flex="1" minW="220px">
              <Box fontFamily="heading" fontWeight="600" fontSize="19px">
                {job.vehicle}
              </Box>
              <Box color="quiet">
                {job.work}: {job.why} ({job.by})
              </Box>
            </Box>
            <Stored id={job.jobId} />
            <PlainButton
              disabled={put.isPending}
              onClick={() => put.mutate({ id: job.jobId, aside: false })}
            >
              {yardWords.backIntoTheYard()}
            </PlainButton>
          </Flex>
        ))}
    </Box>
  );
}
