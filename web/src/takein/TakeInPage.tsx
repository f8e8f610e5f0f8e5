import { Box, Flex } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import type { TakeInEdit, TakeInPage as Page } from '../api/client';
import { putFound, takeFresh, useTakeInPage } from '../api/queries';
import { BareButton, PlainButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { Sheet } from '../ui/Sheet';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { NextStage } from '../frame/NextStage';
import { StageHeader } from '../frame/StageHeader';
import { ScrollRegion } from '../ui/ScrollRegion';
import { fileAddress } from '../words/fileAddress';
import { FindingsButton } from '../finding/FindingsButton';
import { LazyText } from '../entry/LazyText';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { BothVersions } from '../kept/BothVersions';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { VehicleForm } from '../settings/VehicleForm';
import { DoneBeforeList } from './DoneBeforeList';
import { FoundForm } from './FoundForm';
import { FunctionGrid } from './FunctionGrid';
import { PlanColumn } from './PlanColumn';
import { ACCESS, CHANGES, KINDS, said } from './words';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

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
  const take = (fresh: Page) => takeFresh(client, ['take-in', jobId], fresh);
  const kept = useKept<TakeInEdit>('take-in', jobId, {
    version: page.version,
    content: page.takeIn,
  });
  const { content } = kept;
  const change = (part: Partial<TakeInEdit>) => kept.change({ ...content, ...part });
  const refresh = () => void client.invalidateQueries({ queryKey: ['take-in', jobId] });
  const close = () => setShown(undefined);
  useToYard();
  useCommand(
    'v',
    takeinWords.theVehicle(),
    useCallback(() => setShown('vehicle'), []),
  );
  useCommand(
    'j',
    takeinWords.whatThisJobFound(),
    useCallback(() => setShown('found'), []),
  );
  useCommand(
    'f',
    appWords.allFindings(),
    useCallback(() => setShown('findings'), []),
  );
  useCommand(
    'w',
    appWords.cautions(),
    useCallback(() => setShown('cautions'), []),
  );
  const { vehicle } = page;
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={vehicle} here="TAKE_IN" offline={offline} />}
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
          <Flex direction="column" align="start">
            <BareButton px="0" asChild>
              <a href={fileAddress(`/api/jobs/${jobId}/file`)} download>
                {takeinWords.thisJobsFile()}
              </a>
            </BareButton>
            {page.plan.atHand.length > 0 && (
              <BareButton px="0" onClick={() => setShown('atHand')}>
                {takeinWords.atHandLength({
                  length: appWords.countThings({ count: page.plan.atHand.length }),
                })}
              </BareButton>
            )}
          </Flex>
        </StageColumn>
      }
      drawing={
        <ScrollRegion
          bg="plaster"
          px={{ base: '14px', lg: '22px' }}
          py="8px"
          label={takeinWords.whatWasTakenIn()}
        >
          <Flex direction="column" gap="8px">
            <Flex gap="10px" wrap="wrap" align="center">
              <Box flex="1" minW="220px">
                <LazyText
                  label={takeinWords.customer()}
                  placeholder={takeinWords.customerSmall()}
                  value={content.customer}
                  onDone={(customer) => change({ customer })}
                />
              </Box>
              <PlainButton onClick={() => setShown('vehicle')}>
                {[vehicle.name, vehicle.variant, vehicle.modelYear].filter(Boolean).join(', ')}
                <Key name="v" />
              </PlainButton>
              <PlainButton onClick={() => setShown('found')}>
                {takeinWords.whatItFound()}
                <Key name="j" />
              </PlainButton>
            </Flex>
            <Line title={takeinWords.wanted()}>
              <ChoiceButtons
                label={appWords.whatIsWanted()}
                options={KINDS}
                chosen={content.kinds}
                onToggle={(kind) => change({ kinds: toggled(content.kinds, kind) })}
              />
            </Line>
            <Line title={appWords.why()}>
              <LazyText
                label={takeinWords.inTheCustomersWords()}
                placeholder={takeinWords.inTheCustomersWordsSmall()}
                value={content.wants}
                maxLength={600}
                onDone={(wants) => change({ wants })}
              />
            </Line>
            <Line title={takeinWords.access()}>
              <ChoiceButtons
                label={takeinWords.access()}
                options={ACCESS}
                chosen={[content.access]}
                onToggle={(access) => change({ access })}
              />
              <ChoiceButtons
                label={takeinWords.moreOnAccess()}
                options={MORE_ACCESS}
                chosen={MORE_ACCESS.map(([flag]) => flag).filter((flag) => content[flag])}
                onToggle={(flag) => change({ [flag]: !content[flag] })}
              />
              {page.plan.offered.length > 0 && (
                <Box color="lamp">
                  {takeinWords.openAnyway({
                    kinds: page.plan.offered.map((kind) => said(KINDS, kind)).join(', '),
                  })}
                </Box>
              )}
            </Line>
            <Line title={takeinWords.changed()}>
              <ChoiceButtons
                label={takeinWords.changedBeforeItCame()}
                options={CHANGES}
                chosen={content.changes}
                onToggle={(one) => change({ changes: toggled(content.changes, one) })}
              />
              {(content.changes.length > 0 || content.changesNote) && (
                <Box flexBasis="100%">
                  <LazyText
                    label={takeinWords.whatWasChanged()}
                    placeholder={takeinWords.whatWhenByWhom()}
                    value={content.changesNote}
                    maxLength={600}
                    onDone={(changesNote) => change({ changesNote })}
                  />
                </Box>
              )}
            </Line>
            <FunctionGrid checks={content.checks} onChange={(checks) => change({ checks })} />
          </Flex>
        </ScrollRegion>
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
          version={page.foundVersion}
          found={page.found}
          plan={page.plan}
          put={(version, found) => putFound(jobId, version, found)}
          onKept={(fresh) => {
            void take(fresh);
            close();
          }}
        />
      </Sheet>
      <Sheet title={takeinWords.theVehicle()} open={shown === 'vehicle'} close={close} size="xl">
        <VehicleForm job={page.job} vehicle={vehicle} onStored={refresh} />
      </Sheet>
      <Sheet title={takeinWords.atHand()} open={shown === 'atHand'} close={close}>
        <Box as="ul" listStyleType="none" columnCount={{ md: 2 }} fontSize="17px">
          {page.plan.atHand.map((thing) => (
            <Box as="li" key={thing} py="5px">
              {thing}
            </Box>
          ))}
        </Box>
      </Sheet>
      <Sheet
        title={appWords.changedMeanwhileByChangedBy({ changedBy: kept.conflict?.changedBy ?? '' })}
        open={shown === 'both' && kept.conflict !== undefined}
        close={close}
      >
        {kept.conflict && <BothVersions conflict={kept.conflict} />}
      </Sheet>
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

const MORE_ACCESS = [
  ['headlampsLoosened', takeinWords.headlampsComeLoose()],
  ['secondSet', takeinWords.secondSetBuiltMeanwhile()],
] as const;

function Line({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Flex columnGap="10px" align="flex-start">
      <Box w="84px" flexShrink={0} pt="13px" color="quiet">
        {title}
      </Box>
      <Flex flex="1" minW="0" gap="6px" wrap="wrap" align="center">
        {children}
      </Flex>
    </Flex>
  );
}
