import { Box, Flex } from '@chakra-ui/react';
import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type {
  JobPage,
  LampAtWall,
  PairAtWall,
  Reading,
  Side,
  Verdict,
  WallSheet,
} from '../app/api/client';
import { bareText, figureText, useUnits } from '../app/session';
import { paint } from '../app/theme';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { UprightTape } from '../drawing/UprightTape';
import { useSize } from '../drawing/useSize';
import { fitView, mmToScreenX, mmToScreenY, screenYToMm, type View } from '../drawing/view';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { nudgeMm, onTape } from '../entry/typed';
import type { Worked } from '../finding/Working';
import { VERDICT_PAINT, VERDICT_WORD, VerdictMark } from '../finding/VerdictShape';
import { Cutoff, cutoffShape } from './Cutoff';
import { lampVerdict } from './lampVerdict';
import { lastLiving, type KeepThing } from './readings';
import type { Draft } from './useDraft';

const TAPE_WIDTH = 34;
const FLOOR_HEIGHT = 56;
/** Room around the lamps, in mm. */
const AROUND_MM = 640;
const ABOVE_MM = 420;
const ASSUMED_SPACING_MM = 1200;
/** From a lamp inwards to the dimension line of its mark. */
const TAPE_ARM_MM = 300;

/** About the width of a letter of the drawing's figures, in pixels. */
const LETTER_WIDTH = 8;
const ASSUMED_HEIGHT_MM = 700;

interface Props {
  page: JobPage;
  sheet: WallSheet;
  pair: PairAtWall;
  draft: Draft | undefined;
  onMove: (draft: Draft) => void;
  onKeepDraft: () => void;
  onDropDraft: () => void;
  onKeep: KeepThing;
  onAsk: (worked: Worked) => void;
}

/** The wall to scale, as seen from the seat; values are typed where they are measured. */
export function WallDrawing(props: Props) {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  return (
    <Box ref={box} position="relative" h="100%" minH="0" bg="plaster" overflow="hidden">
      {size.width > 0 && size.height > FLOOR_HEIGHT && (
        <Drawn {...props} width={size.width} height={size.height} />
      )}
    </Box>
  );
}

function Drawn(props: Props & { width: number; height: number }) {
  const { page, sheet, pair, draft, width, height } = props;
  const units = useUnits();
  const spacing = lastLiving(page.readings, { kind: 'SPACING', lamp: pair.kind });
  const spacingMm = spacing?.value.value ?? ASSUMED_SPACING_MM;
  const lines = [pair.left, pair.right].map((lamp) => lamp.place?.line.value ?? ASSUMED_HEIGHT_MM);
  const topMm = Math.max(...lines) + ABOVE_MM;
  const inner = { width: width - TAPE_WIDTH, height: height - FLOOR_HEIGHT };
  const fitted = fitView({ halfWidthMm: spacingMm / 2 + AROUND_MM, heightMm: topMm }, inner);
  const view: View = { ...fitted, centreX: fitted.centreX + TAPE_WIDTH };
  const topShown = inner.height / view.scale;
  const scene = { ...props, view, spacingMm, units };
  const centreX = mmToScreenX(view, 0);
  const xOf = (side: Side) =>
    mmToScreenX(
      view,
      (side === 'LEFT' ? pair.left : pair.right).place?.aheadLeft.value ??
        (side === 'LEFT' ? 1 : -1) * (spacingMm / 2),
    );
  const [leftX, rightX] = [xOf('LEFT'), xOf('RIGHT')];
  return (
    <>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label="The wall to scale, as seen from the driver’s seat"
        style={{ position: 'absolute', inset: 0 }}
      >
        <rect x="0" y={view.footY} width={width} height={FLOOR_HEIGHT} fill={paint('floor')} />
        <CentreLine x1={centreX} y1={8} x2={centreX} y2={view.footY} />
        {(['LEFT', 'RIGHT'] as const).map((side) => (
          <LampOnWall key={side} side={side} {...scene} />
        ))}
        {leftX + 60 < rightX && <Dimension x1={leftX} y1={52} x2={rightX} y2={52} />}
        <line
          x1="0"
          x2={width}
          y1={view.footY}
          y2={view.footY}
          stroke={paint('ink')}
          strokeWidth="1.6"
        />
        <UprightTape view={view} width={TAPE_WIDTH} topMm={topShown} units={units} />
      </svg>
      <Overlay x={(leftX + rightX) / 2} y={52} ground="plaster">
        <Flex align="center" fontFamily="heading" fontWeight="600" bg="plaster" px="4px">
          <MeasuredEntry
            label={`Between lamps${spacing ? `: ${figureText(spacing.value, units)}` : ', not read'}`}
            missing={!spacing}
            shown={spacing ? bareText(spacing.value, units) : 'between lamps?'}
            onKeep={(typed, id) => props.onKeep({ kind: 'SPACING', lamp: pair.kind }, typed, id)}
          />
          {spacing && <Box whiteSpace="nowrap">between lamps</Box>}
        </Flex>
      </Overlay>
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <LampEntries key={side} side={side} lampX={side === 'LEFT' ? leftX : rightX} {...scene} />
      ))}
      <FloorWords floor={sheet.floor} width={width} y={view.footY} leftX={leftX} rightX={rightX} />
      {draft === undefined && !pair.left.place && !pair.right.place && (
        <Overlay x={(width + TAPE_WIDTH) / 2} y={height * 0.36} ground="plaster">
          <Box fontSize="17px" textAlign="center" w="340px" p="8px" bg="plaster">
            Measure from each lamp square to the wall, and each lamp’s centre above the floor. The
            marks follow from those.
          </Box>
        </Overlay>
      )}
    </>
  );
}

