import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** An element placed with its middle on a point of the drawing. */
export function Overlay({
  x,
  y,
  ground = 'plaster',
  children,
}: {
  x: number;
  y: number;
  ground?: 'plaster' | 'floor' | 'ground';
  children: ReactNode;
}) {
  return (
    <Box
      position="absolute"
      left={`${x}px`}
      top={`${y}px`}
      transform="translate(-50%, -50%)"
      zIndex="2"
      css={{ '--entry-ground': `var(--chakra-colors-${ground})` }}
    >
      {children}
    </Box>
  );
}
