import { Box } from '@chakra-ui/react';
import { useRef, type ReactNode } from 'react';
import type { JobPage, ReadingKind } from '../app/api/client';
import { bareText, figureText, useUnits } from '../app/session';
import { paint } from '../app/theme';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { Label } from '../drawing/Label';
import { useSize } from '../drawing/useSize';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { typedLength } from '../entry/typed';
import { lastLiving, type KeepThing } from '../wall/readings';
import { aheadToScreenX, bodyPath, riseAt, sideView, type SideShape } from './sideView';
import type { VehicleLength } from './vehicleEdit';

const FLOOR = 150;
const ASSUMED = { wheelbase: 2600, ahead: 850, tyre: 680, lampHeight: 680 };

/** The beam's tip is drawn so many times too steep, to be seen. */
const STEEPER = 8;
const BEAM_MM = 560;

const ON_GROUND = { '--entry-ground': 'var(--chakra-colors-ground)' };

/** The vehicle from its left: what was changed is typed at the axle where it was changed. */
export function SideDrawing({
  page,
  onKeep,
  onLength,
}: {
  page: JobPage;
  onKeep: KeepThing;
  onLength: (field: VehicleLength, typed: string) => Promise<void>;
}) {
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const units = useUnits();
  const { vehicle, stance } = page;
  const last = (kind: ReadingKind) => lastLiving(page.readings, { kind });
  const tyre = (now: ReadingKind, before: ReadingKind) =>
    (last(now) ?? last(before))?.value.value ?? ASSUMED.tyre;
  const shape: SideShape = {
    wheelbaseMm: vehicle.wheelbaseMm ?? ASSUMED.wheelbase,
    lampAheadMm: vehicle.lampAheadMm ?? ASSUMED.ahead,
    tyreFrontMm: tyre('TYRE_FRONT', 'TYRE_FRONT_BEFORE'),
    tyreRearMm: tyre('TYRE_REAR', 'TYRE_REAR_BEFORE'),
    frontRiseMm: stance.frontRise?.value ?? 0,
    rearRiseMm: stance.rearRise?.value ?? 0,
    lampHeightMm:
      lastLiving(page.readings, { kind: 'CENTRE', side: 'LEFT' })?.value.value ??
      ASSUMED.lampHeight,
  };
  const footY = height - FLOOR;
  const view = sideView(shape, width, footY);
  const frontX = aheadToScreenX(view, 0);
  const rearX = aheadToScreenX(view, -shape.wheelbaseMm);
  const lampX = aheadToScreenX(view, shape.lampAheadMm);
  const lampY = footY - shape.lampHeightMm * view.scale;
  const asItCameY = lampY + riseAt(shape, shape.lampAheadMm) * view.scale;
  const tip = ((stance.beamRise?.value ?? 0) / 100) * BEAM_MM * STEEPER * view.scale;
  const beamX = lampX - BEAM_MM * view.scale;
  const entry = (kind: ReadingKind, name: string, hint: string, prefix = '') => {
    const found = last(kind);
    const plain =
      found && (found.title.includes('tyre') ? found.typed : bareText(found.value, units));
    return (
      <MeasuredEntry
        label={plain ? `${name}: ${prefix}${plain}` : `${name}, ${hint} not noted`}
        shown={plain ? prefix + plain : hint}
        width="130px"
        onKeep={(typed, id) => onKeep({ kind }, typed, id)}
      />
    );
  };
  const length = (field: VehicleLength, name: string, hint: string) => {
    const mm = vehicle[field];
    return (
      <MeasuredEntry
        label={`${name}${mm === undefined ? ', not measured' : `: ${typedLength(mm, units)}`}`}
        shown={mm === undefined ? hint : typedLength(mm, units)}
        missing={mm === undefined}
        onKeep={(typed) => onLength(field, typed)}
      />
    );
  };
  return (
    <Box
      ref={box}
      position="relative"
      h="100%"
      bg="plaster"
      overflow="hidden"
      role="group"
      aria-label="The vehicle, seen from its left"
      css={{ '--entry-ground': 'var(--chakra-colors-plaster)' }}
    >
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <rect y={footY} width={width} height={FLOOR} fill={paint('ground')} />
        <line x1="0" x2={width} y1={footY} y2={footY} stroke={paint('ink')} strokeWidth="1.5" />
        <path
          d={bodyPath(view, shape)}
          fill="none"
          stroke={paint('ink')}
          strokeWidth="1.5"
          opacity="0.75"
        />
        {(
          [
            [frontX, shape.tyreFrontMm],
            [rearX, shape.tyreRearMm],
          ] as const
        ).map(([x, tyreMm]) => (
          <g key={x}>
            <circle
              cx={x}
              cy={footY - (tyreMm / 2) * view.scale}
              r={(tyreMm / 2) * view.scale}
              fill={paint('ground')}
              stroke={paint('ink')}
              strokeWidth="1.5"
            />
            <CentreLine x1={x} y1={footY - 1250 * view.scale} x2={x} y2={footY + 34} />
          </g>
        ))}
        <path
          d={`M${lampX} ${lampY}L${beamX} ${lampY - tip}`}
          stroke={paint('lamp')}
          strokeWidth="2.5"
        />
        {(tip !== 0 || asItCameY !== lampY) && (
          <path
            d={`M${lampX} ${asItCameY}L${beamX} ${asItCameY}`}
            stroke={paint('quiet')}
            strokeDasharray="5 4"
            strokeWidth="1.5"
          />
        )}
        <circle cx={lampX} cy={lampY} r="7" fill={paint('lampFill')} />
        <Dimension x1={frontX} y1={footY + 34} x2={rearX} y2={footY + 34} />
        <Dimension x1={lampX} y1={footY + 34} x2={frontX} y2={footY + 34} />
        <Label x={14} y={height - 12} size={13.5} colour="quiet">
          seen from its left, the front at the left
        </Label>
        {[frontX, rearX].map((x) => (
          <Label key={x} x={x} y={footY + 104} size={13.5} colour="quiet" anchor="middle">
            tyre before, tyre now
          </Label>
        ))}
        {tip !== 0 && (
          <Label x={14} y={24} size={13.5} colour="quiet">
            {`the beam’s tip drawn ${STEEPER} times too steep`}
          </Label>
        )}
      </svg>
      <At x={(frontX + rearX) / 2} y={footY + 34} ground>
        {length('wheelbaseMm', 'Wheelbase', 'wheelbase?')}
      </At>
      <At x={(lampX + frontX) / 2} y={footY + 34} ground>
        {length('lampAheadMm', 'Lamps ahead of the front axle', 'ahead?')}
      </At>
      {stance.centreRise && stance.centreRise.value !== 0 && (
        <At x={Math.max(40, lampX - 48)} y={lampY - 26 - Math.max(0, tip)}>
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="17px"
            color="lamp"
            whiteSpace="nowrap"
          >
            {figureText(stance.centreRise, units).replace('−', '')}{' '}
            {stance.centreRise.value < 0 ? 'lower' : 'higher'}
          </Box>
        </At>
      )}
      <Axle x={frontX} top={footY - 1010 * view.scale} foot={footY}>
        {entry('LIFT_FRONT', 'Front axle', 'lift', 'lift ')}
        {entry('LOAD_FRONT', 'Front axle', 'load', 'load ')}
        {entry('TYRE_FRONT_BEFORE', 'Front tyre before', 'tyre before')}
        {entry('TYRE_FRONT', 'Front tyre now', 'tyre now')}
      </Axle>
      <Axle x={rearX} top={footY - 1010 * view.scale} foot={footY}>
        {entry('LIFT_REAR', 'Rear axle', 'lift', 'lift ')}
        {entry('LOAD_REAR', 'Rear axle', 'load', 'load ')}
        {entry('TYRE_REAR_BEFORE', 'Rear tyre before', 'tyre before')}
        {entry('TYRE_REAR', 'Rear tyre now', 'tyre now')}
      </Axle>
      <At x={width - 130} y={footY + 124}>
        <Box whiteSpace="nowrap" color="quiet" css={ON_GROUND}>
          levelling dial
          {entry('DIAL_BEFORE', 'Levelling dial', 'before', 'before ')}
          {entry('DIAL', 'Levelling dial', 'now', 'now ')}
        </Box>
      </At>
    </Box>
  );
}

/** What was done at one axle: lift and load in the body above it, tyres at the wheel's foot. */
function Axle({
  x,
  top,
  foot,
  children,
}: {
  x: number;
  top: number;
  foot: number;
  children: [ReactNode, ReactNode, ReactNode, ReactNode];
}) {
  return (
    <>
      <At x={x - 44} y={top + 24}>
        {children[0]}
      </At>
      <At x={x + 44} y={top + 24}>
        {children[1]}
      </At>
      <At x={x} y={foot + 74}>
        <Box whiteSpace="nowrap" css={ON_GROUND}>
          {children[2]}
          {children[3]}
        </Box>
      </At>
    </>
  );
}

function At({
  x,
  y,
  ground = false,
  children,
}: {
  x: number;
  y: number;
  ground?: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      position="absolute"
      left={`${x}px`}
      top={`${y}px`}
      transform="translate(-50%, -50%)"
      zIndex="2"
      css={ground ? ON_GROUND : undefined}
    >
      {children}
    </Box>
  );
}
