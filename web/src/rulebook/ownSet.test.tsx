import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { type RuleSet } from '../api/client';
import { answering, accepted, length, refused, show, partly, press } from '../test/testing';
import type { ChangeJson } from './ruleFile';
import { RulebookPage } from './RulebookPage';
import { rulebookWords } from '../words/page/rulebook';

const SOURCE = {
  mark: 'FROM_MEMORY' as const,
  words: 'from memory, check the current text',
  reference: 'UN R48, 6.19.4.1',
};

const rule = (id: string, least: number): RuleSet['place'][number] => ({
  id,
  functions: ['DRL'],
  asks: 'LOWER_EDGE_HEIGHT',
  asksWords: 'height of the lower edge',
  least: length(least),
  source: SOURCE,
});

const OWN_FILE: ChangeJson = {
  id: 'valley',
  version: 2,
  title: 'Valley roads',
  over: 'un',
  reason: 'local code',
  off: ['un.drl.spacing'],
};

const UN: RuleSet = {
  id: 'un',
  version: 1,
  title: 'Roads of here',
  scope: 'Here.',
  usualTraffic: 'RIGHT',
  vehicleClasses: [],
  aim: [],
  place: [rule('un.drl.low', 250)],
};
const VALLEY: RuleSet = {
  ...UN,
  id: 'valley',
  version: 2,
  title: 'Valley roads',
  scope: 'The valley.',
  local: partly<RuleSet['local']>({
    over: 'un',
    file: JSON.stringify(OWN_FILE),
    changedBy: 'Ilse',
    off: ['un.drl.spacing'],
    own: [],
  }),
};

const BASE_FILE = {
  id: 'un',
  place: [
    { id: 'un.drl.low', unit: 'mm', limits: { least: 250 }, clause: '6.19.4.2', document: 'R48' },
  ],
};

let sent: { id: string; version: number; file: ChangeJson }[];
let refusal: string | undefined;

beforeEach(() => {
  vi.restoreAllMocks();
  localStorage.setItem('mellow.acting', 'Runa');
  sent = [];
  refusal = undefined;
  answering('GET', (path: string, asked?: { params?: { path?: { id: string } } }) =>
    path.endsWith('/file')
      ? Promise.resolve(
          accepted(JSON.stringify(asked?.params?.path?.id === 'valley' ? OWN_FILE : BASE_FILE)),
        )
      : new Promise(() => undefined),
  );
  answering(
    'PUT',
    (
      _path: string,
      asked: { params: { path: { id: string } }; body: { version: number; file: string } },
    ) => {
      sent.push({
        id: asked.params.path.id,
        version: asked.body.version,
        file: JSON.parse(asked.body.file) as ChangeJson,
      });
      return Promise.resolve(refusal ? refused(refusal) : accepted([UN, VALLEY]));
    },
  );
});

function open(chosen = 'Valley roads') {
  show(
    <MemoryRouter>
      <RulebookPage />
    </MemoryRouter>,
    'METRIC',
    { 'rule-sets': [UN, VALLEY] },
  );
  fireEvent.click(screen.getByRole('button', { name: chosen }));
}

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

/** Takes a file in, as picked from a disk. */
function takeIn(text: string) {
  const file = new File([text], 'rules.json', { type: 'application/json' });
  fireEvent.change(document.querySelector('input[type=file]') as HTMLInputElement, {
    target: { files: [file] },
  });
}

describe('a set of one’s own', () => {
  it('changes a rule of its base, which is the shop’s from then on', async () => {
    open();
    expect(screen.getByText(/Version 2, based on Roads of here, by Ilse\./)).toBeTruthy();
    await press(rulebookWords.change());
    const sheet = within(await screen.findByRole('dialog', { name: rulebookWords.ourOwnRule() }));
    expect(sheet.getByText('un.drl.low, in mm')).toBeTruthy();
    fill('At least', '300');
    fill('Where it stands', 'house rule 4');
    await press(rulebookWords.changeTheRule());
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toEqual({
      id: 'valley',
      version: 2,
      file: {
        ...OWN_FILE,
        place: [{ id: 'un.drl.low', unit: 'mm', limits: { least: 300 }, clause: 'house rule 4' }],
      },
    });
    await waitFor(() =>
      expect(screen.queryByRole('dialog', { name: rulebookWords.ourOwnRule() })).toBeNull(),
    );
  });

  it('switches a rule off, and says so where that is refused', async () => {
    refusal = 'Changed meanwhile by Ilse.';
    open();
    await press(rulebookWords.change());
    await screen.findByRole('dialog', { name: rulebookWords.ourOwnRule() });
    await press(rulebookWords.switchItOffHere());
    expect((await screen.findByRole('alert')).textContent).toBe('Changed meanwhile by Ilse.');
    refusal = undefined;
    await press(rulebookWords.switchItOffHere());
    await waitFor(() =>
      expect(screen.queryByRole('dialog', { name: rulebookWords.ourOwnRule() })).toBeNull(),
    );
    expect(sent[1]?.file.off).toEqual(['un.drl.spacing', 'un.drl.low']);
  });

  it('takes a rule back as its base has it', async () => {
    open();
    await press(rulebookWords.idSwitchItOn({ id: 'un.drl.spacing' }));
    await waitFor(() => expect(sent[0]?.file.off).toEqual([]));
  });

  it('adds a rule beside the one it was taken from', async () => {
    open();
    await press(rulebookWords.addOneLikeIt());
    await screen.findByRole('dialog', { name: rulebookWords.aRuleOfOurOwn() });
    fill('Short name of the rule', 'valley.drl.high');
    fill('At least', '');
    await press(rulebookWords.addTheRule());
    expect((await screen.findByRole('alert')).textContent).toBe(
      rulebookWords.aRuleNeedsAtLeastOne(),
    );
    fill('At most', '1500');
    await press(rulebookWords.addTheRule());
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]?.file.place).toEqual([
      { id: 'valley.drl.high', unit: 'mm', limits: { most: 1500 }, clause: '6.19.4.2' },
    ]);
  });
});

describe('a rule set from a file', () => {
  it.each([
    ['{', 'This isn’t a JSON file.'],
    ['{"title": "x"}', 'This isn’t a rule set: “id” is missing.'],
    ['[]', 'This isn’t a rule set: “id” is missing.'],
    ['null', 'This isn’t a rule set: “id” is missing.'],
  ])('%s is refused', async (text, words) => {
    open();
    takeIn(text);
    expect((await screen.findByRole('alert')).textContent).toBe(words);
    expect(sent).toEqual([]);
  });

  it('replaces the one of its name, on the version that was shown, and a new one starts at none', async () => {
    open('Roads of here');
    takeIn(JSON.stringify(OWN_FILE));
    await waitFor(() => expect(sent).toHaveLength(1));
    takeIn(JSON.stringify({ ...OWN_FILE, id: 'coast' }));
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent.map(({ id, version }) => [id, version])).toEqual([
      ['valley', 2],
      ['coast', 0],
    ]);
  });

  it('says what the server refuses of it', async () => {
    refusal = 'No rule set is called “atlantis”.';
    open();
    takeIn(JSON.stringify({ ...OWN_FILE, over: 'atlantis' }));
    expect((await screen.findByRole('alert')).textContent).toContain('atlantis');
  });
});
