import { Box } from '@chakra-ui/react';
import { appWords } from '../words/page/app';

/** A key, shown where it acts. */
export function Key({ name }: { name: string }) {
  return (
    <Box
      as="kbd"
      aria-hidden="true"
      fontFamily="scale"
      fontSize="13px"
      fontWeight="600"
      color="quiet"
      borderLeftWidth="1px"
      borderColor="hairline"
      pl="8px"
      ml="8px"
      hideBelow="lg"
    >
      {name === ' ' ? appWords.space() : name.length === 1 ? name.toUpperCase() : name}
    </Box>
  );
}
