import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { ChosenPlan, FeedSheet, KnownSlot, PlanQuestion } from '../api/client';
import { ActButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { Choice, Pairs, TextField } from '../settings/fields';
import { FormFoot } from '../settings/FormFoot';
import { withPair } from './jointPlan';
import { feedWords } from '../words/page/feed';

/** What the plans ask, with what was answered: those of the first and of the vehicle on top. */
export function QuestionForm({
  sheet,
  plan,
  slots,
  problem,
  onDone,
}: {
  sheet: FeedSheet;
  plan: ChosenPlan;
  /** Donor slots of earlier jobs on such vehicles. */
  slots: KnownSlot[];
  problem: string | undefined;
  onDone: (plan: ChosenPlan) => void;
}) {
  const [edited, setEdited] = useState(plan);
  const answer = (question: PlanQuestion) => edited.answers[question.id] ?? question.answer;
  const set = (question: PlanQuestion) => (value: string) =>
    setEdited((before) => ({ ...before, answers: { ...before.answers, [question.id]: value } }));
  const asked = (tag: string) => sheet.questions.filter((question) => question.tag === tag);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone(edited);
      }}
    >
      <Questions questions={asked('')} answer={answer} set={set} slots={slots} />
      {sheet.beside.map((one) => (
        <Box key={one.tag} as="section" aria-label={one.plan.title}>
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="19px"
            borderTopWidth="1px"
            borderColor="rule"
            mt="18px"
            pt="10px"
            pb="8px"
          >
            {one.plan.title}
          </Box>
          {one.alike.length > 0 && (
            <Box pb="14px">
              <TextField
                label={feedWords.whatAreItsLampsCalled()}
                value={edited.beside?.find((other) => other.tag === one.tag)?.pair ?? ''}
                set={(pair) => setEdited((before) => withPair(before, one.tag, pair))}
                maxLength={30}
              />
              <Hint>{feedWords.anotherPlanHasSuchLampsToo()}</Hint>
            </Box>
          )}
          <Questions questions={asked(one.tag)} answer={answer} set={set} slots={slots} />
        </Box>
      ))}
      <FormFoot>
        <ActButton type="submit">{feedWords.saveTheAnswers()}</ActButton>
        <Refusal words={problem} />
      </FormFoot>
    </form>
  );
}

function Hint({ children }: { children: string }) {
  return (
    <Box color="quiet" fontSize="13.5px" pt="2px">
      {children}
    </Box>
  );
}

function Questions({
  questions,
  answer,
  set,
  slots,
}: {
  questions: PlanQuestion[];
  answer: (question: PlanQuestion) => string;
  set: (question: PlanQuestion) => (value: string) => void;
  slots: KnownSlot[];
}) {
  return (
    <Pairs>
      {questions.map((question) => (
        <Box key={question.id} alignSelf="start">
          {question.kind === 'NUMBER' || question.kind === 'TEXT' ? (
            <TextField
              label={question.unit ? `${question.asks} (${question.unit})` : question.asks}
              value={answer(question)}
              set={set(question)}
              maxLength={question.kind === 'TEXT' ? 60 : 12}
            />
          ) : (
            <Choice
              label={question.asks}
              value={answer(question)}
              set={set(question)}
              options={question.options.map((option) => [option.value, option.says] as const)}
            />
          )}
          <Hint>{question.hint}</Hint>
          {question.kind === 'TEXT' &&
            slots.map((slot) => <Known key={spokenSlot(slot)} slot={slot} />)}
        </Box>
      ))}
    </Pairs>
  );
}

/** A slot that was found before: a clue, as the map of the fuse box changes with the year. */
export function spokenSlot(slot: KnownSlot): string {
  const year = slot.year === undefined ? feedWords.anEarlierJob() : String(slot.year);
  const check = slot.sameYear ? '' : feedWords.checkTheModelYearDiffers();
  return feedWords.yearHadSlotFeedsCheck({ year, slot: slot.slot, feeds: slot.feeds, check });
}

function Known({ slot }: { slot: KnownSlot }) {
  return (
    <Box color={slot.sameYear ? 'ink' : 'edge'} fontSize="13.5px" pt="2px">
      {spokenSlot(slot)}.
    </Box>
  );
}
