import type { FindPage, Hunt } from '../api/client';
import { ProbeFlags, tint, type Pointed } from '../circuit/Suspicion';
import { points, wireColour } from '../circuit/wires';
import { Label } from '../drawing/Label';
import { pressed } from '../drawing/pressed';
import { ScrolledDrawing } from '../drawing/ScrolledDrawing';
import { paint } from '../ui/theme';
import { findWords } from '../words/page/find';
import {
  LINE,
  onVehicle,
  WIDTH,
  type Laid,
  type OnVehicle,
  type Plate,
  type Row,
} from './onVehicle';

const SCALES = [0.62, 1.15] as const;

interface Seen {
  page: FindPage;
  hunt: Hunt;
  /** How much each part is suspected, 0 to 1. */
  suspicion: Record<string, number>;
  pointed: Pointed | undefined;
  onPart: (id: string) => void;
}

/** The circuit as it lies on the vehicle: what sits where, and which wires run between. */
export function VehicleDrawing(seen: Seen) {
  const { page, hunt, pointed } = seen;
  const laid = onVehicle(hunt.layout, hunt.sheet, page.vehicle.driverSide);
  const red = terminalAt(laid, hunt.next?.red, pointed?.red);
  const black = terminalAt(laid, hunt.next?.black, pointed?.black);
  return (
    <ScrolledDrawing
      label={findWords.theCircuitOnTheVehicle()}
      region={findWords.theVehicleItCanBeScrolled()}
      title={findWords.theCircuitOnTheVehicle()}
      width={WIDTH}
      height={laid.height}
      scales={SCALES}
      shown={red ?? centre(laid, pointed)}
    >
      {(width, height) => (
        <g transform={`translate(${String((width - WIDTH) / 2)} 0)`}>
          <Outline laid={laid} height={height} />
          <Wires laid={laid} {...seen} />
          {laid.plates.map((plate) => (
            <Place key={plate.site} plate={plate} {...seen} />
          ))}
          <ProbeFlags red={red} black={black} />
        </g>
      )}
    </ScrolledDrawing>
  );
}

/** Where a probe goes: a point of the circuit at a place. */
function terminalAt(laid: OnVehicle, site: Plate['site'] | undefined, node: string | undefined) {
  return laid.plates
    .filter((plate) => plate.site === site)
    .flatMap((plate) => plate.rows.flatMap((row) => row.terminals))
    .find((terminal) => terminal.node === node)?.at;
}

/** The middle of the part that the next check is made at. */
function centre(laid: OnVehicle, pointed: Pointed | undefined) {
  const plate = laid.plates.find((one) => one.rows.some((row) => row.part === pointed?.part));
  return plate && { x: plate.x + plate.width / 2, y: plate.y };
}

/** Nose, sides and firewall: where one stands, not its shape. */
function Outline({ laid, height }: { laid: OnVehicle; height: number }) {
  return (
    <g fill="none" stroke={paint('rule')} strokeWidth="2">
      <path
        d={`M5 ${String(height)}V70Q5 8 110 8H${String(WIDTH - 110)}Q${String(WIDTH - 5)} 8 ${String(WIDTH - 5)} 70V${String(height)}`}
      />
      <path d={`M5 ${String(laid.firewall)}H${String(WIDTH - 5)}`} strokeDasharray="10 6" />
      <g stroke="none">
        <Label x={WIDTH / 2} y={29} as="scale" size={17} anchor="middle" colour="quiet">
          {findWords.frontOfTheVehicle()}
        </Label>
      </g>
    </g>
  );
}

