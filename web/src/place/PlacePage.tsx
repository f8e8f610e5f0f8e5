import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import type { FrontEdit, LampPairEdit as Pair, Finding, PlacePage as Page } from '../api/client';
import { readLength, usePlacePage } from '../api/queries';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { useUnits } from '../ui/session';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { ToolButton } from '../ui/ToolButton';
import { Cautions } from '../finding/Cautions';
import { FindingList } from '../finding/FindingList';
import { WorkingDialog, type Worked } from '../finding/Working';
import { ConflictSheet } from '../kept/ConflictSheet';
import { asDrawn, isGuessed, moved, withPair } from '../vehicle/shapes';
import { AskedProvider, useAsking } from '../entry/asked';
import { lampOf } from '../finding/subject';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import { placeWords } from '../words/page/place';
import { useChosenPair } from './useChosenPair';
import { PlaceDialogs, type Shown } from './PlaceDialogs';
import { useNearest } from './useNearest';
import { FrontDrawing } from './FrontDrawing';
import { HeadingPlan, headingEntry } from './HeadingPlan';
import { PairList } from './PairList';
import { PlaceBand } from './PlaceBand';
import { useFront } from './useFront';

export function PlacePage() {
  return (
    <JobStage usePage={usePlacePage}>
      {(page, offline) => <Place page={page} offline={offline} />}
    </JobStage>
  );
}

