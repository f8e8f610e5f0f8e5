import { Box, Flex } from '@chakra-ui/react';
import type { Figure, LampAtWall, Side, Units, WallSheet } from '../api/client';
import { bareText, figureText, sizeOf, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { DrawingGround } from '../drawing/DrawingGround';
import { Overlay } from '../drawing/Overlay';
import { UprightTape } from '../drawing/UprightTape';
import type { Size } from '../drawing/useSize';
import { fitView, mmToScreenX, mmToScreenY, type View } from '../drawing/view';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { Cutoff, cutoffShape } from './Cutoff';
import { LampEntries } from './LampEntries';
import { lampVerdict } from './lampVerdict';
import { lastLiving } from '../kept/readings';
import {
  ABOVE_MM,
  AROUND_MM,
  ASSUMED_HEIGHT_MM,
  ASSUMED_SPACING_MM,
  columns,
  FLOOR_HEIGHT,
  lampOf,
  TAPE_WIDTH,
  type Props,
  type Scene,
} from './scene';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

/** The wall to scale, as seen from the seat; values are typed where they are measured. */
export function WallDrawing(props: Props) {
  return (
    <DrawingGround label={wallWords.theWallToScaleAsSeen()}>
      {(size) => size.height > FLOOR_HEIGHT && <Drawn {...props} {...size} />}
    </DrawingGround>
  );
}

function Drawn(props: Props & Size) {
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
  // lamps whose spacing was not read are drawn apart all the same
  const aheadOf = (lamp: LampAtWall, toLeft: 1 | -1) =>
    (spacing && lamp.place?.aheadLeft.value) ?? (toLeft * spacingMm) / 2;
  const ahead = { LEFT: aheadOf(pair.left, 1), RIGHT: aheadOf(pair.right, -1) };
  const scene = { ...props, view, spacingMm, ahead, units };
  const centreX = mmToScreenX(view, 0);
  const [leftX, rightX] = [mmToScreenX(view, ahead.LEFT), mmToScreenX(view, ahead.RIGHT)];
  return (
    <>
      <svg
        width={width}
        height={height}
        aria-hidden="true"
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
        <Flex align="center" fontFamily="heading" fontWeight="600" px="4px">
          <MeasuredEntry
            label={wallWords.betweenLamps({
              value: spacing ? `: ${figureText(spacing.value, units)}` : appWords.notRead(),
            })}
            missing={!spacing}
            shown={spacing ? bareText(spacing.value, units) : wallWords.betweenLampsAsked()}
            onKeep={(typed, id) => props.onKeep({ kind: 'SPACING', lamp: pair.kind }, typed, id)}
          />
          {spacing && (
            <Box whiteSpace="nowrap" bg="plaster" ml="-6px" px="4px">
              {wallWords.betweenLampsSmall()}
            </Box>
          )}
        </Flex>
      </Overlay>
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <LampEntries key={side} side={side} lampX={side === 'LEFT' ? leftX : rightX} {...scene} />
      ))}
      <FloorWords floor={sheet.floor} width={width} y={view.footY} leftX={leftX} rightX={rightX} />
      {draft === undefined && !pair.left.place && !pair.right.place && (
        <Overlay x={(width + TAPE_WIDTH) / 2} y={height * 0.36} ground="plaster">
          <Box fontSize="17px" textAlign="center" w="340px" p="8px" bg="plaster">
            {wallWords.measureFromEachLampSquareTo()}
          </Box>
        </Overlay>
      )}
    </>
  );
}

function LampOnWall(scene: Scene & { side: Side }) {
  const { side, pair, view, page, sheet, spacingMm, ahead, draft } = scene;
  const lamp = lampOf(pair, side);
  const out = side === 'LEFT' ? -1 : 1;
  const x = mmToScreenX(view, ahead[side]);
  if (!lamp.place) {
    return <CentreLine x1={x} y1={70} x2={x} y2={view.footY} />;
  }
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
          aheadMm={ahead[side]}
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
          {wallWords.floorCorrectionLeft({ correction: move(left.correction, units) })}
          <br />
          {wallWords.correctionRight({ correction: move(right.correction, units) })}
        </span>
      ) : (
        wallWords.footOfTheWallFloorTaken()
      )}
    </Box>
  );
}

function move(correction: Figure, units: Units) {
  return wallWords.move({
    size: figureText(sizeOf(correction), units),
    down: correction.value < 0 ? 'yes' : 'no',
  });
}
