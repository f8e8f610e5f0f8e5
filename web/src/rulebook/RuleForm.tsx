import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import type { RuleJson } from './ruleFile';

const UNITS: Record<string, string> = {
  percent: 'percent, down is negative',
  'in-at-25-ft': 'inches at 25 ft, down is negative',
  mm: 'mm',
  in: 'inches',
  cm2: 'cm²',
  cd: 'candela',
  degree: 'degrees',
  lamp: 'lamps',
  'reference-mark': 'reference marks',
};

const WORDS = { least: 'At least', most: 'At most', lowest: 'Lowest', highest: 'Highest' } as const;
type Limit = keyof typeof WORDS;

const shown = (value: number | undefined) => (value === undefined ? '' : String(value));

function read(typed: string, what: string): number | undefined {
  const text = typed.trim().replace('−', '-').replace(',', '.');
  if (!text) {
    return undefined;
  }
  const value = Number(text);
  if (!Number.isFinite(value)) {
    throw new Error(`${what}: a number, as in 250 or −1.2.`);
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
      words={isNew ? 'Add the rule' : 'Change the rule'}
      onSend={async () => {
        const set = Object.fromEntries(
          limits
            .map((limit) => [limit, read(typed[limit] ?? '', WORDS[limit])] as const)
            .filter(([, value]) => value !== undefined),
        );
        if (Object.keys(set).length === 0) {
          throw new Error('A rule has one limit at least.');
        }
        await onKeep({
          ...rule,
          id: id.trim(),
          clause: clause.trim() || rule.clause,
          limits: set,
          ...(rule.aim === undefined ? {} : { aim: read(aim, 'Aim') ?? rule.aim }),
        });
      }}
      others={[
        ...(onOff ? [{ words: 'Switch it off here', act: onOff }] : []),
        ...(onBase ? [{ words: 'As its base has it', act: onBase }] : []),
      ]}
    >
      <Box color="quiet">
        {rule.id}, in {UNITS[rule.unit] ?? rule.unit}
      </Box>
      <Pairs>
        {isNew && (
          <TextField label="Short name of the rule" value={id} set={setId} maxLength={61} />
        )}
        {limits.map((limit) => (
          <TextField
            key={limit}
            label={WORDS[limit]}
            value={typed[limit] ?? ''}
            set={(value) => setTyped({ ...typed, [limit]: value })}
            maxLength={12}
            placeholder="no limit"
          />
        ))}
        {rule.aim !== undefined && (
          <TextField label="Aim" value={aim} set={setAim} maxLength={12} />
        )}
        <TextField
          label="Where it stands"
          value={clause}
          set={setClause}
          maxLength={200}
          placeholder="house rule, local code"
        />
      </Pairs>
    </TypedForm>
  );
}
