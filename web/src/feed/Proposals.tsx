import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import type { FeedProposal, FeedWish, ProbedWire } from '../app/api/client';
import { proposals } from '../app/api/queries';
import { PlainButton } from '../app/buttons';
import { counted } from '../app/counted';
import { Refusal } from '../app/Refusal';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';

/** The plans that do what is wished, side by side with what each costs. */
export function Proposals({
  jobId,
  wishes,
  known,
  found: wires,
  takenId,
  onTake,
}: {
  jobId: string;
  wishes: FeedWish[];
  /** Answers that the vehicle gives by itself. */
  known: Record<string, string>;
  /** Wires that were probed, in this job or before. */
  found: ProbedWire[];
  takenId: string | undefined;
  onTake: (proposal: FeedProposal) => void;
}) {
  const found = useQuery({
    queryKey: ['proposals', jobId, wishes, known],
    queryFn: () => proposals(jobId, wishes, known),
    enabled: wishes.length > 0,
    placeholderData: (before) => before,
    retry: false,
  });
  if (wishes.length === 0) {
    return <Box color="quiet">Plans stand here as soon as one lamp is wished for.</Box>;
  }
  return (
    <Box>
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="4px">
        Plans, the nearest first
      </Box>
      <Refusal words={found.error?.message} />
      {found.data?.slice(0, 6).map((one) => (
        <Card
          key={one.plan.id}
          proposal={one}
          needs={one.sources.map(
            (source) => `${source}${isFound(wires, source) ? ' (found)' : ''}`,
          )}
          taken={one.plan.id === takenId}
          // what stands here still answers the wishes of before
          stale={found.isPlaceholderData}
          onTake={() => onTake(one)}
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

function Card({
  proposal,
  needs,
  taken,
  stale,
  onTake,
}: {
  proposal: FeedProposal;
  needs: string[];
  taken: boolean;
  stale: boolean;
  onTake: () => void;
}) {
  const { plan, misses } = proposal;
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="10px" as="article" aria-label={plan.title}>
      <Flex gap="12px" align="flex-start">
        <Box flex="1" minW="0">
          <Flex gap="8px" align="center">
            <VerdictShape
              verdict={misses.length > 0 ? 'OUT' : proposal.out > 0 ? 'AT_EDGE' : 'WITHIN'}
              size={18}
            />
            <Box fontFamily="heading" fontWeight="600" fontSize="17px">
              {plan.title}
            </Box>
          </Flex>
          <Box color="quiet" fontSize="14px" pt="2px">
            {plan.does}
          </Box>
          <Box fontSize="14px" pt="4px">
            {[
              misses.length === 0
                ? 'Does all that is wished'
                : `${counted(misses.length, 'wish', 'wishes')} not met`,
              counted(proposal.addedParts, 'part'),
              plan.factoryCuts === 0
                ? 'no cut into the loom'
                : counted(plan.factoryCuts, 'cut into the loom', 'cuts into the loom'),
              proposal.out > 0 && `${counted(proposal.out, 'finding')} out`,
              needs.length > 0 && `needs the ${needs.join(', ')}`,
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
        </Box>
        <PlainButton onClick={onTake} disabled={stale} aria-label={`Take this plan: ${plan.title}`}>
          {taken ? 'Take it anew' : 'Take this plan'}
        </PlainButton>
      </Flex>
    </Box>
  );
}
