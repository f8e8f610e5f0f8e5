import { Box } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { JobPage } from '../api/client';
import { takeNewestRules } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { settingsWords } from '../words/page/settings';

/** A newer version of a set that the job is judged by, and what it would change. */
export function NewerRules({
  jobId,
  newer,
}: {
  jobId: string;
  newer: JobPage['newerRules'][number];
}) {
  const client = useQueryClient();
  const take = useMutation({
    mutationFn: () => takeNewestRules(jobId, newer.setId),
    onSuccess: (fresh) => {
      client.setQueryData(['job', jobId], fresh);
      void client.invalidateQueries({ queryKey: ['place', jobId] });
    },
  });
  return (
    <Box borderWidth="1px" borderColor="edge" p="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="18px">
        {settingsWords.titleVersionLatestIsAvailableThis({
          title: newer.title,
          latest: newer.latest,
          kept: newer.kept,
        })}
      </Box>
      {newer.differences.map((difference) => (
        <Box key={difference}>{difference}</Box>
      ))}
      <Refusal words={take.error?.message} />
      <PlainButton type="button" mt="8px" onClick={() => take.mutate()}>
        {settingsWords.judgeItByVersionLatest({ latest: newer.latest })}
      </PlainButton>
    </Box>
  );
}
