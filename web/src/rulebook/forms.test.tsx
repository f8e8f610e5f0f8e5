import { fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answering, show, press } from '../test/testing';
import { ConfirmForm } from './ConfirmForm';
import { LocalSetForm } from './LocalSetForm';
import { RuleForm } from './RuleForm';
import type { ChangeJson, RuleJson } from './ruleFile';
import { rulebookWords } from '../words/page/rulebook';
import { appWords } from '../words/page/app';

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const refusal = () => screen.getByRole('alert').textContent;

afterEach(() => vi.restoreAllMocks());

describe('a rule held against its text', () => {
  it('needs a place in the text, and is confirmed once however often it is sent', async () => {
    const sent: { params: { path: { id: string } }; body: unknown }[] = [];
    const put = (_path: string, asked: (typeof sent)[number]) => {
      sent.push(asked);
      return sent.length === 1
        ? Promise.reject(new TypeError('failed'))
        : Promise.resolve({ data: {}, response: new Response(null, { status: 200 }) });
    };
    answering('PUT', put);
    const onDone = vi.fn();
    show(<ConfirmForm setId="un" ruleId="drl.height" onDone={onDone} />);
    await press(rulebookWords.iCheckedIt());
    expect(refusal()).toBe(rulebookWords.enterWhichEditionAndWhereIn());
    fill('Edition and place in the text', ' series 08, 6.19.4.2 ');
    await press(rulebookWords.iCheckedIt());
    expect(refusal()).toContain(appWords.theServerCantBeReachedWhat());
    expect(onDone).not.toHaveBeenCalled();
    await press(rulebookWords.iCheckedIt());
    expect(onDone).toHaveBeenCalledTimes(1);
    expect(sent[0]?.params.path.id).toBe(sent[1]?.params.path.id);
    expect(sent[1]?.body).toEqual({
      setId: 'un',
      ruleId: 'drl.height',
      place: 'series 08, 6.19.4.2',
    });
  });
});

describe('a set of one’s own', () => {
  it.each([
    ['Valley roads, winter', 'valley-roads-winter'],
    ['Æ', 'own-set'],
  ])('called “%s” has the short name %s', async (title, id) => {
    const onKeep = vi.fn<(change: ChangeJson) => Promise<void>>().mockResolvedValue();
    show(<LocalSetForm sets={[]} over="un" onKeep={onKeep} />);
    await press(rulebookWords.startTheSet());
    expect(refusal()).toContain('a name and a reason');
    fill('Name', title);
    fill('Reason', 'local code');
    await press(rulebookWords.startTheSet());
    expect(onKeep).toHaveBeenCalledWith({
      id,
      version: 1,
      title,
      over: 'un',
      reason: 'local code',
      off: [],
    });
  });
});

describe('a rule of one’s own', () => {
  const aim: RuleJson = {
    id: 'fog.low',
    unit: 'percent',
    limits: { lowest: -3.5, highest: -1.5 },
    aim: -2.25,
    clause: '6.3.6',
  };

  it('takes limits as people write them and leaves a cleared one out', async () => {
    const onKeep = vi.fn<(rule: RuleJson) => Promise<void>>().mockResolvedValue();
    show(
      <RuleForm rule={aim} isNew={false} onKeep={onKeep} onOff={undefined} onBase={undefined} />,
    );
    fill('Lowest', '');
    fill('Highest', '−1,2');
    fill('Where it stands', 'agreed with the inspection');
    await press(rulebookWords.changeTheRule());
    expect(onKeep).toHaveBeenCalledWith({
      ...aim,
      limits: { highest: -1.2 },
      clause: 'agreed with the inspection',
    });
  });

  it('is refused where a limit is no number or none is left', async () => {
    const onKeep = vi.fn<(rule: RuleJson) => Promise<void>>();
    show(
      <RuleForm rule={aim} isNew={false} onKeep={onKeep} onOff={undefined} onBase={undefined} />,
    );
    fill('Highest', 'steep');
    await press(rulebookWords.changeTheRule());
    expect(refusal()).toBe(rulebookWords.whatANumberForExample250({ what: 'Highest' }));
    fill('Lowest', '');
    fill('Highest', ' ');
    await press(rulebookWords.changeTheRule());
    expect(refusal()).toBe(rulebookWords.aRuleNeedsAtLeastOne());
    expect(onKeep).not.toHaveBeenCalled();
  });

  it('can be switched off, or given back to its base', async () => {
    const off = vi.fn().mockResolvedValue(undefined);
    const base = vi.fn().mockResolvedValue(undefined);
    const place = { ...aim, aim: undefined, unit: 'mm', limits: { least: 250 } };
    show(<RuleForm rule={place} isNew onKeep={vi.fn()} onOff={off} onBase={base} />);
    expect(screen.getByLabelText<HTMLInputElement>(rulebookWords.atLeast()).value).toBe('250');
    expect(screen.queryByLabelText(appWords.aim())).toBeNull();
    await press(rulebookWords.switchItOffHere());
    await press(rulebookWords.asItsBaseHasIt());
    expect([off.mock.calls.length, base.mock.calls.length]).toEqual([1, 1]);
  });
});
