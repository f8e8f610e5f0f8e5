import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { ChosenPlan, FeedSheet } from '../api/client';
import { feedPlanFile, putFeedPlan } from '../api/queries';
import { FileButton } from '../ui/FileButton';
import { PlainButton } from '../ui/buttons';
import { TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

const LONGEST_ID = 41;

/** A short name that a plan's file can bear. */
export function planId(title: string): string {
  return title
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, LONGEST_ID);
}

/** The plan as the shop's own: its answers become the usual ones, or a file is taken in. */
export function OwnPlan({ sheet, plan }: { sheet: FeedSheet; plan: ChosenPlan }) {
  const [title, setTitle] = useState('');
  const [said, setSaid] = useState<{ text: string; bad: boolean }>();
  const keep = async (read: () => Promise<string>) => {
    const name = title.trim();
    const id = planId(name);
    if (id.length < 2) {
      setSaid({ text: feedWords.giveItANameFirst(), bad: true });
      return;
    }
    try {
      const own = id === sheet.plan.id ? sheet.plan.version : 0;
      await putFeedPlan(id, { version: own, title: name, file: await read() });
      setSaid({ text: feedWords.savedAsNameItIsAmong({ name }), bad: false });
    } catch (refused) {
      setSaid({ text: (refused as Error).message, bad: true });
    }
  };
  const withTheseAnswers = async () => {
    const file = await feedPlanFile(plan.id);
    for (const question of file.questions ?? []) {
      question.usual = plan.answers[question.id] ?? question.usual;
    }
    return JSON.stringify(file);
  };
  return (
    <Box pt="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="4px">
        {feedWords.asOurOwnPlan()}
      </Box>
      <Flex gap="10px" align="flex-end" wrap="wrap">
        <Box flex="1" minW="220px">
          <TextField label={feedWords.whatIsItCalled()} value={title} set={setTitle} />
        </Box>
        <PlainButton onClick={() => void keep(withTheseAnswers)}>
          {feedWords.saveWithTheseAnswers()}
        </PlainButton>
        <FileButton
          words={appWords.importAFile()}
          accept=".json,application/json"
          onPick={(files) => {
            const file = files?.[0];
            if (file) {
              void keep(() => file.text());
            }
          }}
        />
        <PlainButton asChild>
          <a href={`/api/feed-plans/${plan.id}/file`} download>
            {feedWords.thisPlansFile()}
          </a>
        </PlainButton>
      </Flex>
      {said && (
        <Box role={said.bad ? 'alert' : 'status'} color={said.bad ? 'out' : 'within'} pt="4px">
          {said.text}
        </Box>
      )}
    </Box>
  );
}
