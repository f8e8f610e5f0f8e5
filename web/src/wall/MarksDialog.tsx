import { Box, CloseButton, Dialog, Flex, Portal } from '@chakra-ui/react';
import type { JobPage, PairAtWall } from '../app/api/client';
import { BareButton } from '../app/buttons';
import { figureText, useUnits } from '../app/session';
import type { Worked } from '../finding/Working';

const ROLE = {
  CENTRE_LINE: 'Vehicle’s centre line',
  STRAIGHT_AHEAD: 'Straight ahead',
  LAMP_LINE: 'Lamp-height line',
  AIM: 'Aim',
} as const;

const EDGE = { UPPER: 'upper edge', MIDDLE: 'middle', LOWER: 'lower edge' } as const;

/** Every strip of tape with its place, in the order in which people tape. */
export function MarksDialog({
  page,
  pair,
  open,
  close,
  onAsk,
}: {
  page: JobPage;
  pair: PairAtWall;
  open: boolean;
  close: () => void;
  onAsk: (worked: Worked) => void;
}) {
  const units = useUnits();
  const order = Object.keys(ROLE);
  const marks = pair.marks.toSorted((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
  const ask = (side: string | undefined) => {
    const lamp = side === 'LEFT' ? pair.left : pair.right;
    if (lamp.aim) {
      onAsk({
        kind: 'figure',
        title: `Where the ${side?.toLowerCase()} mark goes`,
        lines: lamp.aim.working,
        source: lamp.aim.source,
      });
    }
  };
  return (
    <Dialog.Root open={open} onOpenChange={(c) => !c.open && close()} size="lg">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="panel" color="ink">
            <Dialog.Header pr="64px">
              <Dialog.Title fontFamily="heading" fontSize="22px">
                Tape the wall
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb="20px">
              <Box color="quiet" mb="8px">
                The line is the {EDGE[page.job.markEdge]} of the tape. Heights are above the wall’s
                foot right below the mark; places are from the vehicle’s centre line.
                {page.job.markOrigin === 'TRANSFERRED' &&
                  ' The lamp-height line was transferred: taped at the axes with the vehicle at the wall.'}
              </Box>
              {marks.map((mark) => (
                <Flex
                  key={`${mark.role}${mark.side}`}
                  minH="48px"
                  align="center"
                  justify="space-between"
                  gap="12px"
                  borderTopWidth="1px"
                  borderColor="hairline"
                >
                  <Box>
                    {ROLE[mark.role]}
                    {mark.side && `, ${mark.side.toLowerCase()}`}
                  </Box>
                  <Flex gap="20px" align="center" fontFamily="heading" fontWeight="600">
                    <Box color="quiet" fontWeight="500">
                      {mark.left.value === 0
                        ? 'on the centre line'
                        : `${figureText(mark.left, units).replace('−', '')} to the ${mark.left.value > 0 ? 'left' : 'right'}`}
                    </Box>
                    {mark.height ? (
                      <BareButton fontSize="22px" onClick={() => ask(mark.side)}>
                        {figureText(mark.height, units)}
                      </BareButton>
                    ) : (
                      <Box minW="60px">upright</Box>
                    )}
                  </Flex>
                </Flex>
              ))}
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="xl" color="ink" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
