import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import { actingName, type FeedEdit, type FeedPage, type FeedSheet } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { TextField } from '../settings/fields';
import { VerdictShape } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { term } from '../words/terms';
import { isLive } from './needs';

type Event = FeedEdit['battery'][number];
type Open = FeedEdit['open'][number];

const EVENTS: readonly (readonly [Event['what'], string])[] = [
  ['NEGATIVE_OFF', feedWords.negativeOff()],
  ['NEGATIVE_ON', appWords.negativeOn()],
  ['POSITIVE_OFF', feedWords.positiveOff()],
  ['POSITIVE_ON', feedWords.positiveOn()],
  ['LOOSENED', feedWords.clampLoosenedOnly()],
  ['SECOND_ON', feedWords.secondSourceOn()],
  ['SECOND_OFF', feedWords.secondSourceOff()],
];

const WORDS: Record<Event['what'], string> = {
  NEGATIVE_OFF: feedWords.negativeTerminalOff(),
  NEGATIVE_ON: feedWords.negativeTerminalOn(),
  POSITIVE_OFF: feedWords.positiveTerminalOff(),
  POSITIVE_ON: feedWords.positiveTerminalOn(),
  LOOSENED: feedWords.clampLoosenedLeftOn(),
  SECOND_ON: feedWords.secondSourceConnected(),
  SECOND_OFF: feedWords.secondSourceOff(),
  LIVE_STEP: feedWords.onLiveWires(),
  DEAD_STEP: feedWords.onDeadWires(),
};

/** How the battery stood over the steps, and what is still open before the vehicle goes. */
export function Battery({
  page,
  feed,
  steps,
  onChange,
}: {
  page: FeedPage;
  feed: FeedEdit;
  steps: FeedSheet['order'];
  onChange: (part: Partial<FeedEdit>) => void;
}) {
  const happened = (event: Event['what'], step = '') =>
    onChange({
      battery: [
        ...feed.battery,
        { what: event, step, person: actingName(), at: new Date().toISOString() },
      ],
    });
  const sofar = [...feed.battery, ...page.batteryElsewhere].toSorted(
    (one, other) => Date.parse(one.at) - Date.parse(other.at),
  );
  const nameOf = (id: string) => steps.find((step) => step.id === id)?.does ?? id;
  const done = new Set(feed.battery.map((event) => event.step));
  const next = steps.filter((step) => step.battery !== 'ANY' && !done.has(step.id)).slice(0, 3);
  return (
    <Box maxW="860px">
      <Flex align="center" gap="10px">
        <VerdictShape verdict={page.connected ? 'AT_EDGE' : 'WITHIN'} size={22} />
        <Box fontFamily="heading" fontWeight="600" fontSize="22px">
          {page.connected ? feedWords.wiresAreLive() : feedWords.theBatteryIsOffNothingIs()}
        </Box>
      </Flex>
      <Flex
        gap="6px"
        wrap="wrap"
        py="8px"
        role="group"
        aria-label={feedWords.theBatterysTerminals()}
      >
        {EVENTS.map(([event, words]) => (
          <PlainButton key={event} px="13px" onClick={() => happened(event)}>
            {words}
          </PlainButton>
        ))}
      </Flex>
      {next.map((step) => (
        <Flex key={step.id} align="center" gap="10px" borderTopWidth="1px" borderColor="hairline">
          <Box flex="1">
            {step.does}
            <Box as="span" color="quiet">
              {' '}
              · {isLive(step.battery) ? feedWords.needsTheBatteryOn() : feedWords.needsItOff()}
            </Box>
          </Box>
          <BareButton
            aria-label={feedWords.doneDoes({ does: step.does })}
            onClick={() => happened(isLive(step.battery) ? 'LIVE_STEP' : 'DEAD_STEP', step.id)}
          >
            {appWords.done()}
          </BareButton>
        </Flex>
      ))}
      <Box fontFamily="heading" fontWeight="600" pt="12px">
        {feedWords.soFar()}
      </Box>
      {sofar.length === 0 && <Box color="quiet">{feedWords.nothingYetItCameConnected()}</Box>}
      <Box as="ol">
        {sofar.map((event, index) => (
          <Flex as="li" key={`${event.at} ${index}`} gap="12px" py="4px">
            <Box w="52px" color="quiet">
              {event.at.slice(11, 16)}
            </Box>
            <Box flex="1">
              {event.step ? nameOf(event.step) : WORDS[event.what]}
              <Box as="span" color="quiet">
                {event.step && ` · ${term('BatteryTimeline.What', event.what)}`} · {event.person}
              </Box>
            </Box>
          </Flex>
        ))}
      </Box>
      <OpenPoints feed={feed} onChange={onChange} />
    </Box>
  );
}

/** What has to be put right before the vehicle goes. */
function OpenPoints({
  feed,
  onChange,
}: {
  feed: FeedEdit;
  onChange: (part: Partial<FeedEdit>) => void;
}) {
  const [what, setWhat] = useState('');
  const open = (kind: Open['kind']) => {
    if (what.trim()) {
      onChange({ open: [...feed.open, { id: uuidv7(), kind, what: what.trim(), done: false }] });
      setWhat('');
    }
  };
  return (
    <>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pt="18px">
        {feedWords.openBeforeHandOver()}
      </Box>
      <Flex gap="10px" align="flex-end" wrap="wrap">
        <Box flex="1" minW="240px">
          <TextField
            label={feedWords.whatIsMakeshiftOrNotConnected()}
            value={what}
            set={setWhat}
            maxLength={200}
          />
        </Box>
        <PlainButton onClick={() => open('TEMPORARY')}>{feedWords.makeshift()}</PlainButton>
        <PlainButton onClick={() => open('UNCONNECTED')}>{feedWords.notConnected()}</PlainButton>
      </Flex>
      {feed.open.map((item) => (
        <Flex key={item.id} align="center" gap="10px" borderTopWidth="1px" borderColor="hairline">
          <VerdictShape verdict={item.done ? 'WITHIN' : 'OUT'} size={18} />
          <Box flex="1">
            {item.what}
            <Box as="span" color="quiet">
              {' '}
              ·{' '}
              {item.kind === 'TEMPORARY'
                ? feedWords.makeshiftSmall()
                : feedWords.notConnectedSmall()}
            </Box>
          </Box>
          <BareButton
            aria-label={`${item.done ? feedWords.openAgain() : feedWords.putRight()}: ${item.what}`}
            onClick={() =>
              onChange({
                open: feed.open.map((one) =>
                  one.id === item.id ? { ...one, done: !one.done } : one,
                ),
              })
            }
          >
            {item.done ? feedWords.openAgain() : feedWords.putRight()}
          </BareButton>
        </Flex>
      ))}
    </>
  );
}
