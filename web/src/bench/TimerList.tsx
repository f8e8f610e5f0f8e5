import { Box, Flex } from '@chakra-ui/react';
import type { WorkshopPage as Page } from '../api/client';
import { BareButton } from '../ui/buttons';
import { awaited } from '../api/shopTimers';
import { left } from '../timers/times';
import { useNow } from '../timers/useNow';
import type { Tell } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

/** The timers that run, the next to end first. */
export function TimerList({ page, tell }: { page: Page; tell: Tell }) {
  const timers = awaited(page.timers);
  const now = useNow(page.now, timers.length > 0);
  return (
    <Box
      as="section"
      aria-label={appWords.timers()}
      maxH="46%"
      overflowY="auto"
      tabIndex={0}
      px="14px"
      py="10px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      {timers.length === 0 && <Box color="quiet">{appWords.noTimerRuns()}</Box>}
      {timers.map((timer) => {
        const seconds = (Date.parse(timer.end) - now) / 1000;
        return (
          <Flex key={timer.id} align="center" gap="8px" py="4px">
            <Box flex="1" minW="0">
              <Box
                role="timer"
                aria-label={timer.name}
                fontFamily="heading"
                fontWeight="700"
                fontSize="30px"
                lineHeight="1"
                color={seconds <= 0 ? 'lamp' : 'ink'}
              >
                {left(seconds)}
              </Box>
              <Box color="quiet" lineHeight="1.25">
                {timer.name}
              </Box>
            </Box>
            <BareButton
              aria-label={`${seconds <= 0 ? appWords.seenTo() : workshopWords.stop()}: ${timer.name}`}
              onClick={() =>
                void tell({ stop: { timer: timer.id } }, appWords.seenToName({ name: timer.name }))
              }
            >
              {seconds <= 0 ? appWords.seenTo() : workshopWords.stop()}
            </BareButton>
          </Flex>
        );
      })}
    </Box>
  );
}
