import { Box, Flex } from '@chakra-ui/react';
import type { FindEdit, FindPage, Hunt } from '../api/client';
import { LazyText } from '../entry/LazyText';
import { BareButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { Key } from '../ui/Key';
import { findWords } from '../words/page/find';
import { decimalText } from '../words/numbers';
import { YesNo } from '../settings/fields';

type Change = (part: Partial<FindEdit>) => void;

/** What the search stands on: the circuit, the complaint, what can be reached and used. */
export function SetUp({
  page,
  find,
  hunt,
  change,
  onCircuit,
  onAnswers,
  onVehicle,
  turn,
}: {
  page: FindPage;
  find: FindEdit;
  hunt: Hunt | undefined;
  change: Change;
  onCircuit: () => void;
  onAnswers: () => void;
  onVehicle: boolean;
  turn: () => void;
}) {
  return (
    <Flex direction="column" gap="12px" pb="14px">
      <BareButton
        px="0"
        h="auto"
        minH="48px"
        textAlign="left"
        whiteSpace="normal"
        onClick={onCircuit}
      >
        {hunt ? hunt.sheet.plan.title : findWords.chooseTheCircuit()}
        <Key name="q" />
      </BareButton>
      {find.plan && hunt && hunt.sheet.questions.length > 0 && (
        <BareButton px="0" mt="-12px" onClick={onAnswers}>
          {findWords.itsAnswers()}
        </BareButton>
      )}
      {hunt && (
        <BareButton px="0" mt="-12px" justifyContent="flex-start" onClick={turn}>
          {onVehicle ? findWords.asACircuit() : findWords.onTheVehicle()}
          <Key name="v" />
        </BareButton>
      )}
      <LazyText
        lines={2}
        label={findWords.complaint()}
        value={find.complaint}
        onDone={(complaint) => change({ complaint })}
        maxLength={300}
      />
      <Titled title={findWords.openedSoFar()}>
        <ChoiceButtons
          label={findWords.openedSoFar()}
          options={page.reaches.map((one) => [
            one.reach,
            find.open.includes(one.reach)
              ? one.words
              : findWords.reachMinutes({ words: one.words, minutes: decimalText(one.minutes) }),
          ])}
          chosen={find.open}
          onToggle={(reach) => change({ open: toggled(find.open, reach) })}
        />
      </Titled>
      <YesNo
        label={findWords.twoPeople()}
        value={find.twoPeople}
        set={(twoPeople) => change({ twoPeople })}
      />
      <Titled title={findWords.tools()}>
        <ChoiceButtons
          label={findWords.tools()}
          options={page.tools.map((one) => [one.tool, one.words] as const)}
          chosen={find.tools}
          onToggle={(tool) => change({ tools: toggled(find.tools, tool) })}
        />
      </Titled>
      {hunt && <Touched find={find} hunt={hunt} change={change} />}
    </Flex>
  );
}

function Titled({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box>
      <Box color="quiet" pb="4px">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** A plug that was open yesterday is suspected first. */
function Touched({ find, hunt, change }: { find: FindEdit; hunt: Hunt; change: Change }) {
  return (
    <details>
      <summary style={{ minHeight: 48, cursor: 'pointer', paddingTop: 12 }}>
        {findWords.touchedLately()}
        {find.touched.length > 0 && `: ${String(find.touched.length)}`}
      </summary>
      <ChoiceButtons
        label={findWords.touchedLately()}
        options={hunt.parts.map((one) => [one.id, one.words] as const)}
        chosen={find.touched}
        onToggle={(part) => change({ touched: toggled(find.touched, part) })}
      />
    </details>
  );
}
