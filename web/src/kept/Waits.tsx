import { Box, Flex, type BoxProps } from '@chakra-ui/react';
import { useSyncExternalStore } from 'react';
import { PlainButton } from '../ui/buttons';
import { keptWords } from '../words/page/kept';
import { outbox } from './outbox';
import { useWaiting } from './Tape';

/**
 * What of a job waits for the network, and what was refused while nobody waited for the answer: on
 * whatever page of the job somebody is.
 *
 * @param shows under which the open page is kept, where it has a place of its own for what is refused
 */
export function Waits({
  jobId,
  shows,
  ...look
}: { jobId: string; shows?: string } & Pick<BoxProps, 'fontSize' | 'px'>) {
  const away = useSyncExternalStore(outbox.subscribe, outbox.isAway);
  const waiting = useWaiting(jobId);
  const refused = waiting.filter((one) => one.refused && one.page[0] !== shows);
  const count = waiting.filter((one) => !one.refused && !one.conflict).length;
  return (
    <Box fontSize="15px" px={{ base: '14px', lg: '26px' }} {...look}>
      {away && count > 0 && <Box role="status">{keptWords.waitHere({ count })}</Box>}
      {refused.map((one) => (
        <Flex key={one.id} role="alert" align="center" gap="10px" color="out">
          {keptWords.notAccepted({ words: one.words, why: one.refused ?? '' })}
          <PlainButton onClick={() => outbox.drop(one.id)}>{keptWords.dropIt()}</PlainButton>
        </Flex>
      ))}
    </Box>
  );
}
