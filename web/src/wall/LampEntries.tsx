import { Box } from '@chakra-ui/react';
import type { LampAtWall, Reading, Side } from '../api/client';
import { bareText, figureText, sizeOf } from '../ui/session';
import { Overlay } from '../drawing/Overlay';
import { mmToScreenY } from '../drawing/view';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { CutoffHandle } from './CutoffHandle';
import { lampVerdict } from './lampVerdict';
import { entryName, lastLiving } from '../kept/readings';
import { ASSUMED_HEIGHT_MM, columns, FLOOR_HEIGHT, lampOf, TAPE_ARM_MM, type Scene } from './scene';
import type { Draft } from './useDraft';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';

/** About the width of a letter of the drawing's figures, in pixels. */
const LETTER_WIDTH = 8;

/** What is typed at one lamp, each where it is measured, and the handle of its cutoff. */
export function LampEntries(scene: Scene & { side: Side; lampX: number }) {
  const { side, pair, view, page, sheet, spacingMm, draft, lampX, units, onKeep, onAsk } = scene;
  const lamp = lampOf(pair, side);
  const out = side === 'LEFT' ? -1 : 1;
  const columnsMm = columns(spacingMm);
  const name = sideWord(side);
  const of = (kind: Reading['kind']) => ({ kind, lamp: pair.kind, side });
  const centre = lastLiving(page.readings, of('CENTRE'));
  const edge = lastLiving(page.readings, of('LOWER_EDGE'));
  const distance = lastLiving(page.readings, { kind: 'DISTANCE', side });
  const lineMm = lamp.place?.line.value ?? ASSUMED_HEIGHT_MM;
  const verdict = lampVerdict(sheet, lamp);
  const drafted = draft?.side === side && draft.lamp === pair.kind ? draft : undefined;
  const target = sheet.findings.find(
    (one) => lamp.findingIds.includes(one.id) && one.rule === 'aim.target',
  );
  const centreX = lampX + out * columnsMm.centre * view.scale;
  const edgeX = lampX + out * columnsMm.edge * view.scale;
  const wide = view.scale > 0.2;
  const room = Math.abs(view.centreX - lampX) - TAPE_ARM_MM * view.scale - 12;
  return (
    <>
      <Overlay x={lampX} y={24} ground="plaster">
        <Box fontFamily="heading" fontWeight="600" fontSize="16px" color="ink">
          {sideWord(side).toUpperCase()}
        </Box>
      </Overlay>
      <Overlay x={centreX} y={mmToScreenY(view, lineMm * 0.62)} ground="plaster">
        <MeasuredEntry
          name={entryName(of('CENTRE'))}
          label={wallWords.heightOfTheNameLampCentre({
            name,
            value: centre ? `: ${figureText(centre.value, units)}` : appWords.notRead(),
          })}
          missing={!centre}
          shown={centre ? bareText(centre.value, units) : wallWords.centreAsked()}
          onKeep={(typed, id) => onKeep(of('CENTRE'), typed, id)}
          align={side === 'LEFT' ? 'left' : 'right'}
        />
      </Overlay>
      <Overlay x={edgeX} y={mmToScreenY(view, lineMm * 0.3)} ground="plaster">
        <MeasuredEntry
          name={entryName(of('LOWER_EDGE'))}
          label={wallWords.lowerLensEdgeOfTheName({
            name,
            value: edge ? `: ${figureText(edge.value, units)}` : appWords.notRead(),
          })}
          missing={!edge}
          shown={edge ? bareText(edge.value, units) : wallWords.lensEdge()}
          onKeep={(typed, id) => onKeep(of('LOWER_EDGE'), typed, id)}
        />
      </Overlay>
      <Overlay x={lampX} y={view.footY + FLOOR_HEIGHT / 2} ground="floor">
        <Box css={{ '& *': { color: 'var(--chakra-colors-floor-ink)' } }}>
          <MeasuredEntry
            name={entryName({ kind: 'DISTANCE', side })}
            label={wallWords.distanceFromTheNameLampTo({
              name,
              value: distance ? `: ${figureText(distance.value, units)}` : appWords.notRead(),
            })}
            missing={!distance}
            shown={distance ? `↕ ${bareText(distance.value, units)}` : wallWords.toTheWall()}
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
          aria-label={wallWords.belowLineToTapeNameLampShow({
            belowLine: bareText(lamp.aim.belowLine, units),
            name,
          })}
          onClick={() =>
            lamp.aim &&
            onAsk({
              kind: 'figure',
              title: wallWords.whereTheNameMarkGoes({ name }),
              lines: lamp.aim.working,
              source: lamp.aim.source,
            })
          }
        >
          <Box as="span" bg="plaster" px="3px" borderBottomWidth="1px" borderBottomStyle="dotted">
            {fitting(bareText(lamp.aim.belowLine, units), wallWords.toTape(), room)}
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
    return drafted ? '' : wallWords.dragToWhereItIs();
  }
  const { belowLine } = lamp.reading;
  const far = figureText(sizeOf(belowLine), units);
  const stale = lamp.turnedSinceRead && !drafted;
  return `${stale ? wallWords.was() : wallWords.read()} ${far} ${belowLine.value < 0 ? wallWords.above() : wallWords.below()}`;
}
