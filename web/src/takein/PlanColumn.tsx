import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Plan, PlannedStage } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { figureText, useUnits } from '../ui/session';
import { Sheet } from '../ui/Sheet';
import { STAGE_PAGES } from '../ui/stages';
import { TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

const SHORTEST_REASON = 3;

/** The stages in order of work, each with what is expected of it; a press shows its steps. */
export function PlanColumn({
  plan,
  jobId,
  onLeaveOut,
}: {
  plan: Plan;
  jobId: string;
  /** Takes a stage out of the plan, or in again where no reason is given. */
  onLeaveOut: (stage: PlannedStage['stage'], reason: string | undefined) => void;
}) {
  const units = useUnits();
  const [shown, setShown] = useState<PlannedStage>();
  if (plan.stages.length === 0) {
    return <Box color="quiet">{takeinWords.thePlanFollowsFromWhatIs()}</Box>;
  }
  return (
    <>
      <Box as="ol" listStyleType="none" aria-label={takeinWords.plan()}>
        {plan.stages.map((stage) => (
          <li key={stage.stage}>
            <Flex
              as="button"
              w="100%"
              minH="48px"
              py="4px"
              columnGap="8px"
              align="baseline"
              justify="space-between"
              textAlign="left"
              cursor="pointer"
              borderTopWidth="1px"
              borderColor="hairline"
              onClick={() => setShown(stage)}
            >
              <Box fontFamily="heading" fontWeight="600" fontSize="17px">
                {stage.words}
                {stage.waitsFor.length > 0 && (
                  <Box color="out" fontSize="14px" lineHeight="1.2">
                    {appWords.waits({ value: stage.waitsFor.join('; ') })}
                  </Box>
                )}
              </Box>
              <Box color="quiet" fontSize="15px" textAlign="right">
                {stage.expected
                  ? figureText(stage.expected.minutes, units)
                  : appWords.countSteps({ count: stage.steps.length })}
              </Box>
            </Flex>
          </li>
        ))}
      </Box>
      {plan.leftOut.map((one) => (
        <Box key={one.stage} borderTopWidth="1px" borderColor="hairline" py="6px">
          <Box color="quiet" fontFamily="heading" fontWeight="600" fontSize="17px">
            {one.words}
          </Box>
          <Box color="quiet" fontSize="14px" lineHeight="1.3">
            {takeinWords.leftOutReason({ reason: one.reason })}
          </Box>
          <BareButton
            px="0"
            aria-label={takeinWords.takeInAgainWords({ words: one.words })}
            onClick={() => onLeaveOut(one.stage, undefined)}
          >
            {takeinWords.takeInAgain()}
          </BareButton>
        </Box>
      ))}
      <Box color="quiet" fontSize="14px" borderTopWidth="1px" borderColor="hairline" pt="6px">
        {plan.stagesWithoutMinutes === plan.stages.length
          ? takeinWords.noMinutesYetNoJobOf()
          : takeinWords.knownMinutesKnown({
              knownMinutes: figureText(plan.knownMinutes, units),
              value:
                plan.stagesWithoutMinutes === 0
                  ? takeinWords.everyStageWasTimedBefore()
                  : takeinWords.stagesWithoutMinutesNotTimedYetInOwn({
                      stagesWithoutMinutes: appWords.countStages({
                        count: plan.stagesWithoutMinutes,
                      }),
                    }),
            })}
      </Box>
      <Sheet
        title={shown?.words ?? ''}
        open={shown !== undefined}
        close={() => setShown(undefined)}
      >
        {shown && <StageSteps stage={shown} jobId={jobId} />}
        {shown?.canBeLeftOut && (
          <LeaveOut
            key={shown.stage}
            onLeaveOut={(reason) => {
              onLeaveOut(shown.stage, reason);
              setShown(undefined);
            }}
          />
        )}
      </Sheet>
    </>
  );
}

function LeaveOut({ onLeaveOut }: { onLeaveOut: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string>();
  return (
    <Box as="section" aria-label={takeinWords.leaveThisStageOut()} pt="14px">
      <Flex gap="10px" align="end">
        <Box flex="1">
          <TextField
            label={takeinWords.whyThisStageIsLeftOut()}
            value={reason}
            set={setReason}
            maxLength={300}
          />
        </Box>
        <PlainButton
          onClick={() =>
            reason.trim().length < SHORTEST_REASON
              ? setProblem(takeinWords.enterWhyItIsLeftOut())
              : onLeaveOut(reason.trim())
          }
        >
          {appWords.leaveItOut()}
        </PlainButton>
      </Flex>
      <Refusal words={problem} pt="6px" />
    </Box>
  );
}

function StageSteps({ stage, jobId }: { stage: PlannedStage; jobId: string }) {
  const units = useUnits();
  const path = STAGE_PAGES[stage.stage]?.path;
  return (
    <>
      {stage.expected && (
        <Box pb="8px" fontSize="17px">
          {takeinWords.expectedMinutes({ minutes: figureText(stage.expected.minutes, units) })}{' '}
          <Box as="span" color="quiet">
            {stage.expected.source.reference} · {stage.expected.source.words}
          </Box>
        </Box>
      )}
      <Box as="ol" listStyleType="none">
        {stage.steps.map((step) => (
          <Box
            as="li"
            key={step.id}
            py="9px"
            borderTopWidth="1px"
            borderColor="hairline"
            fontSize="17px"
          >
            {step.words}
            {step.gate && (
              <Box color="edge" fontWeight="600" fontSize="15px">
                {takeinWords.cantBeUndoneProveWhatComes()}
              </Box>
            )}
            {step.atHand.length > 0 && (
              <Box color="quiet" fontSize="15px">
                {appWords.atHand({ value: step.atHand.join(', ') })}
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {path !== undefined && (
        <BareButton asChild mt="8px">
          <Link to={`/jobs/${jobId}${path}`}>{takeinWords.goToWords({ words: stage.words })}</Link>
        </BareButton>
      )}
    </>
  );
}
