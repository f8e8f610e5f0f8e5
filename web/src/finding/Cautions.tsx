import { Box } from '@chakra-ui/react';
import type { Caution } from '../api/client';
import { Sheet } from '../ui/Sheet';
import { findingWords } from '../words/page/finding';

/** What to heed at a stage: the most pressing one stands there, all open by a press. */
export function Cautions({
  cautions,
  where,
  open,
  setOpen,
}: {
  cautions: Caution[];
  /** Where they hold: "at the wall". */
  where: string;
  open: boolean;
  setOpen: (open: boolean) => void;
}) {
  const first = cautions[0];
  return (
    <>
      {first && (
        <Box
          as="button"
          w="100%"
          textAlign="left"
          py="10px"
          borderTopWidth="1px"
          borderColor="hairline"
          fontSize="15px"
          cursor="pointer"
          onClick={() => setOpen(true)}
        >
          <Box color="edge" fontWeight="600" fontFamily="heading">
            {findingWords.takeCare()}
          </Box>
          <Box lineClamp="2" data-shortened>
            {first.text}
          </Box>
          {cautions.length > 1 && (
            <Box color="quiet" textDecoration="underline" textDecorationStyle="dotted" pt="4px">
              {findingWords.lengthMore({ length: cautions.length - 1 })}
            </Box>
          )}
        </Box>
      )}
      <Sheet title={findingWords.takeCareWhere({ where })} open={open} close={() => setOpen(false)}>
        {cautions.map((caution) => (
          <Box key={caution.id} py="10px" borderTopWidth="1px" borderColor="hairline">
            <Box fontSize="17px">{caution.text}</Box>
            <Box color="quiet" fontSize="14px">
              {caution.source.reference} · {caution.source.words}
            </Box>
          </Box>
        ))}
      </Sheet>
    </>
  );
}
