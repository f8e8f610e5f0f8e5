import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { api, unwrap } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { sentenceText, useUnits } from '../ui/session';
import { clockTime } from '../words/dates';
import { recordWords } from '../words/page/record';
import { lookingBackTo, today } from '../browser/moment';
import { onTried, triedThen } from '../kept/refuseThen';

/** Says at the head of a page that looks back which moment it shows, and leads back to today. */
export function EarlierLine() {
  const moment = lookingBackTo();
  return moment ? <Line moment={moment} /> : null;
}

function Line({ moment }: { moment: string }) {
  const units = useUnits();
  const tried = useSyncExternalStore(onTried, triedThen);
  const { data: line, error } = useQuery({
    queryKey: ['record-line', moment],
    queryFn: () =>
      unwrap(api.GET('/api/record/{number}', { params: { path: { number: Number(moment) } } })),
    staleTime: Infinity,
  });
  return (
    <Flex
      as="aside"
      aria-label={recordWords.asItStoodThen()}
      data-line={moment}
      align="center"
      wrap={{ base: 'wrap', md: 'nowrap' }}
      columnGap="14px"
      minH="48px"
      px={{ base: '14px', lg: '26px' }}
      bg="tape"
      color="tapeInk"
      borderBottomWidth="2px"
      borderColor="lamp"
    >
      <Box fontFamily="heading" fontWeight="600" fontSize="17px" whiteSpace="nowrap">
        {recordWords.asItStoodThen()}
      </Box>
      <Box flex="1" minW="0" fontSize="15px" lineHeight="1.25">
        {tried > 0 ? (
          <Box key={tried} role="alert" fontWeight="600">
            {recordWords.nothingThen()}
          </Box>
        ) : (
          <Box lineClamp="2" data-shortened>
            {error?.message ??
              (line &&
                recordWords.afterThat({
                  when: clockTime(line.at),
                  words: sentenceText(line.words, units),
                  by: line.by,
                }))}
          </Box>
        )}
      </Box>
      <PlainButton asChild color="tapeInk" borderColor="tapeQuiet" my="2px">
        <a href={today()}>{recordWords.backToToday()}</a>
      </PlainButton>
    </Flex>
  );
}
