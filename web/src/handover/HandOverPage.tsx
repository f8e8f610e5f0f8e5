import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { HandOverEdit, HandOverPage as Page } from '../api/client';
import { takeFresh } from '../api/queries';
import { ActButton, PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { Refusal } from '../ui/Refusal';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { useToYard } from '../frame/useToYard';
import { useAttempt } from '../entry/useAttempt';
import { WorkingDialog, type Worked } from '../finding/Working';
import { ConflictSheet } from '../kept/ConflictSheet';
import { writeEntry } from '../kept/entries';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { appWords } from '../words/page/app';
import { handoverWords } from '../words/page/handover';
import { fileAddress } from '../words/fileAddress';
import { AmendDialog, CloseDialog } from './Dialogs';
import { OwnersPage } from './OwnersPage';
import { OwnersWords } from './OwnersWords';
import { amendJob, closeJob, comeBack, useHandOverPage } from './queries';
import { AfterIt } from './AfterIt';

/** The end of a job: what goes with it on paper, what stands above the horizon, what comes after. */
export function HandOverPage() {
  return (
    <JobStage usePage={useHandOverPage}>
      {(page, offline) => <HandOver page={page} offline={offline} />}
    </JobStage>
  );
}

function HandOver({ page, offline }: { page: Page; offline: boolean }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const jobId = page.job.id;
  const fresh = (next: Page) => takeFresh(client, ['hand-over', jobId], next);
  const kept = useKept<HandOverEdit>('hand-over', jobId, {
    version: page.version,
    content: page.handOver,
  });
  const [shown, setShown] = useState<'close' | 'amend' | 'both'>();
  const [worked, setWorked] = useState<Worked>();
  const [problem, setProblem] = useState<string>();
  useToYard();
  useCommand('p', handoverWords.thePackOnA4(), () =>
    window.open(fileAddress(`/api/jobs/${jobId}/pack.pdf`)),
  );
  const attempt = useAttempt();
  const again = async () => {
    const id = attempt.idFor(jobId);
    try {
      await comeBack(jobId, id);
      attempt.done();
      void navigate(`/jobs/${id}/hand-over`);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <StageFrame
      header={<KeptHeader page={page} here="HAND_OVER" kept={kept} offline={offline} />}
      strip={<JobStrip job={page.job} here="HAND_OVER" />}
      leftWidth="300px"
      left={
        <StageColumn label={handoverWords.forTheOwner()} foot={null}>
          <OwnersWords
            told={kept.content}
            closed={page.closed !== undefined}
            onChange={kept.change}
          />
        </StageColumn>
      }
      drawing={<OwnersPage page={page} told={kept.content} />}
      rightWidth="300px"
      right={<AfterIt page={page} onAsk={setWorked} />}
      band={
        <KeptBand
          findings={page.above.map((one) => one.finding)}
          kept={kept}
          theirVersion={(conflict) => (conflict.theirs as Page).version}
          onSeeBoth={() => setShown('both')}
          onDropped={() => void client.invalidateQueries({ queryKey: ['hand-over', jobId] })}
          empty={standing(page, problem)}
          onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        >
          {page.closed ? (
            <>
              <PlainButton onClick={() => setShown('amend')}>
                {handoverWords.addACorrection()}
              </PlainButton>
              <ActButton onClick={() => void again()}>{handoverWords.itComesBack()}</ActButton>
            </>
          ) : (
            <ActButton onClick={() => setShown('close')}>{appWords.handOver()}</ActButton>
          )}
        </KeptBand>
      }
    >
      <CloseDialog
        open={shown === 'close'}
        close={() => setShown(undefined)}
        above={page.above}
        onStep={async (one, skipped, reason) => {
          if (one.step) {
            await writeEntry(
              jobId,
              {
                stage: one.stage,
                step: { step: one.step.id, side: one.step.side, skipped, reason },
              },
              `${skipped ? appWords.leftOut() : appWords.doneSmall()}: ${one.finding.headline.pattern}`,
            );
            void client.invalidateQueries({ queryKey: ['hand-over', jobId] });
          }
        }}
        onClose={async (reason) => {
          await fresh(await closeJob(jobId, reason));
          await client.invalidateQueries({ queryKey: ['standing'] });
        }}
      />
      <AmendDialog
        open={shown === 'amend'}
        close={() => setShown(undefined)}
        onAmend={async (id, words, why) => {
          await fresh(await amendJob(jobId, id, words, why));
        }}
      />
      <ConflictSheet
        conflict={kept.conflict}
        open={shown === 'both'}
        close={() => setShown(undefined)}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** What is said of a job of which nothing is open. */
function standing(page: Page, problem: string | undefined) {
  return page.closed
    ? {
        verdict: 'WITHIN' as const,
        headline: handoverWords.handedOverByBy({
          by: page.closed.by,
          value: page.closed.at.slice(0, 10),
        }),
        detail: problem ? (
          <Refusal as="span" words={problem} />
        ) : (
          page.closed.reason || handoverWords.nothingWasOpenTheRecordIs()
        ),
      }
    : {
        verdict: 'WITHIN' as const,
        headline: handoverWords.nothingIsOpenTitle(),
        detail: handoverWords.printThePackGoThroughIt(),
      };
}
