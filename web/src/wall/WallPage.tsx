import { Box } from '@chakra-ui/react';
import { useState } from 'react';
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
import { Cautions } from '../finding/Cautions';
import { WorkingDialog, type Worked } from '../finding/Working';
import { readingActions } from '../kept/readings';
import { AskedProvider, useAsking } from '../entry/asked';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { WallDialogs, type Shown } from './WallDialogs';
import { takeNext, takeStep } from './wayOn';
import { useDraftKeeping } from './useDraftKeeping';
import { KINDS } from './kinds';
import { lampVerdict } from './lampVerdict';
import { ReadDialog, type ReadTask } from './ReadDialog';
import { ReadingsTape } from './ReadingsTape';
import { RoadDrawing } from './RoadDrawing';
import { Steps, type Step } from './Steps';
import { useDraft } from './useDraft';
import { VerdictBand } from './VerdictBand';
import { WallDrawing } from './WallDrawing';

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

function Wall({ page, offline }: { page: JobPage; offline: boolean }) {
  const units = useUnits();
  const navigate = useNavigate();
  const { shown: readings, known, keep, undo } = useReadings('job', page.job.id, page.readings);
  const { asked, ask } = useAsking();
  const drafting = useDraft(page);
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const [task, setTask] = useState<ReadTask>();
  const [kind, setKind] = useState<LampKind>(page.sheet.next.lamp);
  const { keepDraft, draftProblem } = useDraftKeeping(drafting, keep);
  const sheet = drafting.sheet ?? page.sheet;
  const pair = sheet.pairs.find((one) => one.kind === kind) ?? sheet.pairs[0];

  const read = (side: 'LEFT' | 'RIGHT') => setTask({ lamp: kind, side, turned: false });
  useCommand('f', appWords.allFindings(), () => setShown('findings'));
  useCommand('w', appWords.cautions(), () => setShown('cautions'));
  useCommand('l', wallWords.readTheLeftLamp(), () => read('LEFT'));
  useCommand('r', wallWords.readTheRightLamp(), () => read('RIGHT'));
  useToYard();

  if (!pair) {
    return <Nowhere what="pair" />;
  }

  const { keepThing, correct } = readingActions(known, units, keep);
  const doing = {
    ask,
    setKind,
    setTask,
    show: setShown,
    toBay: () => void navigate(bayAddress(page)),
  };
  const { draft } = drafting;
  const askOf = (findingId: string | undefined) => {
    const finding = sheet.findings.find((one) => one.id === findingId);
    return finding && (() => setWorked({ kind: 'finding', finding }));
  };
  return (
    <StageFrame
      header={<WallHeader page={page} offline={offline} />}
      strip={
        <JobStrip
          job={page.job}
          here="WALL"
          own={sheet.horizon}
          onMark={(findingId) => askOf(findingId)?.()}
        />
      }
      left={
        <StepColumn
          sheet={sheet}
          shown={shown}
          show={setShown}
          onStep={(step) => takeStep(step, page.bay !== undefined, doing)}
        />
      }
      drawing={
        <>
          <WallTools page={page} sheet={sheet} pair={pair} setKind={setKind} show={setShown} />
          <AskedProvider value={asked}>
            <WallDrawings
              page={page}
              sheet={sheet}
              pair={pair}
              drafting={drafting}
              onKeepDraft={() => void keepDraft()}
              onKeep={keepThing}
              onAsk={setWorked}
            />
          </AskedProvider>
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
          onAct={(next) => takeNext(next, doing)}
          onFindings={() => setShown('findings')}
          onAsk={askOf(sheet.next.finding)}
        />
      }
    >
      <ReadDialog page={page} task={task} close={() => setTask(undefined)} />
      <WallDialogs
        page={page}
        sheet={sheet}
        pair={pair}
        shown={shown}
        close={() => setShown(undefined)}
        onAsk={setWorked}
        onKeep={keepThing}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** The bay of the job, or where one is chosen. */
function bayAddress(page: JobPage) {
  return page.bay ? `/bays/${page.bay.id}` : '/bays';
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

/** Which lamps are aimed, by which way, and the dialogs of the wall. */
function WallTools({
  page,
  sheet,
  pair,
  setKind,
  show,
}: {
  page: JobPage;
  sheet: JobPage['sheet'];
  pair: JobPage['sheet']['pairs'][number];
  setKind: (kind: LampKind) => void;
  show: (what: Shown) => void;
}) {
  const hasCutoff = pair.kind !== 'DRIVING';
  useCommand('c', wallWords.compareTheWaysOfAiming(), () => show('schools'));
  useCommand('m', wallWords.marksToTapeWithTheirPlaces(), () => show('marks'));
  useCommand('o', wallWords.lightOnTheRoad(), () => hasCutoff && show('road'));
  useCommand('j', wallWords.jobVehicleAndAdjusters(), () => show('settings'));
  return (
    <DrawingTools>
      {sheet.pairs.length > 1 &&
        sheet.pairs.map((one) => (
          <ToolButton key={one.kind} on={pair.kind === one.kind} onClick={() => setKind(one.kind)}>
            {KINDS[one.kind].title}
          </ToolButton>
        ))}
      <Box flex="1" color="quiet" fontSize="14px" pl="6px" hideBelow="xl">
        {wallWords.asSeenFromTheDriversSeat()}
      </Box>
      <ToolButton onClick={() => show('schools')}>
        {pair.schoolTitle}
        <Key name="c" />
      </ToolButton>
      <ToolButton onClick={() => show('marks')}>
        {appWords.marks()}
        <Key name="m" />
      </ToolButton>
      {hasCutoff && (
        <ToolButton onClick={() => show('road')}>
          {wallWords.roadTool()}
          <Key name="o" />
        </ToolButton>
      )}
      <ToolButton onClick={() => show('settings')}>
        {appWords.job()}
        <Key name="j" />
      </ToolButton>
      <ToolButton asChild>
        <Link to={bayAddress(page)}>{page.bay?.name ?? wallWords.noBay()}</Link>
      </ToolButton>
    </DrawingTools>
  );
}

/** Says by which rules, and leads to the page that is read from afar. */
function WallHeader({ page, offline }: { page: JobPage; offline: boolean }) {
  const navigate = useNavigate();
  const standBack = () => void navigate(`/jobs/${page.job.id}/stand-back`);
  useCommand(' ', appWords.standBack(), standBack);
  return (
    <StageHeader
      job={page.job}
      vehicle={page.vehicle}
      here="WALL"
      more={[RULES[page.job.ruleSet] ?? page.job.ruleSet, TRAFFIC[page.job.traffic]].join(' · ')}
      offline={offline}
    >
      <PlainButton onClick={standBack}>
        {appWords.standBack()}
        <Key name=" " />
      </PlainButton>
    </StageHeader>
  );
}

/** The wall with its marks and cutoffs, and the road on which they land. */
function WallDrawings({
  page,
  sheet,
  pair,
  drafting,
  onKeepDraft,
  onKeep,
  onAsk,
}: {
  page: JobPage;
  sheet: JobPage['sheet'];
  pair: JobPage['sheet']['pairs'][number];
  drafting: ReturnType<typeof useDraft>;
  onKeepDraft: () => void;
  onKeep: ReturnType<typeof readingActions>['keepThing'];
  onAsk: (worked: Worked) => void;
}) {
  return (
    <>
      <Box flex={{ base: 'none', lg: '1' }} h={{ base: '320px', md: '420px', lg: 'auto' }} minH="0">
        <WallDrawing
          page={page}
          sheet={sheet}
          pair={pair}
          draft={drafting.draft}
          onMove={drafting.move}
          onKeepDraft={onKeepDraft}
          onDropDraft={drafting.drop}
          onKeep={onKeep}
          onAsk={onAsk}
        />
      </Box>
      <Box h="132px">
        <RoadDrawing
          pair={pair}
          verdicts={{
            left: lampVerdict(sheet, pair.left),
            right: lampVerdict(sheet, pair.right),
          }}
          onAsk={onAsk}
        />
      </Box>
    </>
  );
}

function StepColumn({
  sheet,
  shown,
  show,
  onStep,
}: {
  sheet: JobPage['sheet'];
  shown: Shown;
  show: (what: Shown) => void;
  onStep: (step: Step) => void;
}) {
  return (
    <StageColumn
      label={wallWords.orderOfWork()}
      foot={
        <Cautions
          cautions={sheet.cautions}
          where={wallWords.atTheWall()}
          open={shown === 'cautions'}
          setOpen={(open) => show(open ? 'cautions' : undefined)}
        />
      }
    >
      <Steps steps={sheet.steps} onStep={onStep} />
    </StageColumn>
  );
}
