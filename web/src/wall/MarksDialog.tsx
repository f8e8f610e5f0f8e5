import { Box, CloseButton, Dialog, Flex, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { JobPage, PairAtWall } from '../app/api/client';
import { BareButton } from '../app/buttons';
import { figureText, useUnits } from '../app/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import type { Worked } from '../finding/Working';
import { lastLiving, type KeepThing, type Thing } from './readings';

const ROLE = {
  CENTRE_LINE: 'Vehicle’s centre line',
  STRAIGHT_AHEAD: 'Straight ahead',
  LAMP_LINE: 'Lamp-height line',
  AIM: 'Aim',
} as const;

const SIDES = ['LEFT', 'RIGHT'] as const;
const EDGE = { UPPER: 'upper edge', MIDDLE: 'middle', LOWER: 'lower edge' } as const;

/** Every strip of tape with its place, in the order in which people tape. */
export function MarksDialog({
  page,
  pair,
  open,
  close,
  onAsk,
  onKeep,
}: {
  page: JobPage;
  pair: PairAtWall;
  open: boolean;
  close: () => void;
  onAsk: (worked: Worked) => void;
  onKeep: KeepThing;
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
              {page.job.markOrigin === 'TRANSFERRED' && (
                <Asked title="Axes as taped with the vehicle at the wall, above the wall’s foot">
                  {SIDES.map((side) => (
                    <Entry
                      key={side}
                      page={page}
                      thing={{ kind: 'AXIS_MARK', lamp: pair.kind, side }}
                      name={`Axis taped, ${side.toLowerCase()}`}
                      onKeep={onKeep}
                    />
                  ))}
                </Asked>
              )}
              {pair.kind !== 'DRIVING' && (
                <Asked title="From before the old lamps came off: their cutoffs below their centres, at what distance">
                  <Entry
                    page={page}
                    thing={{ kind: 'BEFORE_DISTANCE' }}
                    name="Distance before"
                    onKeep={onKeep}
                  />
                  {SIDES.map((side) => (
                    <Entry
                      key={side}
                      page={page}
                      thing={{ kind: 'BEFORE_BELOW', lamp: pair.kind, side }}
                      name={`Below before, ${side.toLowerCase()}`}
                      onKeep={onKeep}
                    />
                  ))}
                </Asked>
              )}
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

function Asked({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box borderTopWidth="1px" borderColor="hairline" pt="10px" mt="6px">
      <Box color="quiet">{title}</Box>
      <Flex gap="20px" wrap="wrap">
        {children}
      </Flex>
    </Box>
  );
}

function Entry({
  page,
  thing,
  name,
  onKeep,
}: {
  page: JobPage;
  thing: Thing;
  name: string;
  onKeep: KeepThing;
}) {
  const units = useUnits();
  const found = lastLiving(page.readings, thing);
  return (
    <Flex align="center" gap="4px">
      <span>{name}</span>
      <MeasuredEntry
        label={`${name}${found ? `: ${figureText(found.value, units)}` : ', not read'}`}
        missing={!found}
        shown={found ? figureText(found.value, units) : 'not read'}
        onKeep={(typed, id) => onKeep(thing, typed, id)}
      />
    </Flex>
  );
}
