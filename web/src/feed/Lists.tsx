import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { ChosenPlan, Controls, FeedSheet, Job } from '../api/client';
import { partsFromCsv } from '../api/queries';
import { FileButton } from '../ui/FileButton';
import { PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { fileAddress } from '../words/fileAddress';
import { isLive, type Needs } from './needs';
import { OwnPlan } from './OwnPlan';
import { isAt } from './StateTable';

function Heading({ children }: { children: ReactNode }) {
  return (
    <Box fontFamily="heading" fontWeight="600" fontSize="19px" pt="14px" pb="4px">
      {children}
    </Box>
  );
}

const BATTERY: Record<Needs, string> = {
  OFF: appWords.negativeOff(),
  ON: feedWords.batteryOn(),
  FED: feedWords.batteryOnFusesIn(),
  ANY: '',
};

interface Props {
  sheet: FeedSheet;
  job: Job;
  plan: ChosenPlan;
  controls: Controls;
  onPlan: (plan: ChosenPlan) => void;
}

/** Order of connecting, cut list and parts: the same plan, to be worked from. */
export function Lists({ sheet, job, plan, controls, onPlan }: Props) {
  const units = useUnits();
  return (
    <Box maxW="860px">
      <Files sheet={sheet} job={job} plan={plan} controls={controls} onPlan={onPlan} />
      <Heading>{feedWords.orderOfConnecting()}</Heading>
      <Box as="ol">
        {sheet.order.map((step, index) => (
          <Flex
            as="li"
            key={step.id}
            gap="12px"
            py="6px"
            borderTopWidth="1px"
            borderColor="hairline"
          >
            <Box w="26px" color="quiet">
              {index + 1}
            </Box>
            <Box flex="1">{step.does}</Box>
            <Box color={isLive(step.battery) ? 'edge' : 'quiet'} whiteSpace="nowrap">
              {BATTERY[step.battery]}
            </Box>
          </Flex>
        ))}
      </Box>
      {sheet.undo && (
        <>
          <Heading>{feedWords.toUndoIt()}</Heading>
          <Box>{sheet.undo}</Box>
        </>
      )}
      <Heading>{feedWords.cutList()}</Heading>
      {sheet.cuts.length === 0 && <Box color="quiet">{feedWords.noWireIsCutForThis()}</Box>}
      {sheet.cuts.map((reel) => (
        <Box key={`${reel.size} ${reel.colour}`} pb="8px">
          <Box
            fontFamily="heading"
            fontWeight="600"
            borderTopWidth="1px"
            borderColor="rule"
            py="4px"
          >
            {reel.size}, {reel.colour}: {figureText(reel.total, units)}
          </Box>
          {reel.pieces.map((piece) => (
            <Flex key={piece.label} gap="12px" py="3px" wrap="wrap">
              <Box w="90px" textAlign="right" fontFamily="heading" fontWeight="600">
                {figureText(piece.length, units)}
              </Box>
              <Box w="220px">{piece.label}</Box>
              <Box color="quiet">
                {piece.fromEnd} — {piece.toEnd}
              </Box>
            </Flex>
          ))}
        </Box>
      ))}
      {sheet.labels.length > 0 && (
        <>
          <Heading>{feedWords.labelsOneForEachEnd()}</Heading>
          <Flex gap="6px" wrap="wrap">
            {sheet.labels.map((label, index) => (
              <Box
                key={`${label} ${index}`}
                px="8px"
                py="3px"
                bg="tape"
                color="tapeInk"
                fontFamily="heading"
                fontWeight="600"
              >
                {label}
              </Box>
            ))}
          </Flex>
        </>
      )}
      <OwnPlan sheet={sheet} plan={plan} />
      <Heading>{appWords.parts()}</Heading>
      {sheet.bill.map((line) => (
        <Flex key={line.what} gap="12px" py="3px">
          <Box w="44px" textAlign="right" fontFamily="heading" fontWeight="600">
            {line.count} ×
          </Box>
          <Box>{line.what}</Box>
        </Flex>
      ))}
    </Box>
  );
}

function Download({ href, children }: { href: string; children: ReactNode }) {
  return (
    <PlainButton asChild>
      <a href={fileAddress(href)} download>
        {children}
      </a>
    </PlainButton>
  );
}

/** What is printed, and what other programs read. */
function Files({ sheet, job, plan, controls, onPlan }: Props) {
  const units = useUnits();
  const [problem, setProblem] = useState<string>();
  const files = `/api/jobs/${job.id}/feed`;
  const state = sheet.states.find((one) => isAt(controls, one.controls)) ?? sheet.states[0];
  const takeIn = async (file: File) => {
    try {
      onPlan(await partsFromCsv(job.id, plan, await file.text()));
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <>
      <Flex gap="8px" wrap="wrap" pt="4px">
        <Download href={`${files}/sheet.pdf?units=${units}`}>{feedWords.wiringSheetPDF()}</Download>
        <Download href={`${files}/sheet.svg`}>{feedWords.circuitSVG()}</Download>
        <Download href={`${files}/parts.csv`}>{feedWords.partsCSV()}</Download>
        <FileButton
          words={feedWords.importACSV()}
          accept=".csv,text/csv"
          onPick={(files) => {
            const file = files?.[0];
            if (file) {
              void takeIn(file);
            }
          }}
        />
        {state && (
          <Download href={`${files}/netlist?state=${state.state}`}>
            {feedWords.netlistWords({ words: state.words })}
          </Download>
        )}
        {state?.phases.slice(1).map((phase, index) => (
          <Download key={phase} href={`${files}/netlist?state=${state.state}&phase=${index + 2}`}>
            {feedWords.netlistPhase({ phase })}
          </Download>
        ))}
        {state && state.phases.length > 0 && (
          <Download href={`${files}/netlist?state=${state.state}&overTime=true`}>
            {feedWords.netlistOverTime()}
          </Download>
        )}
      </Flex>
      <Refusal words={problem} pt="6px" />
    </>
  );
}
