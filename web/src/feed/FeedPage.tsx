import { Box, VisuallyHidden } from '@chakra-ui/react';
import { useState } from 'react';
import type {
  ChosenPlan,
  Controls,
  Finding,
  FeedEdit,
  FeedPage as Page,
  FeedPlanBrief,
  FeedSheet,
} from '../api/client';
import { nodeVolts, useFeedPage } from '../api/queries';
import { BareButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { Key } from '../ui/Key';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { useToYard } from '../frame/useToYard';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { useKept } from '../kept/useKept';
import { usualWishes } from '../circuit/words';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { FeedBand } from './FeedBand';
import { FeedTools } from './FeedTools';
import { FeedView } from './FeedView';
import { PlanChoice } from './PlanChoice';
import { useControls } from './useControls';
import type { View } from './views';
import { DriverSeat } from './DriverSeat';
import { FeedDialogs, type Shown } from './FeedDialogs';
import { StatesColumn } from './StatesColumn';
import type { TakenPlan } from './TakenPlans';
import type { LowStays } from './WishGrid';

export function FeedPage() {
  return (
    <JobStage usePage={useFeedPage}>
      {(page, offline) => <Feed page={page} offline={offline} />}
    </JobStage>
  );
}

function Feed({ page, offline }: { page: Page; offline: boolean }) {
  const jobId = page.job.id;
  const kept = useKept<FeedEdit>('feed', jobId, { version: page.version, content: page.feed });
  const feed = kept.content;
  const { plan } = feed;
  const { sheet } = page;
  const [view, setView] = useState<View>(sheet ? 'circuit' : 'wishes');
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const [lowStays, setLowStays] = useState<LowStays>(
    (page.feed.plan?.answers.lowStays ?? '') as LowStays,
  );
  const [wide, setWide] = useState(false);
  const { controls, setControls, solved, unsolved } = useControls(page);
  const onAsk = (finding: Finding) => setWorked({ kind: 'finding', finding });
  const change = (part: Partial<FeedEdit>) => kept.change({ ...feed, ...part });
  const wishes = feed.wishes.length > 0 || plan ? feed.wishes : usualWishes(page.functions);
  const titles = sheet ? plansOf(sheet, page.plans) : [];
  useToYard();
  useCommand('q', feedWords.whatThePlanAsks(), () => setShown({ what: 'questions' }));
  const widen = () => setWide((before) => !before);
  useCommand('f', appWords.allFindings(), () => setShown({ what: 'findings' }));
  useCommand('w', appWords.cautions(), () => setShown({ what: 'cautions' }));
  const isAlone = wide && view === 'circuit';
  return (
    <StageFrame
      header={<KeptHeader page={page} here="FEED" kept={kept} offline={offline} />}
      strip={<JobStrip job={page.job} here="FEED" />}
      leftWidth="206px"
      left={
        <DriverColumn
          cautions={[...page.cautions, ...planCautions(sheet)]}
          sheet={sheet}
          titles={titles}
          controls={controls}
          setControls={setControls}
          shown={shown}
          show={setShown}
        />
      }
      drawing={
        <>
          <FeedTools
            view={view}
            setView={setView}
            planned={sheet !== undefined}
            wide={wide}
            widen={widen}
          />
          <Box
            flex={{ base: 'none', lg: '1' }}
            h={{ base: view === 'circuit' ? '460px' : 'auto', lg: 'auto' }}
            minH="0"
          >
            <FeedView
              view={view}
              page={page}
              feed={feed}
              controls={controls}
              solved={solved}
              wishes={wishes}
              lowStays={lowStays}
              setLowStays={setLowStays}
              change={change}
              show={setShown}
              onAsk={onAsk}
            />
          </Box>
        </>
      }
      right={
        isAlone ? null : sheet && view !== 'wishes' ? (
          <StatesColumn
            sheet={sheet}
            solved={solved}
            unsolved={unsolved}
            controls={controls}
            onState={setControls}
            onAsk={onAsk}
          />
        ) : (
          <PlanChoice
            page={page}
            plan={plan}
            titles={titles}
            wishes={wishes}
            lowStays={lowStays}
            onTaken={(part) => {
              change(part);
              setView('circuit');
            }}
            onTakenOut={(left) => change({ plan: left })}
          />
        )
      }
      rightWidth={isAlone ? '0px' : view === 'wishes' || !sheet ? '500px' : '402px'}
      band={<FeedBand page={page} kept={kept} change={change} show={setShown} onAsk={onAsk} />}
    >
      <FeedDialogs
        page={page}
        feed={feed}
        shown={shown}
        solved={solved}
        problem={kept.refused}
        conflict={kept.conflict}
        close={() => setShown(undefined)}
        onChange={change}
        onAsk={onAsk}
        onNode={async (node) => plan && setWorked(await voltsAt(node, plan, controls, sheet))}
      />
      <FindingsDialog
        findings={sheet?.findings ?? []}
        open={shown?.what === 'findings'}
        close={() => setShown(undefined)}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** The plans of the circuit by name, the first without a tag. */
function plansOf(sheet: FeedSheet, all: FeedPlanBrief[]): TakenPlan[] {
  const first = sheet.beside.length > 0 && all.find((one) => one.id === sheet.plan.id);
  return [
    { tag: '', title: (first || sheet.plan).title },
    ...sheet.beside.map((one) => ({ tag: one.tag, title: one.plan.title })),
  ];
}

/** What the plans are called, and the way to what they ask. */
function PlanButton({ titles, onOpen }: { titles: TakenPlan[]; onOpen: () => void }) {
  return (
    <BareButton px="0" h="auto" minH="48px" textAlign="left" whiteSpace="normal" onClick={onOpen}>
      {titles.length > 1
        ? feedWords.lengthPlansOneCircuit({ length: titles.length })
        : titles[0]?.title}
      <VisuallyHidden>{feedWords.whatIsAsked()}</VisuallyHidden>
      <Key name="q" />
    </BareButton>
  );
}

/** What a plan warns of. */
function planCautions(sheet: FeedSheet | undefined) {
  return (sheet?.plan.cautions ?? []).map((text, index) => ({
    id: feedWords.planIndex({ index }),
    text,
    source: {
      mark: 'COMMON_PRACTICE',
      words: feedWords.commonPractice(),
      reference: sheet?.plan.title ?? '',
    } as const,
  }));
}

/** The controls at the driver's seat, under what the plans are called. */
function DriverColumn({
  cautions,
  sheet,
  titles,
  controls,
  setControls,
  shown,
  show,
}: {
  cautions: Page['cautions'];
  sheet: FeedSheet | undefined;
  titles: TakenPlan[];
  controls: Controls;
  setControls: (controls: Controls) => void;
  shown: Shown;
  show: (what: Shown) => void;
}) {
  return (
    <StageColumn
      label={feedWords.theDriversControls()}
      foot={
        <Cautions
          cautions={cautions}
          where={feedWords.atTheWires()}
          open={shown?.what === 'cautions'}
          setOpen={(on) => show(on ? { what: 'cautions' } : undefined)}
        />
      }
    >
      {sheet ? (
        <>
          <PlanButton titles={titles} onOpen={() => show({ what: 'questions' })} />
          <DriverSeat sheet={sheet} controls={controls} set={setControls} />
        </>
      ) : (
        <Box color="quiet">{feedWords.theDriversControlsAppearHereOnce()}</Box>
      )}
    </StageColumn>
  );
}

/** How a point's voltage is worked out, in the state that the controls are in. */
async function voltsAt(
  node: string,
  plan: ChosenPlan,
  controls: Controls,
  sheet: FeedSheet | undefined,
): Promise<Worked> {
  const { working, source } = await nodeVolts(plan, controls, node);
  return {
    kind: 'figure',
    title: feedWords.voltsAtNode({ node: sheet?.points[node] ?? node }),
    lines: working,
    source,
  };
}
