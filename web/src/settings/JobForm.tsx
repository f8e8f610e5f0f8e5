import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { JobEdit, JobPage } from '../api/client';
import { useBays, useRuleSets } from '../api/queries';
import { settingsKey, settingsState, waitingOf, writeForm } from '../kept/forms';
import { Choice, Pairs, TextField, YesNo } from './fields';
import { NewerRules } from './NewerRules';
import { jobEdit } from './useJobEdit';
import { VersionedForm } from './VersionedForm';
import { EDGES, ORIGINS, TRAFFIC, UNITS } from './words';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';

/** What is settled for the job. */
export function JobForm({ page }: { page: JobPage }) {
  const client = useQueryClient();
  const rules = useRuleSets();
  const bays = useBays();
  const [edit, setEdit] = useState(
    () => waitingOf<JobEdit>(settingsKey(page.job.id)) ?? jobEdit(page.job),
  );
  const change = (part: Partial<typeof edit>) => setEdit((before) => ({ ...before, ...part }));
  const takeKept = () => {
    const fresh = client.getQueryData<JobPage>(['job', page.job.id]);
    if (fresh) {
      setEdit(jobEdit(fresh.job));
    }
  };
  return (
    <VersionedForm
      edit={edit}
      waitsAs={settingsKey(page.job.id)}
      onLater={() => change({ version: edit.version + 1 })}
      put={async (sent) => {
        const how = await writeForm(settingsState(page.job.id, sent));
        if (how === 'kept') {
          takeKept();
        }
        return how;
      }}
      onTheirs={async () => {
        await client.invalidateQueries({ queryKey: ['job', page.job.id] });
        takeKept();
      }}
    >
      {page.newerRules.map((newer) => (
        <NewerRules key={newer.setId} jobId={page.job.id} newer={newer} />
      ))}
      <TextField
        label={settingsWords.work()}
        value={edit.work}
        set={(work) => change({ work })}
        maxLength={120}
      />
      <Pairs>
        <Choice
          label={appWords.judgedBy()}
          value={edit.ruleSet}
          set={(ruleSet) => change({ ruleSet })}
          options={
            rules.data
              ?.filter((set) => set.aim.length > 0)
              .map((set) => [set.id, set.title] as const) ?? [[edit.ruleSet, appWords.loading()]]
          }
        />
        <Choice
          label={settingsWords.trafficKeepsTo()}
          value={edit.traffic}
          set={(traffic) => change({ traffic })}
          options={TRAFFIC}
        />
        <Choice
          label={appWords.bay()}
          value={edit.bayId ?? ''}
          set={(bayId) => change({ bayId: bayId || undefined })}
          options={[
            ['', settingsWords.noneFloorTakenAsLevel()] as const,
            // as long as the others are not known, the one that is set
            ...(bays.data ?? (page.bay ? [page.bay] : [])).map(
              (bay) => [bay.id, bay.name] as const,
            ),
          ]}
        />
        <Choice
          label={settingsWords.unitsOfThisJob()}
          value={edit.units}
          set={(units) => change({ units })}
          options={UNITS}
        />
        <TextField
          label={settingsWords.inclinationOnTheVehiclesLabel()}
          value={edit.labelTyped ?? ''}
          set={(labelTyped) => change({ labelTyped: labelTyped || undefined })}
          placeholder={settingsWords.n12Downwards()}
        />
        <Choice
          label={settingsWords.theLineIsTheTapes()}
          value={edit.markEdge}
          set={(markEdge) => change({ markEdge })}
          options={EDGES}
        />
        <Choice
          label={settingsWords.marksAre()}
          value={edit.markOrigin}
          set={(markOrigin) => change({ markOrigin })}
          options={ORIGINS}
        />
        <YesNo
          label={settingsWords.theFrontIsClosed()}
          value={edit.frontClosed}
          set={(frontClosed) => change({ frontClosed })}
        />
      </Pairs>
      <YesNo
        label={settingsWords.suspensionTyresOrLoadChangedSince()}
        value={edit.stanceChanged}
        set={(stanceChanged) => change({ stanceChanged })}
      />
    </VersionedForm>
  );
}
