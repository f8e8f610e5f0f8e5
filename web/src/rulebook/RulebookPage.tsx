import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { RuleSet } from '../api/client';
import { useRuleSets } from '../api/queries';
import { PickButton, PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { FileButton } from '../ui/FileButton';
import { Header, UnitsButton } from '../frame/Header';
import { Key } from '../ui/Key';
import { UnitsProvider } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { Sheet } from '../ui/Sheet';
import { appWords } from '../words/page/app';
import { rulebookWords } from '../words/page/rulebook';
import { ConfirmForm } from './ConfirmForm';
import { LocalSetForm } from './LocalSetForm';
import {
  asItsBase,
  findRule,
  switchedOff,
  withRule,
  type ChangeJson,
  type RuleJson,
} from './ruleFile';
import { RuleForm } from './RuleForm';
import { RuleTables } from './RuleTables';
import { useRuleEdits } from './useRuleEdits';

/** All rule sets as one readable view: limits, conditions, where they stand, and their mark. */
export function RulebookPage() {
  return (
    <UnitsProvider units="METRIC">
      <Rulebook />
    </UnitsProvider>
  );
}

type Shown =
  | { what: 'confirm'; ruleId: string }
  | { what: 'rule'; kind: 'aim' | 'place'; rule: RuleJson; isNew: boolean }
  | { what: 'new' }
  | undefined;

function Rulebook() {
  const query = useRuleSets();
  const sets = query.data ?? [];
  const [chosen, setChosen] = useState<string>();
  const [shown, setShown] = useState<Shown>();
  const [problem, setProblem] = useState<string>();
  const edits = useRuleEdits(sets);
  const set = sets.find((one) => one.id === chosen) ?? sets[0];
  const close = () => setShown(undefined);
  useToYard();
  useCommand('n', rulebookWords.aSetOfOurOwn(), () => setShown({ what: 'new' }));
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(undefined);
    } catch (refusal) {
      setProblem((refusal as Error).message);
    }
  };
  const openRule = (ruleId: string, isNew: boolean) =>
    void attempt(async () => {
      const found = set && findRule(await edits.files(set), ruleId);
      if (found) {
        const rule = isNew ? { ...found.rule, id: `${set.id}.` } : found.rule;
        setShown({ what: 'rule', kind: found.kind, rule, isNew });
      }
    });
  const keepChange = async (make: (change: ChangeJson) => ChangeJson) => {
    if (set?.local) {
      await edits.keep(make(JSON.parse(set.local.file) as ChangeJson));
      close();
    }
  };
  return (
    <>
      <Header title={appWords.rulebook()} subtitle={rulebookWords.whatLampsAreJudgedByThe()}>
        <PlainButton onClick={() => setShown({ what: 'new' })}>
          {rulebookWords.aSetOfOurOwn()}
          <Key name="n" />
        </PlainButton>
        <FileButton
          words={appWords.importAFile()}
          accept="application/json,.json"
          onPick={(files) =>
            void attempt(async () => {
              const file = files?.[0];
              if (file) {
                setChosen(await edits.takeIn(await file.text()));
              }
            })
          }
        />
        <UnitsButton />
      </Header>
      <Box as="main" px={{ base: '14px', md: '26px' }} pb="40px">
        <Refusal words={query.error?.message ?? problem} pb="10px" />
        <SetChoice sets={sets} set={set} onChoose={setChosen} />
        {set && (
          <RuleTables
            set={set}
            baseTitle={sets.find((one) => one.id === set.local?.over)?.title}
            onConfirm={(ruleId) => setShown({ what: 'confirm', ruleId })}
            onRule={openRule}
            onBase={(ruleId) =>
              void attempt(() => keepChange((change) => asItsBase(change, ruleId)))
            }
          />
        )}
      </Box>
      <Sheet
        title={rulebookWords.heldAgainstTheTextInForce()}
        open={shown?.what === 'confirm'}
        close={close}
      >
        {shown?.what === 'confirm' && set && (
          <ConfirmForm
            setId={set.id}
            ruleId={shown.ruleId}
            onDone={() => {
              void query.refetch();
              close();
            }}
          />
        )}
      </Sheet>
      <Sheet
        title={
          shown?.what === 'rule' && shown.isNew
            ? rulebookWords.aRuleOfOurOwn()
            : rulebookWords.ourOwnRule()
        }
        open={shown?.what === 'rule'}
        close={close}
      >
        {shown?.what === 'rule' && (
          <RuleChange
            kind={shown.kind}
            rule={shown.rule}
            isNew={shown.isNew}
            isOwn={set?.local?.own.includes(shown.rule.id) ?? false}
            onChange={keepChange}
          />
        )}
      </Sheet>
      <Sheet title={rulebookWords.aSetOfOurOwn()} open={shown?.what === 'new'} close={close}>
        {shown?.what === 'new' && set && (
          <LocalSetForm
            sets={sets}
            over={set.id}
            onKeep={async (change) => {
              await edits.keep(change);
              setChosen(change.id);
              close();
            }}
          />
        )}
      </Sheet>
    </>
  );
}

/** A rule of the shop's own. */
function RuleChange({
  rule,
  isNew,
  isOwn,
  onChange,
  kind,
}: {
  rule: RuleJson;
  isNew: boolean;
  isOwn: boolean;
  onChange: (make: (change: ChangeJson) => ChangeJson) => Promise<void>;
  kind: 'aim' | 'place';
}) {
  return (
    <RuleForm
      rule={rule}
      isNew={isNew}
      onKeep={(rule) => onChange((change) => withRule(change, kind, rule))}
      onOff={isNew ? undefined : () => onChange((change) => switchedOff(change, rule.id))}
      onBase={!isNew && isOwn ? () => onChange((change) => asItsBase(change, rule.id)) : undefined}
    />
  );
}

function SetChoice({
  sets,
  set,
  onChoose,
}: {
  sets: RuleSet[];
  set: RuleSet | undefined;
  onChoose: (id: string) => void;
}) {
  return (
    <Flex gap="8px" wrap="wrap" pb="14px" role="group" aria-label={rulebookWords.ruleSets()}>
      {sets.map((one) => (
        <PickButton key={one.id} aria-pressed={one.id === set?.id} onClick={() => onChoose(one.id)}>
          {one.title}
        </PickButton>
      ))}
    </Flex>
  );
}
