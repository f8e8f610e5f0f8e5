import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { FeedPart, FeedSheet, Finding, SolvedFeed } from '../api/client';
import { ActButton, BareButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { figureText, useUnits } from '../ui/session';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { Choice, Pairs, TextField } from '../settings/fields';
import { FormFoot } from '../settings/FormFoot';
import { isOfComponent } from '../finding/subject';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

/** A part: what it does now, what is said of it, and what of it can be changed. */
export function PartSheet({
  part,
  sheet,
  solved,
  onChange,
  onAsk,
  onNode,
}: {
  part: FeedPart;
  sheet: FeedSheet;
  solved: SolvedFeed | undefined;
  onChange: (values: Record<string, string>) => void;
  onAsk: (finding: Finding) => void;
  /** Asks how the voltage of a point comes about. */
  onNode: (node: string) => Promise<void>;
}) {
  const units = useUnits();
  const [values, setValues] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string>();
  const askNode = async (node: string) => {
    try {
      await onNode(node);
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  const now = solved?.parts.find((one) => one.id === part.id);
  const findings = sheet.findings.filter((one) => isOfComponent(one.subject, part.id));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onChange(values);
      }}
    >
      {now && (
        <Solved
          part={part}
          now={now}
          sheet={sheet}
          nodeVolts={solved?.nodes ?? {}}
          onNode={(node) => void askNode(node)}
        />
      )}
      <Refusal words={problem} pb="4px" />
      {now?.working.map((line) => (
        <Flex key={line.label} gap="12px" wrap="wrap" pb="4px" fontSize="15px">
          <Box w="150px" color="quiet">
            {line.label}
          </Box>
          <Box flex="1" minW="180px">
            <SentenceText sentence={line.filled} />
            <Box color="quiet" fontSize="13.5px">
              {line.formula}
            </Box>
          </Box>
          <Box fontFamily="heading" fontWeight="600">
            {figureText(line.result, units)}
          </Box>
        </Flex>
      ))}
      {findings.map((finding) => (
        <Flex
          as="button"
          {...{ type: 'button' }}
          key={finding.id}
          w="100%"
          minH="48px"
          gap="10px"
          align="center"
          textAlign="left"
          borderTopWidth="1px"
          borderColor="hairline"
          cursor="pointer"
          onClick={() => onAsk(finding)}
        >
          <VerdictShape verdict={finding.verdict} size={18} />
          <span>
            <SentenceText sentence={finding.headline} />
          </span>
        </Flex>
      ))}
      {part.changes.length > 0 && (
        <>
          <Box pt="10px">
            <Pairs>
              {part.changes.map((change) => {
                const value = values[change.name] ?? change.value;
                const set = (to: string) =>
                  setValues((before) => ({ ...before, [change.name]: to }));
                return change.options.length > 0 ? (
                  <Choice
                    key={change.name}
                    label={change.asks}
                    value={value}
                    set={set}
                    options={change.options.map((one) => [one.value, one.says] as const)}
                  />
                ) : (
                  <TextField
                    key={change.name}
                    label={change.asks}
                    value={value}
                    set={set}
                    maxLength={12}
                  />
                );
              })}
            </Pairs>
          </Box>
          <FormFoot>
            <ActButton type="submit">{appWords.changeIt()}</ActButton>
          </FormFoot>
        </>
      )}
    </form>
  );
}

function Figure({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Box color="quiet" fontSize="13.5px">
        {label}
      </Box>
      {/* as tall as those of them that are buttons */}
      <Flex align="center" minH="48px" fontFamily="heading" fontSize="22px" fontWeight="600">
        {children}
      </Flex>
    </Box>
  );
}

/** What flows through the part, lies over it, and stands at its points. */
function Solved({
  part,
  now,
  sheet,
  nodeVolts,
  onNode,
}: {
  part: FeedPart;
  now: SolvedFeed['parts'][number];
  sheet: FeedSheet;
  nodeVolts: SolvedFeed['nodes'];
  onNode: (node: string) => void;
}) {
  const units = useUnits();
  const pointName = (node: string) => sheet.points[node] ?? node;
  const nodes = [...new Set(Object.values(part.values))].filter(
    (value) => nodeVolts[value] !== undefined,
  );
  return (
    <Flex gap="4px 28px" wrap="wrap" pb="4px">
      {Object.entries(now.amps).map(([branch, amps]) => (
        <Figure key={branch} label={branch || feedWords.throughIt()}>
          {figureText(amps, units)}
        </Figure>
      ))}
      <Figure label={feedWords.overIt()}>{figureText(now.volts, units)}</Figure>
      {now.lamp && (
        <Figure label={feedWords.ofItsRatedLight()}>{figureText(now.lamp.light, units)}</Figure>
      )}
      {now.load && <Figure label={feedWords.ofItsRating()}>{figureText(now.load, units)}</Figure>}
      {nodes.map((node) => {
        const volts = nodeVolts[node];
        return (
          volts && (
            <Figure key={node} label={feedWords.atNode({ node: pointName(node) })}>
              <BareButton
                type="button"
                px="0"
                aria-label={feedWords.voltsAtNodeHowItComes({
                  volts: figureText(volts, units),
                  node: pointName(node),
                })}
                onClick={() => onNode(node)}
              >
                {figureText(volts, units)}
              </BareButton>
            </Figure>
          )
        );
      })}
    </Flex>
  );
}
