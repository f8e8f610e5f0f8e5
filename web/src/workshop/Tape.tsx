import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { WorkshopPage } from '../app/api/client';
import { BareButton } from '../app/buttons';
import { clockTime } from '../timers/times';
import type { Waiting } from '../kept/outbox';
import { workshopWords } from '../words/page/workshop';

const RULED = {
  backgroundColor: 'var(--chakra-colors-tape)',
  backgroundImage:
    'repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 8px), repeating-linear-gradient(to bottom, var(--chakra-colors-tape-ink) 0 1px, transparent 1px 40px)',
  backgroundSize: '8px 100%, 16px 100%',
  backgroundRepeat: 'no-repeat',
  backgroundAttachment: 'local',
};

/** What was written down, newest first; what waits for the network stands on top, and says so. */
export function Tape({
  entries,
  waiting,
  problem,
  onUndo,
  onDrop,
}: {
  entries: WorkshopPage['entries'];
  waiting: Waiting[];
  /** Why the last press was refused. */
  problem?: string;
  onUndo: (id: string) => void;
  onDrop: (id: string) => void;
}) {
  const newest = entries.findLast((entry) => !entry.struckBy && !entry.strikes);
  return (
    <Box
      as="section"
      aria-label={workshopWords.logNewestFirst()}
      color="tapeInk"
      h="100%"
      overflowY="auto"
      tabIndex={0}
      pl="30px"
      pr="14px"
      pt="14px"
      css={RULED}
    >
      <Box fontFamily="scale" fontWeight="600" fontSize="14px" color="tapeQuiet" mb="4px">
        {workshopWords.logNewestFirst()}
      </Box>
      {problem && (
        <Box role="alert" py="6px" fontWeight="600">
          {problem}
        </Box>
      )}
      {entries.length + waiting.length === 0 && (
        <Box py="16px">{workshopWords.nothingRecordedYet()}</Box>
      )}
      <Box as="ol" listStyleType="none">
        {waiting.toReversed().map((one) => (
          <Line
            key={one.id}
            foot={one.refused ?? workshopWords.waitsForTheNetwork()}
            person={one.person}
          >
            {one.words}
            {one.refused && (
              <BareButton color="tapeInk" px="0" onClick={() => onDrop(one.id)}>
                {workshopWords.dropIt()}
              </BareButton>
            )}
          </Line>
        ))}
        {entries.toReversed().map((entry) => (
          <Line
            key={entry.id}
            struck={entry.struckBy !== undefined}
            foot={clockTime(entry.at)}
            person={entry.by}
            act={
              entry.id === newest?.id && (
                <BareButton
                  color="tapeInk"
                  my="-10px"
                  aria-label={workshopWords.undoWords({ words: entry.words })}
                  onClick={() => onUndo(entry.id)}
                >
                  {workshopWords.undo()}
                </BareButton>
              )
            }
          >
            {entry.words}
          </Line>
        ))}
      </Box>
    </Box>
  );
}

function Line({
  struck = false,
  foot,
  person,
  act,
  children,
}: {
  struck?: boolean;
  foot: string;
  person: string;
  act?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box
      as="li"
      py="7px"
      borderBottomWidth="1px"
      borderStyle="dashed"
      borderColor="tapeQuiet"
      opacity={struck ? 0.75 : 1}
    >
      <Box fontFamily="heading" fontWeight="600" lineHeight="1.25">
        <Box as="span" textDecoration={struck ? 'line-through' : 'none'}>
          {children}
        </Box>
      </Box>
      <Flex justify="space-between" align="center" gap="8px" fontSize="13.5px" color="tapeQuiet">
        <span>{foot}</span>
        {act}
        <span>{person}</span>
      </Flex>
    </Box>
  );
}
