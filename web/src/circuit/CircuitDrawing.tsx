import type {
  CircuitDrawing as Drawing,
  FeedPart,
  FeedSheet,
  Finding,
  PlacedSymbol,
  SolvedFeed,
} from '../api/client';
import { paint } from '../ui/theme';
import { Label } from '../drawing/Label';
import { pressed } from '../drawing/pressed';
import { ScrolledDrawing } from '../drawing/ScrolledDrawing';
import { CircuitSymbol } from './CircuitSymbol';
import { Probes, Suspicion, type Pointed } from './Suspicion';
import { told, type Told } from './told';
import { pinWords } from './pinWords';
import { LEGIBLE, points, wireColour, wireWidth } from './wires';
import { isOfComponent } from '../finding/subject';
import { feedWords } from '../words/page/feed';

const BAR = 30;

/** The circuit from the battery above to the body's ground below, as it stands now. */
export function CircuitDrawing({
  sheet,
  solved,
  onPart,
  suspicion,
  pointed,
}: {
  sheet: FeedSheet;
  solved: SolvedFeed | undefined;
  onPart: (id: string) => void;
  /** How much each part is suspected, 0 to 1. */
  suspicion?: Record<string, number>;
  /** Where the next check is made. */
  pointed?: Pointed | undefined;
}) {
  const { drawing } = sheet;
  return (
    <ScrolledDrawing
      label={feedWords.theCircuitFromBatteryToGround()}
      region={feedWords.theCircuitItCanBeScrolled()}
      title={feedWords.circuitTitle({ title: sheet.plan.title })}
      width={drawing.width}
      height={drawing.height + 2 * BAR}
      scales={LEGIBLE}
    >
      {(width, height) => (
        <>
          <Bars solved={solved} width={width} ground={drawing.height + BAR} height={height} />
          <g transform={`translate(${(width - drawing.width) / 2} ${BAR})`}>
            {suspicion && <Suspicion drawing={drawing} of={suspicion} />}
            <Lines sheet={sheet} drawing={drawing} solved={solved} onPart={onPart} />
            {drawing.symbols.map((box) => (
              <Symbol key={box.id} box={box} sheet={sheet} solved={solved} onPart={onPart} />
            ))}
            {pointed && <Probes drawing={drawing} pointed={pointed} />}
          </g>
        </>
      )}
    </ScrolledDrawing>
  );
}

function Bars({
  solved,
  width,
  ground,
  height,
}: {
  solved: SolvedFeed | undefined;
  width: number;
  /** Where the body's ground begins; it reaches down to the drawing's end. */
  ground: number;
  height: number;
}) {
  const engine = solved?.controls.key === 'ENGINE';
  return (
    <g>
      <rect x="0" y="0" width={width} height={BAR} fill={paint('panel')} />
      <Label x={14} y={20} as="figure" size={15}>
        {feedWords.battery()}
        {solved ? `, ${solved.battery.metric}` : ''}
        {engine ? feedWords.engineRunning() : ''}
      </Label>
      <rect x="0" y={ground} width={width} height={height - ground} fill={paint('floor')} />
      <Label x={14} y={ground + 20} as="figure" size={15} colour="floorInk">
        {feedWords.bodyGround()}
        {solved ? feedWords.metricAboveTheBatterysOwn({ metric: solved.body.metric }) : ''}
      </Label>
    </g>
  );
}

/** The verdict that weighs most on a part, if any is not within. */
export function troubleOf(findings: Finding[], part: string): Finding | undefined {
  const about = findings.filter((one) => isOfComponent(one.subject, part));
  return (
    about.find((one) => one.verdict === 'OUT') ?? about.find((one) => one.verdict === 'AT_EDGE')
  );
}

function partOf(sheet: FeedSheet, id: string): FeedPart | undefined {
  return sheet.parts.find((part) => part.id === id);
}

