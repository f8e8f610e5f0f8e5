import type { JobPage } from '../api/client';
import { FindingsDialog } from '../finding/FindingsDialog';
import type { Worked } from '../finding/Working';
import { SettingsDialog } from '../settings/SettingsDialog';
import { useChooseSchool } from '../settings/useJobEdit';
import { MarksDialog } from './MarksDialog';
import { RoadDialog } from './RoadDialog';
import { SchoolsDialog } from './SchoolsDialog';

/** Which dialog stands over the page. */
export type Shown = 'findings' | 'schools' | 'marks' | 'road' | 'settings' | 'cautions' | undefined;

/** Findings, ways of aiming, marks and settings, where they were asked for. */
export function WallDialogs({
  page,
  sheet,
  pair,
  shown,
  close,
  onAsk,
  onKeep,
}: {
  page: JobPage;
  sheet: JobPage['sheet'];
  pair: JobPage['sheet']['pairs'][number];
  shown: Shown;
  close: () => void;
  onAsk: (worked: Worked) => void;
  onKeep: Parameters<typeof MarksDialog>[0]['onKeep'];
}) {
  const chooseSchool = useChooseSchool(page);
  return (
    <>
      <FindingsDialog
        findings={sheet.findings}
        open={shown === 'findings'}
        close={close}
        onAsk={onAsk}
      />
      <SchoolsDialog
        page={page}
        kind={pair.kind}
        chosen={pair.school}
        open={shown === 'schools'}
        close={close}
        problem={chooseSchool.error?.message}
        onChoose={(school) => chooseSchool.mutate(school, { onSuccess: close })}
        onAsk={onAsk}
      />
      <MarksDialog
        page={page}
        pair={pair}
        open={shown === 'marks'}
        close={close}
        onAsk={onAsk}
        onKeep={onKeep}
      />
      <RoadDialog page={page} pair={pair} open={shown === 'road'} close={close} />
      <SettingsDialog page={page} open={shown === 'settings'} close={close} />
    </>
  );
}
