import { Box, VisuallyHidden } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { uuidv7 } from 'uuidv7';
import type {
  ChosenPlan,
  Controls,
  FeedEdit,
  FeedPage as Page,
  FeedPlanBrief,
  FeedSheet,
  SourceEdit,
} from '../api/client';
import { nodeVolts, solveFeed, useFeedPage } from '../api/queries';
import { ActButton, BareButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { JobStrip } from '../frame/JobStrip';
import { Key } from '../ui/Key';
import { NextStage } from '../frame/NextStage';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { StageHeader } from '../frame/StageHeader';
import { ToolButton } from '../ui/ToolButton';
import { useJudged } from '../api/useJudged';
import { useToYard } from '../frame/useToYard';
import { FindingsButton } from '../finding/FindingsButton';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { Battery } from './Battery';
import { BodyComputer } from './BodyComputer';
import { CircuitDrawing } from '../circuit/CircuitDrawing';
import { DriverSeat } from './DriverSeat';
import { FeedDialogs, type Shown } from './FeedDialogs';
import { Lists } from './Lists';
import { Measured } from '../harness/Measured';
import { Proposals } from './Proposals';
import { Routes } from '../harness/Routes';
import { Sources } from './Sources';
import { StatesColumn } from './StatesColumn';
import { TakenPlans, type TakenPlan } from './TakenPlans';
import { WishGrid, type LowStays } from './WishGrid';
import { hasRoom, withoutPlan, withPlan } from './jointPlan';
import { telling } from './telling';
import { usualWishes } from '../circuit/words';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

type View = 'wishes' | 'circuit' | 'lists' | 'sources' | 'measured' | 'battery' | 'routes';
const VIEWS: readonly (readonly [View, string, string])[] = [
  ['wishes', feedWords.plans(), '1'],
  ['circuit', feedWords.circuit(), '2'],
  ['lists', feedWords.lists(), '3'],
  ['sources', feedWords.sources(), '4'],
  ['measured', feedWords.measured(), '5'],
  ['battery', appWords.battery(), '6'],
  ['routes', feedWords.routing(), '7'],
];

export function FeedPage() {
  return (
    <JobStage usePage={useFeedPage}>
      {(page, offline) => <Feed page={page} offline={offline} />}
    </JobStage>
  );
}

function Feed({ page, offline }: { page: Page; offline: boolean }) {
  const client = useQueryClient();
  const jobId = page.job.id;
  const kept = useKept<FeedEdit>('feed', jobId, { version: page.version, content: page.feed });
  const feed = kept.content;
  const { sheet } = page;
  const plan = feed.plan;
  const [view, setView] = useState<View>(sheet ? 'circuit' : 'wishes');
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const [lowStays, setLowStays] = useState<LowStays>(
    (page.feed.plan?.answers.lowStays ?? '') as LowStays,
  );
  const [wide, setWide] = useState(false);
  const [controls, setControls] = useState<Controls>(() => telling(sheet));
  const [begun, setBegun] = useState(sheet?.plan.id);
  if (sheet && sheet.plan.id !== begun) {
    setBegun(sheet.plan.id);
    setControls(telling(sheet));
  }
  const ask = useCallback(
    (at: { plan: ChosenPlan; controls: Controls }) => solveFeed(at.plan, at.controls),
    [],
  );
  const { answer, problem: unsolved, judge } = useJudged(ask);
  // nothing is shown of these controls that holds for those before
  const solved = unsolved === undefined ? answer : undefined;
  const keptPlan = page.feed.plan;
  useEffect(() => {
    if (keptPlan) {
      void judge({ plan: keptPlan, controls });
    }
  }, [keptPlan, controls, judge]);

  const change = (part: Partial<FeedEdit>) => kept.change({ ...feed, ...part });
  const close = () => setShown(undefined);
  const wishes = feed.wishes.length > 0 || plan ? feed.wishes : usualWishes(page.functions);
  const take = (taken: FeedPlanBrief, answers: Record<string, string>) => {
    change({ wishes, plan: { id: taken.id, version: taken.version, answers, changes: {} } });
    setView('circuit');
  };
  const add = (first: ChosenPlan) => {
    return (added: FeedPlanBrief, answers: Record<string, string>, shared: string[]) => {
      change({ wishes, plan: withPlan(first, { ...added, answers }, new Set(shared)) });
      setView('circuit');
    };
  };
  const titles = sheet ? plansOf(sheet, page.plans) : [];
  const heading =
    titles.length > 1
      ? feedWords.lengthPlansOneCircuit({ length: titles.length })
      : titles[0]?.title;
  const askNode = async (node: string) => {
    if (plan) {
      const { working, source } = await nodeVolts(plan, controls, node);
      setWorked({
        kind: 'figure',
        title: feedWords.voltsAtNode({ node: sheet?.points[node] ?? node }),
        lines: working,
        source,
      });
    }
  };
  useToYard();
  useViewKeys(setView);
  useCommand(
    'q',
    feedWords.whatThePlanAsks(),
    useCallback(() => setShown({ what: 'questions' }), []),
  );
  const widen = useCallback(() => setWide((before) => !before), []);
  useCommand('x', feedWords.theCircuitAloneOrWithIts(), widen);
  useCommand(
    'f',
    appWords.allFindings(),
    useCallback(() => setShown({ what: 'findings' }), []),
  );
  useCommand(
    'w',
    appWords.cautions(),
    useCallback(() => setShown({ what: 'cautions' }), []),
  );
  const isAlone = wide && view === 'circuit';
  const fix = sheet?.fix;
  const cautions = [
    ...page.cautions,
    ...(sheet?.plan.cautions ?? []).map((text, index) => ({
      id: feedWords.planIndex({ index }),
      text,
      source: {
        mark: 'COMMON_PRACTICE',
        words: feedWords.commonPractice(),
        reference: sheet?.plan.title ?? '',
      } as const,
    })),
  ];
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here="FEED" offline={offline} />}
      strip={<JobStrip job={page.job} here="FEED" />}
      leftWidth="206px"
      left={
        <StageColumn
          label={feedWords.theDriversControls()}
          foot={
            <Cautions
              cautions={cautions}
              where={feedWords.atTheWires()}
              open={shown?.what === 'cautions'}
              setOpen={(on) => setShown(on ? { what: 'cautions' } : undefined)}
            />
          }
        >
          {sheet ? (
            <>
              <BareButton
                px="0"
                h="auto"
                minH="48px"
                textAlign="left"
                whiteSpace="normal"
                onClick={() => setShown({ what: 'questions' })}
              >
                {heading}
                <VisuallyHidden>{feedWords.whatIsAsked()}</VisuallyHidden>
                <Key name="q" />
              </BareButton>
              <DriverSeat sheet={sheet} controls={controls} set={setControls} />
            </>
          ) : (
            <Box color="quiet">{feedWords.theDriversControlsAppearHereOnce()}</Box>
          )}
        </StageColumn>
      }
      drawing={
        <>
          <DrawingTools>
            {VIEWS.filter(([one]) => sheet || one === 'wishes' || one === 'sources').map(
              ([one, words, key]) => (
                <ToolButton
                  px="6px"
                  key={one}
                  on={view === one}
                  aria-pressed={view === one}
                  onClick={() => setView(one)}
                >
                  {words}
                  <Key name={key} />
                </ToolButton>
              ),
            )}
            {view === 'circuit' && (
              <ToolButton px="6px" aria-pressed={wide} on={wide} hideBelow="lg" onClick={widen}>
                {feedWords.alone()}
                <Key name="x" />
              </ToolButton>
            )}
          </DrawingTools>
          <Box
            flex={{ base: 'none', lg: '1' }}
            h={{ base: view === 'circuit' ? '460px' : 'auto', lg: 'auto' }}
            minH="0"
          >
            {view === 'circuit' && sheet ? (
              <CircuitDrawing
                sheet={sheet}
                solved={solved}
                onPart={(id) => setShown({ what: 'part', id })}
              />
            ) : (
              <Box
                h="100%"
                overflowY="auto"
                px={{ base: '14px', lg: '22px' }}
                py="12px"
                tabIndex={0}
                role="region"
                aria-label={VIEWS.find(([one]) => one === view)?.[1]}
              >
                {view === 'wishes' && (
                  <WishGrid
                    page={page}
                    wishes={wishes}
                    set={(next) => change({ wishes: next })}
                    lowStays={lowStays}
                    setLowStays={setLowStays}
                  />
                )}
                {view === 'lists' && sheet && plan && (
                  <Lists
                    sheet={sheet}
                    job={page.job}
                    plan={plan}
                    controls={controls}
                    onPlan={(next) => change({ plan: next })}
                  />
                )}
                {view === 'sources' && (
                  <Sources
                    page={page}
                    onEdit={(wire) => setShown({ what: 'probe', wire })}
                    onAdd={() => setShown({ what: 'probe', wire: freshWire() })}
                  />
                )}
                {view === 'measured' && sheet && (
                  <Measured
                    sheet={sheet}
                    feed={feed}
                    onChange={(readings) => change({ readings })}
                    onAsk={(finding) => setWorked({ kind: 'finding', finding })}
                  />
                )}
                {view === 'routes' && sheet && plan && (
                  <Routes
                    page={page}
                    sheet={sheet}
                    feed={feed}
                    onChange={change}
                    onUse={(question, metres) =>
                      change({
                        plan: { ...plan, answers: { ...plan.answers, [question]: metres } },
                      })
                    }
                  />
                )}
                {view === 'battery' && (
                  <>
                    <Battery page={page} feed={feed} steps={sheet?.order ?? []} onChange={change} />
                    <BodyComputer
                      feed={feed}
                      connected={page.connected}
                      onChange={(settings) => change({ settings })}
                    />
                  </>
                )}
              </Box>
            )}
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
            onAsk={(finding) => setWorked({ kind: 'finding', finding })}
          />
        ) : (
          <Box
            h="100%"
            overflowY="auto"
            px="18px"
            py="12px"
            bg="panel"
            tabIndex={0}
            role="region"
            aria-label={feedWords.plans()}
          >
            {sheet && plan && titles.length > 1 && (
              <TakenPlans
                titles={titles}
                onTakeOut={(tag) => change({ plan: withoutPlan(plan, tag, partOf(sheet)) })}
              />
            )}
            <Proposals
              jobId={jobId}
              wishes={wishes}
              known={lowStays ? { lowStays } : {}}
              found={[...page.sources, ...page.known]}
              all={page.plans}
              takenIds={plan ? [plan.id, ...(plan.beside ?? []).map((one) => one.id)] : []}
              onTake={take}
              onAdd={plan && hasRoom(plan) ? add(plan) : undefined}
            />
          </Box>
        )
      }
      rightWidth={isAlone ? '0px' : view === 'wishes' || !sheet ? '500px' : '402px'}
      band={
        <KeptBand
          findings={sheet?.findings ?? []}
          empty={{
            headline: feedWords.noPlanChosenYet(),
            detail: feedWords.enterWhatTheLampsShouldDo(),
          }}
          kept={kept}
          theirVersion={(conflict) => (conflict.theirs as Page).version}
          onSeeBoth={() => setShown({ what: 'both' })}
          onDropped={() => void client.invalidateQueries({ queryKey: ['feed', jobId] })}
          onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        >
          {sheet && (
            <FindingsButton
              count={sheet.findings.length}
              onOpen={() => setShown({ what: 'findings' })}
            />
          )}
          {fix && plan ? (
            <ActButton
              // it mends the plan that is kept, not one that is still on its way
              disabled={kept.waits}
              onClick={() =>
                change({ plan: { ...plan, answers: fix.answers, changes: fix.changes } })
              }
            >
              {feedWords.useWords({ words: fix.words })}
            </ActButton>
          ) : (
            <NextStage job={page.job} here="FEED" />
          )}
        </KeptBand>
      }
    >
      <FeedDialogs
        page={page}
        feed={feed}
        shown={shown}
        solved={solved}
        problem={kept.refused}
        conflict={kept.conflict}
        close={close}
        onChange={change}
        onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        onNode={askNode}
      />
      <FindingsDialog
        findings={sheet?.findings ?? []}
        open={shown?.what === 'findings'}
        close={close}
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

function partOf(sheet: FeedSheet): (part: string) => string {
  return (part) => sheet.parts.find((one) => one.id === part)?.tag ?? '';
}

function freshWire(): SourceEdit {
  return {
    id: uuidv7(),
    place: '',
    colour: '',
    ground: feedWords.batterysOwnNegative(),
    supplyVolts: 12.6,
    readings: [],
  };
}

function useViewKeys(setView: (view: View) => void) {
  useViewKey('1', feedWords.wishesAndThePlansThatMeet(), 'wishes', setView);
  useViewKey('2', feedWords.circuit(), 'circuit', setView);
  useViewKey('3', feedWords.orderAndCutList(), 'lists', setView);
  useViewKey('4', feedWords.sources(), 'sources', setView);
  useViewKey('5', feedWords.measured(), 'measured', setView);
  useViewKey('6', appWords.battery(), 'battery', setView);
  useViewKey('7', feedWords.routingOfTheHarness(), 'routes', setView);
}

function useViewKey(key: string, words: string, view: View, setView: (view: View) => void) {
  useCommand(
    key,
    words,
    useCallback(() => setView(view), [setView, view]),
  );
}
