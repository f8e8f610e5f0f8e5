import { Box } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, unwrap, type Job, type Lens } from '../app/api/client';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from './fields';

/** Reads a lens by the server; nothing is asked while nothing is typed. */
export function useLens(typed: string, job: Pick<Job, 'ruleSet' | 'traffic'>) {
  const { ruleSet, traffic } = job;
  return useQuery({
    queryKey: ['lens', typed, ruleSet, traffic],
    queryFn: () => unwrap(api.POST('/api/calc/lens', { body: { typed, ruleSet, traffic } })),
    enabled: typed.trim() !== '',
    staleTime: Infinity,
    placeholderData: (before) => before,
  }).data;
}

/** What is moulded on a lens, typed as it stands there, with what it says. */
export function LensField({
  label,
  value,
  set,
  lens,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  lens: Lens | undefined;
}) {
  return (
    <Box alignSelf="start">
      <TextField label={label} value={value} set={set} maxLength={200} placeholder="E4 HCR PL" />
      {lens && value.trim() && (
        <Box fontSize="15px" mt="4px" aria-live="polite">
          {lens.marks.map((mark) => (
            <Box key={mark.typed} color={mark.says ? 'quiet' : 'edge'}>
              <Box as="span" fontFamily="heading" fontWeight="600" color="ink">
                {mark.typed}
              </Box>{' '}
              {mark.says || 'not known here'}
            </Box>
          ))}
          {lens.findings
            .filter((finding) => finding.verdict === 'OUT')
            .map((finding) => (
              <Box key={finding.id} display="flex" gap="8px" alignItems="center" py="4px">
                <VerdictShape verdict={finding.verdict} size={18} />
                <Box fontWeight="600">
                  <SentenceText sentence={finding.headline} />
                </Box>
              </Box>
            ))}
          <Box color="quiet" fontSize="13.5px">
            {lens.marks[0]?.source.words}
          </Box>
        </Box>
      )}
    </Box>
  );
}
