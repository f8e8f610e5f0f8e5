import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { VerdictShape } from '../finding/VerdictShape';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

/** Nothing can be proved on a dead vehicle: says so, and puts the battery on. */
export function DeadBattery({ page, write }: { page: Page; write: Write }) {
  const [problem, setProblem] = useState<string>();
  const power = page.stages
    .flatMap((stage) => stage.steps)
    .find((step) => step.id === 'prove.power' && step.state === 'READY');
  const happened = async (what: 'NEGATIVE_ON' | 'SECOND_ON', words: string) => {
    try {
      await (power && what === 'NEGATIVE_ON'
        ? write(
            { step: { step: power.id, skipped: false, reason: '' } },
            workshopWords.doneWords({ words: power.words }),
          )
        : write({ battery: { what } }, workshopWords.batteryWords({ words })));
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Flex
      align="center"
      gap="10px"
      wrap="wrap"
      px={{ base: '14px', lg: '24px' }}
      py="8px"
      borderBottomWidth="1px"
      borderColor="hairline"
      role="group"
      aria-label={appWords.battery()}
    >
      <VerdictShape verdict="NOT_KNOWN" size={20} />
      <Box flex="1" minW="200px" fontSize="17px">
        {workshopWords.theNegativeTerminalIsOffNo()}
      </Box>
      <PlainButton onClick={() => void happened('NEGATIVE_ON', workshopWords.negativeTerminalOn())}>
        {appWords.negativeOn()}
      </PlainButton>
      <PlainButton
        onClick={() => void happened('SECOND_ON', workshopWords.helperBatteryConnected())}
      >
        {workshopWords.helperBatteryConnectedTitle()}
      </PlainButton>
      <Refusal words={problem} />
    </Flex>
  );
}
