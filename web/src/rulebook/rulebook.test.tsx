import { fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { RuleSet } from '../api/client';
import { length, show } from '../test/testing';
import { RulebookPage } from './RulebookPage';
import { settingsWords } from '../words/page/settings';
import { rulebookWords } from '../words/page/rulebook';
import { appWords } from '../words/page/app';

const source = {
  mark: 'FROM_MEMORY' as const,
  words: 'from memory, check the current text',
  reference: 'UN R48, 6.19.4.1',
};
const percent = (value: number) => ({
  value,
  quantity: 'PERCENT' as const,
  metric: `${value} %`,
  imperial: `${value} %`,
});
const SETS: RuleSet[] = [
  {
    id: 'un',
    version: 1,
    title: 'Roads of here',
    scope: 'Here.',
    usualTraffic: 'RIGHT',
    vehicleClasses: [],
    aim: [
      {
        id: 'a',
        lamps: ['FOG_F3'],
        heightOf: 'LOWER_EDGE',
        aboveHeight: length(800),
        aboveIncluded: false,
        belowIncluded: false,
        byMakersChoice: false,
        lowest: percent(-3.5),
        highest: percent(-1.5),
        aim: percent(-2.25),
        source,
      },
    ],
    place: [],
  },
  {
    id: 'fitters',
    version: 3,
    title: 'Fitters',
    scope: 'Everywhere.',
    usualTraffic: 'LEFT',
    vehicleClasses: [],
    aim: [],
    place: [
      {
        id: 'p',
        functions: ['DRL'],
        asks: 'INNER_SPACING',
        asksWords: 'space between the inner edges',
        least: length(400),
        widthBelow: length(1300),
        source,
      },
    ],
  },
];

describe('the rulebook', () => {
  it('shows limits, conditions, sources and marks of the set that is chosen', () => {
    show(
      <MemoryRouter>
        <RulebookPage />
      </MemoryRouter>,
      'METRIC',
      { 'rule-sets': SETS },
    );
    expect(screen.getByText(settingsWords.uNClassF3())).toBeTruthy();
    expect(screen.getByText(/lower edge/).textContent).toContain(
      rulebookWords.overHeight({ height: '800 mm' }),
    );
    expect(screen.getByText('-3.5 %')).toBeTruthy();
    expect(screen.getByText('from memory, check the current text')).toBeTruthy();

    fireEvent.click(screen.getByText('Fitters'));
    expect(screen.getByText(appWords.daytimeRunningLamp())).toBeTruthy();
    expect(screen.getByText(/at least/).textContent).toContain('400 mm');
    expect(screen.getByText(/under/).textContent).toContain('1300 mm');
    expect(screen.queryByText(settingsWords.uNClassF3())).toBeNull();
  });
});
