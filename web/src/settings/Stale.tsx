import { Box, Flex } from '@chakra-ui/react';
import { Problem, type Difference } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { BothVersions } from '../kept/BothVersions';
import { appWords } from '../words/page/app';

/** What somebody else made of a row that one was changing. */
export interface Conflict {
  changedBy: string;
  /** The document as the server has it: of the kind that was sent. */
  theirs: unknown;
  /** Its version, where the document tells it. */
  version: number;
  /** Every field in which the two differ. */
  differences: Difference[];
}

/** The conflict that a problem reports, if it reports one. */
export function conflictOf(error: unknown): Conflict | undefined {
  if (!(error instanceof Problem) || error.status !== 409 || !error.more.current) {
    return undefined;
  }
  return {
    changedBy: String(error.more.changedBy),
    theirs: error.more.current,
    version: Number((error.more.current as { version?: unknown }).version),
    differences: (error.more.differences ?? []) as Difference[],
  };
}

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
