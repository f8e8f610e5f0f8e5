import { Box } from '@chakra-ui/react';
import type { BayPage, ReadingKind } from '../api/client';
import { bareText, figureText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { Overlay } from '../drawing/Overlay';
import type { Size } from '../drawing/useSize';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { lastLiving, type KeepThing, type Thing } from '../kept/readings';
import { appWords } from '../words/page/app';
import { bayWords } from '../words/page/bay';
import { sideWord } from '../words/terms';

const WALL_HEIGHT = 46;
const ASSUMED = { front: 8000, wheelbase: 2700, track: 1550, foot: 1300 };
const BEHIND_MM = 700;
const ASIDE_MM = 900;
const NOSE_MM = 820;

interface PlanView {
  scale: number;
  centreX: number;
  wallY: number;
}

const TYRES: { kind: ReadingKind; words: string; left: boolean; front: boolean }[] = [
  { kind: 'FLOOR_FRONT_LEFT', words: bayWords.floorAtTheFrontLeftTyre(), left: true, front: true },
  {
    kind: 'FLOOR_FRONT_RIGHT',
    words: bayWords.floorAtTheFrontRightTyre(),
    left: false,
    front: true,
  },
  { kind: 'FLOOR_REAR_LEFT', words: bayWords.floorAtTheRearLeftTyre(), left: true, front: false },
  {
    kind: 'FLOOR_REAR_RIGHT',
    words: bayWords.floorAtTheRearRightTyre(),
    left: false,
    front: false,
  },
];

interface Props {
  page: BayPage;
  onKeep: KeepThing;
}

/** The bay from above, the wall ahead: floor readings are typed where they are taken. */
export function BayPlan(props: Props) {
  return (
    <DrawingGround label={bayWords.theBayFromAboveTheWall()} ground="ground">
      {(size) => <Drawn {...props} {...size} />}
    </DrawingGround>
  );
}

/** Where everything of the bay is drawn: as it was read, or as it is assumed. */
function planScene(page: BayPage, width: number, height: number) {
  const last = (kind: ReadingKind, side?: 'LEFT' | 'RIGHT') =>
    lastLiving(page.readings, { kind, side });
  const front = last('PLAN_FRONT_TYRES')?.value.value ?? ASSUMED.front;
  const wheelbase = last('PLAN_WHEELBASE')?.value.value ?? ASSUMED.wheelbase;
  const track = last('PLAN_TRACK')?.value.value ?? ASSUMED.track;
  const foot = last('PLAN_FOOT_SPACING')?.value.value ?? track;
  const scale = Math.max(
    1e-6,
    Math.min(
      (height - WALL_HEIGHT - 10) / (front + wheelbase + BEHIND_MM),
      width / (track + 2 * ASIDE_MM),
    ),
  );
  const view: PlanView = { scale, centreX: width / 2, wallY: WALL_HEIGHT };
  const x = (leftMm: number) => view.centreX - leftMm * scale;
  const y = (forwardMm: number) => view.wallY - forwardMm * scale;
  const dimensionX = x(track / 2 + 560);
  return { view, x, y, front, wheelbase, track, foot, dimensionX };
}

function Drawn({ page, onKeep, width, height }: Props & Size) {
  const scene = planScene(page, width, height);
  const { view, x, y, front, wheelbase, track, foot, dimensionX } = scene;
  return (
    <>
      <PlanLines
        scene={scene}
        contours={page.floor.plane?.contours ?? []}
        width={width}
        height={height}
      />
      <Overlay ground="ground" x={dimensionX} y={(view.wallY + y(-front)) / 2}>
        <Entry
          page={page}
          thing={{ kind: 'PLAN_FRONT_TYRES' }}
          name={bayWords.frontTyresToWall()}
          hint={bayWords.tyresToWall()}
          onKeep={onKeep}
        />
      </Overlay>
      <Overlay ground="ground" x={dimensionX} y={y(-front - wheelbase / 2)}>
        <Entry
          page={page}
          thing={{ kind: 'PLAN_WHEELBASE' }}
          name={bayWords.wheelbaseFrontToRearTyres()}
          hint={bayWords.wheelbaseAsked()}
          onKeep={onKeep}
        />
      </Overlay>
      <Overlay ground="ground" x={view.centreX} y={y(-front - wheelbase / 2)}>
        <Entry
          page={page}
          thing={{ kind: 'PLAN_TRACK' }}
          name={bayWords.trackLeftToRightTyres()}
          hint={bayWords.trackAsked()}
          said={(length) => bayWords.lengthTrack({ length })}
          onKeep={onKeep}
        />
      </Overlay>
      <Overlay ground="ground" x={view.centreX} y={view.wallY + 26}>
        <Entry
          page={page}
          thing={{ kind: 'PLAN_FOOT_SPACING' }}
          name={bayWords.footReadingsApart()}
          hint={bayWords.apartAsked()}
          said={(length) => bayWords.lengthApart({ length })}
          onKeep={onKeep}
        />
      </Overlay>
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <Overlay
          ground="ground"
          key={side}
          x={x((side === 'LEFT' ? 1 : -1) * (foot / 2)) + (side === 'LEFT' ? -44 : 44)}
          y={view.wallY + 26}
        >
          <Entry
            page={page}
            thing={{ kind: 'FOOT', side }}
            name={bayWords.floorAtTheWallsFootSide({ side: sideWord(side) })}
            hint={bayWords.footAsked()}
            large
            onKeep={onKeep}
          />
        </Overlay>
      ))}
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <Overlay
          ground="ground"
          key={`under ${side}`}
          x={x((side === 'LEFT' ? 1 : -1) * (foot / 2)) + (side === 'LEFT' ? -62 : 62)}
          y={y(-front + NOSE_MM)}
        >
          <Entry
            page={page}
            thing={{ kind: 'UNDER_LAMP', side }}
            name={bayWords.floorUnderLampSide({ side: sideWord(side) })}
            hint={bayWords.underLamp()}
            optional
            onKeep={onKeep}
          />
        </Overlay>
      ))}
      {TYRES.map((tyre) => (
        <Overlay
          ground="ground"
          key={tyre.kind}
          x={x((tyre.left ? 1 : -1) * (track / 2)) + (tyre.left ? -46 : 46)}
          y={y(-front - (tyre.front ? 0 : wheelbase))}
        >
          <Entry
            page={page}
            thing={{ kind: tyre.kind }}
            name={tyre.words}
            hint={bayWords.floorAsked()}
            large
            onKeep={onKeep}
          />
          <Residual page={page} kind={tyre.kind} />
        </Overlay>
      ))}
    </>
  );
}

