import { Box, Flex } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import { uuidv7 } from 'uuidv7';
import {
  actingName,
  type DrivingState,
  type FeedEdit,
  type FeedSheet,
  type Finding,
} from '../api/client';
import { placeOnFeed } from '../api/queries';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { MeterLive } from '../meter/MeterLive';
import { Choice, Pairs, TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';
import { typedNumber } from './ProbeForm';

/** What a meter showed, laid over what was solved. */
export function Measured({
  jobId,
  sheet,
  feed,
  onChange,
  onAsk,
}: {
  jobId: string;
  sheet: FeedSheet;
  feed: FeedEdit;
  onChange: (readings: FeedEdit['readings']) => void;
  onAsk: (finding: Finding) => void;
}) {
  const points = [
    ...new Set(sheet.drawing.symbols.flatMap((box) => box.pins.map((pin) => pin.node))),
  ].sort();
  const parts = sheet.parts.filter((part) => !part.factory).map((part) => part.id);
  const nameOf = (place: string) =>
    sheet.parts.find((part) => part.id === place)?.name ?? sheet.points[place] ?? place;
  const [state, setState] = useState<DrivingState>(sheet.states[0]?.state ?? 'DAY');
  const [what, setWhat] = useState<'volts' | 'amperes'>('volts');
  const [place, setPlace] = useState('');
  const [value, setValue] = useState('');
  const [problem, setProblem] = useState<string>();
  const places = what === 'volts' ? points : parts;
  const chosen = places.includes(place) ? place : (places[0] ?? '');
  const amperes = what === 'amperes';
  const add = () => {
    const number = typedNumber(value);
    if (Number.isNaN(number)) {
      setProblem(feedWords.whatDidTheMeterShowFor());
      return;
    }
    setProblem(undefined);
    setValue('');
    onChange([
      ...feed.readings,
      {
        id: uuidv7(),
        state,
        amperes,
        place: chosen,
        value: number,
        person: actingName(),
      },
    ]);
  };
  const found = sheet.findings.filter((one) => one.rule === 'measured');
  return (
    <Box maxW="860px">
      <Box fontFamily="heading" fontWeight="600" fontSize="19px">
        {feedWords.measuredAgainstSolved()}
      </Box>
      <Box color="quiet" pb="8px">
        {feedWords.voltsAgainstTheBatterysNegativePost()}
      </Box>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <Pairs>
          <Choice
            label={feedWords.inTheState()}
            value={state}
            set={setState}
            options={sheet.states.map((one) => [one.state, one.words] as const)}
          />
          <Choice
            label={appWords.what()}
            value={what}
            set={setWhat}
            options={[
              ['volts', feedWords.voltsAtAPoint()],
              ['amperes', feedWords.amperesThroughAPart()],
            ]}
          />
          <Choice
            label={feedWords.where()}
            value={chosen}
            set={setPlace}
            options={places.map((one) => [one, nameOf(one)] as const)}
          />
          <TextField
            label={what === 'volts' ? feedWords.theMeterShowsV() : feedWords.theMeterShowsA()}
            value={value}
            set={setValue}
            maxLength={10}
          />
        </Pairs>
        <MeterOnFeed
          jobId={jobId}
          state={state}
          amperes={amperes}
          place={chosen}
          keep={(shown) => setValue(String(shown))}
        />
        <Flex gap="12px" align="center" py="10px">
          <PlainButton type="submit">{feedWords.compare()}</PlainButton>
          <Refusal words={problem} />
        </Flex>
      </form>
      {found.map((finding) => (
        <Compared key={finding.id} finding={finding} onAsk={onAsk} />
      ))}
      {feed.readings.length > 0 && (
        <BareButton color="quiet" onClick={() => onChange(feed.readings.slice(0, -1))}>
          {feedWords.undoTheLastReading()}
        </BareButton>
      )}
    </Box>
  );
}

/** A meter at a point of the feed; the simulated one is put there. */
function MeterOnFeed({
  jobId,
  state,
  amperes,
  place,
  keep,
}: {
  jobId: string;
  state: DrivingState;
  amperes: boolean;
  place: string;
  keep: (shown: number) => void;
}) {
  const put = useCallback(
    () => placeOnFeed(jobId, { state, amperes, place }),
    [jobId, state, amperes, place],
  );
  return <MeterLive what={amperes ? 'AMPS' : 'VOLTS'} keep={keep} place={put} />;
}

function Compared({ finding, onAsk }: { finding: Finding; onAsk: (finding: Finding) => void }) {
  return (
    <Flex gap="10px" align="center" borderTopWidth="1px" borderColor="hairline">
      <VerdictShape verdict={finding.verdict} size={18} />
      <BareButton
        flex="1"
        textDecoration="none"
        whiteSpace="normal"
        textAlign="left"
        onClick={() => onAsk(finding)}
      >
        <span>
          <SentenceText sentence={finding.headline} />
        </span>
      </BareButton>
    </Flex>
  );
}
