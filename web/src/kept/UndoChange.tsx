import { Box, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap, type Job, type LastChange } from '../api/client';
import { lookingBackTo } from '../browser/moment';
import { ActButton, PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Key } from '../ui/Key';
import { Refusal } from '../ui/Refusal';
import { Sheet } from '../ui/Sheet';
import { clockTime } from '../words/dates';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import type { KeptStage } from './documents';
import { TwoVersions } from './TwoVersions';

/** What can be undone: the changes of a document as it is kept. */
export interface Undoable<T> {
  kept: { waits: boolean; change: (content: T, madeOn?: number) => void };
  /** Whether something was changed that nobody saved. */
  isChanged?: boolean;
}

/** Undoes the last change of a document, once it was seen what changes back. */
export function UndoChange<T>({
  stage,
  job,
  kept,
  isChanged,
}: { stage: KeptStage; job: Job } & Undoable<T>) {
  const canChange = !job.closedAt && !lookingBackTo();
  return canChange && <Undo stage={stage} jobId={job.id} kept={kept} isChanged={isChanged} />;
}

function Undo<T>({
  stage,
  jobId,
  kept,
  isChanged,
}: { stage: KeptStage; jobId: string } & Undoable<T>) {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  useCommand('z', keptWords.undoTheLastChange(), () => setOpen(true));
  return (
    <>
      <PlainButton onClick={() => setOpen(true)}>
        {appWords.undo()}
        <Key name="z" />
      </PlainButton>
      <Sheet title={keptWords.undoTheLastChange()} open={open} close={close}>
        {kept.waits || isChanged ? (
          <Box fontSize="18px">{keptWords.notSavedYet()}</Box>
        ) : (
          <Offer
            stage={stage}
            jobId={jobId}
            onUndo={({ before, version }) => {
              kept.change(before as T, version);
              close();
            }}
          />
        )}
      </Sheet>
    </>
  );
}

function Offer({
  stage,
  jobId,
  onUndo,
}: {
  stage: KeptStage;
  jobId: string;
  onUndo: (last: LastChange) => void;
}) {
  const { data, error } = useQuery({
    queryKey: ['last-change', jobId, stage],
    queryFn: () =>
      unwrap(
        api.GET('/api/jobs/{id}/last-change/{document}', {
          params: { path: { id: jobId, document: stage } },
        }),
      ),
    // what it said of an earlier change would be undone
    gcTime: 0,
    retry: false,
  });
  if (!data) {
    return <Refusal words={error?.message} />;
  }
  return (
    <>
      <Box fontSize="18px" pb="10px">
        {keptWords.changedByAt({ by: data.by, when: clockTime(data.at) })}
      </Box>
      <TwoVersions
        heads={[keptWords.asItWas(), keptWords.asItIs()]}
        differences={data.differences}
      />
      <Flex justify="flex-end" pt="16px">
        <ActButton onClick={() => onUndo(data)}>{appWords.undo()}</ActButton>
      </Flex>
    </>
  );
}
