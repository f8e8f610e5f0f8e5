import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { ShownEdit } from '../api/client';
import { askSimulated, simulatedTruth } from '../api/queries';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { findWords } from '../words/page/find';
import { answerWords } from './checking';

/** A vehicle that is not there, to train on: it answers the check, and whoever asked saves it. */
export function Simulated({
  jobId,
  asked,
  keep,
}: {
  jobId: string;
  asked: ShownEdit[];
  keep: (asked: ShownEdit, more: ShownEdit[]) => void;
}) {
  const [shown, setShown] = useState<ShownEdit[]>([]);
  const [truth, setTruth] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const ask = async (answer: () => Promise<void>) => {
    try {
      setProblem(undefined);
      await answer();
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  const [first, ...more] = shown;
  return (
    <Box pt="2px" fontSize="15px" color="quiet">
      <Flex gap="14px" align="center" wrap="wrap">
        <BareButton
          px="0"
          color="quiet"
          onClick={() => void ask(async () => setShown(await askSimulated(jobId, asked)))}
        >
          {findWords.askTheSimulatedVehicle()}
        </BareButton>
        <BareButton
          px="0"
          color="quiet"
          onClick={() =>
            void ask(async () => setTruth((await simulatedTruth(jobId)).parts.join(', ')))
          }
        >
          {findWords.giveUp()}
        </BareButton>
        {truth !== undefined && <span>{findWords.simulatedTruth({ parts: truth })}</span>}
      </Flex>
      {first && (
        <Flex gap="12px" align="center" wrap="wrap" aria-live="polite">
          <Box color="ink">
            {findWords.simulatedShows({ words: shown.map(answerWords).join(', ') })}
          </Box>
          <PlainButton onClick={() => keep(first, more)}>{findWords.saveWhatItShows()}</PlainButton>
        </Flex>
      )}
      <Refusal words={problem} />
    </Box>
  );
}
