import { Box } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { api, unwrap, type Finding, type PlacePage as Page } from '../api/client';
import { readLength, usePlacePage } from '../api/queries';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { useUnits } from '../ui/session';
import { Sheet } from '../ui/Sheet';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { StageHeader } from '../frame/StageHeader';
import { ToolButton } from '../ui/ToolButton';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { FindingList } from '../finding/FindingList';
import { SentenceText } from '../finding/SentenceText';
import { WorkingDialog, type Worked } from '../finding/Working';
import { BothVersions } from '../kept/BothVersions';
import { FrontDrawing } from './FrontDrawing';
import { HeadingPlan, headingEntry } from './HeadingPlan';
import { HoleRowForm } from './HoleRowForm';
import { KeepOutForm } from '../lamps/KeepOutForm';
import { LampForm } from '../lamps/LampForm';
import { PairList } from './PairList';
import { PlaceBand } from './PlaceBand';
import { RulesForm } from './RulesForm';
import {
  asDrawn,
  freeId,
  isGuessed,
  isMirrored,
  mirrored,
  moved,
  withPair,
} from '../vehicle/shapes';
import { TemplateForm } from './TemplateForm';
import type { Known } from '../vehicle/knownVehicle';
import { useKnown } from '../vehicle/useKnown';
import { useFront } from './useFront';
import { AskedProvider, useAsking } from '../entry/asked';
import { isOfPair, lampOf } from '../finding/subject';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import { placeWords } from '../words/page/place';

type Shown =
  | 'add'
  | 'edit'
  | 'keepOuts'
  | 'rules'
  | 'holes'
  | 'template'
  | 'findings'
  | 'cautions'
  | 'nowhere'
  | 'conflict'
  | undefined;

export function PlacePage() {
  return (
    <JobStage usePage={usePlacePage}>
      {(page, offline) => <Place page={page} offline={offline} />}
    </JobStage>
  );
}

/** Where the low beams sit, where their marks were measured as the vehicle came. */
function measuredLowBeams({ centreMm, spacingMm }: Known) {
  if (spacingMm === undefined || centreMm.LEFT === undefined || centreMm.RIGHT === undefined) {
    return undefined;
  }
  const spot = (heightMm: number) => ({ outMm: spacingMm / 2, heightMm, headingDeg: 0 });
  return { left: spot(centreMm.LEFT), right: spot(centreMm.RIGHT) };
}

