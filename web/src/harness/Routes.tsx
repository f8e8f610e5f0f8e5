import { Box, Flex, Grid, Input } from '@chakra-ui/react';
import type { FeedEdit, FeedPage, FeedSheet } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { Choice, TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { decimalText } from '../words/numbers';
import { feedWords } from '../words/page/feed';
import type { Hazard, Route, Stop } from './routeFrame';
import { RouteDrawing } from './RouteDrawing';
import { typedNumber } from './ProbeForm';

const PASSES: readonly (readonly [Stop['passes'], string])[] = [
  ['NOTHING', appWords.nothing()],
  ['GROMMET', feedWords.aGrommet()],
  ['BARE_HOLE', feedWords.bareMetal()],
];

const STOP_COLUMNS = '16px repeat(3, minmax(0, 76px)) minmax(0, 1fr) 48px';

const AXES = [
  ['leftMm', feedWords.axisLeft()],
  ['forwardMm', feedWords.axisForward()],
  ['upMm', feedWords.axisUp()],
] as const;

/** The ways of the harness through the vehicle: their lengths go into the plan. */
export function Routes({
  page,
  sheet,
  feed,
  onChange,
  onUse,
}: {
  page: FeedPage;
  sheet: FeedSheet;
  feed: FeedEdit;
  onChange: (part: Partial<FeedEdit>) => void;
  /** Takes a route's length as the answer to its question. */
  onUse: (question: string, metres: string) => void;
}) {
  const lengths = sheet.questions.filter((one) => one.unit === 'm');
  const put = (index: number, route: Route) =>
    onChange({ routes: feed.routes.map((one, at) => (at === index ? route : one)) });
  const add = () => {
    const question = lengths.find((one) => feed.routes.every((route) => route.question !== one.id));
    onChange({
      routes: [
        ...feed.routes,
        {
          question: question?.id ?? '',
          name: question?.asks.replace(/\?$/, '') ?? feedWords.aBranch(),
          stops: [stop(-600, 200, 800), stop(600, 500, 400)],
        },
      ],
    });
  };
  return (
    <Box maxW="900px">
      <Flex align="center" gap="12px" wrap="wrap">
        <Box flex="1">
          <Box fontFamily="heading" fontWeight="600" fontSize="19px">
            {feedWords.routingOfTheHarness()}
          </Box>
          <Box color="quiet">{feedWords.pointsInMmToTheLeft()}</Box>
        </Box>
        <PlainButton onClick={add}>{feedWords.addARoute()}</PlainButton>
      </Flex>
      {feed.routes.map((route, index) => (
        <RouteEntry
          key={index}
          route={route}
          length={page.routes[index]}
          sheet={sheet}
          page={page}
          hazards={feed.hazards}
          onChange={(changed) => put(index, changed)}
          onRemove={() => onChange({ routes: feed.routes.filter((_, at) => at !== index) })}
          onUse={onUse}
        />
      ))}
      <Hazards hazards={feed.hazards} onChange={(hazards) => onChange({ hazards })} />
    </Box>
  );
}

/** One route: what it is for, how long it gets, where it lies. */
function RouteEntry({
  route,
  length,
  sheet,
  page,
  hazards,
  onChange,
  onRemove,
  onUse,
}: {
  route: Route;
  length: FeedPage['routes'][number] | undefined;
  sheet: FeedSheet;
  page: FeedPage;
  hazards: Hazard[];
  onChange: (route: Route) => void;
  onRemove: () => void;
  onUse: (question: string, metres: string) => void;
}) {
  const units = useUnits();
  const lengths = sheet.questions.filter((one) => one.unit === 'm');
  const answer = sheet.questions.find((one) => one.id === route.question)?.answer;
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="10px">
      <Flex gap="10px" wrap="wrap" align="flex-end">
        <Box flex="1" minW="180px">
          <TextField
            label={feedWords.route()}
            value={route.name}
            set={(name) => onChange({ ...route, name })}
          />
        </Box>
        <Box flex="1" minW="180px">
          <Choice
            label={feedWords.givesTheLengthFor()}
            value={route.question}
            set={(question) => onChange({ ...route, question })}
            options={[
              ['', feedWords.noQuestion()] as const,
              ...lengths.map((one) => [one.id, one.asks] as const),
            ]}
          />
        </Box>
        {length && (
          <Box fontFamily="heading" fontSize="20px" fontWeight="600">
            {figureText(length.laid, units)}
            <Box as="span" color="quiet" fontSize="14px" fontWeight="400">
              {feedWords.withSlackCutCutTiesTies({
                cut: figureText(length.cut, units),
                ties: length.ties,
              })}
            </Box>
          </Box>
        )}
        {length && route.question && answer !== length.metres && (
          <PlainButton onClick={() => onUse(route.question, length.metres)}>
            {feedWords.useMetresM({ metres: decimalText(parseFloat(length.metres)) })}
          </PlainButton>
        )}
      </Flex>
      <RouteDrawing
        route={route}
        hazards={hazards}
        vehicle={page.vehicle}
        onMove={(at, moved) => onChange(withStop(route, at, moved))}
      />
      <Box pt="8px" maxW="560px">
        <Stops route={route} onChange={onChange} />
        <BareButton color="quiet" onClick={() => onRemove()}>
          {feedWords.removeThisRoute()}
        </BareButton>
      </Box>
    </Box>
  );
}

