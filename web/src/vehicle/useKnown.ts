import { useQuery } from '@tanstack/react-query';
import { api, unwrap, type Reading, type Side, type Vehicle } from '../api/client';
import { lastLiving } from '../kept/readings';
import type { Known } from './knownVehicle';

/** What the job knows of its vehicle's front: as it came, and as Place has it. */
export function useKnown(jobId: string, vehicle: Vehicle): Known {
  const came = useQuery({
    queryKey: ['job', jobId],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}', { params: { path: { id: jobId } } })),
  });
  const place = useQuery({
    queryKey: ['place', jobId],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/place', { params: { path: { jobId } } })),
  });
  const readings: Reading[] = came.data?.readings ?? [];
  const centre = (side: Side) => lastLiving(readings, { kind: 'CENTRE', side })?.value.value;
  return {
    vehicle,
    front: place.data && place.data.version > 0 ? place.data.front : undefined,
    centreMm: { LEFT: centre('LEFT'), RIGHT: centre('RIGHT') },
    spacingMm: lastLiving(readings, { kind: 'SPACING' })?.value.value,
  };
}
