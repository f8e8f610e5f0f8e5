import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { FrontEdit, PlaceSheet } from '../api/client';
import { finding, fogLamps, length, show, partly } from '../test/testing';
import { FrontOfSize } from './FrontDrawing';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

const fog = fogLamps({ outMm: 600, heightMm: 400, headingDeg: 0 });
const front = { ruleSets: [], widthMm: 1700, pairs: [fog], keepOuts: [] } as FrontEdit;
const extent = {
  inner: length(550),
  outer: length(650),
  toSide: length(200),
  lower: length(360),
  upper: length(440),
};
const sheet = partly<PlaceSheet>({
  worst: 'OUT',
  findings: [
    finding(`place.un-r48.fog.lower-edge@lamp:FRONT_FOG:RIGHT:${fog.id}`, 'OUT', 'too low'),
  ],
  pairs: [
    {
      id: fog.id,
      left: extent,
      right: extent,
      innerSpacing: length(1100),
      litArea: length(60),
      bounds: [],
    },
  ],
  bumper: [],
  horizon: { parts: [], present: 0, marks: [] },
  cautions: [],
});

it('shows on a phone the side on which something is wrong, and the other when asked', async () => {
  show(
    <FrontOfSize
      width={390}
      height={360}
      front={front}
      sheet={sheet}
      chosen={fog}
      onChoose={() => undefined}
      onMove={() => undefined}
    />,
  );
  const pressed = (name: string) =>
    screen.getByRole('button', { name }).getAttribute('aria-pressed');
  expect(pressed(appWords.rightTitle())).toBe('true');
  expect(screen.getAllByRole('button', { name: /arrows move it$/ })).toHaveLength(1);
  await userEvent.click(screen.getByRole('button', { name: appWords.leftTitle() }));
  expect(pressed(appWords.leftTitle())).toBe('true');
  await userEvent.click(screen.getByRole('button', { name: placeWords.whole() }));
  expect(screen.getAllByRole('button', { name: /arrows move it$/ })).toHaveLength(2);
});
