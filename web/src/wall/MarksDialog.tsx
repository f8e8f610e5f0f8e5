import { Box, Dialog, Flex } from '@chakra-ui/react';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import type { ReactNode } from 'react';
import type { JobPage, PairAtWall, Side } from '../api/client';
import { BareButton } from '../ui/buttons';
import { figureText, sizeOf, useUnits } from '../ui/session';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import type { Worked } from '../finding/Working';
import { lastLiving, type KeepThing, type Thing } from '../kept/readings';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';

const ROLE = {
  CENTRE_LINE: wallWords.vehiclesCentreLine(),
  STRAIGHT_AHEAD: wallWords.straightAhead(),
  LAMP_LINE: wallWords.lampHeightLine(),
  AIM: appWords.aim(),
} as const;

const SIDES = ['LEFT', 'RIGHT'] as const;
const EDGE = {
  UPPER: appWords.upperEdge(),
  MIDDLE: appWords.middle(),
  LOWER: appWords.lowerEdge(),
} as const;

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
  const ask = (side: Side) => {
    const lamp = side === 'LEFT' ? pair.left : pair.right;
    if (lamp.aim) {
      onAsk({
        kind: 'figure',
        title: wallWords.whereTheSideMarkGoes({ side: sideWord(side) }),
        lines: lamp.aim.working,
        source: lamp.aim.source,
      });
    }
  };
  return (
    <DialogFrame open={open} close={close} size="lg">
      <DialogTitle>{wallWords.tapeTheWall()}</DialogTitle>
      <Dialog.Body pb="20px">
        <Box color="quiet" mb="8px">
          {wallWords.theLineIsTheEdgeOfTheTape({ edge: EDGE[page.job.markEdge] })}
          {page.job.markOrigin === 'TRANSFERRED' && wallWords.theLampHeightLineWasTransferred()}
        </Box>
        {marks.map(({ side, ...mark }) => (
          <Flex
            key={`${mark.role}${side}`}
            minH="48px"
            align="center"
            justify="space-between"
            gap="12px"
            borderTopWidth="1px"
            borderColor="hairline"
          >
            <Box>
              {ROLE[mark.role]}
              {side && `, ${sideWord(side)}`}
            </Box>
            <Flex gap="20px" align="center" fontFamily="heading" fontWeight="600">
              <Box color="quiet" fontWeight="500">
                {mark.left.value === 0
                  ? appWords.onTheCentreLine()
                  : wallWords.toTheValue2({
                      value: figureText(sizeOf(mark.left), units),
                      value2: mark.left.value > 0 ? appWords.left() : appWords.right(),
                    })}
              </Box>
              {mark.height ? (
                <BareButton fontSize="22px" onClick={() => ask(side ?? 'RIGHT')}>
                  {figureText(mark.height, units)}
                </BareButton>
              ) : (
                <Box minW="60px">{wallWords.upright()}</Box>
              )}
            </Flex>
          </Flex>
        ))}
        {page.job.markOrigin === 'TRANSFERRED' && (
          <Asked title={wallWords.axesAsTapedWithTheVehicle()}>
            {SIDES.map((side) => (
              <Entry
                key={side}
                page={page}
                thing={{ kind: 'AXIS_MARK', lamp: pair.kind, side }}
                name={wallWords.axisTapedSide({ side: sideWord(side) })}
                onKeep={onKeep}
              />
            ))}
          </Asked>
        )}
        {pair.kind !== 'DRIVING' && (
          <Asked title={wallWords.beforeTheOldLampsWereRemoved()}>
            <Entry
              page={page}
              thing={{ kind: 'BEFORE_DISTANCE' }}
              name={wallWords.distanceBefore()}
              onKeep={onKeep}
            />
            {SIDES.map((side) => (
              <Entry
                key={side}
                page={page}
                thing={{ kind: 'BEFORE_BELOW', lamp: pair.kind, side }}
                name={wallWords.belowBeforeSide({ side: sideWord(side) })}
                onKeep={onKeep}
              />
            ))}
          </Asked>
        )}
      </Dialog.Body>
    </DialogFrame>
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
        label={`${name}${found ? `: ${figureText(found.value, units)}` : appWords.notRead()}`}
        missing={!found}
        shown={found ? figureText(found.value, units) : appWords.notReadAlone()}
        onKeep={(typed, id) => onKeep(thing, typed, id)}
      />
    </Flex>
  );
}
