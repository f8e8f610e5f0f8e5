import { Box, type BoxProps } from '@chakra-ui/react';

/** What fills the rest of its column and scrolls within it, by the keyboard too. */
export function ScrollRegion({ label, ...more }: { label: string | undefined } & BoxProps) {
  return (
    <Box
      flex="1"
      minH="0"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label={label}
      {...more}
    />
  );
}