/** A level line of the fitted plane, named where it leaves the drawing on the right. */
function Contour({
  line,
  x,
  y,
  width,
  height,
}: {
  line: NonNullable<BayPage['floor']['plane']>['contours'][number];
  x: (leftMm: number) => number;
  y: (forwardMm: number) => number;
  width: number;
  height: number;
}) {
  const units = useUnits();
  const ends = [
    { x: x(line.x1), y: y(line.y1) },
    { x: x(line.x2), y: y(line.y2) },
  ].toSorted((a, b) => a.x - b.x);
  const [left, right] = ends as [(typeof ends)[0], (typeof ends)[0]];
  const nameX = Math.min(right.x, width - 40);
  const share = right.x === left.x ? 1 : (nameX - left.x) / (right.x - left.x);
  const nameY = left.y + share * (right.y - left.y);
  return (
    <g>
      <line
        x1={left.x}
        y1={left.y}
        x2={right.x}
        y2={right.y}
        stroke={paint('lamp')}
        strokeOpacity={line.level.value === 0 ? 0.85 : 0.38}
      />
      {nameY > WALL_HEIGHT + 14 && nameY < height && (
        <Label x={nameX + 2} y={nameY - 5} as="scale" size={13} colour="lamp">
          {bareText(line.level, units)}
        </Label>
      )}
    </g>
  );
}

/** How far a tyre stands off the fitted plane. */
function Residual({ page, kind }: { page: BayPage; kind: ReadingKind }) {
  const units = useUnits();
  const tyre = page.floor.tyres.findLast((one) => `FLOOR_${one.corner}` === kind);
  if (!tyre?.residual) {
    return null;
  }
  const off = figureText(tyre.residual, units);
  return (
    <Box
      position="absolute"
      top="42px"
      left="50%"
      transform="translateX(-50%)"
      whiteSpace="nowrap"
      fontSize="13.5px"
      color="quiet"
      bg="var(--entry-ground)"
      px="3px"
    >
      {bayWords.offOff({ value: tyre.residual.value > 0 ? '+' : '', off })}
    </Box>
  );
}

