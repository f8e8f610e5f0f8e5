import { Box } from '@chakra-ui/react';
import { uuidv7 } from 'uuidv7';
import type { SolvedFeed, Controls, FeedEdit, FeedPage, Finding, SourceEdit } from '../api/client';
import { CircuitDrawing } from '../circuit/CircuitDrawing';
import { Measured } from '../harness/Measured';
import { Routes } from '../harness/Routes';
import { feedWords } from '../words/page/feed';
import { Battery } from './Battery';
import { BodyComputer } from './BodyComputer';
import type { Shown } from './FeedDialogs';
import { Lists } from './Lists';
import { Sources } from './Sources';
import { WishGrid, type LowStays } from './WishGrid';
import { VIEWS, type View } from './views';

/** One view of the feed: wishes, circuit, lists, sources, what was measured, battery or routing. */
export function FeedView({
  view,
  page,
  feed,
  controls,
  solved,
  wishes,
  lowStays,
  setLowStays,
  change,
  show,
  onAsk,
}: {
  view: View;
  page: FeedPage;
  feed: FeedEdit;
  controls: Controls;
  solved: SolvedFeed | undefined;
  wishes: FeedEdit['wishes'];
  lowStays: LowStays;
  setLowStays: (lowStays: LowStays) => void;
  change: (part: Partial<FeedEdit>) => void;
  show: (what: Shown) => void;
  onAsk: (finding: Finding) => void;
}) {
  const { sheet } = page;
  const { plan } = feed;
  if (view === 'circuit' && sheet) {
    return (
      <CircuitDrawing sheet={sheet} solved={solved} onPart={(id) => show({ what: 'part', id })} />
    );
  }
  return (
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
          onEdit={(wire) => show({ what: 'probe', wire })}
          onAdd={() => show({ what: 'probe', wire: freshWire() })}
        />
      )}
      {view === 'measured' && sheet && (
        <Measured
          jobId={page.job.id}
          sheet={sheet}
          feed={feed}
          onChange={(readings) => change({ readings })}
          onAsk={onAsk}
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
  );
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
