import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type FrontEdit, type LampPairEdit, type Units } from '../api/client';
import { answering, length, show, press } from '../test/testing';
import { HoleRowForm } from './HoleRowForm';
import { KeepOutForm } from '../lamps/KeepOutForm';
import { LampForm } from '../lamps/LampForm';
import { RulesForm } from './RulesForm';
import { TemplateForm } from './TemplateForm';
import { placeWords } from '../words/page/place';
import { appWords } from '../words/page/app';

/** A length as a tape reads it: millimetres, or inches with fractions where no unit stands there. */
function readMm(typed: string, units: Units): number | undefined {
  const [, sign, whole, above, below, mm] =
    /^(-?)(\d+(?:\.\d+)?)?(?:\s?(\d+)\/(\d+))?( mm)?$/.exec(typed.trim()) ?? [];
  if (whole === undefined && above === undefined) {
    return undefined;
  }
  const number = Number(whole ?? 0) + (above ? Number(above) / Number(below) : 0);
  const inMm = number * (units === 'IMPERIAL' && !mm ? 25.4 : 1);
  return ((sign ? -1 : 1) * Math.round(inMm * 1e6)) / 1e6;
}

/** The server's reading of lengths. */
function readLength(_path: string, asked: { body: { typed: string; units: Units } }) {
  const { typed, units } = asked.body;
  const mm = readMm(typed, units);
  const data =
    mm === undefined
      ? { why: `“${typed}” is no length.`, wouldBeRight: 'As in 23.' }
      : { value: length(mm) };
  return Promise.resolve({ data, response: new Response(null, { status: 200 }) });
}

const readsLengths = () => answering('POST', readLength);

/** Typed at once: a letter at a time takes seconds. */
function fill(label: string | RegExp, value: string) {
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
}

beforeEach(() => void readsLengths());
afterEach(() => vi.restoreAllMocks());

describe('what is asked of a lamp’s light', () => {
  const form = (first: LampPairEdit['function']) => {
    const done = vi.fn();
    show(
      <LampForm
        pair={undefined}
        first={first}
        newId={() => 'x'}
        onDone={done}
        onRemove={undefined}
      />,
    );
    return done;
  };
  const put = () =>
    userEvent.click(screen.getByRole('button', { name: placeWords.putItOnTheFront() }));

  it('asks a turn signal for its category and how deep its lens lies', async () => {
    const done = form('TURN');
    fill('Its width', '60');
    fireEvent.change(screen.getByLabelText(placeWords.categoryOnItsLens()), {
      target: { value: 'ONE_A' },
    });
    await userEvent.click(screen.getByLabelText(/^Measured how far its lens lies behind/));
    await put();
    expect(screen.getByText(/0 if flush\.$/)).toBeTruthy();
    fill(/^Lens behind that edge/, '25');
    fill(/edge, outwards$/, '30');
    await put();
    expect(screen.getByText(/outwards, inwards, upwards and downwards/)).toBeTruthy();
    fill('The same inwards', '28');
    fill('The same upwards', '20');
    fill('The same downwards', '22');
    await put();
    expect(done).toHaveBeenCalledWith(
      expect.objectContaining({
        turnCategory: 'ONE_A',
        recess: { deepMm: 25, outMm: 30, inMm: 28, upMm: 20, downMm: 22 },
      }),
    );
  });

  it('asks a main beam for its number, and a running lamp whether it is one', async () => {
    const main = form('MAIN');
    fill('Its width', '120');
    fill(/^Number beside its approval mark/, '17,5');
    await put();
    expect(main).toHaveBeenCalledWith(expect.objectContaining({ referenceMark: 17.5 }));
    fill(/^Number beside its approval mark/, '170');
    await put();
    expect(screen.getByText(/is between 1 and 100/)).toBeTruthy();
    expect(screen.queryByLabelText(placeWords.itIsTheDimmedMainBeam())).toBeNull();
  });
});

