import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import { actingName, type FeedEdit, type FeedPage, type FeedSheet } from '../app/api/client';
import { BareButton, PlainButton } from '../app/buttons';
import { isLive } from './needs';
import { TextField } from '../settings/fields';
import { VerdictShape } from '../finding/VerdictShape';

type Event = FeedEdit['battery'][number];
type Open = FeedEdit['open'][number];

const EVENTS: readonly (readonly [Event['what'], string])[] = [
  ['NEGATIVE_OFF', 'Negative off'],
  ['NEGATIVE_ON', 'Negative on'],
  ['POSITIVE_OFF', 'Positive off'],
  ['POSITIVE_ON', 'Positive on'],
  ['LOOSENED', 'Clamp loosened only'],
  ['SECOND_ON', 'Second source on'],
  ['SECOND_OFF', 'Second source off'],
];

const WORDS: Record<Event['what'], string> = {
  NEGATIVE_OFF: 'Negative terminal off',
  NEGATIVE_ON: 'Negative terminal on',
  POSITIVE_OFF: 'Positive terminal off',
  POSITIVE_ON: 'Positive terminal on',
  LOOSENED: 'Clamp loosened, left on',
  SECOND_ON: 'Second source joined',
  SECOND_OFF: 'Second source off',
  LIVE_STEP: 'On live wires',
  DEAD_STEP: 'On dead wires',
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
  const [what, setWhat] = useState('');
  const happened = (event: Event['what'], step = '') =>
    onChange({
      battery: [
        ...feed.battery,
        { what: event, step, person: actingName(), at: new Date().toISOString() },
      ],
    });
  const open = (kind: Open['kind']) => {
    if (what.trim()) {
      onChange({ open: [...feed.open, { id: uuidv7(), kind, what: what.trim(), done: false }] });
      setWhat('');
    }
  };
  const sofar = [...feed.battery, ...page.batteryElsewhere].toSorted(
    (one, other) => Date.parse(one.at) - Date.parse(other.at),
  );
  const done = new Set(feed.battery.map((event) => event.step));
  const next = steps.filter((step) => step.battery !== 'ANY' && !done.has(step.does)).slice(0, 3);
  return (
    <Box maxW="860px">
      <Flex align="center" gap="10px">
        <VerdictShape verdict={page.connected ? 'AT_EDGE' : 'WITHIN'} size={22} />
        <Box fontFamily="heading" fontWeight="600" fontSize="22px">
          {page.connected ? 'Wires are live' : 'The battery is off: nothing is live'}
        </Box>
      </Flex>
      <Flex gap="6px" wrap="wrap" py="8px" role="group" aria-label="The battery’s terminals">
        {EVENTS.map(([event, words]) => (
          <PlainButton key={event} px="13px" onClick={() => happened(event)}>
            {words}
          </PlainButton>
        ))}
      </Flex>
      {next.map((step) => (
        <Flex key={step.does} align="center" gap="10px" borderTopWidth="1px" borderColor="hairline">
          <Box flex="1">
            {step.does}
            <Box as="span" color="quiet">
              {' '}
              · {isLive(step.battery) ? 'needs the battery on' : 'needs it off'}
            </Box>
          </Box>
          <BareButton
            aria-label={`Done: ${step.does}`}
            onClick={() => happened(isLive(step.battery) ? 'LIVE_STEP' : 'DEAD_STEP', step.does)}
          >
            Done
          </BareButton>
        </Flex>
      ))}
      <Box fontFamily="heading" fontWeight="600" pt="12px">
        So far
      </Box>
      {sofar.length === 0 && <Box color="quiet">Nothing yet: it came connected.</Box>}
      <Box as="ol">
        {sofar.map((event, index) => (
          <Flex as="li" key={`${event.at} ${index}`} gap="12px" py="4px">
            <Box w="52px" color="quiet">
              {event.at.slice(11, 16)}
            </Box>
            <Box flex="1">
              {event.step || WORDS[event.what]}
              <Box as="span" color="quiet">
                {event.step && ` · ${WORDS[event.what].toLowerCase()}`} · {event.person}
              </Box>
            </Box>
          </Flex>
        ))}
      </Box>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pt="18px">
        Open before hand-over
      </Box>
      <Flex gap="10px" align="flex-end" wrap="wrap">
        <Box flex="1" minW="240px">
          <TextField
            label="What is makeshift, or not connected?"
            value={what}
            set={setWhat}
            maxLength={200}
          />
        </Box>
        <PlainButton onClick={() => open('TEMPORARY')}>Makeshift</PlainButton>
        <PlainButton onClick={() => open('UNCONNECTED')}>Not connected</PlainButton>
      </Flex>
      {feed.open.map((item) => (
        <Flex key={item.id} align="center" gap="10px" borderTopWidth="1px" borderColor="hairline">
          <VerdictShape verdict={item.done ? 'WITHIN' : 'OUT'} size={18} />
          <Box flex="1">
            {item.what}
            <Box as="span" color="quiet">
              {' '}
              · {item.kind === 'TEMPORARY' ? 'makeshift' : 'not connected'}
            </Box>
          </Box>
          <BareButton
            aria-label={`${item.done ? 'Open again' : 'Put right'}: ${item.what}`}
            onClick={() =>
              onChange({
                open: feed.open.map((one) =>
                  one.id === item.id ? { ...one, done: !one.done } : one,
                ),
              })
            }
          >
            {item.done ? 'Open again' : 'Put right'}
          </BareButton>
        </Flex>
      ))}
    </Box>
  );
}
