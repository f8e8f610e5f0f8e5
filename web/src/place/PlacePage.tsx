import { Box, Flex, Grid } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, unwrap, type PlacePage as Page } from '../app/api/client';
import { putPlace, usePlacePage } from '../app/api/queries';
import { PlainButton } from '../app/buttons';
import { useCommand } from '../app/commands';
import { Fetched } from '../app/Fetched';
import { Key } from '../app/Key';
import { UnitsProvider, useUnits } from '../app/session';
import { Sheet } from '../app/Sheet';
import { StageHeader } from '../app/StageHeader';
import { Cautions } from '../finding/Cautions';
import { FindingsDialog } from '../finding/FindingsDialog';
import { FindingList } from '../finding/FindingList';
import { HorizonStrip } from '../finding/HorizonStrip';
import { SentenceText } from '../finding/SentenceText';
import { WorkingDialog, type Worked } from '../finding/Working';
import { conflictOf } from '../settings/Stale';
import { FrontDrawing } from './FrontDrawing';
import { HeadingPlan } from './HeadingPlan';
import { KeepOutForm } from './KeepOutForm';
import { LampForm } from './LampForm';
import { PairList } from './PairList';
import { PlaceBand } from './PlaceBand';
import { RulesForm } from './RulesForm';
import { freeId, moved, withPair } from './shapes';
import { TemplateForm } from './TemplateForm';
import { useFront } from './useFront';

type Shown =
  | 'add'
  | 'edit'
  | 'keepOuts'
  | 'rules'
  | 'template'
  | 'findings'
  | 'cautions'
  | 'nowhere'
  | undefined;

export function PlacePage() {
  const { id = '' } = useParams();
  const query = usePlacePage(id);
  return (
    <Fetched query={query} what="job">
      {(page) => (
        <UnitsProvider units={page.job.units}>
          <Place key={id} page={page} offline={query.isRefetchError} />
        </UnitsProvider>
      )}
    </Fetched>
  );
}