function Place({ page, offline }: { page: Page; offline: boolean }) {
  const client = useQueryClient();
  const jobId = page.job.id;
  const { asked, ask: askFor } = useAsking();
  const { front, sheet, saved, isChanged, refusal, change, save, drop } = useFront(page);
  const { chosen, setChosenId, ofChosen, apart, part } = useChosenPair(page, front, sheet, change);
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const nearest = useNearest(jobId, front, change, () => setShown('nowhere'));
  const findNearest = () => chosen && nearest.mutate(chosen.id);
  const open = (what: Shown) => () => setShown(what);
  useCommand('a', placeWords.addALamp(), () => setShown('add'));
  useCommand('f', appWords.allFindings(), () => setShown('findings'));
  useCommand('w', appWords.cautions(), () => setShown('cautions'));
  useToYard();
  // while a lamp is dragged, what the findings say changes less often than where it is
  const work = useCallback((finding: Finding) => setWorked({ kind: 'finding', finding }), []);
  const ask = useCallback(
    (findingId: string) => sheet.findings.filter((one) => one.id === findingId).forEach(work),
    [sheet, work],
  );
  return (
    <StageFrame
      header={
        <KeptHeader page={page} here="PLACE" kept={saved} isChanged={isChanged} offline={offline} />
      }
      strip={<JobStrip job={page.job} here="PLACE" own={sheet.horizon} onMark={ask} />}
      left={
        <PairColumn
          front={front}
          sheet={sheet}
          chosenId={chosen?.id}
          onChoose={setChosenId}
          shown={shown}
          show={setShown}
        />
      }
      drawing={
        <>
          <PlaceTools
            chosen={chosen}
            apart={apart}
            onPart={part}
            onNearest={findNearest}
            onAsDrawn={(pair) => change(withPair(front, asDrawn(pair)))}
            onTemplate={open('template')}
          />
          <Fronts
            front={front}
            sheet={sheet}
            chosen={chosen}
            onChoose={setChosenId}
            asked={asked}
            change={change}
            apart={apart}
          />
        </>
      }
      right={
        <Box h="100%" bg="panel">
          <FindingList title={placeWords.whatTheRulesSay()} findings={ofChosen} onAsk={work} />
        </Box>
      }
      rightWidth="262px"
      band={
        <PlaceBand
          sheet={sheet}
          empty={front.pairs.length === 0}
          problem={
            refusal ??
            saved.refused ??
            (saved.away ? keptWords.changesWaitForTheNetwork() : nearest.error?.message)
          }
          changed={isChanged}
          conflict={saved.conflict}
          onKeep={save}
          onCompare={open('conflict')}
          onMine={() => saved.conflict && saved.insist(saved.conflict.version)}
          onDrop={() => {
            drop();
            void client.invalidateQueries({ queryKey: ['place', jobId] });
          }}
          onAdd={open('add')}
          onNearest={findNearest}
          onTemplate={open('template')}
          onTurned={(finding) => {
            const lamp = lampOf(finding.subject);
            if (lamp?.side) {
              setChosenId(lamp.which);
              askFor(headingEntry(lamp.which, lamp.side));
            }
          }}
          onFindings={open('findings')}
          onAsk={ask}
        />
      }
    >
      <PlaceDialogs
        jobId={jobId}
        front={front}
        chosen={chosen}
        shown={shown}
        unsaved={isChanged || saved.waits}
        vehicle={page.vehicle}
        nearest={nearest.data}
        findings={sheet.findings}
        onAsk={setWorked}
        change={change}
        onChoose={setChosenId}
        close={() => setShown(undefined)}
      />
      <ConflictSheet
        conflict={saved.conflict}
        open={shown === 'conflict'}
        close={() => setShown(undefined)}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** The lamps of this front, and what they are judged by. */
function PairColumn({
  front,
  sheet,
  chosenId,
  onChoose,
  shown,
  show,
}: {
  front: FrontEdit;
  sheet: Page['sheet'];
  chosenId: string | undefined;
  onChoose: (pairId: string) => void;
  shown: Shown;
  show: (what: Shown) => void;
}) {
  return (
    <StageColumn
      label={placeWords.lampsAndRules()}
      foot={
        <Cautions
          cautions={sheet.cautions}
          where={placeWords.beforeTheDrill()}
          open={shown === 'cautions'}
          setOpen={(on) => show(on ? 'cautions' : undefined)}
        />
      }
    >
      <PairList
        front={front}
        sheet={sheet}
        chosenId={chosenId}
        onChoose={onChoose}
        onAddLamp={() => show('add')}
        onEditLamp={() => show('edit')}
        onKeepOuts={() => show('keepOuts')}
        onRules={() => show('rules')}
        onHoles={() => show('holes')}
      />
    </StageColumn>
  );
}

/** What is done with the chosen lamp. */
function PlaceTools({
  chosen,
  apart,
  onPart,
  onNearest,
  onAsDrawn,
  onTemplate,
}: {
  chosen: Pair | undefined;
  apart: boolean;
  onPart: () => void;
  onNearest: () => void;
  onAsDrawn: (pair: Pair) => void;
  onTemplate: () => void;
}) {
  useCommand('n', placeWords.nearestGoodPlace(), onNearest);
  useCommand('p', placeWords.partTheTwoSidesOrMirror(), onPart);
  useCommand('t', placeWords.drillTemplate(), onTemplate);
  return (
    <DrawingTools>
      <ToolButton aria-pressed={!apart} onClick={onPart}>
        {apart ? placeWords.sidesParted() : placeWords.bothSidesTogether()}
        <Key name="p" />
      </ToolButton>
      <ToolButton disabled={!chosen} onClick={onNearest}>
        {placeWords.nearestGoodPlace()}
        <Key name="n" />
      </ToolButton>
      {chosen && isGuessed(chosen) && (
        <ToolButton onClick={() => onAsDrawn(chosen)}>{placeWords.useAsDrawn()}</ToolButton>
      )}
      <ToolButton disabled={!chosen} onClick={onTemplate}>
        {placeWords.drillTemplate()}
        <Key name="t" />
      </ToolButton>
    </DrawingTools>
  );
}

/** The front, and the heading of the chosen lamps under it. */
function Fronts({
  front,
  sheet,
  chosen,
  onChoose,
  asked,
  change,
  apart,
}: {
  front: FrontEdit;
  sheet: Page['sheet'];
  chosen: Pair | undefined;
  onChoose: (pairId: string) => void;
  asked: ReturnType<typeof useAsking>['asked'];
  change: (front: FrontEdit) => void;
  apart: boolean;
}) {
  const units = useUnits();
  return (
    <>
      <Box flex={{ base: 'none', lg: '1' }} h={{ base: '360px', md: '460px', lg: 'auto' }} minH="0">
        <FrontDrawing
          front={front}
          sheet={sheet}
          chosen={chosen}
          onChoose={onChoose}
          onMove={(pair, side, to) => change(withPair(front, moved(pair, side, to, apart)))}
        />
      </Box>
      {chosen && (
        <Box h="112px">
          <AskedProvider value={asked}>
            <HeadingPlan
              front={front}
              pair={chosen}
              sheet={sheet}
              onSetback={async (typed) =>
                change({ ...front, bumperSetbackMm: await readLength(typed, units) })
              }
              onTurn={(side, headingDeg) =>
                change(withPair(front, moved(chosen, side, { headingDeg }, true)))
              }
            />
          </AskedProvider>
        </Box>
      )}
    </>
  );
}