const spot = { outMm: 600, heightMm: 400, headingDeg: 3 };
const oblique: LampPairEdit = {
  id: 'drl',
  name: 'running lamp',
  function: 'DRL',
  heads: [
    {
      lit: {
        form: 'POLYGON',
        corners: [
          { outMm: -60, upMm: -15 },
          { outMm: 60, upMm: -25.5 },
          { outMm: 60, upMm: 25 },
        ],
      },
      outMm: 0,
      upMm: 0,
    },
  ],
  intensityCd: 800,
  goesOutWithTurnSignal: false,
  holes: [{ outMm: 0, upMm: 12, pilotMm: 3, finalMm: 10 }],
  left: spot,
  right: spot,
};

describe('a lamp as typed', () => {
  function form(pair?: LampPairEdit, units: Units = 'METRIC') {
    const onDone = vi.fn<(pair: LampPairEdit) => void>();
    show(
      <LampForm
        pair={pair}
        first="DRL"
        newId={(name) => `id-${name}`}
        onDone={onDone}
        onRemove={undefined}
      />,
      units,
    );
    return onDone;
  }
  const send = (words: string) => press(words);

  it('has an outline of its own by its corners, with its holes', async () => {
    const onDone = form();
    await userEvent.selectOptions(screen.getByLabelText(placeWords.litSurface()), 'POLYGON');
    const corners = /^Corners, one a line/;
    fill(corners, '-60 / -15\n60');
    await send('Put it on the front');
    expect(screen.getByRole('alert').textContent).toContain('at least three corners');
    fill(corners, '-60 / -15\n60\n60 / 25');
    await send('Put it on the front');
    expect(screen.getByRole('alert').textContent).toBe(
      placeWords.cornerIndexOutUpForExample({ index: '2' }),
    );
    expect(onDone).not.toHaveBeenCalled();
    fill(corners, '-60 / -15\n60 / -25\n60 / 25');
    await userEvent.click(screen.getByRole('button', { name: placeWords.addAHole() }));
    fill('hole', '10');
    await send('Put it on the front');
    const made = onDone.mock.calls[0]?.[0];
    expect(made?.id).toBe('id-daytime running lamp');
    expect(made?.heads).toEqual([
      {
        lit: {
          form: 'POLYGON',
          corners: [
            { outMm: -60, upMm: -15 },
            { outMm: 60, upMm: -25 },
            { outMm: 60, upMm: 25 },
          ],
        },
        outMm: 0,
        upMm: 0,
      },
    ]);
    expect(made?.holes).toEqual([{ outMm: 0, upMm: 0, pilotMm: 3, finalMm: 10 }]);
  });

  it.each(['METRIC', 'IMPERIAL'] as const)(
    'comes back as it was when nothing is changed (%s)',
    async (units) => {
      const onDone = form(oblique, units);
      await send('Change');
      expect(onDone).toHaveBeenCalledWith(oblique);
    },
  );

  it('is drilled first as one drills in its units', async () => {
    const onDone = form(oblique, 'IMPERIAL');
    await userEvent.click(screen.getByRole('button', { name: placeWords.addAHole() }));
    fireEvent.change(screen.getAllByLabelText(placeWords.holeSmall())[1] as HTMLElement, {
      target: { value: '3/8' },
    });
    await send('Change');
    const [, added] = onDone.mock.calls[0]?.[0].holes ?? [];
    expect(added?.pilotMm).toBeCloseTo(3.175);
    expect(added?.finalMm).toBeCloseTo(9.525);
  });

  it('has lit surfaces of several parts, each with its place, and a housing behind them', async () => {
    const onDone = form(oblique);
    await userEvent.click(screen.getByRole('button', { name: placeWords.addALitSurface() }));
    const second = screen.getByLabelText(placeWords.litSurfaceIndex({ index: '2' }));
    await userEvent.selectOptions(second, 'RECTANGLE');
    fill('Surface 2’s width', '40');
    const [, out] = screen.getAllByLabelText(placeWords.outwardsOfTheLampsMiddle());
    fireEvent.change(out as HTMLElement, { target: { value: '90' } });
    await userEvent.selectOptions(screen.getByLabelText(/^Housing/), 'RECTANGLE');
    fill('The housing’s width', '240');
    fill(/^The housing’s height/, '80');
    await send('Change');
    expect(onDone).toHaveBeenCalledWith({
      ...oblique,
      heads: [
        ...oblique.heads,
        { lit: { form: 'RECTANGLE', widthMm: 40, heightMm: 40 }, outMm: 90, upMm: 0 },
      ],
      housing: { form: 'RECTANGLE', widthMm: 240, heightMm: 80 },
    });
    await userEvent.click(
      screen.getByRole('button', { name: placeWords.removeLitSurfaceIndex({ index: '2' }) }),
    );
    await userEvent.selectOptions(screen.getByLabelText(/^Housing/), 'NONE');
    await send('Change');
    expect(onDone).toHaveBeenLastCalledWith(oblique);
  });

  it('is refused where its intensity is no number', async () => {
    const onDone = form(oblique);
    const intensity = /^Intensity on its axis/;
    fill(intensity, 'bright');
    await send('Change');
    expect(screen.getByRole('alert').textContent).toContain('a number of candela');
    fill(intensity, '640,5');
    await send('Change');
    expect(onDone).toHaveBeenCalledWith({ ...oblique, intensityCd: 640.5 });
  });
});

