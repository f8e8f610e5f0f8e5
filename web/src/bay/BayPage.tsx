import { Box, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { BayPage as Page } from '../api/client';
import { useBayPage } from '../api/queries';
import { useReadings } from '../kept/useReadings';
import { ActButton, PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Fetched } from '../frame/Fetched';
import { Header, UnitsButton } from '../frame/Header';
import { UnitsProvider, useUnits } from '../ui/session';
import { Sheet } from '../ui/Sheet';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT, VerdictShape } from '../finding/VerdictShape';
import { WorkingDialog, type Worked } from '../finding/Working';
import { readingActions } from '../kept/readings';
import { ReadingsTape } from '../wall/ReadingsTape';
import { appWords } from '../words/page/app';
import { bayWords } from '../words/page/bay';
import { BayForm } from './BayForm';
import { BayPlan } from './BayPlan';
import { FloorProfiles } from './FloorProfiles';

export function BayPage() {
  const { id = '' } = useParams();
  const query = useBayPage(id);
  return (
    <Fetched query={query} what="bay">
      {(page) => (
        <UnitsProvider units={page.bay.units}>
          <Bay page={page} />
        </UnitsProvider>
      )}
    </Fetched>
  );
}

const GRAVEST_FIRST = ['OUT', 'AT_EDGE', 'NOT_KNOWN', 'WITHIN'] as const;

function Bay({ page }: { page: Page }) {
  const units = useUnits();
  const navigate = useNavigate();
  const { shown: readings, known, keep, undo } = useReadings('bay', page.bay.id, page.readings);
  const [again, setAgain] = useState(false);
  const [changing, setChanging] = useState(false);
  const [worked, setWorked] = useState<Worked>();
  useCommand('y', appWords.back(), () => void navigate(-1));
  const findings = GRAVEST_FIRST.flatMap((verdict) =>
    page.floor.findings.filter((one) => one.verdict === verdict),
  );
  const worst = findings[0];

  // a floor read again is a second reading of it; anything else typed anew corrects the first
  const { keepThing, correct } = readingActions(
    known,
    units,
    keep,
    (thing) => again && thing.kind.startsWith('FLOOR_'),
  );
  return (
    <Flex direction="column" h={{ base: 'auto', lg: '100vh' }} minH="100vh">
      <Header title={page.bay.name} subtitle={page.bay.note}>
        <PlainButton onClick={() => setChanging(true)}>{bayWords.nameAndNote()}</PlainButton>
        <UnitsButton />
      </Header>
      <Grid
        as="main"
        flex="1"
        minH="0"
        templateColumns={{ base: '1fr', md: '1fr 1fr', lg: '1fr 400px 222px' }}
        templateAreas={{
          base: '"plan" "profile" "tape"',
          md: '"plan plan" "profile tape"',
          lg: '"plan profile tape"',
        }}
      >
        <Box gridArea="plan" minH={{ base: '560px', lg: '0' }}>
          <BayPlan page={page} onKeep={keepThing} />
        </Box>
        <Box gridArea="profile" px="20px" py="10px" overflowY="auto" minH="0" tabIndex={0}>
          <FloorProfiles floor={page.floor} />
          {findings.map((finding) => (
            <Flex
              as="button"
              key={finding.id}
              w="100%"
              minH="52px"
              gap="12px"
              py="8px"
              textAlign="left"
              borderTopWidth="1px"
              borderColor="hairline"
              cursor="pointer"
              onClick={() => setWorked({ kind: 'finding', finding })}
            >
              <VerdictShape verdict={finding.verdict} />
              <Box>
                <SentenceText sentence={finding.headline} />
              </Box>
            </Flex>
          ))}
        </Box>
        <Box gridArea="tape" minH={{ base: '300px', lg: '0' }} overflow="hidden">
          <ReadingsTape
            of={page.bay.id}
            onUndo={undo}
            readings={readings}
            onCorrect={correct}
            first={bayWords.theFloorAtTheTyres()}
          />
        </Box>
      </Grid>
      {worst && (
        <Band
          verdict={worst.verdict}
          headline={
            <SentenceText sentence={worst.headline} accent={VERDICT_PAINT[worst.verdict]} />
          }
          detail={
            <>
              <SentenceText sentence={worst.detail} />{' '}
              {worst.remedy && <SentenceText sentence={worst.remedy} />}
            </>
          }
          onAsk={() => setWorked({ kind: 'finding', finding: worst })}
        >
          {again ? (
            <>
              <Box maxW="240px">{bayWords.typeEachTyreAgainOnThe()}</Box>
              <PlainButton onClick={() => setAgain(false)}>{bayWords.doneReading()}</PlainButton>
            </>
          ) : (
            <ActButton onClick={() => setAgain(true)}>{bayWords.readTheTyresAgain()}</ActButton>
          )}
        </Band>
      )}
      <Sheet title={bayWords.theBay()} open={changing} close={() => setChanging(false)}>
        <BayForm bay={page.bay} />
      </Sheet>
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </Flex>
  );
}
