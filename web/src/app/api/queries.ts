import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { uuidv7 } from 'uuidv7';
import {
  api,
  unwrap,
  type AdjusterEdit,
  type BayPage,
  type JobEdit,
  type FrontEdit,
  type JobPage,
  type ReadingEdit,
  Problem,
  type Units,
  type VehicleEdit,
} from './client';

/** How often an open page asks whether somebody else added something. */
const LOOK_AGAIN_MS = 5_000;

export function useShop() {
  return useQuery({ queryKey: ['shop'], queryFn: () => unwrap(api.GET('/api/shop')) });
}

export function useRuleSets() {
  return useQuery({
    queryKey: ['rule-sets'],
    queryFn: () => unwrap(api.GET('/api/rule-sets')),
    staleTime: Infinity,
  });
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

export function usePlacePage(id: string) {
  return useQuery({
    queryKey: ['place', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/place', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useBayPage(id: string) {
  return useQuery({
    queryKey: ['bay', id],
    queryFn: () => unwrap(api.GET('/api/bays/{id}', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** The header that says who acts is set for every request; the types want it named. */
const ACTING = { 'X-Acting-As': '' };

/** Keeps a reading of a job. The id is made before the first try, so that a second adds nothing. */
export function keepJobReading(jobId: string, id: string, body: ReadingEdit): Promise<JobPage> {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/readings/{id}', {
      params: { path: { jobId, id }, header: ACTING },
      body,
    }),
  );
}

export function useKeepJobReading(jobId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (reading: { id?: string; edit: ReadingEdit }) =>
      keepJobReading(jobId, reading.id ?? uuidv7(), reading.edit),
    onSuccess: (page) => client.setQueryData(['job', jobId], page),
  });
}

export function useKeepBayReading(bayId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (reading: { id?: string; edit: ReadingEdit }): Promise<BayPage> =>
      unwrap(
        api.PUT('/api/bays/{bayId}/readings/{id}', {
          params: { path: { bayId, id: reading.id ?? uuidv7() }, header: ACTING },
          body: reading.edit,
        }),
      ),
    onSuccess: (page) => client.setQueryData(['bay', bayId], page),
  });
}

export function putPlace(jobId: string, version: number, front: FrontEdit) {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/place', {
      params: { path: { jobId }, header: ACTING },
      body: { version, front },
    }),
  );
}

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

export function putJob(id: string, body: JobEdit) {
  return unwrap(api.PUT('/api/jobs/{id}', { params: { path: { id }, header: ACTING }, body }));
}

export function putVehicle(id: string, body: VehicleEdit) {
  return unwrap(api.PUT('/api/vehicles/{id}', { params: { path: { id }, header: ACTING }, body }));
}

export function putAdjuster(vehicleId: string, id: string, body: AdjusterEdit) {
  return unwrap(
    api.PUT('/api/vehicles/{vehicleId}/adjusters/{id}', {
      params: { path: { vehicleId, id }, header: ACTING },
      body,
    }),
  );
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
