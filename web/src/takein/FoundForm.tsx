import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FoundEdit, Plan, TakeInPage } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { BothVersions } from '../kept/BothVersions';
import { conflictOf, type Conflict } from '../kept/conflict';
import { useFormWaits } from '../kept/forms';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';
import { ABOUT } from './words';

type Note = FoundEdit['notes'][number];
type StageKey = keyof FoundEdit['minutes'];

function minutesOf(typed: string, what: string): number | undefined {
  if (!typed.trim()) {
    return undefined;
  }
  if (!/^\d{1,5}$/.test(typed.trim())) {
    throw new Error(takeinWords.whatWholeMinutesForExample45({ what }));
  }
  return Number(typed);
}

/** What this job found, and how long it took: for the next one on this vehicle or one like it. */
export function FoundForm({
  version,
  found,
  plan,
  waitsAs,
  put,
  onDone,
}: {
  version: number;
  found: FoundEdit;
  plan: Plan;
  /** What it is called while it waits. */
  waitsAs?: string;
  put: (version: number, found: FoundEdit) => Promise<unknown>;
  /** Once it is kept or waits, or somebody else's stays. */
  onDone: (theirs?: TakeInPage) => void;
}) {
  // what is typed belongs to the version that was shown when the form was opened
  const [madeOn, setMadeOn] = useState(version);
  const [isSending, setIsSending] = useState(false);
  useFormWaits(waitsAs, isSending, () => setMadeOn((before) => before + 1));
  const [conflict, setConflict] = useState<Conflict>();
  const [mine, setMine] = useState<FoundEdit>();
  const [notes, setNotes] = useState<Note[]>(found.notes);
  const [minutes, setMinutes] = useState<Record<string, string>>(() =>
    Object.fromEntries(Object.entries(found.minutes).map(([stage, min]) => [stage, String(min)])),
  );
  const [estimate, setEstimate] = useState(String(found.estimateMinutes ?? ''));
  const [partsCost, setPartsCost] = useState(found.partsCost);
  const [lookBack, setLookBack] = useState(found.lookBack);
  const send = async () => {
    const taken: Record<string, number> = {};
    for (const stage of plan.stages) {
      const typed = minutesOf(minutes[stage.stage] ?? '', stage.words);
      if (typed !== undefined) {
        taken[stage.stage] = typed;
      }
    }
    const edit: FoundEdit = {
      notes: notes.filter((note) => note.words.trim()),
      minutes: taken as Record<StageKey, number>,
      estimateMinutes: minutesOf(estimate, takeinWords.toldTheCustomer()),
      partsCost,
      lookBack,
    };
    setIsSending(true);
    try {
      await put(madeOn, edit);
      onDone();
    } catch (refusal) {
      const stale = conflictOf(refusal);
      if (!stale) {
        throw refusal;
      }
      setMine(edit);
      setConflict(stale);
      setMadeOn((stale.theirs as TakeInPage).foundVersion);
    } finally {
      setIsSending(false);
    }
  };
  return (
    <TypedForm
      words={conflict ? appWords.useMine() : takeinWords.saveWhatWasFound()}
      onSend={send}
      others={
        conflict && [
          {
            words: appWords.keepTheirs(),
            act: () => onDone(conflict.theirs as TakeInPage),
          },
        ]
      }
    >
      {conflict && mine && (
        <Box role="alert" borderWidth="1px" borderColor="edge" p="14px">
          <Box fontFamily="heading" fontSize="20px" fontWeight="600">
            {appWords.changedMeanwhileByChangedBy({ changedBy: conflict.changedBy })}
          </Box>
          <BothVersions conflict={conflict} />
        </Box>
      )}
      <Notes notes={notes} setNotes={setNotes} />
      <Box color="quiet">{takeinWords.minutesTakenByStage()}</Box>
      <Box
        display="grid"
        gap="10px"
        gridTemplateColumns={{ base: '1fr 1fr', md: 'repeat(4, 1fr)' }}
      >
        {plan.stages.map((stage) => (
          <TextField
            key={stage.stage}
            label={stage.words}
            value={minutes[stage.stage] ?? ''}
            set={(typed) => setMinutes({ ...minutes, [stage.stage]: typed })}
            maxLength={5}
          />
        ))}
      </Box>
      <Pairs>
        <TextField
          label={takeinWords.minutesToldToTheCustomer()}
          value={estimate}
          set={setEstimate}
          maxLength={5}
        />
        <TextField
          label={takeinWords.whatThePartsCost()}
          value={partsCost}
          set={setPartsCost}
          maxLength={120}
        />
      </Pairs>
      <TextField
        label={takeinWords.lookingBackLater()}
        value={lookBack}
        set={setLookBack}
        maxLength={600}
        placeholder={takeinWords.twoWintersNoTrouble()}
      />
    </TypedForm>
  );
}

/** What the next one to do such work should know. */
function Notes({ notes, setNotes }: { notes: Note[]; setNotes: (notes: Note[]) => void }) {
  const change = (index: number, part: Partial<Note>) =>
    setNotes(notes.map((note, at) => (at === index ? { ...note, ...part } : note)));
  return (
    <>
      {notes.map((note, index) => (
        <Flex key={index} gap="10px" align="end">
          <Box w="190px" flexShrink={0}>
            <Choice
              label={takeinWords.about()}
              value={note.about}
              set={(about) => change(index, { about })}
              options={ABOUT}
            />
          </Box>
          <Box flex="1">
            <TextField
              label={takeinWords.whatTheNextPersonShouldKnow()}
              value={note.words}
              set={(words) => change(index, { words })}
              maxLength={300}
            />
          </Box>
        </Flex>
      ))}
      <PlainButton
        type="button"
        alignSelf="flex-start"
        onClick={() => setNotes([...notes, { about: 'HIDDEN_BOLT', words: '' }])}
      >
        {takeinWords.addANote()}
      </PlainButton>
    </>
  );
}
