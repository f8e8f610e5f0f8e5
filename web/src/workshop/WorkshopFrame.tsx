import { Box } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { Finding, StageWork, WorkshopPage as Page } from '../api/client';
import { ActButton, BareButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { JobStrip } from '../frame/JobStrip';
import { NextStage } from '../frame/NextStage';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { StageHeader } from '../frame/StageHeader';
import { figureText, useUnits } from '../ui/session';
import { useToYard } from '../frame/useToYard';
import { FindingsButton } from '../finding/FindingsButton';
import { Band } from '../finding/Band';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { WorkingDialog, type Worked } from '../finding/Working';
import { gravest } from '../kept/KeptBand';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { ResumeCard } from './ResumeCard';
import {
  CureDialog,
  LeaveOutDialog,
  nextStep,
  openSteps,
  StepDialog,
  StepList,
  useStepMark,
} from './StepList';
import { Tape } from './Tape';
import type { useWriting, StageName } from './useWorkshop';

const WHERE: Partial<Record<StageName, string>> = {
  APART: workshopWords.whileItComesApart(),
  BENCH: workshopWords.atTheBench(),
  PROVE: workshopWords.whileProving(),
  TOGETHER: workshopWords.whileItGoesTogether(),
};

/** What the four stages of the workshop share: steps, the tape, timers, the band. */
export function WorkshopFrame({
  page,
  stage,
  offline,
  writing,
  tools,
  right,
  beforeSteps,
  act,
  children,
}: {
  page: Page;
  stage: StageName;
  offline: boolean;
  writing: ReturnType<typeof useWriting>;
  tools?: ReactNode;
  /** Above the tape. */
  right?: ReactNode;
  /** Above the steps. */
  beforeSteps?: ReactNode;
  /** The next thing to do, where the stage knows better than its steps. */
  act?: ReactNode;
  children: ReactNode;
}) {
  const work = page.stages.find((one) => one.stage === stage) as StageWork;
  const steps = useStepMark(writing.write);
  const [shown, setShown] = useState<'findings' | 'cautions' | 'leaveOut'>();
  const [worked, setWorked] = useState<Worked>();
  const ask = (finding: Finding) => setWorked({ kind: 'finding', finding });
  useToYard();
  useCommand('f', appWords.allFindings(), () => setShown('findings'));
  useCommand('w', appWords.cautions(), () => setShown('cautions'));
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here={stage} offline={offline} />}
      strip={<JobStrip job={page.job} here={stage} />}
      leftWidth="236px"
      left={
        <StageColumn
          label={appWords.steps()}
          head={<ResumeCard page={page} />}
          foot={
            <Cautions
              cautions={work.cautions}
              where={WHERE[stage] ?? ''}
              open={shown === 'cautions'}
              setOpen={(on) => setShown(on ? 'cautions' : undefined)}
            />
          }
        >
          <Minutes work={work} />
          {beforeSteps}
          {!work.planned && (
            <Box color="quiet" pb="8px">
              {workshopWords.thePlanLeavesThisStageOut()}
            </Box>
          )}
          <StepList work={work} press={steps.press} />
          {openSteps(work).length > 1 && (
            <BareButton px="0" onClick={() => setShown('leaveOut')}>
              {workshopWords.leaveOutTheRest()}
            </BareButton>
          )}
        </StageColumn>
      }
      drawing={
        <>
          {tools}
          {children}
        </>
      }
      rightWidth="252px"
      right={
        <Box display="flex" flexDirection="column" h="100%">
          {right}
          <Box flex="1" minH="0">
            <Tape
              jobId={page.job.id}
              entries={page.entries.filter((entry) => entry.stage === stage)}
              waiting={writing.waiting}
              problem={writing.problem}
              onUndo={(id) => void writing.tell({ strikes: id }, 'undo')}
            />
          </Box>
        </Box>
      }
      band={
        <WorkBand
          page={page}
          work={work}
          stage={stage}
          act={act}
          onStep={steps.press}
          onFindings={() => setShown('findings')}
          onAsk={ask}
        />
      }
    >
      <StepDialog {...steps} />
      <CureDialog {...steps} write={writing.write} />
      <LeaveOutDialog
        work={work}
        write={writing.write}
        open={shown === 'leaveOut'}
        close={() => setShown(undefined)}
      />
      <FindingsDialog
        findings={work.findings}
        open={shown === 'findings'}
        close={() => setShown(undefined)}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** What of the stage is worst, or what is to be done next. */
function WorkBand({
  page,
  work,
  stage,
  act,
  onStep,
  onFindings,
  onAsk,
}: {
  page: Page;
  work: StageWork;
  stage: StageName;
  act: ReactNode;
  onStep: ReturnType<typeof useStepMark>['press'];
  onFindings: () => void;
  onAsk: (finding: Finding) => void;
}) {
  const next = nextStep(work);
  const foremost = gravest(work.findings.filter((one) => one.verdict !== 'WITHIN'));
  const allDone = work.steps.every((step) => step.state === 'DONE' || step.state === 'SKIPPED');
  return (
    <Band
      verdict={foremost?.verdict ?? (allDone ? 'WITHIN' : 'NOT_KNOWN')}
      headline={
        foremost ? (
          <SentenceText sentence={foremost.headline} accent={VERDICT_PAINT[foremost.verdict]} />
        ) : next ? (
          workshopWords.nextWords({ words: next.words })
        ) : allDone ? (
          workshopWords.wordsEverythingIsDone({ words: work.words })
        ) : (
          workshopWords.theNextStepsAreWaiting()
        )
      }
      detail={
        foremost?.remedy ? (
          <SentenceText sentence={foremost.remedy} />
        ) : (
          next && next.atHand.length > 0 && appWords.atHand({ value: next.atHand.join(' · ') })
        )
      }
      onAsk={foremost && (() => onAsk(foremost))}
    >
      <FindingsButton count={work.findings.length} onOpen={onFindings} />
      {act ??
        (next ? (
          <>
            {foremost && (
              <Box
                hideBelow="xl"
                maxW="250px"
                textAlign="right"
                lineHeight="1.3"
                lineClamp={3}
                data-shortened
                title={next.words}
              >
                {next.words}
              </Box>
            )}
            <ActButton onClick={() => onStep(next)}>{workshopWords.stepDone()}</ActButton>
          </>
        ) : (
          <NextStage job={page.job} here={stage} />
        ))}
    </Band>
  );
}

/** Minutes of the stage, expected and so far. */
function Minutes({ work }: { work: StageWork }) {
  const units = useUnits();
  const worked = work.worked.value >= 1 && figureText(work.worked, units);
  const expected = work.expected && figureText(work.expected, units);
  return worked || expected ? (
    <Box color="quiet" fontSize="14px" pb="4px">
      {[
        worked && workshopWords.workedSoFar({ worked }),
        expected && workshopWords.expectedExpected({ expected }),
      ]
        .filter(Boolean)
        .join(' · ')}
    </Box>
  ) : null;
}