function Place({ page, offline }: { page: Page; offline: boolean }) {
  const units = useUnits();
  const client = useQueryClient();
  const jobId = page.job.id;
  const { asked, ask: askFor } = useAsking();
  const { front, sheet, saved, isChanged, refusal, change, save, drop } = useFront(page);
  const { conflict } = saved;
  const [chosenId, setChosenId] = useState<string | undefined>(
    () => lampOf(foremostOf(page.sheet)?.subject ?? '')?.which ?? page.front.pairs[0]?.id,
  );
  const [parted, setParted] = useState(false);
  const known = useKnown(jobId, page.vehicle);
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const chosen = front.pairs.find((pair) => pair.id === chosenId) ?? front.pairs[0];
  const apart = parted || (chosen !== undefined && !isMirrored(chosen));

  const nearest = useMutation({
    mutationFn: (pair: string) =>
      unwrap(
        api.POST('/api/calc/place/nearest', {
          params: { query: { job: jobId } },
          body: { front, pair },
        }),
      ),
    onSuccess: (found, pairId) => {
      const { outMm, heightMm } = found;
      const pair = front.pairs.find((one) => one.id === pairId);
      if (outMm !== undefined && heightMm !== undefined && pair) {
        change(withPair(front, moved(pair, 'LEFT', { outMm, heightMm }, false)));
      } else {
        setShown('nowhere');
      }
    },
  });
  const { mutate: lookFor } = nearest;
  const findNearest = useCallback(() => {
    if (chosen) {
      lookFor(chosen.id);
    }
  }, [chosen, lookFor]);
  const open = (what: Shown) => () => setShown(what);
  const close = () => setShown(undefined);
  useCommand('n', placeWords.nearestGoodPlace(), findNearest);
  useCommand(
    'a',
    placeWords.addALamp(),
    useCallback(() => setShown('add'), []),
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
  useCommand(
    't',
    placeWords.drillTemplate(),
    useCallback(() => setShown('template'), []),
  );
  const part = useCallback(() => {
    if (apart && chosen && !isMirrored(chosen)) {
      change(withPair(front, mirrored(chosen)));
    }
    setParted(!apart);
  }, [apart, chosen, change, front]);
  useCommand('p', placeWords.partTheTwoSidesOrMirror(), part);
  useToYard();
  // while a lamp is dragged, what the findings say changes less often than where it is
  const work = useCallback((finding: Finding) => setWorked({ kind: 'finding', finding }), []);
  const ask = useCallback(
    (findingId: string) => {
      const finding = sheet.findings.find((one) => one.id === findingId);
      if (finding) {
        work(finding);
      }
    },
    [sheet, work],
  );
  const pairId = chosen?.id;
  const ofChosen = useMemo(
    () => sheet.findings.filter((finding) => pairId && isOfPair(finding, pairId)),
    [sheet, pairId],
  );
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here="PLACE" offline={offline} />}
      strip={<JobStrip job={page.job} here="PLACE" own={sheet.horizon} onMark={ask} />}
      left={
        <StageColumn
          label={placeWords.lampsAndRules()}
          foot={
            <Cautions
              cautions={sheet.cautions}
              where={placeWords.beforeTheDrill()}
              open={shown === 'cautions'}
              setOpen={(on) => setShown(on ? 'cautions' : undefined)}
            />
          }
        >
          <PairList
            front={front}
            sheet={sheet}
            chosenId={chosen?.id}
            onChoose={setChosenId}
            onAddLamp={open('add')}
            onEditLamp={open('edit')}
            onKeepOuts={open('keepOuts')}
            onRules={open('rules')}
            onHoles={open('holes')}
          />
        </StageColumn>
      }
      drawing={
        <>
          <DrawingTools>
            <ToolButton aria-pressed={!apart} onClick={part}>
              {apart ? placeWords.sidesParted() : placeWords.bothSidesTogether()}
              <Key name="p" />
            </ToolButton>
            <ToolButton disabled={!chosen} onClick={findNearest}>
              {placeWords.nearestGoodPlace()}
              <Key name="n" />
            </ToolButton>
            {chosen && isGuessed(chosen) && (
              <ToolButton onClick={() => change(withPair(front, asDrawn(chosen)))}>
                {placeWords.useAsDrawn()}
              </ToolButton>
            )}
            <ToolButton disabled={!chosen} onClick={open('template')}>
              {placeWords.drillTemplate()}
              <Key name="t" />
            </ToolButton>
          </DrawingTools>
          <Box
            flex={{ base: 'none', lg: '1' }}
            h={{ base: '360px', md: '460px', lg: 'auto' }}
            minH="0"
          >
            <FrontDrawing
              front={front}
              sheet={sheet}
              chosen={chosen}
              onChoose={setChosenId}
              onMove={(pair, side, to) => change(withPair(front, moved(pair, side, to, apart)))}
            />
          </Box>
          {chosen && (
            <Box h="112px">
              <AskedProvider value={asked}>
                <HeadingPlan
                  front={front}
                  pair={chosen}
                  sheet={sheet}
                  onSetback={async (typed) =>
                    change({ ...front, bumperSetbackMm: await readLength(typed, units) })
                  }
                  onTurn={(side, headingDeg) =>
                    change(withPair(front, moved(chosen, side, { headingDeg }, true)))
                  }
                />
              </AskedProvider>
            </Box>
          )}
        </>
      }
      right={
        <Box h="100%" bg="panel">
          <FindingList title={placeWords.whatTheRulesSay()} findings={ofChosen} onAsk={work} />
        </Box>
      }
      rightWidth="262px"
      band={
        <PlaceBand
          sheet={sheet}
          empty={front.pairs.length === 0}
          problem={
            refusal ??
            saved.refused ??
            (saved.away ? keptWords.changesWaitForTheNetwork() : nearest.error?.message)
          }
          changed={isChanged}
          conflict={conflict}
          onKeep={save}
          onCompare={open('conflict')}
          onMine={() => conflict && saved.insist(conflict.version)}
          onDrop={() => {
            drop();
            void client.invalidateQueries({ queryKey: ['place', jobId] });
          }}
          onAdd={open('add')}
          onNearest={findNearest}
          onTemplate={open('template')}
          onTurned={(finding) => {
            const lamp = lampOf(finding.subject);
            if (lamp?.side) {
              setChosenId(lamp.which);
              askFor(headingEntry(lamp.which, lamp.side));
            }
          }}
          onFindings={open('findings')}
          onAsk={ask}
        />
      }
    >
      <Sheet
        title={shown === 'edit' ? placeWords.theLamp() : placeWords.aLampForThisFront()}
        open={shown === 'add' || shown === 'edit'}
        close={close}
      >
        <LampForm
          pair={shown === 'edit' ? chosen : undefined}
          first={front.pairs.some((one) => one.function === 'DIPPED') ? 'DRL' : 'DIPPED'}
          newId={(name) => freeId(front, name)}
          measured={measuredLowBeams(known)}
          onDone={(pair) => {
            change(
              front.pairs.some((one) => one.id === pair.id)
                ? withPair(front, pair)
                : { ...front, pairs: [...front.pairs, pair] },
            );
            setChosenId(pair.id);
            close();
          }}
          onRemove={
            shown === 'edit' && chosen
              ? () => {
                  change({
                    ...front,
                    pairs: front.pairs.filter((pair) => pair.id !== chosen.id),
                  });
                  close();
                }
              : undefined
          }
        />
      </Sheet>
      <Sheet title={placeWords.inTheWay()} open={shown === 'keepOuts'} close={close}>
        <KeepOutForm front={front} onChange={(keepOuts) => change({ ...front, keepOuts })} />
      </Sheet>
      <Sheet title={placeWords.rulesToJudgeBy()} open={shown === 'rules'} close={close}>
        <RulesForm
          front={front}
          onChange={(changed) => {
            change({ ...front, ...changed });
          }}
        />
      </Sheet>
      <Sheet title={placeWords.holesOfABracket()} open={shown === 'holes'} close={close}>
        <HoleRowForm />
      </Sheet>
      <Sheet title={placeWords.drillTemplate11()} open={shown === 'template'} close={close}>
        {isChanged || saved.waits ? (
          <Box>{placeWords.saveThePlaceFirstTheTemplate()}</Box>
        ) : (
          chosen && <TemplateForm jobId={jobId} pair={chosen} />
        )}
      </Sheet>
      <Sheet
        title={nearest.data?.kind === 'STAYS' ? placeWords.itCanStay() : placeWords.noGoodPlace()}
        open={shown === 'nowhere'}
        close={close}
      >
        {nearest.data?.kind === 'STAYS'
          ? placeWords.everyLimitOfPlaceIsMet()
          : nearest.data?.clashes.map((clash) => (
              <Box key={clash.pattern} fontSize="17px">
                <SentenceText sentence={clash} />
              </Box>
            ))}
      </Sheet>
      <Sheet
        title={appWords.changedMeanwhileByChangedBy({ changedBy: conflict?.changedBy ?? '' })}
        open={shown === 'conflict' && conflict !== undefined}
        close={close}
      >
        {conflict && <BothVersions conflict={conflict} />}
      </Sheet>
      <FindingsDialog
        findings={sheet.findings}
        open={shown === 'findings'}
        close={close}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

const foremostOf = (sheet: Page['sheet']) =>
  sheet.findings.find((finding) => finding.id === sheet.foremost);