type Scene = Props & { view: View; spacingMm: number; units: 'METRIC' | 'IMPERIAL' };

/** An element placed with its middle on a point of the drawing. */
function Overlay({
  x,
  y,
  ground,
  children,
}: {
  x: number;
  y: number;
  ground: 'plaster' | 'floor';
  children: ReactNode;
}) {
  return (
    <Box
      position="absolute"
      left={`${x}px`}
      top={`${y}px`}
      transform="translate(-50%, -50%)"
      css={{ '--entry-ground': `var(--chakra-colors-${ground})` }}
    >
      {children}
    </Box>
  );
}

function lampOf(pair: PairAtWall, side: Side): LampAtWall {
  return side === 'LEFT' ? pair.left : pair.right;
}

/** Where a lamp's dimension lines stand, from its straight-ahead line outwards, in mm. */
function columns(spacingMm: number) {
  return {
    room: spacingMm / 2 - 24,
    centre: Math.min(470, AROUND_MM - 150),
    edge: Math.min(250, AROUND_MM - 300),
  };
}

function LampOnWall(scene: Scene & { side: Side }) {
  const { side, pair, view, page, sheet, spacingMm, draft } = scene;
  const lamp = lampOf(pair, side);
  const out = side === 'LEFT' ? -1 : 1;
  if (!lamp.place) {
    const x = mmToScreenX(view, -out * (spacingMm / 2));
    return <CentreLine x1={x} y1={70} x2={x} y2={view.footY} />;
  }
  const x = mmToScreenX(view, lamp.place.aheadLeft.value);
  const lineY = mmToScreenY(view, lamp.place.line.value);
  const { room, centre, edge } = columns(spacingMm);
  const half = Math.min(470, room) * view.scale;
  const drafted = draft?.side === side && draft.lamp === pair.kind ? draft : undefined;
  const below = drafted?.belowMm ?? lamp.reading?.belowLine.value;
  const step = lastLiving(page.readings, { kind: 'STEP_LEFT', lamp: pair.kind, side });
  const lowerEdge = lastLiving(page.readings, { kind: 'LOWER_EDGE', lamp: pair.kind, side });
  const aim = pair.marks.find((mark) => mark.role === 'AIM' && mark.side === side);
  const centreX = x + out * centre * view.scale;
  const edgeX = x + out * edge * view.scale;
  return (
    <g>
      <CentreLine x1={x} y1={70} x2={x} y2={view.footY} />
      <line
        x1={Math.min(x - half, centreX)}
        x2={Math.max(x + half, centreX)}
        y1={lineY}
        y2={lineY}
        stroke={paint('quiet')}
        strokeDasharray="2 4"
      />
      {below !== undefined && (
        <Cutoff
          lamp={lamp}
          belowMm={below}
          stepLeftMm={step?.value.value ?? 0}
          view={view}
          halfRoomMm={room}
          kerb={page.job.traffic}
          shape={cutoffShape(page.vehicle, pair.kind)}
          verdict={lampVerdict(sheet, lamp)}
          stale={lamp.turnedSinceRead && !drafted}
        />
      )}
      <LimitsBand lamp={lamp} view={view} x={x} half={half} />
      {aim?.upperEdge && (
        <rect
          x={x - 200 * view.scale}
          width={400 * view.scale}
          y={mmToScreenY(view, aim.upperEdge.value)}
          height={Math.max(6, page.job.tapeWidthMm * view.scale)}
          fill={paint('tape')}
          stroke={paint('tapeInk')}
          strokeWidth="0.6"
        />
      )}
      {lamp.aim?.mark && (
        <Dimension
          x1={x - out * 300 * view.scale}
          x2={x - out * 300 * view.scale}
          y1={lineY}
          y2={mmToScreenY(view, lamp.aim.mark.value)}
        />
      )}
      <Dimension x1={centreX} x2={centreX} y1={view.footY} y2={lineY} />
      {lowerEdge && (
        <Dimension
          x1={edgeX}
          x2={edgeX}
          y1={view.footY}
          y2={mmToScreenY(view, lowerEdge.value.value)}
        />
      )}
      <g stroke={paint('ink')} strokeWidth="2" fill="none">
        <circle cx={x} cy={lineY} r="7" />
        <path d={`M${x - 13} ${lineY}h26M${x} ${lineY - 13}v26`} />
      </g>
    </g>
  );
}

