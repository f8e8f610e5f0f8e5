import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import type { FeedPlanBrief, FeedProposal, FeedWish, ProbedWire } from '../api/client';
import { proposals } from '../api/queries';
import { useState, type ReactNode } from 'react';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { feedWords } from '../words/page/feed';
import { appWords } from '../words/page/app';

/** The plans that do what is wished, side by side with what each costs. */
export function Proposals({
  jobId,
  wishes,
  known,
  found: wires,
  all,
  takenIds,
  onTake,
  onAdd,
}: {
  jobId: string;
  wishes: FeedWish[];
  /** Answers that the vehicle gives by itself. */
  known: Record<string, string>;
  /** Wires that were probed, in this job or before. */
  found: ProbedWire[];
  /** Every plan that there is. */
  all: FeedPlanBrief[];
  /** The plans of the circuit, the first on top; none while none was taken. */
  takenIds: string[];
  onTake: (plan: FeedPlanBrief, answers: Record<string, string>) => void;
  /** Undefined where nothing can stand beside. */
  onAdd:
    ((plan: FeedPlanBrief, answers: Record<string, string>, shared: string[]) => void) | undefined;
}) {
  const [more, setMore] = useState(false);
  const found = useQuery({
    queryKey: ['proposals', jobId, wishes, known],
    queryFn: () => proposals(jobId, wishes, known),
    enabled: wishes.length > 0,
    placeholderData: (before) => before,
    retry: false,
  });
  const near = wishes.length === 0 ? [] : (found.data ?? []);
  const others = all.filter((plan) => near.every((one) => one.plan.id !== plan.id));
  return (
    <Box>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="4px">
        {wishes.length === 0 ? feedWords.allPlans() : feedWords.plansTheNearestFirst()}
      </Box>
      {wishes.length === 0 && (
        <Box color="quiet" pb="8px">
          {feedWords.enterWhatOneLampShouldDo()}
        </Box>
      )}
      {wishes.length > 0 && found.isPending && (
        <Box color="quiet">{feedWords.tryingEveryPlan()}</Box>
      )}
      <Refusal words={found.error?.message} />
      {near.map((one) => (
        <Card
          key={one.plan.id}
          proposal={one}
          needs={one.sources.map(({ id, words }) =>
            isFound(wires, id) ? feedWords.wireFound({ wire: words }) : words,
          )}
          take={{
            taken: takenIds.includes(one.plan.id),
            others: takenIds.length > 1,
            // what stands here still answers the wishes of before
            stale: found.isPlaceholderData,
            onTake: () => onTake(one.plan, one.answers),
            onAdd: onAdd && (() => onAdd(one.plan, one.answers, one.shared)),
          }}
        />
      ))}
      {others.length > 0 && found.isSuccess && wishes.length > 0 && (
        <BareButton px="0" aria-expanded={more} onClick={() => setMore(!more)}>
          {more
            ? feedWords.fewerPlans()
            : feedWords.lengthForOtherLamps({
                length: feedWords.countMorePlans({ count: others.length }),
              })}
        </BareButton>
      )}
      {(more || wishes.length === 0) &&
        others.map((plan) => (
          <PlanArticle
            key={plan.id}
            plan={plan}
            take={{
              taken: takenIds.includes(plan.id),
              others: takenIds.length > 1,
              stale: false,
              onTake: () => onTake(plan, {}),
              onAdd: onAdd && (() => onAdd(plan, {}, [])),
            }}
          />
        ))}
    </Box>
  );
}

const KIND_OF: Record<string, string> = {
  'side-lamp wire': 'LAMPS_ON',
  'accessory wire': 'ACCESSORY',
  'ignition wire': 'IGNITION',
  'engine wire': 'ENGINE',
};

/** Whether a wire of that kind was told apart by probing. */
export function isFound(wires: ProbedWire[], source: string): boolean {
  const kind = KIND_OF[source];
  return wires.some((wire) => wire.answer === 'IS' && wire.kinds[0] === kind);
}

interface Take {
  taken: boolean;
  /** Whether other plans stand in the circuit, which a new beginning would throw out. */
  others: boolean;
  stale: boolean;
  onTake: () => void;
  onAdd: (() => void) | undefined;
}

/** Taken alone, or beside the plans that stand there already. */
function TakeButtons({ plan, take }: { plan: FeedPlanBrief; take: Take }) {
  if (take.taken && take.others) {
    return <Box color="quiet">{feedWords.inTheCircuit()}</Box>;
  }
  const words = take.taken
    ? feedWords.applyAgain()
    : take.onAdd
      ? feedWords.useInstead()
      : feedWords.useThisPlan();
  return (
    <Flex direction="column" gap="6px" align="stretch">
      {take.onAdd && !take.taken && (
        <PlainButton
          onClick={take.onAdd}
          disabled={take.stale}
          aria-label={feedWords.addBesideTitle({ title: plan.title })}
        >
          {feedWords.addBeside()}
        </PlainButton>
      )}
      <PlainButton
        onClick={take.onTake}
        disabled={take.stale}
        aria-label={`${words}: ${plan.title}`}
      >
        {words}
      </PlainButton>
    </Flex>
  );
}

/** A plan, what it does, and how it is taken. */
function PlanArticle({
  plan,
  take,
  shape,
  children,
}: {
  plan: FeedPlanBrief;
  take: Take;
  shape?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="10px" as="article" aria-label={plan.title}>
      <Flex gap="12px" align="flex-start">
        <Box flex="1" minW="0">
          <Flex gap="8px" align="center">
            {shape}
            <Box fontFamily="heading" fontWeight="600" fontSize="17px">
              {plan.title}
            </Box>
          </Flex>
          <Box color="quiet" fontSize="14px" pt="2px">
            {plan.does}
          </Box>
          {children}
        </Box>
        <TakeButtons plan={plan} take={take} />
      </Flex>
    </Box>
  );
}

function Card({ proposal, needs, take }: { proposal: FeedProposal; needs: string[]; take: Take }) {
  const { plan, misses } = proposal;
  return (
    <PlanArticle
      plan={plan}
      take={take}
      shape={
        <VerdictShape
          verdict={misses.length > 0 ? 'OUT' : proposal.out > 0 ? 'AT_EDGE' : 'WITHIN'}
          size={18}
        />
      }
    >
      <Box fontSize="14px" pt="4px">
        {[
          misses.length === 0
            ? feedWords.doesEverythingWanted()
            : feedWords.lengthNotMet({ length: appWords.countWishes({ count: misses.length }) }),
          appWords.countParts({ count: proposal.addedParts }),
          plan.factoryCuts === 0
            ? feedWords.noCutIntoTheLoom()
            : feedWords.countFactoryCuts({ count: plan.factoryCuts }),
          proposal.out > 0 &&
            feedWords.outOut({ out: appWords.countFindings({ count: proposal.out }) }),
          needs.length > 0 && feedWords.needsThe({ value: needs.join(', ') }),
        ]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      {proposal.answered.map((words) => (
        <Box key={words} fontSize="14px" color="quiet">
          {words}
        </Box>
      ))}
      {misses.slice(0, 3).map((miss) => (
        <Box key={miss} fontSize="14px" color="out">
          {miss}
        </Box>
      ))}
      {misses.length === 0 &&
        proposal.gravest.slice(0, 2).map((finding) => (
          <Box key={finding.id} fontSize="14px" color="quiet">
            <SentenceText sentence={finding.headline} />
          </Box>
        ))}
    </PlanArticle>
  );
}
