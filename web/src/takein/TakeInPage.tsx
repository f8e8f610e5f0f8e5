import { Box, Flex } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { FoundEdit, TakeInEdit, TakeInPage as Page } from '../api/client';
import { takeFresh, useTakeInPage } from '../api/queries';
import { BareButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Sheet } from '../ui/Sheet';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { NextStage } from '../frame/NextStage';
import { fileAddress } from '../words/fileAddress';
import { FindingsButton } from '../finding/FindingsButton';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { foundKey, foundState, waitingOf, writeForm } from '../kept/forms';
import { ConflictSheet } from '../kept/ConflictSheet';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { VehicleForm } from '../settings/VehicleForm';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';
import { TakenIn } from './TakenIn';
import { DoneBeforeList } from './DoneBeforeList';
import { FoundForm } from './FoundForm';
import { PlanColumn } from './PlanColumn';

type Shown = 'found' | 'vehicle' | 'atHand' | 'cautions' | 'findings' | 'both' | undefined;

export function TakeInPage() {
  return (
    <JobStage usePage={useTakeInPage}>
      {(page, offline) => <TakeIn page={page} offline={offline} />}
    </JobStage>
  );
}

function TakeIn({ page, offline }: { page: Page; offline: boolean }) {
  const client = useQueryClient();
  const jobId = page.job.id;
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const found = waitingOf<{ version: number; found: FoundEdit }>(foundKey(jobId)) ?? {
    version: page.foundVersion,
    found: page.found,
  };
  const kept = useKept<TakeInEdit>('take-in', jobId, {
    version: page.version,
    content: page.takeIn,
  });
  const { content } = kept;
  const change = (part: Partial<TakeInEdit>) => kept.change({ ...content, ...part });
  const refresh = () => void client.invalidateQueries({ queryKey: ['take-in', jobId] });
  const close = () => setShown(undefined);
  useToYard();
  useCommand('v', takeinWords.theVehicle(), () => setShown('vehicle'));
  useCommand('j', takeinWords.whatThisJobFound(), () => setShown('found'));
  useCommand('f', appWords.allFindings(), () => setShown('findings'));
  useCommand('w', appWords.cautions(), () => setShown('cautions'));
  const { vehicle } = page;
  return (
    <StageFrame
      header={<KeptHeader page={page} here="TAKE_IN" kept={kept} offline={offline} />}
      strip={<JobStrip job={page.job} here="TAKE_IN" />}
      leftWidth="236px"
      left={
        <StageColumn
          label={takeinWords.plan()}
          foot={
            <Cautions
              cautions={page.plan.cautions}
              where={takeinWords.inThisJob()}
              open={shown === 'cautions'}
              setOpen={(on) => setShown(on ? 'cautions' : undefined)}
            />
          }
        >
          <PlanColumn
            plan={page.plan}
            jobId={jobId}
            onLeaveOut={(stage, reason) => change({ leftOut: leftOut(content, stage, reason) })}
          />
          <PlanLinks
            jobId={jobId}
            things={page.plan.atHand.length}
            onAtHand={() => setShown('atHand')}
          />
        </StageColumn>
      }
      drawing={
        <TakenIn
          page={page}
          content={content}
          change={change}
          onVehicle={() => setShown('vehicle')}
          onFound={() => setShown('found')}
        />
      }
      right={<DoneBeforeList jobs={page.doneBefore} />}
      rightWidth="262px"
      band={
        <KeptBand
          findings={page.findings}
          kept={kept}
          theirVersion={(conflict) => (conflict.theirs as Page).version}
          onSeeBoth={() => setShown('both')}
          onDropped={refresh}
          onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        >
          <FindingsButton count={page.findings.length} onOpen={() => setShown('findings')} />
          <NextStage job={page.job} here="TAKE_IN" />
        </KeptBand>
      }
    >
      <Sheet
        title={takeinWords.whatThisJobFound()}
        open={shown === 'found'}
        close={close}
        size="xl"
      >
        <FoundForm
          {...found}
          plan={page.plan}
          waitsAs={foundKey(jobId)}
          put={(version, edit) => writeForm(foundState(jobId, version, edit))}
          onDone={(theirs) => {
            if (theirs) {
              void takeFresh(client, ['take-in', jobId], theirs);
            }
            close();
          }}
        />
      </Sheet>
      <Sheet title={takeinWords.theVehicle()} open={shown === 'vehicle'} close={close} size="xl">
        <VehicleForm job={page.job} vehicle={vehicle} onStored={refresh} />
      </Sheet>
      <Sheet title={takeinWords.atHand()} open={shown === 'atHand'} close={close}>
        <AtHand things={page.plan.atHand} />
      </Sheet>
      <ConflictSheet conflict={kept.conflict} open={shown === 'both'} close={close} />
      <FindingsDialog
        findings={page.findings}
        open={shown === 'findings'}
        close={close}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

type LeftOut = NonNullable<TakeInEdit['leftOut']>;

/** The stages that are left out, with this one out for a reason, or in again. */
function leftOut(
  content: TakeInEdit,
  stage: LeftOut[number]['stage'],
  reason: string | undefined,
): LeftOut {
  const others = (content.leftOut ?? []).filter((one) => one.stage !== stage);
  return reason === undefined ? others : [...others, { stage, reason }];
}

/** The job's file, and what has to be at hand. */
function PlanLinks({
  jobId,
  things,
  onAtHand,
}: {
  jobId: string;
  things: number;
  onAtHand: () => void;
}) {
  return (
    <Flex direction="column" align="start">
      <BareButton px="0" asChild>
        <a href={fileAddress(`/api/jobs/${jobId}/file`)} download>
          {takeinWords.thisJobsFile()}
        </a>
      </BareButton>
      {things > 0 && (
        <BareButton px="0" onClick={onAtHand}>
          {takeinWords.atHandLength({ length: appWords.countThings({ count: things }) })}
        </BareButton>
      )}
    </Flex>
  );
}

function AtHand({ things }: { things: string[] }) {
  return (
    <Box as="ul" listStyleType="none" columnCount={{ md: 2 }} fontSize="17px">
      {things.map((thing) => (
        <Box as="li" key={thing} py="5px">
          {thing}
        </Box>
      ))}
    </Box>
  );
}