function Wires({ hunt, laid, suspicion, pointed, onPart }: Seen & { laid: OnVehicle }) {
  return (
    <g fill="none" strokeLinejoin="round" strokeLinecap="round">
      {laid.runs.map((run) => {
        const key = `${run.part ?? ''} ${points(run.spots)}`;
        const { part } = run;
        return part ? (
          <Wire
            key={key}
            run={run}
            hunt={hunt}
            share={suspicion[part]}
            isPointed={pointed?.part === part}
            act={() => onPart(part)}
          />
        ) : (
          <polyline
            key={key}
            points={points(run.spots)}
            stroke={paint('rule')}
            strokeWidth="1.6"
            pointerEvents="none"
          />
        );
      })}
    </g>
  );
}

function Wire({
  run,
  hunt,
  share,
  isPointed,
  act,
}: {
  run: Laid;
  hunt: Hunt;
  share: number | undefined;
  isPointed: boolean;
  act: () => void;
}) {
  const part = hunt.sheet.parts.find((one) => one.id === run.part);
  const line = points(run.spots);
  return (
    <g {...pressed(act)} aria-label={part?.name}>
      <polyline points={line} stroke="transparent" strokeWidth="16" />
      {share && (
        <polyline points={line} stroke={paint('out')} strokeWidth="12" opacity={tint(share)} />
      )}
      {isPointed && <polyline points={line} stroke={paint('lamp')} strokeWidth="8" />}
      <polyline points={line} stroke={paint('rule')} strokeWidth="4.4" />
      <polyline points={line} stroke={wireColour(part)} strokeWidth="2.8" />
    </g>
  );
}

function Place({ plate, hunt, suspicion, pointed, onPart }: Seen & { plate: Plate }) {
  return (
    <g>
      <rect
        x={plate.x}
        y={plate.y}
        width={plate.width}
        height={plate.height}
        rx="10"
        fill={paint('panel')}
        stroke={paint('rule')}
        strokeWidth="1.4"
      />
      <Label x={plate.x + 14} y={plate.y + 23} as="scale" size={18} colour="quiet">
        {plate.words}
      </Label>
      {plate.rows.map((row) => (
        <PartRow
          key={`${row.part} ${String(row.y)}`}
          row={row}
          plate={plate}
          hunt={hunt}
          share={suspicion[row.part]}
          isPointed={row.part !== '' && pointed?.part === row.part}
          onPart={onPart}
        />
      ))}
    </g>
  );
}

function PartRow({
  row,
  plate,
  hunt,
  share,
  isPointed,
  onPart,
}: {
  row: Row;
  plate: Plate;
  hunt: Hunt;
  share: number | undefined;
  isPointed: boolean;
  onPart: (id: string) => void;
}) {
  const box = { x: plate.x + 4, y: row.y, width: plate.width - 8, height: row.height, rx: 7 };
  return (
    <g>
      {share && <rect {...box} fill={paint('out')} opacity={tint(share)} />}
      {isPointed && <rect {...box} fill="none" stroke={paint('lamp')} strokeWidth="3" />}
      {row.part && (
        <rect
          {...box}
          {...pressed(() => onPart(row.part))}
          aria-label={row.words.join(' ')}
          fill="transparent"
        />
      )}
      <g pointerEvents="none">
        {row.words.map((words, index) => (
          <Label
            key={words}
            x={plate.x + plate.width / 2}
            y={row.y + 21 + index * LINE}
            as="figure"
            size={20}
            anchor="middle"
          >
            {words}
          </Label>
        ))}
        {row.terminals.map(({ node, words, at, onRight }, index) => {
          const heat = hunt.layout.pins.find((one) => one.part === row.part && one.node === node);
          return (
            <g key={`${node} ${String(index)}`}>
              {heat && (
                <circle cx={at.x} cy={at.y} r="11" fill={paint('out')} opacity={tint(heat.share)} />
              )}
              <circle cx={at.x} cy={at.y} r="4.5" fill={paint('ink')} />
              <Label
                x={at.x + (onRight ? -10 : 10)}
                y={at.y + 6}
                size={16}
                anchor={onRight ? 'end' : 'start'}
              >
                {words}
              </Label>
            </g>
          );
        })}
      </g>
    </g>
  );
}
