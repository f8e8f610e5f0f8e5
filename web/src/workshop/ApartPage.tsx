import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { ViewTools } from '../frame/ViewTools';
import type { LedgerLine, OutEdit, WorkshopPage as Page } from '../api/client';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { lookingBackTo } from '../browser/moment';
import { useKnown } from '../vehicle/useKnown';
import { VIEWS, type Spot, type ViewName } from '../vehicle/vehicleViews';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { LineDialog } from './LineDialog';
import { OneOf } from './OneOf';
import { nextPieces, QuickEntry, rowWords } from './QuickEntry';
import { useWorkshopPage, useWriting, type Tell } from './useWorkshop';
import { useView, VehicleLedger } from './VehicleLedger';
import { WorkshopFrame } from './WorkshopFrame';

/** What comes off the vehicle, each counted where it was. */
export function ApartPage() {
  return (
    <JobStage usePage={useWorkshopPage}>
      {(page, offline) => <Apart page={page} offline={offline} />}
    </JobStage>
  );
}

function Apart({ page, offline }: { page: Page; offline: boolean }) {
  const writing = useWriting(page.job.id, 'APART');
  const [view, setView] = useView();
  const known = useKnown(page.job.id, page.vehicle);
  const [pressed, setPressed] = useState<{ spot: Spot; name: string }>();
  const [line, setLine] = useState<LedgerLine>();
  useViewKeys(setView);
  const add = (row: OutEdit) => {
    const placed =
      row.kind === 'PIECE' || row.spot || !pressed
        ? row
        : { ...row, spot: pressed.spot, where: row.where || pressed.name };
    return writing.write({ out: placed }, rowWords(placed));
  };
  const call = (typed: string) => writing.write({ called: { typed, spot: pressed?.spot } }, typed);
  return (
    <WorkshopFrame
      page={page}
      stage="APART"
      offline={offline}
      writing={writing}
      tools={<ViewTools views={VIEWS} view={view} setView={setView} />}
      beforeSteps={
        <>
          <BatterySchool page={page} tell={writing.tell} />
          {asksForHoles(page) && <Hole page={page} tell={writing.tell} />}
        </>
      }
      right={<OffList ledger={page.ledger} onLine={setLine} />}
    >
      <Flex direction="column" flex="1" minH="0">
        <Box flex="1" minH={{ base: '260px', lg: '0' }}>
          <VehicleLedger
            known={known}
            view={view}
            ledger={page.ledger}
            spot={pressed?.spot}
            onSpot={(spot, name) => setPressed({ spot, name })}
            lit={line?.id}
          />
        </Box>
        {page.hidden.length > 0 && <Hidden page={page} />}
        {!lookingBackTo() && <QuickEntry pieces={nextPieces(page)} onRow={add} onCalled={call} />}
      </Flex>
      <LineDialog line={line} write={writing.write} close={() => setLine(undefined)} />
    </WorkshopFrame>
  );
}

export function useViewKeys(setView: (view: ViewName) => void) {
  useCommand('1', workshopWords.theFront(), () => setView('FRONT'));
  useCommand('2', workshopWords.theLeftSide(), () => setView('LEFT_SIDE'));
  useCommand('3', workshopWords.theRightSide(), () => setView('RIGHT_SIDE'));
  useCommand('4', workshopWords.theUnderside(), () => setView('UNDERSIDE'));
}

/** How much is off, and each line to be looked at or completed. */
function OffList({ ledger, onLine }: { ledger: LedgerLine[]; onLine: (line: LedgerLine) => void }) {
  const off = ledger.reduce((sum, line) => sum + line.out, 0);
  return (
    <Box
      as="section"
      aria-label={workshopWords.whatIsOff()}
      maxH="46%"
      overflowY="auto"
      tabIndex={0}
      px="14px"
      py="10px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      <Flex align="baseline" gap="8px">
        <Box fontFamily="heading" fontWeight="700" fontSize="34px" lineHeight="1">
          {off}
        </Box>
        <Box color="quiet">{workshopWords.offTheVehicle()}</Box>
      </Flex>
      {ledger.toReversed().map((line) => (
        <Box
          as="button"
          key={line.id}
          display="block"
          w="100%"
          minH="48px"
          py="4px"
          textAlign="left"
          borderTopWidth="1px"
          borderColor="hairline"
          cursor="pointer"
          color={line.out > 0 ? 'ink' : 'quiet'}
          onClick={() => onLine(line)}
        >
          <Box lineHeight="1.25">{line.words}</Box>
          {(line.row.size || line.row.tray || line.row.holds) && (
            <Box color="quiet" fontSize="13.5px">
              {[
                line.row.holds && workshopWords.holdsHolds({ holds: line.row.holds }),
                line.row.tray,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

/** Work that may bring a hole; where it was said that there is none, that can be taken back. */
const asksForHoles = (page: Page) =>
  page.bench.choices.HOLE === 'NONE' ||
  page.stages.some((stage) => stage.steps.some((step) => step.id === 'apart.gate'));

/** Whether anything is drilled; blank covers and brackets have their holes. */
function Hole({ page, tell }: { page: Page; tell: Tell }) {
  return (
    <Box pb="6px">
      <OneOf
        which="HOLE"
        label={appWords.holes()}
        options={[
          ['DRILLED', workshopWords.aHoleIsDrilled()],
          ['NONE', workshopWords.noHole()],
        ]}
        value={page.bench.choices.HOLE ?? 'DRILLED'}
        keep={tell}
      />
    </Box>
  );
}

/** The two schools of connecting: both are common practice, the first is the product's choice. */
function BatterySchool({ page, tell }: { page: Page; tell: Tell }) {
  return (
    <Box pb="6px">
      <OneOf
        which="BATTERY"
        label={workshopWords.batteryWhileWorking()}
        options={[
          ['NEGATIVE_OFF', appWords.negativeOff()],
          ['LIVE', workshopWords.leftLive()],
        ]}
        value={page.bench.choices.BATTERY ?? 'NEGATIVE_OFF'}
        keep={tell}
      />
    </Box>
  );
}

/** Hidden ones of earlier jobs, before they are met. */
function Hidden({ page }: { page: Page }) {
  return (
    <Box px="18px" py="8px" bg="panel" borderTopWidth="1px" borderColor="hairline" role="note">
      <Box as="span" color="edge" fontWeight="600" fontFamily="heading">
        {workshopWords.hiddenOnSimilarVehicles()}
      </Box>{' '}
      {page.hidden.map((one) => `${one.words} (${one.vehicle})`).join('; ')}
    </Box>
  );
}
