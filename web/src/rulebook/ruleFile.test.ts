import { describe, expect, it } from 'vitest';
import {
  asItsBase,
  fileText,
  findRule,
  switchedOff,
  withRule,
  type ChangeJson,
  type RuleJson,
} from './ruleFile';

const rule: RuleJson = {
  id: 'un-r48.drl.lower',
  unit: 'mm',
  limits: { least: 250 },
  clause: '6.19',
  document: { name: 'UN R48', mark: 'from-memory' },
};
const valley: ChangeJson = {
  id: 'valley',
  version: 2,
  title: 'Valley',
  over: 'un-r48',
  reason: 'snow',
  off: ['un-r48.drl.lower'],
};

describe('a local set’s file', () => {
  it('makes a rule the shop’s own, and it is no longer switched off', () => {
    const changed = withRule(valley, 'place', { ...rule, limits: { least: 400 } });
    expect(changed.off).toEqual([]);
    expect(changed.place).toEqual([
      { id: rule.id, unit: 'mm', limits: { least: 400 }, clause: '6.19' },
    ]);
    expect(withRule(changed, 'place', rule).place).toHaveLength(1);
  });

  it('switches a changed rule off, and back to what its base says', () => {
    const changed = withRule(valley, 'place', rule);
    expect(switchedOff(changed, rule.id)).toMatchObject({ off: [rule.id], place: [] });
    expect(JSON.parse(fileText(asItsBase(changed, rule.id)))).toEqual({ ...valley, off: [] });
  });

  it('finds a rule in the set itself before its base', () => {
    const own = { ...rule, limits: { least: 400 } };
    expect(findRule([{ place: [own] }, { place: [rule] }], rule.id)).toEqual({
      kind: 'place',
      rule: own,
    });
    expect(findRule([{ aim: [rule] }], 'nothing')).toBeUndefined();
  });
});
