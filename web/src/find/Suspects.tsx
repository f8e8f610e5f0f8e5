import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FoundBefore, Hunt, HuntCandidate } from '../api/client';
import { ScrollRegion } from '../ui/ScrollRegion';
import { Sheet } from '../ui/Sheet';
import { paint } from '../ui/theme';
import { findWords } from '../words/page/find';
import { shareText } from './checking';

const LINE = { width: 64, height: 22 };

/** What names no part is no ground to be alarmed. */
type Ink = 'out' | 'quiet';

/** How a share went, check by check. */
function Course({ shares, ink }: { shares: readonly number[]; ink: Ink }) {
  const step = LINE.width / Math.max(1, shares.length - 1);
  const spots = shares.map(
    (share, index) =>
      `${String(index * step)},${String(LINE.height - 1 - share * (LINE.height - 2))}`,
  );
  return (
    <svg
      width={LINE.width}
      height={LINE.height}
      role="img"
      aria-label={`${findWords.howItsShareWent()}: ${shares.map(shareText).join(', ')}`}
    >
      <line
        x1="0"
        x2={LINE.width}
        y1={LINE.height - 1}
        y2={LINE.height - 1}
        stroke={paint('rule')}
      />
      <polyline points={spots.join(' ')} fill="none" stroke={paint(ink)} strokeWidth="2" />
    </svg>
  );
}

/** What earlier searches of the shop found: it moves what is suspected from the start. */
function Before({ before }: { before: FoundBefore }) {
  return (
    <Box color="quiet" fontSize="15px" py="8px">
      {before.sorts.length > 0 && (
        <Box>
          {findWords.foundBefore({
            sorts: before.sorts
              .map(({ words, count }) => findWords.sortCount({ words, count: String(count) }))
              .join(', '),
          })}
        </Box>
      )}
      {before.alike.map((one) => (
        <Box key={one.jobId}>
          {findWords.foundAlike({ vehicle: one.vehicle, parts: one.parts.join(', ') })}
        </Box>
      ))}
    </Box>
  );
}

/** What may be the cause, with its share; a press tells what it explains. */
export function Suspects({ hunt, before }: { hunt: Hunt; before: FoundBefore }) {
  const [asked, setAsked] = useState<HuntCandidate>();
  return (
    <Box
      as="section"
      aria-label={findWords.suspects()}
      h="100%"
      display="flex"
      flexDirection="column"
    >
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" px="14px" pt="12px">
        {findWords.suspects()}
      </Box>
      <ScrollRegion label={findWords.suspects()} px="14px">
        {hunt.candidates.map((one) => (
          <Suspect key={one.parts.join('+')} candidate={one} onAsk={() => setAsked(one)} />
        ))}
        <Before before={before} />
      </ScrollRegion>
      <Sheet
        title={asked?.words ?? ''}
        open={asked !== undefined}
        close={() => setAsked(undefined)}
      >
        {asked && (
          <>
            <Lines title={findWords.explains()} hunt={hunt} ids={asked.explains} />
            <Lines title={findWords.leavesOpen()} hunt={hunt} ids={asked.leavesOpen} />
          </>
        )}
      </Sheet>
    </Box>
  );
}

function Suspect({ candidate, onAsk }: { candidate: HuntCandidate; onAsk: () => void }) {
  const share = candidate.shares.at(-1) ?? 0;
  const ink: Ink = candidate.parts.length > 0 ? 'out' : 'quiet';
  return (
    <Flex
      as="button"
      w="100%"
      textAlign="left"
      align="center"
      gap="10px"
      minH="56px"
      py="6px"
      borderTopWidth="1px"
      borderColor="hairline"
      onClick={onAsk}
    >
      <Box
        data-figure
        fontFamily="heading"
        fontWeight="700"
        fontSize="20px"
        w="62px"
        flexShrink="0"
        textAlign="right"
      >
        {shareText(share)}
      </Box>
      <Box flex="1" minW="0" lineHeight="1.25">
        {candidate.words}
        <Box h="4px" mt="4px" bg="hairline" borderRadius="full">
          <Box h="4px" bg={ink} borderRadius="full" style={{ width: `${String(share * 100)}%` }} />
        </Box>
      </Box>
      <Course shares={candidate.shares} ink={ink} />
    </Flex>
  );
}

function Lines({ title, hunt, ids }: { title: string; hunt: Hunt; ids: readonly string[] }) {
  const lines = hunt.lines.filter((line) => ids.includes(line.id));
  return (
    <Box pb="14px">
      <Box color="quiet">{title}</Box>
      {lines.length === 0 && <Box>{findWords.nothing()}</Box>}
      {lines.map((line) => (
        <Box key={line.id} py="4px" fontSize="17px">
          {line.words}
        </Box>
      ))}
    </Box>
  );
}
