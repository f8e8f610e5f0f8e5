import { Box, Flex } from '@chakra-ui/react';
import { ActButton, PlainButton } from '../ui/buttons';
import { BothVersions } from '../kept/BothVersions';
import type { Conflict } from '../kept/conflict';
import { appWords } from '../words/page/app';

/** Both versions side by side, and a choice; nothing is overwritten unseen. */
export function StaleChoice({
  conflict,
  onTheirs,
  onMine,
}: {
  conflict: Conflict;
  onTheirs: () => void;
  onMine: () => void;
}) {
  return (
    <Box role="alert" borderWidth="1px" borderColor="edge" p="14px">
      <Box fontFamily="heading" fontSize="20px" fontWeight="600" mb="8px">
        {appWords.changedMeanwhileByChangedBy({ changedBy: conflict.changedBy })}
      </Box>
      <BothVersions conflict={conflict} />
      <Flex gap="8px" wrap="wrap" mt="8px">
        <PlainButton type="button" onClick={onTheirs}>
          {appWords.keepTheirs()}
        </PlainButton>
        <ActButton type="button" onClick={onMine}>
          {appWords.useMine()}
        </ActButton>
      </Flex>
    </Box>
  );
}