function Entry({
  page,
  thing,
  name,
  hint,
  said,
  large = false,
  optional = false,
  onKeep,
}: {
  page: BayPage;
  thing: Thing;
  name: string;
  hint: string;
  /** The length as it is shown. */
  said?: (length: string) => string;
  large?: boolean;
  optional?: boolean;
  onKeep: KeepThing;
}) {
  const units = useUnits();
  const found = lastLiving(page.readings, thing);
  const signed = found && large && found.value.value > 0 ? '+' : '';
  const bare = found && bareText(found.value, units);
  const shown = bare && (said?.(bare) ?? bare);
  return (
    <MeasuredEntry
      // what is shown stands in the name, as a name that is spoken is looked for
      label={`${name}${found ? `: ${said ? shown : figureText(found.value, units)}` : appWords.notRead()}`}
      missing={!found && !optional}
      shown={
        found ? (
          <Box as="span" fontSize={large ? '23px' : '16px'}>
            {signed}
            {shown}
          </Box>
        ) : (
          hint
        )
      }
      onKeep={(typed, id) => onKeep(thing, typed, id)}
    />
  );
}

/** What is drawn of the bay: wall, vehicle, tyres and the fitted plane. */
function PlanLines({
  scene,
  contours,
  width,
  height,
}: {
  scene: ReturnType<typeof planScene>;
  contours: NonNullable<BayPage['floor']['plane']>['contours'];
  width: number;
  height: number;
}) {
  const { view, x, y, front, wheelbase, track, foot, dimensionX } = scene;
  const bodyLeft = x(track / 2 + 130);
  const bodyRight = x(-track / 2 - 130);
  return (
    <svg
      width={width}
      height={height}
      aria-hidden="true"
      style={{ position: 'absolute', inset: 0 }}
    >
      <rect width={width} height={view.wallY} fill={paint('plaster')} />
      {contours.map((line) => (
        <Contour key={line.level.value} line={line} x={x} y={y} width={width} height={height} />
      ))}
      <path
        d={`M${bodyLeft} ${height + 10}V${y(-front + NOSE_MM * 0.45)}Q${bodyLeft} ${y(-front + NOSE_MM)} ${view.centreX} ${y(-front + NOSE_MM + 60)}Q${bodyRight} ${y(-front + NOSE_MM)} ${bodyRight} ${y(-front + NOSE_MM * 0.45)}V${height + 10}`}
        fill={paint('panel')}
        fillOpacity="0.55"
        stroke={paint('ink')}
        strokeWidth="1.6"
      />
      <CentreLine x1={view.centreX} y1={8} x2={view.centreX} y2={height} />
      {(['LEFT', 'RIGHT'] as const).map((side) => {
        const at = x((side === 'LEFT' ? 1 : -1) * (foot / 2));
        return (
          <g key={side}>
            <CentreLine x1={at} y1={view.wallY} x2={at} y2={y(-front + NOSE_MM * 0.9)} />
            <rect
              x={at - 5}
              y={view.wallY - 5}
              width="10"
              height="10"
              fill={paint('tape')}
              stroke={paint('tapeInk')}
            />
          </g>
        );
      })}
      {TYRES.map((tyre) => (
        <rect
          key={tyre.kind}
          x={x((tyre.left ? 1 : -1) * (track / 2)) - 11}
          y={y(-front - (tyre.front ? 0 : wheelbase)) - 20}
          width="22"
          height="40"
          rx="6"
          fill={paint('ground')}
          stroke={paint('ink')}
          strokeWidth="1.6"
        />
      ))}
      <Dimension x1={dimensionX} y1={view.wallY} x2={dimensionX} y2={y(-front)} />
      <Dimension x1={dimensionX} y1={y(-front)} x2={dimensionX} y2={y(-front - wheelbase)} />
      <line
        x1="0"
        x2={width}
        y1={view.wallY}
        y2={view.wallY}
        stroke={paint('ink')}
        strokeWidth="2"
      />
      <Label x={14} y={22} size={14} weight={600} colour="ink">
        {bayWords.theWallAhead()}
      </Label>
    </svg>
  );
}
