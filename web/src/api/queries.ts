import {
  keepPreviousData,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { uuidv7 } from 'uuidv7';
import {
  api,
  unwrap,
  type JobEdit,
  type JobFile,
  type ChosenPlan,
  type Controls,
  type DrivingState,
  type FeedWish,
  type JobPage,
  type Photo,
  Problem,
  type TakeInEdit,
  type Units,
  type VehicleEdit,
  type ShownEdit,
} from './client';

/**
 * How often an open page asks anew though nobody told it of a change: vehicles and what only time
 * changes are not told.
 */
export const LOOK_AGAIN_MS = 30_000;

export function useShop() {
  return useQuery({ queryKey: ['shop'], queryFn: () => unwrap(api.GET('/api/shop')) });
}

export function useRuleSets() {
  return useQuery({
    queryKey: ['rule-sets'],
    queryFn: () => unwrap(api.GET('/api/rule-sets')),
    staleTime: 30_000,
  });
}

export function putLocalSet(id: string, version: number, file: string) {
  return unwrap(
    api.PUT('/api/rule-sets/{id}', {
      params: { path: { id }, header: ACTING },
      body: { version, file },
    }),
  );
}

export function confirmRule(id: string, body: { setId: string; ruleId: string; place: string }) {
  return unwrap(
    api.PUT('/api/rule-confirmations/{id}', {
      params: { path: { id }, header: ACTING },
      body,
    }),
  );
}

/** A rule set's file, as it would be taken in elsewhere. */
export async function ruleSetFile<T>(id: string): Promise<T> {
  const text = await unwrap(
    api.GET('/api/rule-sets/{id}/file', { params: { path: { id } }, parseAs: 'text' }),
  );
  return JSON.parse(String(text)) as T;
}

export function takeNewestRules(jobId: string, setId: string) {
  return unwrap(
    api.PUT('/api/jobs/{id}/rules/{setId}', {
      params: { path: { id: jobId, setId }, header: ACTING },
    }),
  );
}

export function useBays() {
  return useQuery({ queryKey: ['bays'], queryFn: () => unwrap(api.GET('/api/bays')) });
}

export function useVehicles() {
  return useQuery({ queryKey: ['vehicles'], queryFn: () => unwrap(api.GET('/api/vehicles')) });
}

export function useJobPage(id: string) {
  return useQuery({
    queryKey: ['job', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** The bay of a job whose page was read already. */
export function useKnownBay(jobId: string): string | undefined {
  return useQueryClient().getQueryData<JobPage>(['job', jobId])?.bay?.id;
}

/**
 * Where a job stands: asked anew when the page that shows it says that the job was touched.
 *
 * @param touchedAt as the page has it
 */
export function useStanding(jobId: string, touchedAt: string) {
  return useQuery({
    queryKey: ['standing', jobId, touchedAt],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/standing', { params: { path: { id: jobId } } })),
    placeholderData: keepPreviousData,
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function usePlacePage(id: string) {
  return useQuery({
    queryKey: ['place', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/place', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useTakeInPage(id: string) {
  return useQuery({
    queryKey: ['take-in', id],
    queryFn: () =>
      unwrap(api.GET('/api/jobs/{jobId}/take-in', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function usePartsPage(id: string) {
  return useQuery({
    queryKey: ['parts', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/parts', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useFeedPage(id: string) {
  return useQuery({
    queryKey: ['feed', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/feed', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useFindPage(id: string) {
  return useQuery({
    queryKey: ['find', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/find', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** What the job's simulated vehicle shows at one moment. */
export function askSimulated(jobId: string, checks: ShownEdit[]) {
  return unwrap(
    api.POST('/api/jobs/{jobId}/find/simulated', {
      params: { path: { jobId } },
      body: { checks },
    }),
  );
}

export type MeterQuantity = 'VOLTS' | 'AMPS' | 'OHMS' | 'CELSIUS';

/** A display follows its meter by sight. */
const METER_AGAIN_MS = 700;

/** What a meter shows at an address, again and again while it is wanted. */
export function useMeter(address: string, what: MeterQuantity, wanted: boolean) {
  return useQuery({
    queryKey: ['meter', address, what],
    queryFn: () => unwrap(api.GET('/api/meter', { params: { query: { address, what } } })),
    enabled: wanted,
    retry: false,
    refetchInterval: METER_AGAIN_MS,
  });
}

/** Where the meter that ships with the product is read. */
export function useSimulatedMeter() {
  return useQuery({
    queryKey: ['meter', 'simulated'],
    queryFn: () => unwrap(api.GET('/api/meter/simulated')),
    staleTime: Infinity,
  });
}

/** Puts the simulated meter where a check says; a real one needs a hand. */
export function placeSimulated(jobId: string, check: ShownEdit) {
  return unwrap(
    api.POST('/api/jobs/{jobId}/find/simulated/probes', {
      params: { path: { jobId } },
      body: check,
    }),
  );
}

/** Puts it on the job's own feed, its black probe at the battery's negative post. */
export function placeOnFeed(
  jobId: string,
  place: { state: DrivingState; amperes: boolean; place: string },
) {
  return unwrap(
    api.POST('/api/jobs/{jobId}/find/simulated/probes/feed', {
      params: { path: { jobId } },
      body: place,
    }),
  );
}

/** What is wrong with it, for whoever gives up. */
export function simulatedTruth(jobId: string) {
  return unwrap(api.GET('/api/jobs/{jobId}/find/simulated/truth', { params: { path: { jobId } } }));
}

/** The plans that do what is wished, the nearest first. */
export function proposals(job: string, wishes: FeedWish[], known: Record<string, string>) {
  return unwrap(
    api.POST('/api/calc/feed/proposals', {
      params: { query: { job } },
      body: { wishes, known },
    }),
  );
}

/** The plan with the values of a table of its parts. */
export function partsFromCsv(jobId: string, plan: ChosenPlan, csv: string) {
  return unwrap(
    api.POST('/api/jobs/{jobId}/feed/parts', {
      params: { path: { jobId } },
      body: { plan, csv },
    }),
  );
}

/** A plan's file, by the schema of plans. */
export async function feedPlanFile(id: string): Promise<{ questions?: PlanFileQuestion[] }> {
  const text = await unwrap(
    api.GET('/api/feed-plans/{id}/file', { params: { path: { id } }, parseAs: 'text' }),
  );
  return JSON.parse(String(text)) as { questions?: PlanFileQuestion[] };
}

interface PlanFileQuestion {
  id: string;
  usual: string;
}

/** Keeps a plan of the shop's own. */
export function putFeedPlan(id: string, body: { version: number; title: string; file: string }) {
  return unwrap(
    api.PUT('/api/feed-plans/{id}', { params: { path: { id }, header: ACTING }, body }),
  );
}

/** A plan with the driver's controls in one position. */
export function solveFeed(plan: ChosenPlan, controls: Controls) {
  return unwrap(api.POST('/api/calc/feed/solve', { body: { plan, controls } }));
}

/** How the voltage of a point of a plan's circuit comes about. */
export function nodeVolts(plan: ChosenPlan, controls: Controls, node: string) {
  return unwrap(api.POST('/api/calc/feed/node', { body: { plan, controls, node } }));
}

/**
 * Puts a page that was answered to a change in its place. One that was asked for before the change
 * must not come in after it.
 */
export async function takeFresh(client: QueryClient, key: readonly string[], fresh: unknown) {
  await client.cancelQueries({ queryKey: key });
  client.setQueryData(key, fresh);
}

export function usePhotosPage(id: string) {
  return useQuery({
    queryKey: ['photos', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/photos', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function usePhotoComparison(
  jobId: string,
  before: Photo | undefined,
  after: Photo | undefined,
) {
  return useQuery({
    queryKey: ['comparison', before?.id, before?.version, after?.id, after?.version],
    enabled: before !== undefined && after !== undefined,
    queryFn: () =>
      unwrap(
        api.GET('/api/jobs/{jobId}/photos/comparison', {
          params: { path: { jobId }, query: { before: before?.id ?? '', after: after?.id ?? '' } },
        }),
      ),
  });
}

export function putTakeIn(jobId: string, version: number, takeIn: TakeInEdit) {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/take-in', {
      params: { path: { jobId }, header: ACTING },
      body: { version, takeIn },
    }),
  );
}

export function useBayPage(id: string) {
  return useQuery({
    queryKey: ['bay', id],
    queryFn: () => unwrap(api.GET('/api/bays/{id}', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** The header that says who acts is set for every request; the types want it named. */
export const ACTING = { 'X-Acting-As': '' };

/** A typed length in mm, or the refusal as a problem. */
export async function readLength(typed: string, units: Units): Promise<number> {
  const answer = await unwrap(
    api.POST('/api/calc/entry', { body: { form: 'LENGTH', typed, units } }),
  );
  if (!answer.value) {
    throw new Problem(422, `${answer.why} ${answer.wouldBeRight}`, 'typed', {});
  }
  return answer.value.value;
}

/** Takes in a whole job with its pictures, as it was written elsewhere. */
export function takeJobZipIn(id: string, zip: File) {
  return unwrap(
    api.PUT('/api/jobs/{id}/job.zip', {
      params: { path: { id }, header: ACTING },
      headers: { 'Content-Type': 'application/zip' },
      body: '',
      bodySerializer: () => zip,
    }),
  );
}

/** Takes in a job's file as a new job. */
export function takeJobFileIn(id: string, body: JobFile) {
  return unwrap(api.PUT('/api/jobs/{id}/file', { params: { path: { id }, header: ACTING }, body }));
}

export function putJob(id: string, body: JobEdit) {
  return unwrap(api.PUT('/api/jobs/{id}', { params: { path: { id }, header: ACTING }, body }));
}

export function putVehicle(id: string, body: VehicleEdit) {
  return unwrap(api.PUT('/api/vehicles/{id}', { params: { path: { id }, header: ACTING }, body }));
}

export function putBay(
  id: string,
  body: { version: number; name: string; note: string; units: 'METRIC' | 'IMPERIAL' },
) {
  return unwrap(api.PUT('/api/bays/{id}', { params: { path: { id }, header: ACTING }, body }));
}

export function addPerson(name: string) {
  return unwrap(
    api.PUT('/api/people/{id}', {
      params: { path: { id: uuidv7() }, header: ACTING },
      body: { name },
    }),
  );
}
