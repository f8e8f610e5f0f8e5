import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import type { PartEdit, PartsEdit, PartsPage as Page, PlugEdit } from '../api/client';
import { usePartsPage } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { Sheet } from '../ui/Sheet';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { NextStage } from '../frame/NextStage';
import { StageHeader } from '../frame/StageHeader';
import { ToolButton } from '../ui/ToolButton';
import { ScrollRegion } from '../ui/ScrollRegion';
import { FindingsButton } from '../finding/FindingsButton';
import { FindingsDialog } from '../finding/FindingsDialog';
import { WorkingDialog, type Worked } from '../finding/Working';
import { BothVersions } from '../kept/BothVersions';
import { KeptBand } from '../kept/KeptBand';
import { useKept } from '../kept/useKept';
import { CandidatesForm } from './CandidatesForm';
import { PartBench } from './PartBench';
import { PartColumn } from './PartColumn';
import { PartForm } from './PartForm';
import { idFor, verdictOf, withIdentity, withOne, withTicks } from './parts';
import { PlugForm } from './PlugForm';
import { PlugMap } from './PlugMap';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';
import { term } from '../words/terms';

type Shown =
  | { what: 'part'; part?: PartEdit }
  | { what: 'plug'; plug?: PlugEdit }
  | { what: 'candidates' | 'findings' | 'both' }
  | undefined;

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
  useCommand(
    'a',
    partsWords.addAPart(),
    useCallback(() => setShown({ what: 'part' }), []),
  );
  useCommand(
    'c',
    partsWords.compareCandidates(),
    useCallback(() => setShown({ what: 'candidates' }), []),
  );
  useCommand(
    'f',
    appWords.allFindings(),
    useCallback(() => setShown({ what: 'findings' }), []),
  );
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here="PARTS" offline={offline} />}
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
          <DrawingTools>
            <ToolButton onClick={() => setShown({ what: 'candidates' })}>
              {partsWords.candidatesLength({
                length: content.candidates.length || partsWords.none(),
              })}
              <Key name="c" />
            </ToolButton>
            <ToolButton onClick={() => setShown({ what: 'part' })}>
              {partsWords.addAPart()}
              <Key name="a" />
            </ToolButton>
          </DrawingTools>
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
              <Box fontSize="18px">
                {partsWords.noPartsYet()}{' '}
                {page.usual.length > 0
                  ? partsWords.startWithWhatSuchWorkUsually()
                  : partsWords.enterAtTakeInWhatIs()}
                {page.usual.length > 0 && (
                  <Box pt="14px">
                    <PlainButton onClick={() => change({ parts: page.usual })}>
                      {partsWords.startWithLengthUsualParts({ length: page.usual.length })}
                    </PlainButton>
                  </Box>
                )}
              </Box>
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
      <Sheet
        title={
          shown?.what === 'part' && shown.part ? partsWords.thePart() : partsWords.aPartForThisJob()
        }
        open={shown?.what === 'part'}
        close={close}
      >
        {shown?.what === 'part' && (
          <PartForm
            part={shown.part}
            job={page.job}
            newId={(name) =>
              idFor(
                name,
                content.parts.map((part) => part.id),
              )
            }
            onDone={(part) => {
              putPart(withIdentity(content.parts, part));
              setChosenId(part.id);
              close();
            }}
            onRemove={
              shown.part &&
              (() => {
                change({ parts: content.parts.filter((part) => part.id !== shown.part?.id) });
                close();
              })
            }
          />
        )}
      </Sheet>
      <Sheet title={partsWords.aConnectorOfTheKit()} open={shown?.what === 'plug'} close={close}>
        {shown?.what === 'plug' && (
          <PlugForm
            plug={shown.plug}
            others={content.plugs.filter((plug) => plug.id !== shown.plug?.id)}
            newId={(label) =>
              idFor(
                label,
                content.plugs.map((plug) => plug.id),
              )
            }
            onDone={(plug) => {
              change({ plugs: withOne(content.plugs, withTicks(content.plugs, plug)) });
              close();
            }}
            onRemove={
              shown.plug &&
              (() => {
                const gone = shown.plug?.id;
                change({
                  plugs: content.plugs
                    .filter((plug) => plug.id !== gone)
                    .map((plug) =>
                      plug.matesWith === gone ? { ...plug, matesWith: undefined } : plug,
                    ),
                });
                close();
              })
            }
          />
        )}
      </Sheet>
      <Sheet
        title={partsWords.whatCouldBeOrdered()}
        open={shown?.what === 'candidates'}
        close={close}
        size="xl"
      >
        <CandidatesForm parts={content} onChange={kept.change} />
      </Sheet>
      <Sheet
        title={appWords.changedMeanwhileByChangedBy({ changedBy: kept.conflict?.changedBy ?? '' })}
        open={shown?.what === 'both' && kept.conflict !== undefined}
        close={close}
      >
        {kept.conflict && <BothVersions conflict={kept.conflict} />}
      </Sheet>
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
