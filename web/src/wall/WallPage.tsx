import { Box } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { JobPage, LampKind } from '../api/client';
import { useJobPage } from '../api/queries';
import { useReadings } from '../kept/useReadings';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { Nowhere } from '../frame/Nowhere';
import { figureText, useUnits } from '../ui/session';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { StageHeader } from '../frame/StageHeader';
import { ToolButton } from '../ui/ToolButton';
import { typedLength } from '../entry/typed';
import { useAttempt } from '../entry/useAttempt';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { SettingsDialog } from '../settings/SettingsDialog';

import { KINDS, kindOf } from './kinds';
import { lampVerdict } from './lampVerdict';
import { MarksDialog } from './MarksDialog';
import { ReadDialog, type ReadTask } from './ReadDialog';
import { ReadingsTape } from './ReadingsTape';
import { entryName, reading, readingActions } from '../kept/readings';
import { RoadDrawing } from './RoadDrawing';
import { SchoolsDialog } from './SchoolsDialog';
import { Steps, type Step } from './Steps';
import { useChooseSchool } from '../settings/useJobEdit';
import { useDraft } from './useDraft';
import { VerdictBand } from './VerdictBand';
import { WallDrawing } from './WallDrawing';
import { AskedProvider, useAsking } from '../entry/asked';
import { lampOf } from '../finding/subject';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

export function WallPage() {
  return (
    <JobStage usePage={useJobPage}>
      {(page, offline) => <Wall page={page} offline={offline} />}
    </JobStage>
  );
}

const TRAFFIC = {
  RIGHT: wallWords.trafficOnTheRight(),
  LEFT: wallWords.trafficOnTheLeft(),
} as const;
const RULES: Record<string, string> = {
  'un-r48': wallWords.uNRules(),
  'un-r48-large': wallWords.uNRules(),
  'gb-inspection': wallWords.greatBritainsTest(),
  'gb-lighting': wallWords.greatBritainFog(),
  'us-sae-j599': 'SAE J599',
  'us-ca-24403': wallWords.californiaFog(),
};

type Shown = 'findings' | 'schools' | 'marks' | 'settings' | 'cautions' | undefined;