/** The points at which a route turns, and what it passes there. */
function Stops({ route, onChange }: { route: Route; onChange: (route: Route) => void }) {
  return (
    <>
      <Grid templateColumns={STOP_COLUMNS} gap="5px" color="quiet" fontSize="13.5px">
        <span />
        {AXES.map(([axis, words]) => (
          <Box key={axis} textAlign="right" pr="6px">
            {words}
          </Box>
        ))}
        <span>{feedWords.passes()}</span>
      </Grid>
      {route.stops.map((one, at) => (
        <Grid key={at} templateColumns={STOP_COLUMNS} gap="5px" alignItems="center" pb="4px">
          <Box color="quiet">{at + 1}</Box>
          {AXES.map(([axis, words]) => (
            <Number
              key={axis}
              label={feedWords.stopAtWords({ at: at + 1, words })}
              value={one[axis]}
              set={(mm) => onChange(withStop(route, at, { ...one, [axis]: mm }))}
            />
          ))}
          <Choice
            label=""
            value={one.passes}
            set={(passes) => onChange(withStop(route, at, { ...one, passes }))}
            options={PASSES}
          />
          <BareButton
            aria-label={feedWords.removePointAt({ at: at + 1 })}
            disabled={route.stops.length <= 2}
            onClick={() => onChange({ ...route, stops: route.stops.filter((_, i) => i !== at) })}
          >
            {appWords.out()}
          </BareButton>
        </Grid>
      ))}
      <BareButton
        onClick={() =>
          onChange({
            ...route,
            stops: [...route.stops, { ...(route.stops.at(-1) ?? stop(0, 0, 0)) }],
          })
        }
      >
        {feedWords.anotherPoint()}
      </BareButton>
    </>
  );
}

function stop(leftMm: number, forwardMm: number, upMm: number): Stop {
  return { leftMm, forwardMm, upMm, passes: 'NOTHING' };
}

function withStop(route: Route, at: number, changed: Stop): Route {
  return { ...route, stops: route.stops.map((one, i) => (i === at ? changed : one)) };
}

/** A number of millimetres: taken over when it is left, if it is one. */
function Number({
  label,
  value,
  set,
}: {
  label: string;
  value: number;
  set: (value: number) => void;
}) {
  return (
    <Input
      key={value}
      h="48px"
      px="6px"
      textAlign="right"
      inputMode="decimal"
      aria-label={label}
      autoComplete="off"
      maxLength={7}
      defaultValue={String(value)}
      onBlur={(event) => {
        const typed = typedNumber(event.target.value);
        if (globalThis.Number.isFinite(typed) && typed !== value) {
          set(typed);
        } else {
          event.target.value = String(value);
        }
      }}
    />
  );
}

function Hazards({
  hazards,
  onChange,
}: {
  hazards: Hazard[];
  onChange: (hazards: Hazard[]) => void;
}) {
  const put = (index: number, hazard: Hazard) =>
    onChange(hazards.map((one, at) => (at === index ? hazard : one)));
  return (
    <Box borderTopWidth="1px" borderColor="rule" pt="10px">
      <Flex align="center" gap="12px">
        <Box flex="1" fontFamily="heading" fontWeight="600">
          {feedWords.keepAwayFromHotPartsSharp()}
        </Box>
        <PlainButton
          onClick={() =>
            onChange([
              ...hazards,
              { name: feedWords.hotPart(), leftMm: 0, forwardMm: 0, upMm: 600, clearanceMm: 100 },
            ])
          }
        >
          {feedWords.addOne()}
        </PlainButton>
      </Flex>
      {hazards.map((hazard, index) => (
        <Grid
          key={index}
          templateColumns="minmax(0, 1fr) repeat(4, minmax(0, 84px)) 48px"
          gap="5px"
          alignItems="end"
          pt="6px"
        >
          <TextField
            label={appWords.what()}
            value={hazard.name}
            set={(name) => put(index, { ...hazard, name })}
          />
          {AXES.map(([axis, words]) => (
            <Box key={axis}>
              <Box color="quiet" fontSize="13.5px">
                {words}
              </Box>
              <Number
                label={`${hazard.name}, ${words}`}
                value={hazard[axis]}
                set={(mm) => put(index, { ...hazard, [axis]: mm })}
              />
            </Box>
          ))}
          <Box>
            <Box color="quiet" fontSize="13.5px">
              {feedWords.clearBy()}
            </Box>
            <Number
              label={feedWords.nameClearBy({ name: hazard.name })}
              value={hazard.clearanceMm}
              set={(mm) => put(index, { ...hazard, clearanceMm: mm })}
            />
          </Box>
          <BareButton
            aria-label={feedWords.removeName({ name: hazard.name })}
            onClick={() => onChange(hazards.filter((_, at) => at !== index))}
          >
            {appWords.out()}
          </BareButton>
        </Grid>
      ))}
    </Box>
  );
}
