import { Box } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { api, unwrap, type Job, type Lens } from '../api/client';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from './fields';
import { settingsWords } from '../words/page/settings';

type Market = Pick<Job, 'ruleSet' | 'traffic'>;

/** Reads a lens by the server; undefined where nothing is typed. */
export async function readLens(typed: string, market: Market): Promise<Lens | undefined> {
  const { ruleSet, traffic } = market;
  return typed.trim() === ''
    ? undefined
    : unwrap(api.POST('/api/calc/lens', { body: { typed, ruleSet, traffic } }));
}

/** The same while it is being typed; the last answer stays until the next one comes. */
export function useLens(typed: string, market: Market) {
  return (
    useQuery({
      queryKey: ['lens', typed, market.ruleSet, market.traffic],
      queryFn: async () => (await readLens(typed, market)) ?? null,
      staleTime: Infinity,
      placeholderData: (before) => before,
    }).data ?? undefined
  );
}

/** What is moulded on a lens, typed as it stands there, with what it says. */
export function LensField({
  label,
  value,
  set,
  lens,
  example = 'E4 HCR PL',
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  lens: Lens | undefined;
  example?: string;
}) {
  return (
    <Box alignSelf="start">
      <TextField label={label} value={value} set={set} maxLength={200} placeholder={example} />
      {lens && value.trim() && (
        <Box fontSize="15px" mt="4px" aria-live="polite">
          {lens.marks.map((mark) => (
            <Box key={mark.typed} color={mark.says ? 'quiet' : 'edge'}>
              <Box as="span" fontFamily="heading" fontWeight="600" color="ink">
                {mark.typed}
              </Box>{' '}
              {mark.says || settingsWords.notKnownHere()}
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
