import { Box, VisuallyHidden } from '@chakra-ui/react';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import type { ShopTimer } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Key } from '../ui/Key';
import { writeEntry } from '../kept/entries';
import { AcrossTheRoom } from './AcrossTheRoom';
import { useBeep } from './beep';
import { secondsLeft, useShopTimers } from '../api/shopTimers';
import { left } from './times';
import { useNow } from './useNow';
import { appWords } from '../words/page/app';
import { timersWords } from '../words/page/timers';

interface Rings {
  /** The next to end first. */
  timers: ShopTimer[];
  now: number;
  show: () => void;
}

/** Pages shown by themselves have no bell. */
const BellContext = createContext<Rings | undefined>(undefined);

const NONE: ShopTimer[] = [];

/** Rings and fills the screen once the time of any job's timer is over, whatever page is open. */
export function BellProvider({ children }: { children: ReactNode }) {
  const answer = useShopTimers().data;
  const timers = answer?.timers ?? NONE;
  const now = useNow(answer?.now ?? new Date(0).toISOString(), timers.length > 0);
  const [open, setOpen] = useState(false);
  const [heard, setHeard] = useState<string[]>([]);
  const [problem, setProblem] = useState<string>();
  const ringing = timers.filter((one) => secondsLeft(one, now) <= 0);
  const loud = ringing.some((one) => !heard.includes(one.timer.id));
  useBeep(loud);
  const show = useCallback(() => setOpen(true), []);
  const seen = async (one: ShopTimer) => {
    setProblem(undefined);
    try {
      await writeEntry(
        one.jobId,
        { stage: 'BENCH', stop: { timer: one.timer.id } },
        appWords.seenToName({ name: one.timer.name }),
      );
      setHeard((before) => [...before, one.timer.id]);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  const rings = useMemo(() => ({ timers, now, show }), [timers, now, show]);
  return (
    <BellContext.Provider value={rings}>
      {children}
      {(open || loud) && (
        <AcrossTheRoom
          timers={timers}
          now={now}
          problem={problem}
          close={() => {
            setOpen(false);
            setProblem(undefined);
            setHeard((before) => [...before, ...ringing.map((one) => one.timer.id)]);
          }}
          seen={(one) => void seen(one)}
        />
      )}
    </BellContext.Provider>
  );
}

/** The next timer, for the top line of a page. */
export function NextTimer() {
  const rings = useContext(BellContext);
  return rings ? <Next {...rings} /> : null;
}

function Next({ timers, now, show }: Rings) {
  useCommand('t', timersWords.timersReadableAcrossTheRoom(), show);
  const next = timers[0];
  if (!next) {
    return null;
  }
  const seconds = secondsLeft(next, now);
  return (
    <PlainButton onClick={show} color={seconds <= 0 ? 'lamp' : 'ink'}>
      <VisuallyHidden>
        {timersWords.timerNameVehicle({ name: next.timer.name, vehicle: next.vehicle })}
      </VisuallyHidden>
      {left(seconds)}
      <Box
        aria-hidden="true"
        color="quiet"
        maxW="116px"
        overflow="hidden"
        textOverflow="ellipsis"
        data-shortened
        whiteSpace="nowrap"
        ml="8px"
        hideBelow="lg"
      >
        {next.timer.name}
      </Box>
      <Key name="t" />
    </PlainButton>
  );
}
