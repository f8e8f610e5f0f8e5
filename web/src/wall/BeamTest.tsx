import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, unwrap, type BeamFile } from '../api/client';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { PlainButton } from '../ui/buttons';
import { fileAddress } from '../words/fileAddress';
import { wallWords } from '../words/page/wall';

/** What its regulation's test makes of a lamp that ships, and its file. */
export function BeamTest({ name }: { name: string }) {
  const beam = useQuery({
    queryKey: ['beam', name],
    queryFn: () => unwrap(api.GET('/api/beams/{name}', { params: { path: { name } } })),
    staleTime: Infinity,
  });
  const test = beam.data?.test;
  return (
    <Flex gap="14px" align="start" mt="12px" minH="48px">
      <PlainButton asChild flex="none">
        <a href={fileAddress(`/api/beams/${name}/file`)} download>
          {wallWords.beamFile()}
        </a>
      </PlainButton>
      {test && <Points test={test} />}
    </Flex>
  );
}

function Points({ test }: { test: NonNullable<BeamFile['test']> }) {
  const missed = test.findings.filter((one) => one.verdict !== 'WITHIN');
  return (
    <Flex gap="8px" align="start" pt="12px">
      <VerdictShape verdict={test.worst} size={22} />
      <Box>
        {wallWords.testOf({ test: test.title })}
        {missed.length === 0
          ? wallWords.allPointsWithin({ count: test.findings.length })
          : wallWords.pointsMissed({ count: missed.length })}
        {missed.map((one) => (
          <Box key={one.id} color="quiet" fontSize="15px">
            <SentenceText sentence={one.headline} />
          </Box>
        ))}
        <Box color="quiet" fontSize="15px">
          {test.note}
        </Box>
      </Box>
    </Flex>
  );
}