describe('what is in the way', () => {
  const front: FrontEdit = { ruleSets: [], widthMm: 1700, pairs: [], keepOuts: [] };

  it('is a box around its middle, on the side where it was typed', async () => {
    const onChange = vi.fn<(keepOuts: FrontEdit['keepOuts']) => void>();
    show(<KeepOutForm front={front} onChange={onChange} />);
    const add = () => press(appWords.addIt());
    await add();
    expect(screen.getByRole('alert').textContent).toContain('Enter what it is');
    fill('What is in the way', 'tow eye');
    await userEvent.selectOptions(screen.getByLabelText(placeWords.side()), 'RIGHT');
    fill('Its centre, from the centre line', '300');
    fill('Its centre, above the ground', '400');
    fill('Its width', '100');
    fill('Keep clear by', '20');
    await add();
    expect(onChange).toHaveBeenCalledWith([
      {
        id: 'tow-eye',
        name: 'tow eye',
        outline: {
          form: 'POLYGON',
          corners: [
            { outMm: -350, upMm: 350 },
            { outMm: -250, upMm: 350 },
            { outMm: -250, upMm: 450 },
            { outMm: -350, upMm: 450 },
          ],
        },
        clearanceMm: 20,
      },
    ]);
    expect(screen.getByLabelText<HTMLInputElement>(placeWords.whatIsInTheWay()).value).toBe('');
  });

  it('goes again by its own button', async () => {
    const eye = {
      id: 'eye',
      name: 'tow eye',
      outline: { form: 'POLYGON' as const, corners: [] },
      clearanceMm: 0,
    };
    const onChange = vi.fn();
    show(<KeepOutForm front={{ ...front, keepOuts: [eye] }} onChange={onChange} />);
    await userEvent.click(
      screen.getByRole('button', { name: placeWords.removeName({ name: 'tow eye' }) }),
    );
    expect(onChange).toHaveBeenCalledWith([]);
  });

  it('has an outline of its own, in inches with fractions too', async () => {
    const onChange = vi.fn<(keepOuts: FrontEdit['keepOuts']) => void>();
    show(<KeepOutForm front={front} onChange={onChange} />, 'IMPERIAL');
    fill('What is in the way', 'radiator');
    await userEvent.selectOptions(screen.getByLabelText(placeWords.drawnAs()), 'CORNERS');
    fill(/^Corners, one a line/, '-11 1/2 / 16\n11 1/2 / 16\n0 / 20 3/4');
    await userEvent.click(screen.getByRole('button', { name: appWords.addIt() }));
    const corners = onChange.mock.calls[0]?.[0][0]?.outline.corners ?? [];
    expect(corners.map((one) => [one.outMm, one.upMm])).toEqual([
      [-292.1, 406.4],
      [292.1, 406.4],
      [0, 527.05],
    ]);
  });
});