function Place({ page, offline }: { page: Page; offline: boolean }) {
  const units = useUnits();
  const client = useQueryClient();
  const navigate = useNavigate();
  const jobId = page.job.id;
  const { front, sheet, draft, refusal, change, drop } = useFront(page, units);
  const [chosenId, setChosenId] = useState<string | undefined>(
    () => page.sheet.foremost?.split('.')[1] ?? page.front.pairs[0]?.id,
  );
  const [parted, setParted] = useState(false);
  const [shown, setShown] = useState<Shown>();
  const [worked, setWorked] = useState<Worked>();
  const chosen = front.pairs.find((pair) => pair.id === chosenId) ?? front.pairs[0];
  const apart = parted || (chosen && JSON.stringify(chosen.left) !== JSON.stringify(chosen.right));

  const keep = useMutation({
    mutationFn: (version: number) => putPlace(jobId, version, front),
    onSuccess: (fresh) => {
      client.setQueryData(['place', jobId], fresh);
      drop();
    },
  });
  const conflict = conflictOf(keep.error);
  const nearest = useMutation({
    mutationFn: (pair: string) =>
      unwrap(api.POST('/api/calc/place/nearest', { body: { units, front, pair } })),
    onSuccess: (found) => {
      if (found.spot && chosen) {
        change(withPair(front, { ...chosen, left: found.spot, right: found.spot }));
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
  useCommand('n', 'Nearest good place', findNearest);
  useCommand(
    'a',
    'Add a lamp',
    useCallback(() => setShown('add'), []),
  );
  useCommand(
    'f',
    'All findings',
    useCallback(() => setShown('findings'), []),
  );
  useCommand(
    'w',
    'Cautions',
    useCallback(() => setShown('cautions'), []),
  );
  useCommand(
    't',
    'Drill template',
    useCallback(() => setShown('template'), []),
  );
  useCommand(
    'p',
    'Part the two sides, or mirror them',
    useCallback(() => setParted((before) => !before), []),
  );
  useCommand(
    'y',
    'To the yard',
    useCallback(() => void navigate('/'), [navigate]),
  );
  const ask = (findingId: string | undefined) => {
    const finding = sheet.findings.find((one) => one.id === findingId);
    if (finding) {
      setWorked({ kind: 'finding', finding });
    }
  };
  return (
    <Flex direction="column" h={{ base: 'auto', lg: '100vh' }} minH="100vh">
      <StageHeader job={page.job} vehicle={page.vehicle} here="place" offline={offline} />
      <HorizonStrip horizon={sheet.horizon} onMark={ask} />
      <Grid
        as="main"
        flex="1"
        minH="0"
        templateColumns={{ base: '1fr', md: '1fr 1fr', lg: '216px 1fr 262px' }}
        templateAreas={{
          base: '"drawing" "pairs" "says"',
          md: '"drawing drawing" "pairs says"',
          lg: '"pairs drawing says"',
        }}
      >
        <Flex
          direction="column"
          gridArea="pairs"
          px={{ base: '14px', lg: '0' }}
          pl={{ lg: '26px' }}
          pr={{ lg: '10px' }}
          pt="10px"
          minH="0"
        >
          <Box flex="1" minH="0" overflowY="auto" tabIndex={0} aria-label="Lamps and rules">
            <PairList
              front={front}
              sheet={sheet}
              chosenId={chosen?.id}
              onChoose={setChosenId}
              onAddLamp={open('add')}
              onEditLamp={open('edit')}
              onKeepOuts={open('keepOuts')}
              onRules={open('rules')}
            />
          </Box>
          <Cautions
            cautions={sheet.cautions}
            where="before the drill"
            open={shown === 'cautions'}
            setOpen={(on) => setShown(on ? 'cautions' : undefined)}
          />
        </Flex>
        <Flex direction="column" gridArea="drawing" minH="0">
          <Flex
            bg="plaster"
            px="10px"
            align="center"
            gap="4px"
            wrap="wrap"
            borderBottomWidth="1px"
            borderColor="hairline"
            justify="flex-end"
          >
            <PlainButton
              borderWidth="0"
              borderRadius="0"
              aria-pressed={!apart}
              onClick={() => setParted(!apart)}
            >
              {apart ? 'Sides parted' : 'Both sides together'}
              <Key name="p" />
            </PlainButton>
            <PlainButton borderWidth="0" borderRadius="0" disabled={!chosen} onClick={findNearest}>
              Nearest good place
              <Key name="n" />
            </PlainButton>
            <PlainButton
              borderWidth="0"
              borderRadius="0"
              disabled={!chosen}
              onClick={open('template')}
            >
              Drill template
              <Key name="t" />
            </PlainButton>
          </Flex>
          <Box flex="1" h={{ base: '360px', md: '460px', lg: 'auto' }} minH="0">
            <FrontDrawing
              front={front}
              sheet={sheet}
              chosen={chosen}
              onChoose={setChosenId}
              onMove={(pair, side, to) =>
                change(withPair(front, moved(pair, side, to, Boolean(apart))))
              }
            />
          </Box>
          {chosen && (
            <Box h="112px">
              <HeadingPlan
                front={front}
                pair={chosen}
                sheet={sheet}
                onTurn={(side, headingDeg) =>
                  change(withPair(front, moved(chosen, side, { headingDeg }, true)))
                }
              />
            </Box>
          )}
        </Flex>
        <Box gridArea="says" minH={{ base: '300px', lg: '0' }} overflow="hidden" bg="panel">
          <FindingList
            title="What the rules say"
            findings={sheet.findings.filter(
              (finding) => chosen && finding.id.startsWith(`place.${chosen.id}.`),
            )}
            onAsk={(finding) => setWorked({ kind: 'finding', finding })}
          />
        </Box>
      </Grid>
      <Box position={{ base: 'sticky', lg: 'static' }} bottom="0" zIndex="5">
        <PlaceBand
          sheet={sheet}
          empty={front.pairs.length === 0}
          problem={refusal ?? (conflict ? undefined : keep.error?.message)}
          changed={Boolean(draft)}
          conflict={conflict}
          onKeep={() => keep.mutate(draft?.version ?? page.version)}
          onMine={() =>
            conflict && keep.mutate(Number((conflict.theirs as { version?: number }).version))
          }
          onDrop={() => {
            keep.reset();
            drop();
            void client.invalidateQueries({ queryKey: ['place', jobId] });
          }}
          onAdd={open('add')}
          onNearest={findNearest}
          onTemplate={open('template')}
          onTurned={(findingId) => {
            const side = findingId.endsWith('.left') ? 'Left' : 'Right';
            document
              .querySelector<HTMLButtonElement>(
                `button[aria-label^="${side}"][aria-label*=", direction"]`,
              )
              ?.click();
          }}
          onFindings={open('findings')}
          onAsk={ask}
        />
      </Box>
      <Sheet
        title={shown === 'edit' ? 'The lamp' : 'A lamp for this front'}
        open={shown === 'add' || shown === 'edit'}
        close={close}
      >
        <LampForm
          pair={shown === 'edit' ? chosen : undefined}
          newId={(name) => freeId(front, name)}
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
      <Sheet title="In the way" open={shown === 'keepOuts'} close={close}>
        <KeepOutForm front={front} onChange={(keepOuts) => change({ ...front, keepOuts })} />
      </Sheet>
      <Sheet title="Rules to judge by" open={shown === 'rules'} close={close}>
        <RulesForm
          chosen={front.ruleSets}
          onChange={(ruleSets) => change({ ...front, ruleSets })}
        />
      </Sheet>
      <Sheet title="Drill template, 1:1" open={shown === 'template'} close={close}>
        {draft ? (
          <Box>Keep the place first: the template is made from what is kept.</Box>
        ) : (
          chosen && <TemplateForm jobId={jobId} pair={chosen} />
        )}
      </Sheet>
      <Sheet
        title={nearest.data?.kind === 'STAYS' ? 'It can stay' : 'No good place'}
        open={shown === 'nowhere'}
        close={close}
      >
        {nearest.data?.kind === 'STAYS'
          ? 'Every limit of place holds where it sits. What else is out does not depend on the place.'
          : nearest.data?.clashes.map((clash) => (
              <Box key={clash.pattern} fontSize="17px">
                <SentenceText sentence={clash} />
              </Box>
            ))}
      </Sheet>
      <FindingsDialog
        findings={sheet.findings}
        open={shown === 'findings'}
        close={close}
        onAsk={setWorked}
      />
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </Flex>
  );
}
