import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { PlaceSheet, SpotEdit } from '../api/client';
import { finding, fogLamps, length, show } from '../test/testing';
import { LampHandle } from './LampHandle';
import { PairList } from './PairList';
import { PlaceBand } from './PlaceBand';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

const view = { scale: 0.5, centreX: 400, footY: 300 };
const spot: SpotEdit = { outMm: 600, heightMm: 400, headingDeg: 3 };
const fog = fogLamps(spot);

/** A pair with one limit on it. */
function judged(id: string, bound: { asks: 'HEADING'; rule: string }): PlaceSheet['pairs'][number] {
  const edge = {
    inner: length(500),
    outer: length(560),
    toSide: length(200),
    lower: length(400),
    upper: length(460),
  };
  return {
    id,
    left: edge,
    right: edge,
    innerSpacing: length(1000),
    litArea: length(30),
    bounds: [{ ...bound, atLeast: false, limit: length(10), ruleSet: 'fitters' }],
  };
}

function sheet(...findings: PlaceSheet['findings']): PlaceSheet {
  const gravest = findings.find((one) => one.verdict === 'OUT');
  return {
    worst: gravest ? 'OUT' : 'WITHIN',
    foremost: gravest?.id,
    findings,
    pairs: [],
    bumper: [],
    horizon: { parts: [], present: 0, marks: [] },
    cautions: [],
  };
}

describe('a lamp taken hold of', () => {
  function held(side: 'LEFT' | 'RIGHT', units: 'METRIC' | 'IMPERIAL' = 'METRIC') {
    const onMove = vi.fn();
    show(
      <LampHandle
        view={view}
        spot={spot}
        side={side}
        label="the lamp"
        onChoose={() => undefined}
        onMove={onMove}
      />,
      units,
    );
    return { onMove, handle: screen.getByRole('button', { name: 'the lamp' }) };
  }

  it('goes where the arrow points on the screen, on either side', () => {
    const left = held('LEFT');
    fireEvent.keyDown(left.handle, { key: 'ArrowRight' });
    expect(left.onMove).toHaveBeenLastCalledWith({ outMm: 601, heightMm: 400 });
    fireEvent.keyDown(left.handle, { key: 'ArrowUp', shiftKey: true });
    expect(left.onMove).toHaveBeenLastCalledWith({ outMm: 600, heightMm: 410 });
  });

  it('on the right side moves inwards when nudged to the right', () => {
    const right = held('RIGHT');
    fireEvent.keyDown(right.handle, { key: 'ArrowRight' });
    expect(right.onMove).toHaveBeenLastCalledWith({ outMm: 599, heightMm: 400 });
  });

  it('steps by sixteenths in inches and leaves other keys alone', () => {
    const left = held('LEFT', 'IMPERIAL');
    fireEvent.keyDown(left.handle, { key: 'ArrowDown' });
    expect(left.onMove).toHaveBeenLastCalledWith({ outMm: 600, heightMm: 400 - 25.4 / 16 });
    fireEvent.keyDown(left.handle, { key: 'x' });
    expect(left.onMove).toHaveBeenCalledTimes(1);
  });
});

describe('the list of lamps', () => {
  it('says how many findings of each pair are of the gravest kind', () => {
    show(
      <PairList
        front={{ ruleSets: ['un-r48'], widthMm: 1700, pairs: [fog], keepOuts: [] }}
        sheet={sheet(
          finding('place.a@lamp:FRONT_FOG:LEFT:fog', 'OUT', 'a {0}'),
          finding('place.b@lamp:FRONT_FOG:LEFT:fog', 'WITHIN', 'b {0}'),
          finding('place.c@lamp:FRONT_FOG:LEFT:other', 'OUT', 'c {0}'),
        )}
        chosenId="fog"
        onChoose={() => undefined}
        onAddLamp={() => undefined}
        onEditLamp={() => undefined}
        onKeepOuts={() => undefined}
        onRules={() => undefined}
        onHoles={() => undefined}
      />,
    );
    expect(screen.getByText(appWords.fogLampsTitle())).toBeTruthy();
    expect(screen.getByText('1 of 2 out')).toBeTruthy();
    expect(screen.getByText(placeWords.inTheWayLength({ length: 'nothing' }))).toBeTruthy();
  });
});

describe('the band of the front', () => {
  const acts = {
    onKeep: vi.fn(),
    onCompare: vi.fn(),
    onMine: vi.fn(),
    onDrop: vi.fn(),
    onAdd: vi.fn(),
    onNearest: vi.fn(),
    onTemplate: vi.fn(),
    onTurned: vi.fn(),
    onFindings: vi.fn(),
    onAsk: vi.fn(),
  };
  const band = (of: PlaceSheet, more: Partial<Parameters<typeof PlaceBand>[0]> = {}) =>
    show(
      <PlaceBand
        sheet={of}
        empty={false}
        problem={undefined}
        changed={false}
        conflict={undefined}
        {...acts}
        {...more}
      />,
    );

  it('offers what helps: a place, a turn, or the template', () => {
    band(sheet(finding('place.low@lamp:FRONT_FOG:LEFT:fog', 'OUT', 'too low by {0}'))).unmount();
    const heading = { asks: 'HEADING', rule: 'place.fitters.drl.heading' } as const;
    const aside = sheet(finding(`${heading.rule}@lamp:DRL:LEFT:drl`, 'OUT', 'aside {0}'));
    band({ ...aside, pairs: [judged('drl', heading)] });
    fireEvent.click(screen.getByText(placeWords.turnedMeasure()));
    expect(acts.onTurned).toHaveBeenCalledWith(
      expect.objectContaining({ subject: 'lamp:DRL:LEFT:drl' }),
    );
  });

  it('leads to the template when all is within, and to a lamp when there is none', () => {
    band(sheet(finding('place.low@lamp:FRONT_FOG:LEFT:fog', 'WITHIN', 'fine {0}'))).unmount();
    band(sheet(), { empty: true });
    fireEvent.click(screen.getByText(placeWords.addALamp()));
    expect(acts.onAdd).toHaveBeenCalledOnce();
  });

  it('shows who changed it meanwhile and lets one choose', () => {
    band(sheet(), {
      conflict: { changedBy: 'Ilse', theirs: {}, version: 2, differences: [] },
      changed: true,
    });
    expect(
      screen.getByText(appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' })),
    ).toBeTruthy();
    fireEvent.click(screen.getByText(appWords.useMine()));
    expect(acts.onMine).toHaveBeenCalledOnce();
    fireEvent.click(screen.getByText(appWords.keepTheirs()));
    expect(acts.onDrop).toHaveBeenCalledOnce();
  });

  it('keeps what was drawn only when told to', () => {
    band(sheet(), { changed: true, problem: 'The server cannot be reached.' });
    expect(screen.getByRole('alert').textContent).toContain('cannot be reached');
    fireEvent.click(screen.getByText(placeWords.saveThisPlace()));
    expect(acts.onKeep).toHaveBeenCalledOnce();
  });
});