describe('the holes of a bracket', () => {
  it('are chosen for the lamps as typed, and say so where none will do', async () => {
    const asked: unknown[] = [];
    answering('POST', (path: string, call: { body: unknown }) => {
      if (!path.endsWith('holes')) {
        return readLength(path, call as Parameters<typeof readLength>[1]);
      }
      asked.push(call.body);
      const holes = asked.length === 1 ? [1, 3, 5] : [];
      return Promise.resolve({ data: { holes }, response: new Response(null, { status: 200 }) });
    });
    show(<HoleRowForm />, 'IMPERIAL');
    const which = () =>
      userEvent.click(screen.getByRole('button', { name: placeWords.whichHoles() }));
    await which();
    expect(screen.getByRole('alert').textContent).toContain('how wide each lamp is');
    fill('Holes in the row', '31');
    await which();
    expect(screen.getByRole('alert').textContent).toBe(placeWords.aBracketHas1To30());
    fill('Holes in the row', '5');
    fill('From one hole to the next', '2');
    fill(/^Widths of the lamps/, '3 1/2 / 90 mm / 3 1/2');
    await which();
    expect(await screen.findByText('Holes 1, 3, 5')).toBeTruthy();
    expect(asked[0]).toEqual({ holes: 5, pitchMm: 50.8, widthsMm: [88.9, 90, 88.9] });
    await which();
    expect(await screen.findByText(/^No holes keep these lamps mirrored/)).toBeTruthy();
  });
});

describe('the drill template', () => {
  const pdf = () =>
    screen.getByRole('link', { name: placeWords.templateAsPDF() }).getAttribute('href') ?? '';

  it('is asked for by side, paper and units, and says which side it goes to', async () => {
    show(<TemplateForm jobId="j" pair={oblique} />, 'IMPERIAL');
    expect(pdf()).toBe(
      '/api/jobs/j/place/template.pdf?pair=drl&side=LEFT&paper=A4&units=IMPERIAL&language=en',
    );
    await userEvent.selectOptions(screen.getByLabelText(placeWords.side()), 'RIGHT');
    await userEvent.selectOptions(screen.getByLabelText(placeWords.paper()), 'LETTER');
    expect(pdf()).toContain('side=RIGHT&paper=LETTER');
    expect(screen.getByText(/The cross goes right of the centre line/)).toBeTruthy();
  });

  it('is not offered for a lamp without holes', () => {
    show(<TemplateForm jobId="j" pair={{ ...oblique, holes: [] }} />);
    expect(screen.queryByRole('link')).toBeNull();
    expect(screen.getByText(/Enter the holes/)).toBeTruthy();
  });
});

describe('the rules to judge by', () => {
  it('are those of place, several at once', async () => {
    const onChange = vi.fn();
    const set = (id: string, places: unknown[]) => ({
      id,
      title: `set ${id}`,
      scope: `scope of ${id}`,
      place: places,
    });
    const front = { ruleSets: ['a'], widthMm: 1700, widthGuessed: true, pairs: [], keepOuts: [] };
    show(<RulesForm front={front} onChange={onChange} />, 'METRIC', {
      'rule-sets': [set('a', [{}]), set('b', [{}]), set('aim only', [])],
    });
    expect(screen.queryByText('set aim only')).toBeNull();
    await userEvent.click(screen.getByLabelText('set b'));
    expect(onChange).toHaveBeenLastCalledWith({ ruleSets: ['a', 'b'] });
    await userEvent.click(screen.getByLabelText('set a'));
    expect(onChange).toHaveBeenLastCalledWith({ ruleSets: [] });
    expect(screen.getByText('· a guess')).toBeTruthy();
    expect(
      screen.getByLabelText(placeWords.fittingAllowanceFitting({ fitting: '5' })),
    ).toBeTruthy();
  });
});
