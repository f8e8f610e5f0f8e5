import { Box, Flex, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { ScrollRegion } from '../ui/ScrollRegion';

/**
 * The page of a stage: its drawing in the middle, the order of work beside it, what was read or said
 * at the right, and the band with the next thing to do at the foot. On a tablet the drawing goes
 * first, on a phone everything stands below it.
 */
export function StageFrame({
  header,
  strip,
  left,
  leftWidth = '216px',
  drawing,
  right,
  rightWidth = '222px',
  band,
  children,
}: {
  header: ReactNode;
  strip?: ReactNode;
  left: ReactNode;
  leftWidth?: string;
  drawing: ReactNode;
  right: ReactNode;
  rightWidth?: string;
  band: ReactNode;
  /** The dialogs. */
  children?: ReactNode;
}) {
  return (
    <Flex direction="column" h={{ base: 'auto', lg: '100vh' }} minH="100vh">
      {header}
      {strip}
      <Grid
        as="main"
        flex="1"
        minH="0"
        borderTopWidth={strip ? '0' : '1px'}
        borderColor="hairline"
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          lg: `${leftWidth} minmax(0, 1fr) ${rightWidth}`,
        }}
        templateAreas={{
          base: '"drawing" "left" "right"',
          md: '"drawing drawing" "left right"',
          lg: '"left drawing right"',
        }}
      >
        <Flex direction="column" gridArea="left" minH="0" overflow="hidden">
          {left}
        </Flex>
        <Flex direction="column" gridArea="drawing" minH="0">
          {drawing}
        </Flex>
        <Box gridArea="right" minH={{ base: '300px', lg: '0' }} overflow="hidden">
          {right}
        </Box>
      </Grid>
      <Box position={{ base: 'sticky', lg: 'static' }} bottom="0" zIndex="5">
        {band}
      </Box>
      {children}
    </Flex>
  );
}

/** The column beside the drawing: it scrolls; what stands at its head and foot stays. */
export function StageColumn({
  label,
  head,
  foot,
  children,
}: {
  label: string;
  head?: ReactNode;
  foot: ReactNode;
  children: ReactNode;
}) {
  return (
    <Flex
      direction="column"
      flex="1"
      minH="0"
      px={{ base: '14px', lg: '0' }}
      pl={{ lg: '26px' }}
      pr={{ lg: '10px' }}
      pt="10px"
    >
      {head}
      <ScrollRegion label={label}>{children}</ScrollRegion>
      {foot}
    </Flex>
  );
}

const GONE = { display: 'none' };

/** The line of tools above a drawing. */
export function DrawingTools({ children }: { children: ReactNode }) {
  return (
    <Flex
      bg="plaster"
      px="10px"
      align="center"
      justify="flex-end"
      gap="4px"
      wrap="wrap"
      borderBottomWidth="1px"
      borderColor="hairline"
      // where the tools would need a second line, their keys go first
      css={{ containerType: 'inline-size', '@container (max-width: 600px)': { '& kbd': GONE } }}
    >
      {children}
    </Flex>
  );
}
