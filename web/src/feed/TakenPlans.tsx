import { Box, Flex } from '@chakra-ui/react';
import { BareButton } from '../app/buttons';

/** A plan of the circuit: the first has no tag, and the others stand beside it. */
export interface TakenPlan {
  tag: string;
  title: string;
}

/** The plans that stand in one circuit; the first goes when another is taken instead. */
export function TakenPlans({
  titles,
  onTakeOut,
}: {
  titles: TakenPlan[];
  onTakeOut: (tag: string) => void;
}) {
  return (
    <Box as="section" aria-label="In this circuit" pb="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="4px">
        In this circuit
      </Box>
      {titles.map(({ tag, title }) => (
        <Flex
          key={tag}
          align="center"
          gap="12px"
          minH="48px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Box flex="1" minW="0">
            {title}
          </Box>
          {tag && (
            <BareButton aria-label={`Take out: ${title}`} onClick={() => onTakeOut(tag)}>
              Take out
            </BareButton>
          )}
        </Flex>
      ))}
    </Box>
  );
}
