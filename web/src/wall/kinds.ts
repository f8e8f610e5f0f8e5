import type { LampKind } from '../app/api/client';

/** What each kind of lamp is called at the wall, and what of its light is read there. */
export const KINDS: Record<LampKind, { title: string; lamp: string; read: string }> = {
  DIPPED: { title: 'Low beam', lamp: 'lamp', read: 'cutoff' },
  FRONT_FOG: { title: 'Fog lamps', lamp: 'fog lamp', read: 'cutoff' },
  DRIVING: {
    title: 'Driving lamps',
    lamp: 'driving lamp',
    read: 'bright spot',
  },
};

/** The kind of lamp of a function; the low beams for what is about none. */
export const kindOf = (lampFunction: string | undefined): LampKind =>
  (Object.keys(KINDS) as LampKind[]).find((kind) => kind === lampFunction) ?? 'DIPPED';
