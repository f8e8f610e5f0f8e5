import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type JobPage } from '../api/client';
import { finding, JOB, length, sentence, show, partly } from '../test/testing';
import { SchoolsDialog } from './SchoolsDialog';
import { wallWords } from '../words/page/wall';

const percent = (value: number) => ({
  value,
  quantity: 'PERCENT',
  metric: `−${Math.abs(value)} %`,
  imperial: `−${Math.abs(value)} %`,
});

/** One lamp by a school: what it asks, and what two rule sets say of it. */
function side(which: string, asks?: number) {
  return {
    side: which,
    ...(asks === undefined
      ? { opinions: [] }
      : {
          percent: percent(asks),
          belowLine: length(76),
          opinions: [
            { ruleSetId: 'un-r48', title: 'UN R48', finding: finding('un', 'WITHIN', 'within') },
            { ruleSetId: 'us', title: 'SAE J599', finding: finding('us', 'OUT', 'out') },
          ],
        }),
  };
}

const ROWS = [
  { school: 'RULE', title: 'By the rule', left: side('LEFT', -1), right: side('RIGHT', -1) },
  { school: 'LABEL', title: 'Label', left: side('LEFT'), right: side('RIGHT') },
  {
    school: 'LEVEL',
    title: 'Level',
    left: {
      ...side('LEFT', 0),
      remark: {
        ...finding('level', 'AT_EDGE', 'Level dazzles on the first crest'),
        detail: sentence(''),
      },
    },
    right: side('RIGHT', 0),
  },
];

const page = partly<JobPage>({
  job: JOB,
  vehicle: { id: 'v', dipped: 'UN_DIPPED', driverSide: 'LEFT', steeperByMaker: false },
  adjusters: [],
  readings: [],
  bayReadings: [],
});

afterEach(() => vi.restoreAllMocks());

describe('the schools side by side', () => {
  async function open(problem?: string) {
    vi.spyOn(api, 'POST').mockResolvedValue({
      data: [{ kind: 'DIPPED', rows: ROWS }],
      response: new Response(null, { status: 200 }),
    } as never);
    const onChoose = vi.fn();
    const onAsk = vi.fn();
    show(
      <SchoolsDialog
        page={page}
        kind="DIPPED"
        chosen="RULE"
        open
        close={() => undefined}
        problem={problem}
        onChoose={onChoose}
        onAsk={onAsk}
      />,
    );
    await screen.findByText('Level');
    return { onChoose, onAsk };
  }

  it('offers what can be chosen, with the warning beside it', async () => {
    const { onChoose } = await open();
    expect(screen.getByText(wallWords.chosen())).toBeTruthy();
    expect(screen.getByText(/Level dazzles on the first crest/)).toBeTruthy();
    const [label, level] = screen.getAllByRole<HTMLButtonElement>('button', {
      name: wallWords.choose(),
    });
    expect(label?.disabled).toBe(true);
    expect(screen.getAllByText(wallWords.noMark())).toHaveLength(2);
    await userEvent.click(level as HTMLElement);
    expect(onChoose).toHaveBeenCalledWith('LEVEL');
  });

  it('shows how each rule set comes to its verdict', async () => {
    const { onAsk } = await open();
    const [first] = screen.getAllByRole('button', {
      name: wallWords.titleShowWorking({ title: 'SAE J599', value: 'left' }),
    });
    await userEvent.click(first as HTMLElement);
    expect(onAsk).toHaveBeenCalledWith({
      kind: 'finding',
      finding: expect.objectContaining({ id: 'us', verdict: 'OUT' }) as unknown,
    });
  });

  it('says why a choice was not kept', async () => {
    await open('Changed meanwhile by Orso.');
    expect(screen.getByRole('alert').textContent).toContain('Changed meanwhile by Orso.');
  });
});
