import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import type { RuleJson } from './ruleFile';
import { appWords } from '../words/page/app';
import { rulebookWords } from '../words/page/rulebook';

const UNITS: Record<string, string> = {
  percent: rulebookWords.percentDownIsNegative(),
  'in-at-25-ft': rulebookWords.inchesAt25FtDownIs(),
  mm: 'mm',
  in: rulebookWords.inches(),
  cm2: 'cm²',
  cd: rulebookWords.candela(),
  degree: rulebookWords.degrees(),
  lamp: rulebookWords.lampsUnit(),
  'reference-mark': rulebookWords.referenceMarks(),
};

const WORDS = {
  least: rulebookWords.atLeast(),
  most: rulebookWords.atMost(),
  lowest: rulebookWords.lowest(),
  highest: rulebookWords.highest(),
} as const;
type Limit = keyof typeof WORDS;

const shown = (value: number | undefined) => (value === undefined ? '' : String(value));

function read(typed: string, what: string): number | undefined {
  const text = typed.trim().replace('−', '-').replace(',', '.');
  if (!text) {
    return undefined;
  }
  const value = Number(text);
  if (!Number.isFinite(value)) {
    throw new Error(rulebookWords.whatANumberForExample250({ what }));
  }
  return value;
}

/** A rule of a local set: its limits, in the unit in which it stands. */
export function RuleForm({
  rule,
  isNew,
  onKeep,
  onOff,
  onBase,
}: {
  rule: RuleJson;
  /** It is added beside the one it was taken from. */
  isNew: boolean;
  onKeep: (rule: RuleJson) => Promise<void>;
  onOff: (() => Promise<void>) | undefined;
  onBase: (() => Promise<void>) | undefined;
}) {
  const limits: Limit[] = rule.aim === undefined ? ['least', 'most'] : ['lowest', 'highest'];
  const [id, setId] = useState(rule.id);
  const [clause, setClause] = useState(rule.clause);
  const [aim, setAim] = useState(shown(rule.aim));
  const [typed, setTyped] = useState<Partial<Record<Limit, string>>>(() =>
    Object.fromEntries(limits.map((limit) => [limit, shown(rule.limits[limit])])),
  );
  return (
    <TypedForm
      words={isNew ? rulebookWords.addTheRule() : rulebookWords.changeTheRule()}
      onSend={async () => {
        const set = Object.fromEntries(
          limits
            .map((limit) => [limit, read(typed[limit] ?? '', WORDS[limit])] as const)
            .filter(([, value]) => value !== undefined),
        );
        if (Object.keys(set).length === 0) {
          throw new Error(rulebookWords.aRuleNeedsAtLeastOne());
        }
        await onKeep({
          ...rule,
          id: id.trim(),
          clause: clause.trim() || rule.clause,
          limits: set,
          ...(rule.aim === undefined ? {} : { aim: read(aim, appWords.aim()) ?? rule.aim }),
        });
      }}
      others={[
        ...(onOff ? [{ words: rulebookWords.switchItOffHere(), act: onOff }] : []),
        ...(onBase ? [{ words: rulebookWords.asItsBaseHasIt(), act: onBase }] : []),
      ]}
    >
      <Box color="quiet">
        {rulebookWords.idInUnit({ id: rule.id, unit: UNITS[rule.unit] ?? rule.unit })}
      </Box>
      <Pairs>
        {isNew && (
          <TextField
            label={rulebookWords.shortNameOfTheRule()}
            value={id}
            set={setId}
            maxLength={61}
          />
        )}
        {limits.map((limit) => (
          <TextField
            key={limit}
            label={WORDS[limit]}
            value={typed[limit] ?? ''}
            set={(value) => setTyped({ ...typed, [limit]: value })}
            maxLength={12}
            placeholder={rulebookWords.noLimit()}
          />
        ))}
        {rule.aim !== undefined && (
          <TextField label={appWords.aim()} value={aim} set={setAim} maxLength={12} />
        )}
        <TextField
          label={appWords.whereItStands()}
          value={clause}
          set={setClause}
          maxLength={200}
          placeholder={rulebookWords.houseRuleLocalCode()}
        />
      </Pairs>
    </TypedForm>
  );
}