function LimitsBand({
  lamp,
  view,
  x,
  half,
}: {
  lamp: LampAtWall;
  view: View;
  x: number;
  half: number;
}) {
  const { limits } = lamp;
  if (!limits) {
    return null;
  }
  const top = limits.highestHeight ? mmToScreenY(view, limits.highestHeight.value) : 0;
  const bottom = limits.lowestHeight ? mmToScreenY(view, limits.lowestHeight.value) : view.footY;
  return (
    <g>
      <rect
        x={x - half}
        y={top}
        width={2 * half}
        height={Math.max(0, bottom - top)}
        fill={paint('within')}
        opacity="0.13"
      />
      {[limits.highestHeight, limits.lowestHeight].map(
        (limit, index) =>
          limit && (
            <line
              key={index}
              x1={x - half}
              x2={x + half}
              y1={mmToScreenY(view, limit.value)}
              y2={mmToScreenY(view, limit.value)}
              stroke={paint('within')}
              strokeWidth="1.4"
              strokeDasharray="9 6"
            />
          ),
      )}
    </g>
  );
}

function LampEntries(scene: Scene & { side: Side; lampX: number }) {
  const { side, pair, view, page, sheet, spacingMm, draft, lampX, units, onKeep, onAsk } = scene;
  const lamp = lampOf(pair, side);
  const out = side === 'LEFT' ? -1 : 1;
  const columnsMm = columns(spacingMm);
  const name = side.toLowerCase();
  const of = (kind: Reading['kind']) => ({ kind, lamp: pair.kind, side });
  const centre = lastLiving(page.readings, of('CENTRE'));
  const edge = lastLiving(page.readings, of('LOWER_EDGE'));
  const distance = lastLiving(page.readings, { kind: 'DISTANCE', side });
  const lineMm = lamp.place?.line.value ?? ASSUMED_HEIGHT_MM;
  const verdict = lampVerdict(sheet, lamp);
  const drafted = draft?.side === side && draft.lamp === pair.kind ? draft : undefined;
  const target = sheet.findings.find(
    (one) => lamp.findingIds.includes(one.id) && one.id.includes('aim.target.'),
  );
  const centreX = lampX + out * columnsMm.centre * view.scale;
  const edgeX = lampX + out * columnsMm.edge * view.scale;
  const wide = view.scale > 0.2;
  const room = Math.abs(view.centreX - lampX) - TAPE_ARM_MM * view.scale - 12;
  return (
    <>
      <Overlay x={lampX} y={24} ground="plaster">
        <Box fontFamily="heading" fontWeight="600" fontSize="16px" color="ink">
          {side}
        </Box>
      </Overlay>
      <Overlay x={centreX} y={mmToScreenY(view, lineMm * 0.62)} ground="plaster">
        <MeasuredEntry
          label={`Height of the ${name} lamp centre${centre ? `: ${figureText(centre.value, units)}` : ', not read'}`}
          missing={!centre}
          shown={centre ? bareText(centre.value, units) : 'centre?'}
          onKeep={(typed, id) => onKeep(of('CENTRE'), typed, id)}
          align={side === 'LEFT' ? 'left' : 'right'}
        />
      </Overlay>
      <Overlay x={edgeX} y={mmToScreenY(view, lineMm * 0.3)} ground="plaster">
        <MeasuredEntry
          label={`Lower lens edge of the ${name} lamp${edge ? `: ${figureText(edge.value, units)}` : ', not read'}`}
          missing={!edge}
          shown={edge ? bareText(edge.value, units) : 'lens edge?'}
          onKeep={(typed, id) => onKeep(of('LOWER_EDGE'), typed, id)}
        />
      </Overlay>
      <Overlay x={lampX} y={view.footY + FLOOR_HEIGHT / 2} ground="floor">
        <Box css={{ '& *': { color: 'var(--chakra-colors-floor-ink)' } }}>
          <MeasuredEntry
            label={`Distance from the ${name} lamp to the wall${distance ? `: ${figureText(distance.value, units)}` : ', not read'}`}
            missing={!distance}
            shown={distance ? `↕ ${bareText(distance.value, units)}` : '↕ to the wall?'}
            onKeep={(typed, id) => onKeep({ kind: 'DISTANCE', side }, typed, id)}
          />
        </Box>
      </Overlay>
      {lamp.aim?.belowLine && lamp.place && (
        <Box
          as="button"
          position="absolute"
          left={`${lampX - out * TAPE_ARM_MM * view.scale + (out > 0 ? -8 : 8)}px`}
          top={`${mmToScreenY(view, lineMm - lamp.aim.belowLine.value / 2) - 24}px`}
          transform={out > 0 ? 'translateX(-100%)' : undefined}
          minH="48px"
          px="4px"
          fontFamily="heading"
          fontWeight="600"
          fontSize="16px"
          color="ink"
          whiteSpace="nowrap"
          cursor="pointer"
          hidden={!wide}
          aria-label={`${bareText(lamp.aim.belowLine, units)} to tape, ${name} lamp; show working`}
          onClick={() =>
            lamp.aim &&
            onAsk({
              kind: 'figure',
              title: `Where the ${name} mark goes`,
              lines: lamp.aim.working,
              source: lamp.aim.source,
            })
          }
        >
          <Box as="span" bg="plaster" px="3px" borderBottomWidth="1px" borderBottomStyle="dotted">
            {fitting(bareText(lamp.aim.belowLine, units), ' to tape', room)}
          </Box>
        </Box>
      )}
      {lamp.place && (
        <CutoffHandle
          lamp={lamp}
          x={lampX}
          view={view}
          lineMm={lineMm}
          belowMm={drafted?.belowMm ?? lamp.reading?.belowLine.value}
          drafted={drafted !== undefined}
          verdict={drafted ? verdict : lamp.turnedSinceRead ? 'NOT_KNOWN' : verdict}
          onMove={(belowMm) => scene.onMove({ lamp: pair.kind, side, belowMm })}
          onKeep={scene.onKeepDraft}
          onDrop={scene.onDropDraft}
          words={wide ? words(lamp, drafted, units) : ''}
          onAsk={target && !drafted ? () => onAsk({ kind: 'finding', finding: target }) : undefined}
        />
      )}
    </>
  );
}

