import { Box } from '@chakra-ui/react';
import type { ChosenPlan, FindPage } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { findWords } from '../words/page/find';

/** The circuits that can be searched; the job’s own feed first. */
export function CircuitChoice({
  page,
  chosen,
  onChoose,
}: {
  page: FindPage;
  chosen: ChosenPlan | undefined;
  /** Nothing: the job’s own feed. */
  onChoose: (plan: ChosenPlan | undefined) => void;
}) {
  return (
    <>
      {page.hasFeed && (
        <Offer
          title={findWords.theJobsOwnFeed()}
          does=""
          on={chosen === undefined}
          onPress={() => onChoose(undefined)}
        />
      )}
      {page.circuits.map((one) => (
        <Offer
          key={one.id}
          title={one.title}
          does={one.does}
          on={chosen?.id === one.id}
          onPress={() => onChoose({ id: one.id, version: one.version, answers: {}, changes: {} })}
        />
      ))}
    </>
  );
}

function Offer({
  title,
  does,
  on,
  onPress,
}: {
  title: string;
  does: string;
  on: boolean;
  onPress: () => void;
}) {
  return (
    <PlainButton
      w="100%"
      h="auto"
      py="8px"
      mb="8px"
      borderRadius="10px"
      flexDirection="column"
      alignItems="flex-start"
      textAlign="left"
      whiteSpace="normal"
      lineHeight="1.3"
      aria-pressed={on}
      borderColor={on ? 'lamp' : 'rule'}
      onClick={onPress}
    >
      {title}
      {does && (
        <Box as="span" color="quiet" fontWeight="400" fontFamily="body" fontSize="15px">
          {does}
        </Box>
      )}
    </PlainButton>
  );
}
