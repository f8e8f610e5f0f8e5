import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { ChosenPlan, FeedSheet, PlanQuestion } from '../app/api/client';
import { ActButton } from '../app/buttons';
import { Refusal } from '../app/Refusal';
import { Choice, Pairs, TextField } from '../settings/fields';
import { FormFoot } from '../settings/FormFoot';

/** What the plan asks, with what was answered. */
export function QuestionForm({
  sheet,
  plan,
  problem,
  onDone,
}: {
  sheet: FeedSheet;
  plan: ChosenPlan;
  problem: string | undefined;
  onDone: (answers: Record<string, string>) => void;
}) {
  const [answers, setAnswers] = useState<Record<string, string>>(plan.answers);
  const answer = (question: PlanQuestion) => answers[question.id] ?? question.answer;
  const set = (question: PlanQuestion) => (value: string) =>
    setAnswers((before) => ({ ...before, [question.id]: value }));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone(answers);
      }}
    >
      <Pairs>
        {sheet.questions.map((question) => (
          <Box key={question.id} alignSelf="start">
            {question.kind === 'NUMBER' ? (
              <TextField
                label={`${question.asks} (${question.unit})`}
                value={answer(question)}
                set={set(question)}
                maxLength={12}
              />
            ) : (
              <Choice
                label={question.asks}
                value={answer(question)}
                set={set(question)}
                options={question.options.map((option) => [option.value, option.says] as const)}
              />
            )}
            <Box color="quiet" fontSize="13.5px" pt="2px">
              {question.hint}
            </Box>
          </Box>
        ))}
      </Pairs>
      <FormFoot>
        <ActButton type="submit">Keep the answers</ActButton>
        <Refusal words={problem} />
      </FormFoot>
    </form>
  );
}
