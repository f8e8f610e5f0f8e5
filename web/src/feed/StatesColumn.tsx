import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Controls, FeedSheet, Finding, SolvedFeed } from '../api/client';
import { BareButton } from '../ui/buttons';
import { SentenceText } from '../finding/SentenceText';
import { Refusal } from '../ui/Refusal';
import { VerdictShape } from '../finding/VerdictShape';
import { FrontLights } from '../circuit/FrontLights';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { StateTable } from './StateTable';

/** Every state solved, what is not within, and the vehicle's front as it is lit now. */
export function StatesColumn({
  sheet,
  solved,
  unsolved,
  controls,
  onState,
  onAsk,
}: {
  sheet: FeedSheet;
  solved: SolvedFeed | undefined;
  /** Why the state of the controls could not be worked out. */
  unsolved?: string;
  controls: Controls;
  onState: (controls: Controls) => void;
  onAsk: (finding: Finding) => void;
}) {
  const [before, setBefore] = useState(false);
  const troubles = [
    ...(solved?.findings ?? []),
    ...sheet.findings.filter((one) => one.verdict !== 'WITHIN'),
  ].filter((one, index, all) => all.findIndex((other) => other.id === one.id) === index);
  return (
    <Box
      h="100%"
      overflowY="auto"
      px="14px"
      py="10px"
      borderLeftWidth="1px"
      borderColor="hairline"
      tabIndex={0}
      role="region"
      aria-label={feedWords.statesAndFindings()}
    >
      <Box display="flex" alignItems="center" color="quiet" fontSize="15px">
        <Box flex="1">{before ? feedWords.asTheFactoryHadIt() : feedWords.everyStateSolved()}</Box>
        {sheet.before.length > 0 && (
          <BareButton onClick={() => setBefore(!before)}>
            {before ? appWords.after() : appWords.before()}
          </BareButton>
        )}
      </Box>
      <StateTable
        sheet={sheet}
        rows={before ? sheet.before : sheet.lamps}
        controls={controls}
        onState={onState}
      />
      <Box pt="6px">
        <FrontLights solved={solved} busy={unsolved === undefined} />
        <Refusal words={unsolved} py="8px" lineHeight="1.3" />
      </Box>
      {troubles.map((finding) => (
        <Box
          as="button"
          key={finding.id}
          display="flex"
          w="100%"
          minH="48px"
          py="5px"
          gap="10px"
          textAlign="left"
          borderTopWidth="1px"
          borderColor="hairline"
          cursor="pointer"
          onClick={() => onAsk(finding)}
        >
          <VerdictShape verdict={finding.verdict} size={18} />
          <Box minW="0">
            <Box fontFamily="heading" fontWeight="600" lineHeight="1.25">
              <SentenceText sentence={finding.headline} />
            </Box>
            <Box color="quiet" fontSize="13.5px" lineHeight="1.3">
              <SentenceText sentence={finding.detail} />
            </Box>
          </Box>
        </Box>
      ))}
    </Box>
  );
}
