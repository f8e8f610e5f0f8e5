import { useState } from 'react';
import { ViewTools } from '../frame/ViewTools';
import type { WorkshopPage as Page } from '../api/client';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { ScrollRegion } from '../ui/ScrollRegion';
import { useWorkshopPage, useWriting } from '../workshop/useWorkshop';
import { WorkshopFrame } from '../workshop/WorkshopFrame';
import { workshopWords } from '../words/page/workshop';
import { BenchAim } from './BenchAim';
import { FitView } from './FitView';
import { LensView } from './LensView';
import { Oven } from './Oven';
import { TimerList } from './TimerList';

type View = 'fit' | 'oven' | 'aim' | 'lens';

const VIEWS: readonly (readonly [View, string, string])[] = [
  ['fit', workshopWords.fit(), '1'],
  ['oven', workshopWords.ovenAndCures(), '2'],
  ['aim', workshopWords.benchAim(), '3'],
  ['lens', workshopWords.lens(), '4'],
];

/** Work on the opened housing. */
export function BenchPage() {
  return (
    <JobStage usePage={useWorkshopPage}>
      {(page, offline) => <Bench page={page} offline={offline} />}
    </JobStage>
  );
}

function Bench({ page, offline }: { page: Page; offline: boolean }) {
  const writing = useWriting(page.job.id, 'BENCH');
  const [view, setView] = useState<View>('fit');
  useCommand('1', workshopWords.fit(), () => setView('fit'));
  useCommand('2', workshopWords.ovenAndCures(), () => setView('oven'));
  useCommand('3', workshopWords.benchAim(), () => setView('aim'));
  useCommand('4', workshopWords.lens(), () => setView('lens'));
  return (
    <WorkshopFrame
      page={page}
      stage="BENCH"
      offline={offline}
      writing={writing}
      tools={<ViewTools views={VIEWS} view={view} setView={setView} />}
      right={<TimerList page={page} tell={writing.tell} />}
    >
      {view === 'fit' ? (
        <FitView page={page} write={writing.write} tell={writing.tell} />
      ) : (
        <ScrollRegion
          label={VIEWS.find(([one]) => one === view)?.[1]}
          px={{ base: '14px', lg: '24px' }}
          py="12px"
        >
          {view === 'oven' && <Oven page={page} write={writing.write} />}
          {view === 'aim' && <BenchAim page={page} write={writing.write} />}
          {view === 'lens' && <LensView page={page} write={writing.write} />}
        </ScrollRegion>
      )}
    </WorkshopFrame>
  );
}