function Wall({ page, offline }: { page: JobPage; offline: boolean }) {
  const units = useUnits();
  const navigate = useNavigate();
  const { shown: readings, known, keep, undo } = useReadings('job', page.job.id, page.readings);
  const { asked, ask } = useAsking();
  const drafting = useDraft(page);
  const attempt = useAttempt();
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const [task, setTask] = useState<ReadTask>();
  const [kind, setKind] = useState<LampKind>(page.sheet.next.lamp);
  const [draftProblem, setDraftProblem] = useState<string>();
  const chooseSchool = useChooseSchool(page);
  const sheet = drafting.sheet ?? page.sheet;
  const pair = sheet.pairs.find((one) => one.kind === kind) ?? sheet.pairs[0];

  const openSchools = useCallback(() => setShown('schools'), []);
  const openMarks = useCallback(() => setShown('marks'), []);
  const openFindings = useCallback(() => setShown('findings'), []);
  const openSettings = useCallback(() => setShown('settings'), []);
  const openCautions = useCallback(() => setShown('cautions'), []);
  const standBack = useCallback(
    () => void navigate(`/jobs/${page.job.id}/stand-back`),
    [navigate, page.job.id],
  );
  const readLeft = useCallback(() => setTask({ lamp: kind, side: 'LEFT', turned: false }), [kind]);
  const readRight = useCallback(
    () => setTask({ lamp: kind, side: 'RIGHT', turned: false }),
    [kind],
  );
  useCommand(' ', appWords.standBack(), standBack);
  useCommand('c', wallWords.compareTheWaysOfAiming(), openSchools);
  useCommand('m', wallWords.marksToTapeWithTheirPlaces(), openMarks);
  useCommand('f', appWords.allFindings(), openFindings);
  useCommand('j', wallWords.jobVehicleAndAdjusters(), openSettings);
  useCommand('w', appWords.cautions(), openCautions);
  useCommand('l', wallWords.readTheLeftLamp(), readLeft);
  useCommand('r', wallWords.readTheRightLamp(), readRight);
  useToYard();

  if (!pair) {
    return <Nowhere what="pair" />;
  }

  const { keepThing, correct } = readingActions(known, units, keep);
  const keepDraft = async () => {
    const { draft, kept } = drafting;
    if (!draft) {
      return;
    }
    setDraftProblem(undefined);
    const { lamp, side, belowMm } = draft;
    try {
      await keep({
        id: attempt.idFor(`${side}${belowMm}`),
        edit: reading({ kind: 'CUTOFF_BELOW', lamp, side }, typedLength(belowMm, units), units),
      });
      attempt.done();
      kept(draft);
    } catch (refused) {
      setDraftProblem((refused as Error).message);
    }
  };
  const act = (next: typeof sheet.next) => {
    const side = next.side ?? 'LEFT';
    switch (next.action) {
      case 'READ_CUTOFF':
      case 'TURN_AND_READ':
        setKind(next.lamp);
        setTask({ lamp: next.lamp, side, turned: next.action === 'TURN_AND_READ' });
        break;
      case 'MEASURE_DISTANCE':
        ask(entryName({ kind: 'DISTANCE', side: 'LEFT' }));
        break;
      case 'MEASURE_CENTRE':
        setKind(next.lamp);
        ask(entryName({ kind: 'CENTRE', lamp: next.lamp, side }));
        break;
      case 'MEASURE_EDGE':
        setKind(next.lamp);
        ask(entryName({ kind: 'LOWER_EDGE', lamp: next.lamp, side }));
        break;
      case 'MEASURE_FLOOR':
        toBay();
        break;
      case 'SETTLE':
      case 'DONE':
        openFindings();
    }
  };
  const toBay = () => void navigate(page.bay ? `/bays/${page.bay.id}` : '/bays');
  const onStep = ({ task, subject }: Step) => {
    const of = lampOf(subject);
    const lamp = kindOf(of?.function);
    setKind(lamp);
    switch (task) {
      case 'FLOOR':
        if (page.bay) {
          toBay();
        } else {
          openSettings();
        }
        break;
      case 'TAPE':
        openMarks();
        break;
      case 'READ':
        setTask({ lamp, side: of?.side ?? 'LEFT', turned: false });
        break;
      case 'CENTRES':
        ask(entryName({ kind: 'CENTRE', lamp, side: 'LEFT' }));
    }
  };
  const { draft } = drafting;
  const { next } = sheet;
  const behind = sheet.findings.find((one) => one.id === next.finding);
  return (
    <StageFrame
      header={
        <StageHeader
          job={page.job}
          vehicle={page.vehicle}
          here="WALL"
          more={[RULES[page.job.ruleSet] ?? page.job.ruleSet, TRAFFIC[page.job.traffic]].join(
            ' · ',
          )}
          offline={offline}
        >
          <PlainButton onClick={standBack}>
            {appWords.standBack()}
            <Key name=" " />
          </PlainButton>
        </StageHeader>
      }
      strip={
        <JobStrip
          job={page.job}
          here="WALL"
          own={sheet.horizon}
          onMark={(findingId) => {
            const finding = sheet.findings.find((one) => one.id === findingId);
            if (finding) {
              setWorked({ kind: 'finding', finding });
            }
          }}
        />
      }
      left={
        <StageColumn
          label={wallWords.orderOfWork()}
          foot={
            <Cautions
              cautions={sheet.cautions}
              where={wallWords.atTheWall()}
              open={shown === 'cautions'}
              setOpen={(open) => setShown(open ? 'cautions' : undefined)}
            />
          }
        >
          <Steps steps={sheet.steps} onStep={onStep} />
        </StageColumn>
      }
      drawing={
        <>
          <DrawingTools>
            {sheet.pairs.length > 1 &&
              sheet.pairs.map((one) => (
                <ToolButton key={one.kind} on={kind === one.kind} onClick={() => setKind(one.kind)}>
                  {KINDS[one.kind].title}
                </ToolButton>
              ))}
            <Box flex="1" color="quiet" fontSize="14px" pl="6px" hideBelow="xl">
              {wallWords.asSeenFromTheDriversSeat()}
            </Box>
            <ToolButton onClick={openSchools}>
              {pair.schoolTitle}
              <Key name="c" />
            </ToolButton>
            <ToolButton onClick={openMarks}>
              {appWords.marks()}
              <Key name="m" />
            </ToolButton>
            <ToolButton onClick={openSettings}>
              {appWords.job()}
              <Key name="j" />
            </ToolButton>
            <ToolButton asChild>
              <Link to={page.bay ? `/bays/${page.bay.id}` : '/bays'}>
                {page.bay?.name ?? wallWords.noBay()}
              </Link>
            </ToolButton>
          </DrawingTools>
          <Box
            flex={{ base: 'none', lg: '1' }}
            h={{ base: '320px', md: '420px', lg: 'auto' }}
            minH="0"
          >
            <AskedProvider value={asked}>
              <WallDrawing
                page={page}
                sheet={sheet}
                pair={pair}
                draft={draft}
                onMove={drafting.move}
                onKeepDraft={() => void keepDraft()}
                onDropDraft={drafting.drop}
                onKeep={keepThing}
                onAsk={setWorked}
              />
            </AskedProvider>
          </Box>
          <Box h="132px">
            <RoadDrawing
              pair={pair}
              verdicts={{
                left: lampVerdict(sheet, pair.left),
                right: lampVerdict(sheet, pair.right),
              }}
              onAsk={setWorked}
            />
          </Box>
        </>
      }
      right={
        <ReadingsTape
          of={page.job.id}
          stage="WALL"
          readings={readings}
          onCorrect={correct}
          onUndo={undo}
        />
      }
      band={
        <VerdictBand
          sheet={sheet}
          draft={
            draft && {
              words: wallWords.saveBelowMm({
                belowMm: figureText(draftFigure(draft.belowMm), units),
              }),
              keep: () => void keepDraft(),
              drop: drafting.drop,
              problem: draftProblem,
            }
          }
          onAct={act}
          onFindings={openFindings}
          onAsk={behind && (() => setWorked({ kind: 'finding', finding: behind }))}
        />
      }
    >
      <ReadDialog page={page} task={task} close={() => setTask(undefined)} />
      <FindingsDialog
        findings={sheet.findings}
        open={shown === 'findings'}
        close={() => setShown(undefined)}
        onAsk={setWorked}
      />
      <SchoolsDialog
        page={page}
        kind={kind}
        chosen={pair.school}
        open={shown === 'schools'}
        close={() => setShown(undefined)}
        problem={chooseSchool.error?.message}
        onChoose={(school) => chooseSchool.mutate(school, { onSuccess: () => setShown(undefined) })}
        onAsk={setWorked}
      />
      <MarksDialog
        page={page}
        pair={pair}
        open={shown === 'marks'}
        close={() => setShown(undefined)}
        onAsk={setWorked}
        onKeep={keepThing}
      />
      <SettingsDialog page={page} open={shown === 'settings'} close={() => setShown(undefined)} />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** A dragged length as it will be typed, in both unit systems. */
function draftFigure(mm: number) {
  return {
    value: mm,
    quantity: 'LENGTH' as const,
    metric: `${typedLength(mm, 'METRIC')} mm`,
    imperial: `${typedLength(mm, 'IMPERIAL')} in`,
  };
}
