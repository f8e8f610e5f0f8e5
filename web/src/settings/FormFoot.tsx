import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** The foot of a form in a dialog: it stays in sight while the fields scroll. */
export function FormFoot({ children }: { children: ReactNode }) {
  return (
    <Flex
      position="sticky"
      bottom="-24px"
      zIndex="3"
      mb="-24px"
      pt="14px"
      pb="24px"
      bg="panel"
      gap="14px"
      align="center"
      wrap="wrap"
    >
      {children}
    </Flex>
  );
}
