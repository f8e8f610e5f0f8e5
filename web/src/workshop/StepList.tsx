import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { StageWork, StepLine } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { Sheet } from '../ui/Sheet';
import { paint } from '../ui/theme';
import { Refusal } from '../ui/Refusal';
import { TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { CureForm } from './CureForm';
import type { Write } from './useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

const key = (step: StepLine) => step.id + (step.side ?? '');

/** The steps that are neither done nor left out. */
export function openSteps(work: StageWork): StepLine[] {
  return work.steps.filter((step) => step.state === 'READY' || step.state === 'WAITS');
}

/** The next step that can be done. */
export function nextStep(work: StageWork): StepLine | undefined {
  return work.steps.find((step) => step.state === 'READY');
}

/** Marks a step done; one that waits asks for a reason first. */
export function useStepMark(write: Write) {
  const [asked, setAsked] = useState<StepLine>();
  const [curing, setCuring] = useState<StepLine>();
  const [problem, setProblem] = useState<string>();
  const mark = async (step: StepLine, skipped = false, reason = '') => {
    try {
      await write(
        { step: { step: step.id, side: step.side, skipped, reason } },
        skipped
          ? workshopWords.leftOutStep({ step: step.words })
          : workshopWords.doneStep({ step: step.words }),
      );
      setAsked(undefined);
      setProblem(undefined);
      setCuring(step.cures && !skipped ? step : undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
      setAsked(step);
    }
  };
  const press = (step: StepLine) => {
    if (step.state === 'READY' && !step.unread) {
      void mark(step);
    } else {
      setProblem(undefined);
      setAsked(step);
    }
  };
  return {
    asked,
    problem,
    mark,
    press,
    close: () => setAsked(undefined),
    curing,
    cureTimed: () => setCuring(undefined),
  };
}

/** What is to be said of a step where it stands. */
function said(step: StepLine): string[] {
  switch (step.state) {
    case 'DONE':
      return [`${step.by}${step.reason && `: ${step.reason}`}`];
    case 'SKIPPED':
      return [workshopWords.leftOutByReason({ by: step.by, reason: step.reason })];
    default:
      return [
        step.state === 'WAITS' ? appWords.waits({ value: step.waitsFor.join('; ') }) : '',
        step.state === 'READY' && step.gate ? workshopWords.cantBeUndone() : '',
        step.state === 'READY' && step.unread ? workshopWords.needsAReadingNotReadYet() : '',
        step.cures ? workshopWords.leavesACureToBeTimed() : '',
        step.people > 1 ? workshopWords.takesTwo() : '',
      ].filter(Boolean);
  }
}

/** The order of work at a stage; each step's shape tells where it stands. */
export function StepList({ work, press }: { work: StageWork; press: (step: StepLine) => void }) {
  const now = nextStep(work);
  const here = useRef<HTMLLIElement>(null);
  const nowKey = now && key(now);
  useEffect(() => bringNear(here.current), [nowKey]);
  return (
    <Box as="ol" listStyleType="none" aria-label={appWords.steps()}>
      {work.steps.map((step) => (
        <li key={key(step)} ref={step === now ? here : undefined}>
          <Flex
            as="button"
            gap="10px"
            w="100%"
            minH="48px"
            py="4px"
            textAlign="left"
            align="flex-start"
            cursor="pointer"
            onClick={() => press(step)}
          >
            <Box pt="1px" flex="none">
              <StepShape step={step} now={step === now} />
            </Box>
            <Box minW="0">
              <Box
                fontFamily="heading"
                fontWeight="600"
                lineHeight="1.25"
                color={step === now ? 'lamp' : step.state === 'READY' ? 'ink' : 'quiet'}
                lineClamp={step.state === 'DONE' ? 1 : undefined}
                data-shortened
                title={step.words}
              >
                {step.words}
              </Box>
              <Box color="quiet" fontSize="13.5px" lineHeight="1.3">
                {said(step).join(' · ')}
              </Box>
            </Box>
          </Flex>
        </li>
      ))}
    </Box>
  );
}

/**
 * Scrolls the column, and nothing else, just so far that the whole step is in sight and no step is
 * cut at the column's upper edge.
 */
function bringNear(step: HTMLElement | null) {
  const column = step?.closest('[role=region]');
  if (step && column) {
    const at = step.getBoundingClientRect();
    const seen = column.getBoundingClientRect();
    const past = Math.max(0, at.bottom - seen.bottom);
    const above = (one: Element) => one.getBoundingClientRect().top - seen.top - past;
    const first = [...(step.parentElement?.children ?? [])].map(above).find((top) => top >= 0);
    column.scrollTop += past > 0 ? past + (first ?? 0) : Math.min(0, at.top - seen.top);
  }
}

const LABEL = {
  DONE: appWords.doneSmall(),
  SKIPPED: appWords.leftOut(),
  WAITS: workshopWords.waits(),
  READY: workshopWords.canBeDone(),
} as const;

/** A box to tick; a barred one for what cannot be undone, the sun for what is next. */
function StepShape({ step, now }: { step: StepLine; now: boolean }) {
  const label = now ? workshopWords.next() : LABEL[step.state];
  if (now) {
    return (
      <svg width="20" height="20" viewBox="0 0 24 24" role="img" aria-label={label}>
        <path d="M3 16a9 9 0 0 1 18 0z" fill={paint('lampFill')} />
        <path d="M1 17.5h22" stroke={paint('ink')} strokeWidth="2" />
      </svg>
    );
  }
  return (
    <svg width="20" height="20" viewBox="0 0 24 24" role="img" aria-label={label}>
      <rect
        x="4"
        y="4"
        width="16"
        height="16"
        fill="none"
        stroke={paint(step.state === 'READY' ? 'ink' : 'rule')}
        strokeWidth="2"
        strokeDasharray={step.state === 'WAITS' ? '3 3' : undefined}
      />
      {step.gate && <path d="M1 8v8M23 8v8" stroke={paint('rule')} strokeWidth="2" />}
      {step.state === 'DONE' && (
        <path d="M7 12l4 4 7-9" fill="none" stroke={paint('ink')} strokeWidth="2.4" />
      )}
      {step.state === 'SKIPPED' && <path d="M8 12h8" stroke={paint('ink')} strokeWidth="2.4" />}
    </svg>
  );
}

/** What was glued cures from now on: its timer holds the steps that would disturb it. */
export function CureDialog({
  curing,
  cureTimed,
  write,
}: Pick<ReturnType<typeof useStepMark>, 'curing' | 'cureTimed'> & { write: Write }) {
  return (
    <Sheet
      title={workshopWords.timeTheCure()}
      open={curing !== undefined}
      close={cureTimed}
      size="xl"
    >
      {curing && (
        <Box fontSize="17px">
          {curing.words}
          <CureForm
            key={key(curing)}
            write={write}
            usual={curing.cures}
            usualSide={curing.side}
            onStarted={cureTimed}
          />
        </Box>
      )}
    </Sheet>
  );
}

/** The steps that a stage still has, left out under one reason. */
export function LeaveOutDialog({
  work,
  write,
  open,
  close,
}: {
  work: StageWork;
  write: Write;
  open: boolean;
  close: () => void;
}) {
  const [reason, setReason] = useState('');
  const left = openSteps(work);
  return (
    <Sheet
      title={workshopWords.wordsLeaveOutTheRest({ words: work.words })}
      open={open}
      close={close}
    >
      <TypedForm
        words={workshopWords.leaveOutLength({
          length: appWords.countSteps({ count: left.length }),
        })}
        onSend={async () => {
          for (const step of left) {
            await write(
              { step: { step: step.id, side: step.side, skipped: true, reason } },
              workshopWords.leftOutWords({ words: step.words }),
            );
          }
          setReason('');
          close();
        }}
      >
        <TextField
          label={workshopWords.whyTheyAreLeftOut()}
          value={reason}
          set={setReason}
          maxLength={300}
        />
        <Box color="quiet">{workshopWords.itIsSavedWithYourName()}</Box>
        <Box as="ul" listStyleType="none" fontSize="17px">
          {left.map((step) => (
            <Box as="li" key={key(step)} py="8px" borderTopWidth="1px" borderColor="hairline">
              {step.words}
            </Box>
          ))}
        </Box>
      </TypedForm>
    </Sheet>
  );
}

/** What a step waits for, and the reason for going on all the same, or for leaving it out. */
export function StepDialog({
  asked,
  problem,
  mark,
  close,
}: Pick<ReturnType<typeof useStepMark>, 'asked' | 'problem' | 'mark' | 'close'>) {
  return (
    <Sheet title={asked?.words ?? ''} open={asked !== undefined} close={close}>
      {asked && <Reason key={key(asked)} step={asked} problem={problem} mark={mark} />}
    </Sheet>
  );
}

function Reason({
  step,
  problem,
  mark,
}: {
  step: StepLine;
  problem: string | undefined;
  mark: ReturnType<typeof useStepMark>['mark'];
}) {
  const [reason, setReason] = useState('');
  return (
    <Box fontSize="17px">
      {step.gate && (
        <Box fontWeight="600" pb="8px">
          {workshopWords.thisCantBeUndone()}
        </Box>
      )}
      {step.waitsFor.map((what) => (
        <Box key={what} py="6px" borderTopWidth="1px" borderColor="hairline">
          {workshopWords.waitingForWhat({ what })}
        </Box>
      ))}
      {step.unread && step.state !== 'DONE' && (
        <Box py="6px" borderTopWidth="1px" borderColor="hairline">
          {step.unread}
        </Box>
      )}
      {step.comesOff && (
        <Box color="quiet" pt="6px">
          {workshopWords.doingThisLaterMeansRemovingComesOff({ comesOff: step.comesOff })}
        </Box>
      )}
      {step.state === 'DONE' ? (
        <Box color="quiet" pt="6px">
          {workshopWords.doneByByToTakeIt({ by: step.by })}
        </Box>
      ) : (
        <Box pt="12px">
          <TextField
            label={
              step.waitsFor.length > 0
                ? workshopWords.reasonForGoingOnAnywayOr()
                : workshopWords.reasonForLeavingItOut()
            }
            value={reason}
            set={setReason}
            maxLength={300}
          />
          <Box color="quiet" fontSize="15px" pt="4px">
            {workshopWords.itIsSavedWithYourName()}
          </Box>
          <Refusal words={problem} pt="8px" />
          <Flex gap="10px" pt="16px" justify="flex-end" wrap="wrap">
            <PlainButton onClick={() => void mark(step, true, reason)}>
              {appWords.leaveItOut()}
            </PlainButton>
            {!step.unread && (
              <ActButton onClick={() => void mark(step, false, reason)}>
                {step.waitsFor.length > 0 ? workshopWords.doneAnyway() : appWords.done()}
              </ActButton>
            )}
          </Flex>
        </Box>
      )}
    </Box>
  );
}
