import { Box, Flex } from '@chakra-ui/react';
import { BareButton } from '../ui/buttons';
import { feedWords } from '../words/page/feed';

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
    <Box as="section" aria-label={feedWords.inThisCircuit()} pb="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="4px">
        {feedWords.inThisCircuit()}
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
            <BareButton
              aria-label={feedWords.removeTitle({ title })}
              onClick={() => onTakeOut(tag)}
            >
              {feedWords.remove()}
            </BareButton>
          )}
        </Flex>
      ))}
    </Box>
  );
}
