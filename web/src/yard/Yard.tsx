import { Box, Flex, Input } from '@chakra-ui/react';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, unwrap, type YardRow } from '../api/client';
import { LOOK_AGAIN_MS } from '../api/queries';
import { ActButton, PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Header, UnitsButton } from '../frame/Header';
import { Key } from '../ui/Key';
import { UnitsProvider } from '../ui/session';
import { whereItStands } from '../ui/stages';
import { Waiting } from '../frame/Nowhere';
import { Refusal } from '../ui/Refusal';
import { HorizonStrip } from '../finding/HorizonStrip';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { yardWords } from '../words/page/yard';
import { dateFormat } from '../words/dates';
import { Aside, Unreadable } from './Aside';
import { NewJob } from './NewJob';

const DAY = dateFormat({ day: 'numeric', month: 'long' });
const CLOCK = dateFormat({ hour: '2-digit', minute: '2-digit' });

function touched(iso: string) {
  const at = new Date(iso);
  const days = Math.floor(
    (new Date().setHours(0, 0, 0, 0) - new Date(at).setHours(0, 0, 0, 0)) / 86_400_000,
  );
  return days === 0
    ? yardWords.todayAt({ at: CLOCK.format(at) })
    : days === 1
      ? yardWords.yesterday()
      : DAY.format(at);
}

const aboveTheLine = (row: YardRow) =>
  row.standing.horizon.marks.some((mark) => mark.verdict === 'OUT');

/** The jobs, each with its horizon and its next step. */
export function Yard() {
  const [text, setText] = useState('');
  const [adding, setAdding] = useState(false);
  const searched = useDeferredValue(text.trim());
  const search = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const yard = useInfiniteQuery({
    queryKey: ['yard', searched],
    queryFn: ({ pageParam }) =>
      unwrap(api.GET('/api/yard', { params: { query: { text: searched, after: pageParam } } })),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    placeholderData: (before) => before,
    refetchInterval: LOOK_AGAIN_MS,
  });
  const take = () => setAdding(true);
  const find = () => search.current?.focus();
  const toRules = () => void navigate('/rulebook');
  const toHistory = () => void navigate('/history');
  const toBays = () => void navigate('/bays');
  useCommand('n', yardWords.takeAVehicleIn(), take);
  useCommand('s', yardWords.search(), find);
  useCommand('b', appWords.bays(), toBays);
  useCommand('r', appWords.rulebook(), toRules);
  useCommand('h', appWords.history(), toHistory);

  const rows = yard.data?.pages.flatMap((page) => page.rows) ?? [];
  const above = rows.filter(aboveTheLine).length;
  const subtitle = yard.data
    ? yardWords.lengthAboveWithFindingsOut({
        length: appWords.countVehicles({ count: rows.length }),
        value: yard.hasNextPage ? yardWords.andMore() : '',
        above,
      })
    : undefined;
  return (
    <UnitsProvider units="METRIC">
      <Header title={yardWords.theYard()} subtitle={subtitle}>
        <UnitsButton />
      </Header>
      <Flex px={{ base: '14px', md: '26px' }} pb="10px" gap="10px" wrap="wrap">
        <Input
          ref={search}
          aria-label={yardWords.search()}
          placeholder={yardWords.vehicleWork()}
          h="52px"
          flex="1"
          minW="200px"
          borderRadius="full"
          px="20px"
          borderColor="rule"
          maxLength={100}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <PlainButton asChild minH="52px">
          <Link to="/bays">
            {appWords.bays()}
            <Key name="b" />
          </Link>
        </PlainButton>
        <PlainButton asChild minH="52px">
          <Link to="/history">
            {appWords.history()}
            <Key name="h" />
          </Link>
        </PlainButton>
        <PlainButton asChild minH="52px">
          <Link to="/rulebook">
            {appWords.rules()}
            <Key name="r" />
          </Link>
        </PlainButton>
        <ActButton minH="52px" onClick={take}>
          {yardWords.takeAVehicleIn()}
        </ActButton>
      </Flex>
      <Box as="main">
        <Refusal words={yard.error?.message} px="26px" py="14px" />
        {yard.isPending && <Waiting />}
        <Box as="ul" listStyleType="none" borderTopWidth="1px" borderColor="hairline">
          {rows.map((row) => (
            <Row key={row.jobId} row={row} />
          ))}
        </Box>
        {yard.isSuccess && rows.length === 0 && (
          <Box px="26px" py="40px" fontSize="18px">
            {searched ? yardWords.noVehicleOrWorkMatchesThese() : yardWords.theYardIsEmptyTakeA()}
          </Box>
        )}
        {yard.hasNextPage && (
          <Box p="20px" textAlign="center">
            <PlainButton onClick={() => void yard.fetchNextPage()}>
              {yardWords.olderJobs()}
            </PlainButton>
          </Box>
        )}
        <Aside />
      </Box>
      <NewJob open={adding} close={() => setAdding(false)} />
    </UnitsProvider>
  );
}

function Row({ row }: { row: YardRow }) {
  return (
    <UnitsProvider units={row.units}>
      <Box as="li" borderBottomWidth="1px" borderColor="hairline" _hover={{ bg: 'panel' }}>
        <Link to={whereItStands(row.jobId, row.standing)}>
          <Box
            display="grid"
            gridTemplateColumns={{
              base: '1fr',
              md: '210px 1fr 260px',
              xl: '230px 1fr 330px 130px',
            }}
            columnGap="20px"
            alignItems="center"
            px={{ base: '14px', md: '26px' }}
            minH="88px"
            py="6px"
          >
            <Box>
              <Box fontFamily="heading" fontSize="21px" fontWeight="600">
                {row.vehicle}
              </Box>
              <Box color="quiet">{row.nickname}</Box>
            </Box>
            <HorizonStrip horizon={row.standing.horizon} small />
            <Box>
              <Box
                fontFamily="heading"
                fontSize="19px"
                fontWeight="600"
                color={
                  row.standing.verdict === 'WITHIN' ? 'ink' : VERDICT_PAINT[row.standing.verdict]
                }
                lineHeight="1.2"
              >
                <SentenceText sentence={row.standing.headline} />
              </Box>
              <Box color="quiet" lineClamp="1" data-shortened title={row.work}>
                {row.work}
              </Box>
            </Box>
            <Box textAlign={{ base: 'left', xl: 'right' }} color="quiet" hideBelow="xl">
              {row.bay ?? yardWords.noBay()}
              <br />
              {touched(row.touchedAt)}
            </Box>
          </Box>
        </Link>
        {!row.readable && <Unreadable id={row.jobId} />}
      </Box>
    </UnitsProvider>
  );
}
