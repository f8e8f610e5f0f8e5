import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { JobPage, LampKind, Side } from '../api/client';
import { useReadings } from '../kept/useReadings';
import { useUnits } from '../ui/session';
import { useAttempt } from '../entry/useAttempt';
import { nudgeMm, onTape, typedLength, typedTurns } from '../entry/typed';
import { reading } from '../kept/readings';

/** What is asked of the technician now. */
export type Asking = 'look' | 'turned' | 'reading';

/** What is asked at one lamp, and how its answer is entered. */
export function useInstruction(page: JobPage) {
  const units = useUnits();
  const { keep } = useReadings('job', page.job.id);
  const attempt = useAttempt();
  const [params, setParams] = useSearchParams();
  const { next } = page.sheet;
  const side = (params.get('side') as Side | null) ?? next.side ?? 'LEFT';
  const kind = (params.get('lamp') as LampKind | null) ?? next.lamp;
  const pair = page.sheet.pairs.find((one) => one.kind === kind) ?? page.sheet.pairs[0];
  const lamp = side === 'LEFT' ? pair?.left : pair?.right;
  const needsReading = !lamp?.reading || lamp.turnedSinceRead;
  const [asking, setAsking] = useState<Asking>('look');
  const [eighths, setEighths] = useState(4);
  const [belowMm, setBelowMm] = useState(0);
  const [problem, setProblem] = useState<string>();

  const other = () => {
    setAsking('look');
    setParams({ side: side === 'LEFT' ? 'RIGHT' : 'LEFT', lamp: kind });
  };

  const screw = page.adjusters.find(
    (one) =>
      one.id === lamp?.correction?.adjusterId ||
      (!lamp?.correction?.adjusterId &&
        one.side === side &&
        one.lamp === kind &&
        one.axis === 'VERTICAL'),
  );
  // a turn of an adjuster that nobody knows cannot be kept
  const readsNext = needsReading || !screw;
  const startTurned = () => {
    setEighths(Math.round((lamp?.correction?.turns?.value ?? 0.5) * 8));
    setAsking('turned');
  };
  const startReading = () => {
    setBelowMm(onTape(lamp?.aim?.belowLine?.value ?? 0, units));
    setAsking('reading');
  };

  const store = async (edit: Parameters<typeof reading>[0], typed: string) => {
    setProblem(undefined);
    try {
      await keep({
        id: attempt.idFor(`${edit.kind} ${side} ${typed}`),
        edit: reading(edit, typed, units),
      });
      attempt.done();
      return true;
    } catch (refused) {
      setProblem((refused as Error).message);
      return false;
    }
  };
  const forward = async () => {
    if (asking === 'look') {
      if (readsNext) {
        startReading();
      } else {
        startTurned();
      }
    } else if (asking === 'turned') {
      const turn = { kind: 'TURN', lamp: kind, side, adjusterId: screw?.id } as const;
      if (eighths === 0 || (await store(turn, typedTurns(eighths / 8)))) {
        startReading();
      }
    } else if (
      await store({ kind: 'CUTOFF_BELOW', lamp: kind, side }, typedLength(belowMm, units))
    ) {
      setAsking('look');
      setParams({ side, lamp: kind });
    }
  };
  const nudge = (steps: number) => {
    if (asking === 'turned') {
      setEighths((before) => Math.max(-80, Math.min(80, before - steps)));
    } else if (asking === 'reading') {
      setBelowMm((before) => onTape(before, units) + steps * nudgeMm(units));
    }
  };
  return {
    pair,
    lamp,
    kind,
    side,
    screw,
    needsReading,
    readsNext,
    asking,
    setAsking,
    eighths,
    setEighths,
    belowMm,
    problem,
    other,
    forward,
    nudge,
  };
}