/** A figure with its words where there is room for them. */
function fitting(figure: string, words: string, room: number) {
  return (figure.length + words.length) * LETTER_WIDTH < room ? figure + words : figure;
}

function words(lamp: LampAtWall, drafted: Draft | undefined, units: 'METRIC' | 'IMPERIAL') {
  if (!lamp.reading) {
    return drafted ? '' : 'drag to where it is';
  }
  const { belowLine } = lamp.reading;
  const far = figureText(belowLine, units).replace('−', '');
  const stale = lamp.turnedSinceRead && !drafted;
  return `${stale ? 'was' : 'read'} ${far} ${belowLine.value < 0 ? 'above' : 'below'}`;
}

/** The cutoff's handle: dragged, or nudged with the arrow keys; Enter keeps it, Escape drops it. */
function CutoffHandle({
  lamp,
  x,
  view,
  lineMm,
  belowMm,
  drafted,
  verdict,
  words,
  onMove,
  onKeep,
  onDrop,
  onAsk,
}: {
  lamp: LampAtWall;
  x: number;
  view: View;
  lineMm: number;
  belowMm: number | undefined;
  drafted: boolean;
  verdict: Verdict;
  words: string;
  onMove: (belowMm: number) => void;
  onKeep: () => void;
  onDrop: () => void;
  /** Shows how the reading is judged; missing while there is nothing to show. */
  onAsk: (() => void) | undefined;
}) {
  const units = useUnits();
  const dragged = useRef<{ pointer: number; fromY: number; fromBelow: number } | undefined>(
    undefined,
  );
  const shown = belowMm ?? lamp.aim?.belowLine?.value ?? 0;
  const y = mmToScreenY(view, lineMm - shown);
  const side = lamp.side.toLowerCase();

  const down = (event: PointerEvent<HTMLElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    dragged.current = { pointer: event.pointerId, fromY: event.clientY, fromBelow: shown };
  };
  const drag = (event: PointerEvent<HTMLElement>) => {
    const from = dragged.current;
    if (from?.pointer !== event.pointerId) {
      return;
    }
    const upMm = screenYToMm(view, event.clientY) - screenYToMm(view, from.fromY);
    if (Math.abs(event.clientY - from.fromY) > 2) {
      onMove(onTape(from.fromBelow - upMm, units));
    }
  };
  const key = (event: KeyboardEvent<HTMLElement>) => {
    const step = nudgeMm(units) * (event.shiftKey ? 10 : 1);
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      onMove(onTape(shown, units) + (event.key === 'ArrowDown' ? step : -step));
    } else if (event.key === 'Enter' && drafted) {
      event.preventDefault();
      onKeep();
    } else if (event.key === 'Escape' && drafted) {
      event.preventDefault();
      onDrop();
    }
  };
  return (
    <>
      <Box
        role="slider"
        tabIndex={0}
        aria-orientation="vertical"
        aria-label={`Cutoff of the ${side} lamp, below the lamp-height line`}
        aria-valuenow={Math.round(shown)}
        aria-valuemin={-3000}
        aria-valuemax={3000}
        aria-valuetext={
          belowMm === undefined
            ? 'not read'
            : `${words || `${Math.round(shown)} mm below`}, ${VERDICT_WORD[verdict]}`
        }
        position="absolute"
        left={`${x - 26}px`}
        top={`${y - 26}px`}
        w="52px"
        h="52px"
        borderRadius="full"
        cursor="ns-resize"
        touchAction="none"
        css={{ transition: drafted ? undefined : 'top 300ms' }}
        onPointerDown={down}
        onPointerMove={drag}
        onPointerUp={() => (dragged.current = undefined)}
        onKeyDown={key}
      >
        <svg width="52" height="52" aria-hidden="true">
          {belowMm === undefined ? (
            <circle
              cx="26"
              cy="26"
              r="9"
              fill={paint('plaster')}
              stroke={paint('ink')}
              strokeWidth="2"
              strokeDasharray="4 3"
            />
          ) : (
            <VerdictMark verdict={verdict} x={26} y={verdict === 'OUT' ? 22 : 26} size={22} />
          )}
        </svg>
      </Box>
      {words && (
        <Box
          as={onAsk ? 'button' : 'span'}
          onClick={onAsk}
          cursor={onAsk ? 'pointer' : undefined}
          minH="48px"
          display="flex"
          alignItems="flex-end"
          position="absolute"
          left={`${x}px`}
          top={`${Math.min(y, mmToScreenY(view, lineMm)) - 8}px`}
          transform="translate(calc(-100% - 22px), -100%)"
          fontFamily="heading"
          fontWeight="600"
          fontSize="16px"
          color={belowMm === undefined ? 'quiet' : VERDICT_PAINT[verdict]}
          whiteSpace="nowrap"
          pointerEvents={onAsk ? 'auto' : 'none'}
        >
          <Box
            as="span"
            bg="plaster"
            px="3px"
            borderBottomWidth={onAsk ? '1px' : '0'}
            borderBottomStyle="dotted"
          >
            {words}
          </Box>
        </Box>
      )}
    </>
  );
}

