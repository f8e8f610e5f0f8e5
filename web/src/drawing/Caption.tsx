import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** What a drawing shows, at its foot; it breaks where the drawing is narrow. */
export function Caption({ left = 14, children }: { left?: number; children: ReactNode }) {
  return (
    <Box
      position="absolute"
      left={`${left}px`}
      right="14px"
      bottom="6px"
      fontSize="13.5px"
      lineHeight="1.2"
      color="quiet"
      pointerEvents="none"
    >
      {children}
    </Box>
  );
}
