import { Box } from '@chakra-ui/react';
import { useRef, type ReactNode } from 'react';
import { useSize, type Size } from './useSize';

/** What a to-scale drawing with entries lying over it fills; drawn once its size is known. */
export function DrawingGround({
  label,
  ground = 'plaster',
  children,
}: {
  /** What is to be seen, for those who hear the page: the drawing's entries are grouped under it. */
  label: string;
  ground?: 'plaster' | 'ground';
  children: (size: Size) => ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  return (
    <Box
      ref={box}
      data-drawing=""
      role="group"
      aria-label={label}
      position="relative"
      w="100%"
      h="100%"
      minH="0"
      overflow="hidden"
      bg={ground}
      css={{ '--entry-ground': `var(--chakra-colors-${ground})` }}
    >
      {size.width > 0 && size.height > 0 && children(size)}
    </Box>
  );
}
