import { Box, Dialog, Flex, Portal } from '@chakra-ui/react';
import type { ShopTimer } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { useShop } from '../api/queries';
import { useSession } from '../ui/session';
import { secondsLeft } from '../api/shopTimers';
import { left } from './times';
import { appWords } from '../words/page/app';
import { timersWords } from '../words/page/timers';

const AT_ONCE = 3;
/** "+4:59", in letters. */
const SHORT = 5;

/** The timers over the whole screen, legible from 5 m. */
export function AcrossTheRoom({
  timers,
  now,
  problem,
  close,
  seen,
}: {
  timers: ShopTimer[];
  now: number;
  problem: string | undefined;
  close: () => void;
  seen: (one: ShopTimer) => void;
}) {
  return (
    <Dialog.Root
      open
      size="full"
      onOpenChange={(change) => !change.open && close()}
      // whatever is pressed beside it was meant for what it covers
      closeOnInteractOutside={false}
    >
      <Portal>
        <Dialog.Positioner zIndex="1500">
          <Dialog.Content
            aria-label={appWords.timers()}
            display="flex"
            flexDirection="column"
            bg="ground"
            color="ink"
            h="100dvh"
            p="26px"
            gap="10px"
          >
            {timers.length === 0 && (
              <Flex flex="1" align="center" justify="center" fontSize="40px" color="quiet">
                {appWords.noTimerRuns()}
              </Flex>
            )}
            {timers.slice(0, AT_ONCE).map((one) => (
              <Running
                key={one.timer.id}
                one={one}
                seconds={secondsLeft(one, now)}
                alone={timers.length === 1}
                seen={() => seen(one)}
              />
            ))}
            <Flex justify="space-between" align="center" gap="20px" minH="64px">
              <Box role="alert" color="out" fontSize="20px">
                {problem}
              </Box>
              <WhoIsHere />
              {timers.length > AT_ONCE && (
                <Box color="quiet" ml="auto">
                  {timersWords.lengthMoreRun({ length: timers.length - AT_ONCE })}
                </Box>
              )}
              <PlainButton minH="64px" px="34px" fontSize="20px" onClick={close}>
                {timersWords.backToWork()}
              </PlainButton>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

/** The page beneath asks who one is; it cannot be reached while a timer fills the screen. */
function WhoIsHere() {
  const { person, pickPerson } = useSession();
  const people = useShop().data?.people ?? [];
  if (person || people.length === 0) {
    return null;
  }
  return (
    <Flex role="group" aria-label={timersWords.whoSeesToIt()} align="center" gap="10px" wrap="wrap">
      <Box fontSize="20px">{timersWords.whoSeesToIt()}</Box>
      {people.map((one) => (
        <PlainButton
          key={one.id}
          minH="64px"
          px="22px"
          fontSize="20px"
          onClick={() => pickPerson(one.name)}
        >
          {one.name}
        </PlainButton>
      ))}
    </Flex>
  );
}

function Running({
  one,
  seconds,
  alone,
  seen,
}: {
  one: ShopTimer;
  seconds: number;
  alone: boolean;
  seen: () => void;
}) {
  const over = seconds <= 0;
  const shown = left(seconds);
  // hours and days are longer: the words beside them need their room
  const large = alone && shown.length <= SHORT;
  return (
    <Flex
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
        fontSize={large ? 'min(24vw, 44vh)' : 'min(16vw, 24vh)'}
        // names stand below each other, however long the times beside them
        minW={alone ? undefined : '3em'}
        role="timer"
        aria-label={one.timer.name}
      >
        {shown}
      </Box>
      <Box flex="1" minW="0">
        <Box
          fontFamily="heading"
          fontWeight="600"
          fontSize="clamp(24px, 4vw, 54px)"
          lineHeight="1.1"
        >
          {one.timer.name}
          {over && timersWords.ready()}
        </Box>
        <Box fontSize="clamp(18px, 2.4vw, 30px)" lineHeight="1.2" pt="6px">
          {one.vehicle}
        </Box>
      </Box>
      {over ? (
        <ActButton bg="onLamp" color="lampFill" minH="96px" fontSize="30px" onClick={seen}>
          {appWords.seenTo()}
        </ActButton>
      ) : (
        <PlainButton minH="72px" fontSize="20px" onClick={seen}>
          {timersWords.stopIt()}
        </PlainButton>
      )}
    </Flex>
  );
}
