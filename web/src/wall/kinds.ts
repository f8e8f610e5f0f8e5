import type { LampKind } from '../api/client';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

/** What each kind of lamp is called at the wall, and what of its light is read there. */
export const KINDS: Record<LampKind, { title: string; lamp: string; read: string }> = {
  DIPPED: { title: appWords.lowBeamTitle(), lamp: wallWords.lamp(), read: wallWords.cutoff() },
  FRONT_FOG: {
    title: appWords.fogLampsTitle(),
    lamp: appWords.fogLamp(),
    read: wallWords.cutoff(),
  },
  DRIVING: {
    title: wallWords.drivingLamps(),
    lamp: appWords.drivingLamp(),
    read: wallWords.brightSpot(),
  },
};

/** The kind of lamp of a function; the low beams for what is about none. */
export const kindOf = (lampFunction: string | undefined): LampKind =>
  (Object.keys(KINDS) as LampKind[]).find((kind) => kind === lampFunction) ?? 'DIPPED';
