import { Box, type BoxProps } from '@chakra-ui/react';

/** Why something was not done, said where it was asked for; nothing while all is well. */
export function Refusal({ words, ...place }: { words: string | undefined } & BoxProps) {
  return (
    words !== undefined &&
    words !== '' && (
      <Box role="alert" color="out" {...place}>
        {words}
      </Box>
    )
  );
}
