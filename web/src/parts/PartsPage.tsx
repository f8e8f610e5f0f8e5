import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { PartEdit, PartsEdit, PartsPage as Page } from '../api/client';
import { usePartsPage } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { NextStage } from '../frame/NextStage';
import { ToolButton } from '../ui/ToolButton';
import { ScrollRegion } from '../ui/ScrollRegion';
import { FindingsButton } from '../finding/FindingsButton';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { ConflictSheet } from '../kept/ConflictSheet';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';
import { term } from '../words/terms';
import { PartsDialogs, type Shown } from './PartsDialogs';
import { PartBench } from './PartBench';
import { PartColumn } from './PartColumn';
import { verdictOf, withIdentity, withOne } from './parts';
import { PlugMap } from './PlugMap';

export function PartsPage() {
  return (
    <JobStage usePage={usePartsPage}>
      {(page, offline) => <Parts page={page} offline={offline} />}
    </JobStage>
  );
}

function Parts({ page, offline }: { page: Page; offline: boolean }) {
  const client = useQueryClient();
  const jobId = page.job.id;
  const [chosenId, setChosenId] = useState(
    () => page.parts.parts.find((part) => verdictOf(page.sheet.findings, part.id) === 'OUT')?.id,
  );
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const kept = useKept<PartsEdit>('parts', jobId, { version: page.version, content: page.parts });
  const { content } = kept;
  const change = (part: Partial<PartsEdit>) => kept.change({ ...content, ...part });
  const chosen = content.parts.find((part) => part.id === chosenId) ?? content.parts[0];
  const putPart = (part: PartEdit) => change({ parts: withOne(content.parts, part) });
  const close = () => setShown(undefined);
  useToYard();
  useCommand('a', partsWords.addAPart(), () => setShown({ what: 'part' }));
  useCommand('c', partsWords.compareCandidates(), () => setShown({ what: 'candidates' }));
  useCommand('f', appWords.allFindings(), () => setShown({ what: 'findings' }));
  return (
    <StageFrame
      header={<KeptHeader page={page} here="PARTS" kept={kept} offline={offline} />}
      strip={<JobStrip job={page.job} here="PARTS" />}
      leftWidth="236px"
      left={
        <StageColumn
          label={partsWords.partsOfThisJob()}
          foot={<WaitingStages sheet={page.sheet} />}
        >
          <PartColumn
            parts={content.parts}
            sheet={page.sheet}
            chosenId={chosen?.id}
            onChoose={setChosenId}
          />
        </StageColumn>
      }
      drawing={
        <>
          <PartsTools candidates={content.candidates.length} show={setShown} />
          <ScrollRegion
            bg="plaster"
            px={{ base: '14px', lg: '22px' }}
            py="14px"
            label={partsWords.thePartOnTheBench()}
          >
            {chosen ? (
              <PartBench
                key={chosen.id}
                part={chosen}
                asks={page.sheet.asks[chosen.id] ?? []}
                onChange={putPart}
                onEdit={() => setShown({ what: 'part', part: chosen })}
              />
            ) : (
              <NoParts usual={page.usual} onStart={() => change({ parts: page.usual })} />
            )}
          </ScrollRegion>
        </>
      }
      right={
        <PlugMap
          plugs={content.plugs}
          onChange={(plug) => change({ plugs: withOne(content.plugs, plug) })}
          onEdit={(plug) => setShown({ what: 'plug', plug })}
          onAdd={() => setShown({ what: 'plug' })}
        />
      }
      rightWidth="280px"
      band={
        <KeptBand
          findings={page.sheet.findings}
          empty={{
            headline: partsWords.noPartsListedYet(),
            detail: partsWords.aWrongVariantShowsWhenYou(),
          }}
          kept={kept}
          theirVersion={(conflict) => (conflict.theirs as Page).version}
          onSeeBoth={() => setShown({ what: 'both' })}
          onDropped={() => void client.invalidateQueries({ queryKey: ['parts', jobId] })}
          onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        >
          <FindingsButton
            count={page.sheet.findings.length}
            onOpen={() => setShown({ what: 'findings' })}
          />
          <NextStage job={page.job} here="PARTS" />
        </KeptBand>
      }
    >
      <PartsDialogs
        page={page}
        content={content}
        shown={shown}
        close={close}
        change={change}
        onPart={(part) => {
          putPart(withIdentity(content.parts, part));
          setChosenId(part.id);
          close();
        }}
      />
      <ConflictSheet conflict={kept.conflict} open={shown?.what === 'both'} close={close} />
      <FindingsDialog
        findings={page.sheet.findings}
        open={shown?.what === 'findings'}
        close={close}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

/** The stages that cannot begin, and what they wait for. */
function WaitingStages({ sheet }: { sheet: Page['sheet'] }) {
  const waiting = Object.entries(sheet.waiting);
  if (waiting.length === 0) {
    return null;
  }
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="10px">
      {waiting.map(([stage, what]) => (
        <Box key={stage} pb="4px">
          <Box as="span" color="out" fontFamily="heading" fontWeight="600">
            {partsWords.waits({ value: term('Stage', stage) })}
          </Box>{' '}
          {partsWords.forText({ value: what.join('; ') })}
        </Box>
      ))}
    </Box>
  );
}

function NoParts({ usual, onStart }: { usual: Page['usual']; onStart: () => void }) {
  return (
    <Box fontSize="18px">
      {partsWords.noPartsYet()}{' '}
      {usual.length > 0
        ? partsWords.startWithWhatSuchWorkUsually()
        : partsWords.enterAtTakeInWhatIs()}
      {usual.length > 0 && (
        <Box pt="14px">
          <PlainButton onClick={onStart}>
            {partsWords.startWithLengthUsualParts({ length: usual.length })}
          </PlainButton>
        </Box>
      )}
    </Box>
  );
}

function PartsTools({ candidates, show }: { candidates: number; show: (what: Shown) => void }) {
  return (
    <DrawingTools>
      <ToolButton onClick={() => show({ what: 'candidates' })}>
        {partsWords.candidatesLength({
          length: candidates || partsWords.none(),
        })}
        <Key name="c" />
      </ToolButton>
      <ToolButton onClick={() => show({ what: 'part' })}>
        {partsWords.addAPart()}
        <Key name="a" />
      </ToolButton>
    </DrawingTools>
  );
}
