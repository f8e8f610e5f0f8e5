import { Box } from '@chakra-ui/react';
import type { ChosenPlan, FeedEdit, FeedPage, FeedPlanBrief, FeedSheet } from '../api/client';
import { feedWords } from '../words/page/feed';
import { Proposals } from './Proposals';
import { TakenPlans, type TakenPlan } from './TakenPlans';
import type { LowStays } from './WishGrid';
import { hasRoom, withoutPlan, withPlan } from './jointPlan';

/** Plans that do what is wanted, beside those that were taken. */
export function PlanChoice({
  page,
  plan,
  titles,
  wishes,
  lowStays,
  onTaken,
  onTakenOut,
}: {
  page: FeedPage;
  plan: ChosenPlan | undefined;
  /** The plans that were taken. */
  titles: TakenPlan[];
  wishes: FeedEdit['wishes'];
  lowStays: LowStays;
  /** A plan was taken, or added to those that were. */
  onTaken: (part: Partial<FeedEdit>) => void;
  onTakenOut: (left: ChosenPlan) => void;
}) {
  const { sheet } = page;
  const take = (taken: FeedPlanBrief, answers: Record<string, string>) =>
    onTaken({ wishes, plan: { id: taken.id, version: taken.version, answers, changes: {} } });
  const add =
    (first: ChosenPlan) =>
    (added: FeedPlanBrief, answers: Record<string, string>, shared: string[]) =>
      onTaken({ wishes, plan: withPlan(first, { ...added, answers }, new Set(shared)) });
  return (
    <Box
      h="100%"
      overflowY="auto"
      px="18px"
      py="12px"
      bg="panel"
      tabIndex={0}
      role="region"
      aria-label={feedWords.plans()}
    >
      {sheet && plan && titles.length > 1 && (
        <TakenPlans
          titles={titles}
          onTakeOut={(tag) => onTakenOut(withoutPlan(plan, tag, partOf(sheet)))}
        />
      )}
      <Proposals
        jobId={page.job.id}
        wishes={wishes}
        known={lowStays ? { lowStays } : {}}
        found={[...page.sources, ...page.known]}
        all={page.plans}
        takenIds={plan ? [plan.id, ...(plan.beside ?? []).map((one) => one.id)] : []}
        onTake={take}
        onAdd={plan && hasRoom(plan) ? add(plan) : undefined}
      />
    </Box>
  );
}

function partOf(sheet: FeedSheet): (part: string) => string {
  return (part) => sheet.parts.find((one) => one.id === part)?.tag ?? '';
}