function Lines({
  sheet,
  drawing,
  solved,
  onPart,
}: {
  sheet: FeedSheet;
  drawing: Drawing;
  solved: SolvedFeed | undefined;
  onPart: (id: string) => void;
}) {
  return (
    <g fill="none" strokeLinejoin="round">
      {drawing.links.map((link) => (
        <polyline
          key={link.part}
          points={points(link.spots)}
          stroke={paint('quiet')}
          strokeWidth="1.4"
          strokeDasharray="1.5 4.5"
          strokeLinecap="round"
        />
      ))}
      {drawing.paths.map((path) => {
        const part = partOf(sheet, path.wire);
        const now = solved?.parts.find((one) => one.id === path.wire);
        if (!path.wire) {
          return (
            <polyline
              key={path.id}
              points={points(path.spots)}
              stroke={paint('ink')}
              strokeWidth="1.6"
            />
          );
        }
        const width = wireWidth(part);
        const words = told(sheet, part, now);
        return (
          <g
            key={path.id}
            {...pressed(() => onPart(path.wire))}
            aria-label={feedWords.wireNameLine({ name: words.name, line: words.line })}
          >
            <polyline points={points(path.spots)} stroke="transparent" strokeWidth="24" />
            <polyline points={points(path.spots)} stroke={paint('rule')} strokeWidth={width + 2} />
            <polyline points={points(path.spots)} stroke={wireColour(part)} strokeWidth={width} />
            {now?.flows && (
              <polyline
                points={points(path.spots)}
                stroke={paint('onLamp')}
                strokeWidth={Math.max(1.4, width / 2)}
                strokeDasharray="2.5 6"
                strokeLinecap="round"
              />
            )}
            <Words x={path.label.x} y={path.label.y} words={words} />
          </g>
        );
      })}
    </g>
  );
}

/** Words stay legible where light or another line runs behind them. */
const HALO = {
  paintOrder: 'stroke',
  stroke: paint('ground'),
  strokeWidth: 4,
  strokeLinejoin: 'round',
} as const;

function Words({ x, y, words }: { x: number; y: number; words: Told }) {
  return (
    <g style={HALO}>
      <Label x={x} y={y + 13} as="figure" size={14} colour={words.out ? 'out' : 'ink'}>
        {`${words.name} `}
      </Label>
      <Label x={x} y={y + 29} size={12.5} colour={words.out ? 'out' : 'quiet'}>
        {words.line}
      </Label>
    </g>
  );
}

const NAMELESS: PlacedSymbol['symbol'][] = ['BAR_END', 'JUNCTION', 'MAKE', 'BREAK', 'CHANGE_OVER'];

function Symbol({
  box,
  sheet,
  solved,
  onPart,
}: {
  box: PlacedSymbol;
  sheet: FeedSheet;
  solved: SolvedFeed | undefined;
  onPart: (id: string) => void;
}) {
  const part = partOf(sheet, box.part);
  const now = solved?.parts.find((one) => one.id === box.part);
  const words = told(sheet, part, now);
  const shape = <CircuitSymbol box={box} now={now} />;
  const pins = box.pins
    .filter((pin) => pin.terminal)
    .map((pin) => (
      <Label
        key={`${pin.terminal} ${pin.at.x} ${pin.at.y}`}
        {...pinWords(box, pin)}
        as="scale"
        size={12.5}
        colour="quiet"
      >
        {pin.terminal}
      </Label>
    ));
  if (!box.part) {
    return shape;
  }
  const says = NAMELESS.includes(box.symbol)
    ? feedWords.nameContact({ name: words.name })
    : box.symbol === 'MODULE'
      ? words.name
      : `${words.name} ${words.line}`;
  return (
    <>
      <g {...pressed(() => onPart(box.part))} aria-label={says}>
        <rect
          x={box.x - 4}
          y={box.y - 2}
          width={box.width + 8}
          height={box.height + 4}
          fill="transparent"
        />
        {shape}
        {box.symbol === 'MODULE' ? (
          <Label
            x={box.x + box.width / 2}
            y={box.y + box.height / 2 + 5}
            as="figure"
            anchor="middle"
          >
            {words.name}
          </Label>
        ) : (
          !NAMELESS.includes(box.symbol) && (
            <Words x={box.x + box.width + 8} y={box.y + (box.height - 34) / 2} words={words} />
          )
        )}
      </g>
      <g style={HALO}>{pins}</g>
    </>
  );
}
