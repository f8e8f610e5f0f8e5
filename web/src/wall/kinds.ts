import type { LampKind } from '../app/api/client';

/** What each kind of lamp is called at the wall, and what of its light is read there. */
export const KINDS: Record<
  LampKind,
  { title: string; lamp: string; read: string; prefix: string }
> = {
  DIPPED: { title: 'Low beam', lamp: 'lamp', read: 'cutoff', prefix: '' },
  FRONT_FOG: { title: 'Fog lamps', lamp: 'fog lamp', read: 'cutoff', prefix: 'fog.' },
  DRIVING: {
    title: 'Driving lamps',
    lamp: 'driving lamp',
    read: 'bright spot',
    prefix: 'driving.',
  },
};

/** The kind of lamp that a step of the work is about, by the step's name. */
export function kindOfStep(stepId: string): LampKind {
  const kinds = Object.keys(KINDS) as LampKind[];
  return (
    kinds.find((kind) => KINDS[kind].prefix && stepId.startsWith(KINDS[kind].prefix)) ?? 'DIPPED'
  );
}
