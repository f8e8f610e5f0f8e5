import type { JobPage, Side } from '../api/client';
import { bareText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { bodyOf, closedPath, frontCorners, screenCorners, type Corner } from '../drawing/bodies';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { Caption } from '../drawing/Caption';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import { UprightTape } from '../drawing/UprightTape';
import { Overlay } from '../drawing/Overlay';
import type { Size } from '../drawing/useSize';
import { fitView, mmToScreenY } from '../drawing/view';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { shownLength } from '../entry/typed';
import { leftMmToScreenX, SIDES } from '../vehicle/shapes';
import { lastLiving, type KeepThing, type Thing } from '../kept/readings';
import { appWords } from '../words/page/app';
import { cameWords } from '../words/page/came';
import { sideWord } from '../words/terms';
import type { VehicleLength } from './vehicleEdit';

const ASIDE_MM = 420;
const ABOVE_MM = 160;
const TAPE_WIDTH = 40;
const FOOT = 92;
const ASSUMED = { height: 680, spacingShare: 0.68 };
const MARK = 9;
/** So far beside the body a height's own words stand clear of it, however small it is drawn. */
const LEAST_ASIDE = 44;

interface Props {
  page: JobPage;
  onKeep: KeepThing;
  onLength: (field: VehicleLength, typed: string) => Promise<void>;
}

/** The vehicle from the front: where the marks on its lenses sit, typed where they are measured. */
export function FrontElevation(props: Props) {
  return (
    <DrawingGround label={cameWords.theVehicleSeenStandingBeforeIt()}>
      {(size) => <Drawn {...props} {...size} />}
    </DrawingGround>
  );
}

function Drawn({ page, onKeep, onLength, width, height }: Props & Size) {
  const units = useUnits();
  const { vehicle } = page;
  const body = bodyOf(vehicle);
  const fitted = fitView(
    { halfWidthMm: body.widthMm / 2 + ASIDE_MM, heightMm: body.heightMm + ABOVE_MM },
    { width: width - TAPE_WIDTH, height: height - FOOT },
  );
  const view = { ...fitted, centreX: fitted.centreX + TAPE_WIDTH };
  const at = (corners: Corner[]) =>
    closedPath(corners.map(([x, up]) => [leftMmToScreenX(view, x), mmToScreenY(view, up)]));
  const read = (thing: Thing) => lastLiving(page.readings, thing)?.value;
  const spacing = read({ kind: 'SPACING' })?.value ?? body.widthMm * ASSUMED.spacingShare;
  const centre = (side: Side) => read({ kind: 'CENTRE', side })?.value ?? ASSUMED.height;
  const lampX = (side: Side) => leftMmToScreenX(view, ((side === 'LEFT' ? 1 : -1) * spacing) / 2);
  const sideX = (side: Side) =>
    leftMmToScreenX(view, ((side === 'LEFT' ? 1 : -1) * body.widthMm) / 2);
  const aside = Math.max(LEAST_ASIDE, ASIDE_MM * 0.42 * view.scale);
  const asideX = (side: Side) => sideX(side) + (side === 'LEFT' ? aside : -aside);
  const spacingY = mmToScreenY(view, Math.max(centre('LEFT'), centre('RIGHT'))) - 40;
  const widthY = view.footY + 24;
  const entry = (thing: Thing, name: string, hint: string) => {
    const found = read(thing);
    return (
      <MeasuredEntry
        label={found ? `${name}: ${bareText(found, units)}` : appWords.nameNotRead({ name })}
        shown={found ? bareText(found, units) : hint}
        missing={!found}
        onKeep={(typed, id) => onKeep(thing, typed, id)}
      />
    );
  };
  return (
    <>
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <rect y={view.footY} width={width} height={FOOT} fill={paint('ground')} />
        <line x2={width} y1={view.footY} y2={view.footY} stroke={paint('ink')} strokeWidth="1.5" />
        <g fill="none" stroke={paint('ink')} strokeWidth="1.5" opacity="0.75">
          {[1, -1].map((sign) => (
            <path
              key={sign}
              d={at([
                [sign * 0.74 * (body.widthMm / 2), body.heightMm * 0.15],
                [sign * 0.74 * (body.widthMm / 2), 0],
                [sign * 0.96 * (body.widthMm / 2), 0],
                [sign * 0.96 * (body.widthMm / 2), body.heightMm * 0.2],
              ])}
              fill={paint('ground')}
            />
          ))}
          <path d={at(frontCorners(body))} fill={paint('plaster')} />
          <path d={at(screenCorners(body))} opacity="0.6" />
        </g>
        <CentreLine x1={view.centreX} y1={0} x2={view.centreX} y2={widthY} />
        {SIDES.map((side) => {
          const x = lampX(side);
          const y = mmToScreenY(view, centre(side));
          return (
            <LampMark
              key={side}
              side={side}
              x={x}
              y={y}
              aside={asideX(side)}
              spacingY={spacingY}
              footY={view.footY}
              radius={75 * view.scale}
            />
          );
        })}
        <Dimension x1={lampX('RIGHT')} y1={spacingY} x2={lampX('LEFT')} y2={spacingY} />
        <Dimension x1={sideX('RIGHT')} y1={widthY} x2={sideX('LEFT')} y2={widthY} />
        <UprightTape
          view={view}
          width={TAPE_WIDTH}
          topMm={body.heightMm + ABOVE_MM}
          units={units}
        />
      </svg>
      <Caption left={TAPE_WIDTH + 14}>{cameWords.seenStandingBeforeItTheCross()}</Caption>
      {SIDES.map((side) => (
        <Overlay key={side} x={asideX(side)} y={mmToScreenY(view, centre(side) / 2)}>
          {entry(
            { kind: 'CENTRE', side },
            cameWords.lensMarkSideHeight({ side: sideWord(side) }),
            cameWords.heightAsked(),
          )}
        </Overlay>
      ))}
      <Overlay x={view.centreX} y={spacingY}>
        {entry({ kind: 'SPACING' }, cameWords.betweenTheLensMarks(), cameWords.spacingAsked())}
      </Overlay>
      <Overlay x={view.centreX} y={widthY} ground="ground">
        <MeasuredEntry
          label={
            vehicle.widthMm === undefined
              ? cameWords.widthNotMeasured()
              : cameWords.widthWidthMm({ widthMm: shownLength(vehicle.widthMm, units) })
          }
          shown={
            vehicle.widthMm === undefined
              ? cameWords.widthAsked()
              : shownLength(vehicle.widthMm, units)
          }
          missing={vehicle.widthMm === undefined}
          onKeep={(typed) => onLength('widthMm', typed)}
        />
      </Overlay>
    </>
  );
}

/** Where a lens's mark is, with its lines to the figures. */
function LampMark({
  side,
  x,
  y,
  aside,
  spacingY,
  footY,
  radius,
}: {
  side: Side;
  x: number;
  y: number;
  aside: number;
  spacingY: number;
  footY: number;
  radius: number;
}) {
  return (
    <g>
      <circle cx={x} cy={y} r={radius} fill={paint('lampFill')} opacity="0.28" />
      <path
        d={`M${x - MARK} ${y}H${x + MARK}M${x} ${y - MARK}V${y + MARK}`}
        stroke={paint('lamp')}
        strokeWidth="2"
      />
      <line x1={x} y1={y} x2={aside} y2={y} stroke={paint('quiet')} strokeDasharray="4 3" />
      <line x1={x} y1={y - MARK} x2={x} y2={spacingY} stroke={paint('quiet')} />
      <Dimension x1={aside} y1={y} x2={aside} y2={footY} />
      <Label x={aside} y={28} size={16} colour="quiet" anchor="middle">
        {sideWord(side).toUpperCase()}
      </Label>
    </g>
  );
}