function FloorWords({
  floor,
  width,
  y,
  leftX,
  rightX,
}: {
  floor: WallSheet['floor'];
  width: number;
  y: number;
  leftX: number;
  rightX: number;
}) {
  const units = useUnits();
  const [left, right] = floor.profiles;
  const room = rightX - leftX - 150;
  if (width < 560 || room < 120) {
    return null;
  }
  return (
    <Box
      position="absolute"
      top={`${y}px`}
      left={`${(leftX + rightX) / 2}px`}
      transform="translateX(-50%)"
      w={`${room}px`}
      h={`${FLOOR_HEIGHT}px`}
      display="flex"
      alignItems="center"
      justifyContent="center"
      textAlign="center"
      color="floorInk"
      fontSize="14px"
      lineHeight="1.2"
      whiteSpace="nowrap"
    >
      {left && right ? (
        <span>
          floor: {move(left.correction, units)} left,
          <br />
          {move(right.correction, units)} right
        </span>
      ) : (
        'wall’s foot; floor taken as level'
      )}
    </Box>
  );
}

function move(correction: { value: number; metric: string; imperial: string }, units: string) {
  const text = (units === 'METRIC' ? correction.metric : correction.imperial).replace('−', '');
  return `${text} ${correction.value < 0 ? 'down' : 'up'}`;
}
