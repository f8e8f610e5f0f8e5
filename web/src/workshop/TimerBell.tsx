import { Box, Flex, Portal } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { Timer, WorkshopPage } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { useCommand } from '../app/commands';
import { Key } from '../app/Key';
import { left } from './times';
import { useNow } from './useNow';
import type { Tell } from './useWorkshop';

/** The timers that somebody still waits for, the next to end first. */
export function awaited(timers: Timer[]): Timer[] {
  return timers
    .filter((timer) => timer.state === 'RUNNING' || timer.state === 'RINGING')
    .sort((a, b) => a.end.localeCompare(b.end));
}

const secondsLeft = (timer: Timer, now: number) => (Date.parse(timer.end) - now) / 1000;

/** The next timer in the top line; rings and fills the screen once its time is over. */
export function TimerBell({ page, tell }: { page: WorkshopPage; tell: Tell }) {
  const timers = awaited(page.timers);
  const now = useNow(page.now, timers.length > 0);
  const ringing = timers.filter((timer) => secondsLeft(timer, now) <= 0);
  const [open, setOpen] = useState(false);
  const [heard, setHeard] = useState<string[]>([]);
  const loud = ringing.some((timer) => !heard.includes(timer.id));
  useBeep(loud);
  const show = () => setOpen(true);
  useCommand('t', 'Timers, to be seen across the room', show);
  const next = timers[0];
  const seen = (timer: Timer) => {
    setHeard((before) => [...before, timer.id]);
    void tell({ stop: { timer: timer.id } }, `seen to: ${timer.name}`);
  };
  return (
    <>
      {next && (
        <PlainButton onClick={show} color={ringing.length > 0 ? 'lamp' : 'ink'}>
          {next.name} {left(secondsLeft(next, now))}
          <Key name="t" />
        </PlainButton>
      )}
      {(open || loud) && (
        <AcrossTheRoom
          timers={timers}
          now={now}
          close={() => {
            setOpen(false);
            setHeard((before) => [...before, ...ringing.map((timer) => timer.id)]);
          }}
          seen={seen}
        />
      )}
    </>
  );
}

/** The timers over the whole screen, legible from 5 m. */
function AcrossTheRoom({
  timers,
  now,
  close,
  seen,
}: {
  timers: Timer[];
  now: number;
  close: () => void;
  seen: (timer: Timer) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => box.current?.focus(), []);
  return (
    <Portal>
      <Flex
        ref={box}
        role="dialog"
        aria-modal="true"
        aria-label="Timers"
        tabIndex={-1}
        position="fixed"
        inset="0"
        zIndex="1500"
        direction="column"
        bg="ground"
        p="26px"
        gap="10px"
        onKeyDown={(event) => event.key === 'Escape' && close()}
      >
        {timers.length === 0 && (
          <Flex flex="1" align="center" justify="center" fontSize="40px" color="quiet">
            No timer runs.
          </Flex>
        )}
        {timers.slice(0, 3).map((timer) => {
          const over = secondsLeft(timer, now) <= 0;
          return (
            <Flex
              key={timer.id}
              flex="1"
              minH="0"
              align="center"
              gap="30px"
              bg={over ? 'lampFill' : 'panel'}
              color={over ? 'onLamp' : 'ink'}
              px="36px"
              borderRadius="6px"
            >
              <Box
                fontFamily="heading"
                fontWeight="700"
                lineHeight="1"
                fontSize={timers.length > 1 ? 'min(16vw, 24vh)' : 'min(24vw, 44vh)'}
                role="timer"
                aria-label={timer.name}
              >
                {left(secondsLeft(timer, now))}
              </Box>
              <Box
                flex="1"
                fontFamily="heading"
                fontWeight="600"
                fontSize="clamp(24px, 4vw, 54px)"
                lineHeight="1.1"
              >
                {timer.name}
                {over && ': ready'}
              </Box>
              {over ? (
                <ActButton
                  bg="onLamp"
                  color="lampFill"
                  minH="96px"
                  fontSize="30px"
                  onClick={() => seen(timer)}
                >
                  Seen to
                </ActButton>
              ) : (
                <PlainButton minH="72px" fontSize="20px" onClick={() => seen(timer)}>
                  Stop it
                </PlainButton>
              )}
            </Flex>
          );
        })}
        {timers.length > 3 && <Box color="quiet">{timers.length - 3} more run.</Box>}
        <Flex justify="flex-end">
          <PlainButton minH="64px" px="34px" fontSize="20px" onClick={close}>
            Back to work
          </PlainButton>
        </Flex>
      </Flex>
    </Portal>
  );
}

/** Two tones, again and again, while it is loud. */
function useBeep(loud: boolean) {
  useEffect(() => {
    if (!loud || typeof AudioContext === 'undefined') {
      return;
    }
    const audio = new AudioContext();
    const beep = () => {
      [880, 660].forEach((hertz, index) => {
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        tone.frequency.value = hertz;
        volume.gain.value = 0.2;
        tone.connect(volume).connect(audio.destination);
        tone.start(audio.currentTime + index * 0.25);
        tone.stop(audio.currentTime + index * 0.25 + 0.2);
      });
    };
    beep();
    const again = setInterval(beep, 1500);
    return () => {
      clearInterval(again);
      void audio.close();
    };
  }, [loud]);
}
