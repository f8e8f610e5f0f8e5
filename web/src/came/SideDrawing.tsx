import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { JobPage, ReadingKind } from '../api/client';
import { bareText, figureText, sizeOf, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { bodyOf } from '../drawing/bodies';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { Caption } from '../drawing/Caption';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import { Overlay } from '../drawing/Overlay';
import type { Size } from '../drawing/useSize';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { shownLength } from '../entry/typed';
import { lastLiving, type KeepThing } from '../kept/readings';
import { appWords } from '../words/page/app';
import { cameWords } from '../words/page/came';
import { aheadToScreenX, bodyPath, riseAt, sideView, type SideShape } from './sideView';
import type { VehicleLength } from './vehicleEdit';

/** A tyre is shown as its size was typed, not as its diameter. */
const TYRES = new Set<ReadingKind>([
  'TYRE_FRONT_BEFORE',
  'TYRE_FRONT',
  'TYRE_REAR_BEFORE',
  'TYRE_REAR',
]);

const FLOOR = 150;
/** Where the axles are so near each other that each one's tyres stand in two rows. */
const STACKED_FLOOR = 236;
const TYRES_ROOM = 300;
const ASSUMED = { wheelbase: 2600, ahead: 850, tyre: 680, lampHeight: 680 };

/** Half the room of a length's figures. */
const HALF_ENTRY = 30;

/** The beam's tip is drawn so many times too steep, to be seen. */
const STEEPER = 8;
const BEAM_MM = 500;

const ON_GROUND = { '--entry-ground': 'var(--chakra-colors-ground)' };

interface Props {
  page: JobPage;
  onKeep: KeepThing;
  onLength: (field: VehicleLength, typed: string) => Promise<void>;
}

/** The vehicle from its left: what was changed is typed at the axle where it was changed. */
export function SideDrawing(props: Props) {
  return (
    <DrawingGround label={cameWords.theVehicleSeenFromItsLeft()}>
      {(size) => <Drawn {...props} {...size} />}
    </DrawingGround>
  );
}

/** What is noted of each axle, the front one first. */
const AXLES = [
  {
    name: cameWords.frontAxle(),
    tyreBefore: cameWords.frontTyreBefore(),
    tyreNow: cameWords.frontTyreNow(),
    lift: 'LIFT_FRONT',
    load: 'LOAD_FRONT',
    before: 'TYRE_FRONT_BEFORE',
    now: 'TYRE_FRONT',
  },
  {
    name: cameWords.rearAxle(),
    tyreBefore: cameWords.rearTyreBefore(),
    tyreNow: cameWords.rearTyreNow(),
    lift: 'LIFT_REAR',
    load: 'LOAD_REAR',
    before: 'TYRE_REAR_BEFORE',
    now: 'TYRE_REAR',
  },
] as const;

/** Where everything of the vehicle is drawn: as it was measured, or as it is assumed. */
function sideScene(page: JobPage, width: number, height: number) {
  const { vehicle, stance } = page;
  const last = (kind: ReadingKind) => lastLiving(page.readings, { kind });
  const tyre = (now: ReadingKind, before: ReadingKind) =>
    (last(now) ?? last(before))?.value.value ?? ASSUMED.tyre;
  const body = bodyOf(vehicle);
  const shape: SideShape = {
    body,
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
  const axlesApart = shape.wheelbaseMm * sideView(shape, width, height - FLOOR).scale;
  const isStacked = axlesApart < TYRES_ROOM;
  const floor = isStacked ? STACKED_FLOOR : FLOOR;
  const footY = height - floor;
  const view = sideView(shape, width, footY);
  const noseX = aheadToScreenX(view, body.frontOverhangMm);
  const tailX = aheadToScreenX(view, -shape.wheelbaseMm - body.rearOverhangMm);
  const roofY =
    footY - (body.heightMm + Math.max(0, shape.frontRiseMm, shape.rearRiseMm)) * view.scale;
  const overY = roofY - 26;
  const highX = Math.min(tailX + 34, width - HALF_ENTRY);
  const frontX = aheadToScreenX(view, 0);
  const rearX = aheadToScreenX(view, -shape.wheelbaseMm);
  const lampX = aheadToScreenX(view, shape.lampAheadMm);
  const lampY = footY - shape.lampHeightMm * view.scale;
  const asItCameY = lampY + riseAt(shape, shape.lampAheadMm) * view.scale;
  const tip = ((stance.beamRise?.value ?? 0) / 100) * BEAM_MM * STEEPER * view.scale;
  const beamX = lampX - BEAM_MM * view.scale;
  return {
    body,
    shape,
    view,
    floor,
    footY,
    noseX,
    tailX,
    overY,
    highX,
    frontX,
    rearX,
    lampX,
    lampY,
    asItCameY,
    beamX,
    tip,
    isStacked,
  };
}

type Said = (values: { value: string }) => string;

/** Something that was changed at the vehicle, as it was noted. */
function Noted({
  page,
  kind,
  name,
  hint,
  said = ({ value }) => value,
  onKeep,
}: {
  page: JobPage;
  kind: ReadingKind;
  name: string;
  hint: string;
  /** How it is shown. */
  said?: Said;
  onKeep: KeepThing;
}) {
  const units = useUnits();
  const found = lastLiving(page.readings, { kind });
  const plain = found && (TYRES.has(kind) ? found.typed : bareText(found.value, units));
  return (
    <MeasuredEntry
      label={
        plain ? `${name}: ${said({ value: plain })}` : cameWords.nameHintNotNoted({ name, hint })
      }
      shown={plain ? said({ value: plain }) : hint}
      width="130px"
      onKeep={(typed, id) => onKeep({ kind }, typed, id)}
    />
  );
}

function Drawn({ page, onKeep, onLength, width, height }: Props & Size) {
  const units = useUnits();
  const { vehicle, stance } = page;
  const scene = sideScene(page, width, height);
  const { body, view, footY, noseX, tailX, overY, highX, frontX, rearX } = scene;
  const { lampX, lampY, tip, isStacked } = scene;
  const entry = (kind: ReadingKind, name: string, hint: string, said?: Said) => (
    <Noted page={page} kind={kind} name={name} hint={hint} said={said} onKeep={onKeep} />
  );
  const length = (field: VehicleLength, name: string, hint: string) => {
    const mm = vehicle[field];
    return (
      <MeasuredEntry
        label={`${name}${mm === undefined ? cameWords.notMeasured() : `: ${shownLength(mm, units)}`}`}
        shown={mm === undefined ? hint : shownLength(mm, units)}
        missing={mm === undefined}
        onKeep={(typed) => onLength(field, typed)}
      />
    );
  };
  const axles = AXLES.map((axle, index) => ({ ...axle, x: index === 0 ? frontX : rearX }));
  const before = isStacked ? cameWords.dialBefore : undefined;
  const now = isStacked ? cameWords.dialNow : undefined;
  return (
    <>
      <SideLines scene={scene} width={width} height={height} />
      <Caption>
        {cameWords.seenFromItsLeftTheFront({
          value: tip !== 0 ? cameWords.theTipOfTheBeamExaggerated({ times: STEEPER }) : '',
        })}
      </Caption>
      <Overlay x={(frontX + rearX) / 2} y={footY + 34} ground="ground">
        {length('wheelbaseMm', appWords.wheelbase(), cameWords.wheelbaseAsked())}
      </Overlay>
      <Overlay x={(lampX + frontX) / 2} y={footY + 34} ground="ground">
        {length('lampAheadMm', appWords.lampsAheadOfTheFrontAxle(), cameWords.aheadAsked())}
      </Overlay>
      <Overlay x={(noseX + frontX) / 2} y={overY}>
        {length('frontOverhangMm', appWords.frontOverhang(), cameWords.overhangAsked())}
      </Overlay>
      <Overlay x={(rearX + tailX) / 2} y={overY}>
        {length('rearOverhangMm', appWords.rearOverhang(), cameWords.overhangAsked())}
      </Overlay>
      <Overlay x={highX} y={footY - (body.heightMm / 2) * view.scale}>
        {length('heightMm', appWords.height(), cameWords.heightAsked())}
      </Overlay>
      {stance.centreRise && stance.centreRise.value !== 0 && (
        <Overlay x={Math.max(56, noseX - 52)} y={lampY - 26 - Math.max(0, tip)}>
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="17px"
            color="lamp"
            whiteSpace="nowrap"
          >
            {figureText(sizeOf(stance.centreRise), units)}{' '}
            {stance.centreRise.value < 0 ? cameWords.lower() : cameWords.higher()}
          </Box>
        </Overlay>
      )}
      {axles.map((axle) => (
        <Axle
          key={axle.lift}
          x={axle.x}
          top={footY - Math.min(1010, body.heightMm * 0.55) * view.scale}
          foot={footY}
          stacked={isStacked}
        >
          {entry(axle.lift, axle.name, cameWords.lift(), cameWords.lifted)}
          {entry(axle.load, axle.name, cameWords.load(), cameWords.loaded)}
          {entry(axle.before, axle.tyreBefore, cameWords.tyreBefore(), before)}
          {entry(axle.now, axle.tyreNow, cameWords.tyreNow(), now)}
        </Axle>
      ))}
      <Overlay x={width - 130} y={footY + (isStacked ? 164 : 124)}>
        <Box whiteSpace="nowrap" color="quiet" css={ON_GROUND}>
          {cameWords.levellingDial()}
          {entry(
            'DIAL_BEFORE',
            cameWords.levellingDialTitle(),
            cameWords.before(),
            cameWords.dialBefore,
          )}
          {entry('DIAL', cameWords.levellingDialTitle(), cameWords.now(), cameWords.dialNow)}
        </Box>
      </Overlay>
    </>
  );
}

/** What was done at one axle: lift and load in the body above it, tyres at the wheel's foot. */
function Axle({
  x,
  top,
  foot,
  stacked,
  children,
}: {
  x: number;
  top: number;
  foot: number;
  stacked: boolean;
  children: [ReactNode, ReactNode, ReactNode, ReactNode];
}) {
  return (
    <>
      <Overlay x={x - 44} y={top + 24}>
        {children[0]}
      </Overlay>
      <Overlay x={x + 44} y={top + 24}>
        {children[1]}
      </Overlay>
      <Overlay x={x} y={foot + (stacked ? 96 : 74)}>
        <Flex
          direction={stacked ? 'column' : 'row'}
          align="center"
          whiteSpace="nowrap"
          css={ON_GROUND}
        >
          {children[2]}
          {children[3]}
        </Flex>
      </Overlay>
    </>
  );
}

/** The vehicle with its axles, its lamp and where that shines. */
function SideLines({
  scene,
  width,
  height,
}: {
  scene: ReturnType<typeof sideScene>;
  width: number;
  height: number;
}) {
  const { body, shape, view, floor, footY, noseX, tailX, overY, highX, frontX, rearX } = scene;
  const { lampX, lampY, asItCameY, beamX, tip, isStacked } = scene;
  return (
    <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
      <rect y={footY} width={width} height={floor} fill={paint('ground')} />
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
          <CentreLine x1={x} y1={overY} x2={x} y2={footY + 34} />
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
      <Dimension x1={noseX} y1={overY} x2={frontX} y2={overY} />
      <Dimension x1={rearX} y1={overY} x2={tailX} y2={overY} />
      <Dimension x1={highX} y1={footY - body.heightMm * view.scale} x2={highX} y2={footY} />
      {(isStacked ? [] : [frontX, rearX]).map((x) => (
        <Label key={x} x={x} y={footY + 104} size={13.5} colour="quiet" anchor="middle">
          {cameWords.tyreBeforeTyreNow()}
        </Label>
      ))}
    </svg>
  );
}
