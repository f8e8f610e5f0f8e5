import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { LedgerLine, WorkshopPage as Page } from '../api/client';
import { BareButton } from '../ui/buttons';
import { JobStage } from '../frame/JobStage';
import { Refusal } from '../ui/Refusal';
import { ScrollRegion } from '../ui/ScrollRegion';
import { ViewTools } from '../frame/ViewTools';
import { VIEWS } from '../vehicle/vehicleViews';
import { useKnown } from '../vehicle/useKnown';
import { workshopWords } from '../words/page/workshop';
import { useViewKeys } from './ApartPage';
import { LineDialog } from './LineDialog';
import { LineMoves } from './LineMoves';
import { useWorkshopPage, useWriting, type Write } from './useWorkshop';
import { useView, VehicleLedger } from './VehicleLedger';
import { WorkshopFrame } from './WorkshopFrame';

/** What goes back, the last one off first, and what has to be in before it. */
export function TogetherPage() {
  return (
    <JobStage usePage={useWorkshopPage}>
      {(page, offline) => <Together page={page} offline={offline} />}
    </JobStage>
  );
}

function Together({ page, offline }: { page: Page; offline: boolean }) {
  const writing = useWriting(page.job.id, 'TOGETHER');
  const [view, setView] = useView();
  const known = useKnown(page.job.id, page.vehicle);
  const [line, setLine] = useState<LedgerLine>();
  const [problem, setProblem] = useState<string>();
  useViewKeys(setView);
  const lines = page.reverse
    .map((id) => page.ledger.find((one) => one.id === id))
    .filter((one) => one !== undefined);
  const open = lines.filter((one) => !one.done);
  // what is partly in stands where there is still something to bring
  const goesBack = open.filter((one) => one.out > 0 || one.awaiting > 0 || one.byHand === 0);
  const byHand = open.filter((one) => !goesBack.includes(one));
  const row = { write: writing.write, onLine: setLine, onProblem: setProblem };
  const nextIn = open.find((one) => one.out > 0);
  return (
    <WorkshopFrame
      page={page}
      stage="TOGETHER"
      offline={offline}
      writing={writing}
      tools={<ViewTools views={VIEWS} view={view} setView={setView} />}
      right={<Counted ledger={page.ledger} />}
    >
      <Flex direction={{ base: 'column', lg: 'row-reverse' }} flex="1" minH="0">
        <Box flex={{ base: 'none', lg: '0 0 44%' }} h={{ base: '300px', lg: 'auto' }}>
          <VehicleLedger known={known} view={view} ledger={page.ledger} lit={open[0]?.id} />
        </Box>
        <ScrollRegion
          label={workshopWords.whatGoesBackInOrder()}
          px={{ base: '14px', lg: '18px' }}
          py="6px"
        >
          <Refusal words={problem} />
          {lines.length === 0 && (
            <Box color="quiet" py="14px">
              {workshopWords.nothingWasCountedAtApartSo()}
            </Box>
          )}
          <Going lines={goesBack} next={nextIn?.id} {...row} />
          {byHand.length > 0 && (
            <Box
              as="section"
              aria-label={workshopWords.byHandSoFar()}
              pt={goesBack.length > 0 ? '14px' : '0'}
            >
              <Box fontFamily="heading" fontWeight="600" fontSize="20px" color="lamp">
                {workshopWords.byHandSoFar()}
              </Box>
              <Box color="quiet" lineHeight="1.3" pb="4px">
                {workshopWords.checkTheGapsPressItHome()}
              </Box>
              <Going lines={byHand} next={undefined} {...row} />
            </Box>
          )}
          {lines.length > 0 && open.length === 0 && (
            <Box fontFamily="heading" fontWeight="600" fontSize="22px" py="14px">
              {workshopWords.everythingIsInItsPlaceAnd()}
            </Box>
          )}
        </ScrollRegion>
      </Flex>
      <LineDialog line={line} write={writing.write} close={() => setLine(undefined)} />
    </WorkshopFrame>
  );
}

/** Lines of the ledger, each with what can be done with it. */
function Going({
  lines,
  next,
  write,
  onLine,
  onProblem,
}: {
  lines: LedgerLine[];
  /** The line whose turn it is: how it goes in is said. */
  next: string | undefined;
  write: Write;
  onLine: (line: LedgerLine) => void;
  onProblem: (problem: string | undefined) => void;
}) {
  return lines.map((one, index) => (
    <Flex
      key={one.id}
      align="center"
      gap="12px"
      py="6px"
      borderTopWidth={index > 0 ? '1px' : '0'}
      borderColor="hairline"
      wrap="wrap"
    >
      <Box flex="1" minW="200px">
        <BareButton px="0" fontFamily="heading" fontWeight="600" onClick={() => onLine(one)}>
          {one.words}
        </BareButton>
        <Box color="quiet" fontSize="14px" lineHeight="1.3">
          {standing(one)}
        </Box>
        {one.id === next && one.putBack && <Box lineHeight="1.3">{one.putBack}</Box>}
      </Box>
      <LineMoves line={one} write={write} onProblem={onProblem} most={3} />
    </Flex>
  ));
}

function standing(line: LedgerLine): string {
  return [
    line.first.length > 0 && workshopWords.first({ value: line.first.slice(0, 3).join('; ') }),
    line.row.people > 1 && workshopWords.takesTwo(),
    line.out < line.row.count &&
      line.out > 0 &&
      workshopWords.outOfCountStillOut({ out: line.out, count: line.row.count }),
    line.awaiting > 0 && workshopWords.awaitingBrokenOrLostReplaceIt({ awaiting: line.awaiting }),
    line.byHand > 0 && workshopWords.byHandByHand({ byHand: line.byHand }),
    line.row.tray && workshopWords.inTray({ tray: line.row.tray }),
  ]
    .filter(Boolean)
    .join(' · ');
}

function Counted({ ledger }: { ledger: LedgerLine[] }) {
  const sum = (of: (line: LedgerLine) => number) => ledger.reduce((all, one) => all + of(one), 0);
  const rows: [string, number][] = [
    [workshopWords.cameOff(), sum((line) => line.row.count)],
    [workshopWords.backOnTheVehicle(), sum((line) => line.back)],
    [workshopWords.newOnesIn(), sum((line) => line.replaced)],
    [workshopWords.stayInTheirHoles(), sum((line) => line.stays)],
    [workshopWords.stillOut(), sum((line) => line.out)],
    [workshopWords.byHandOnly(), sum((line) => line.byHand)],
  ];
  return (
    <Box px="14px" py="10px" borderBottomWidth="1px" borderColor="hairline">
      {rows.map(([words, count]) => (
        <Flex key={words} justify="space-between" align="baseline">
          <Box color="quiet">{words}</Box>
          <Box fontFamily="heading" fontWeight="600" fontSize="20px">
            {count}
          </Box>
        </Flex>
      ))}
    </Box>
  );
}
