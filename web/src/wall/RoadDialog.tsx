import { Box, Dialog, Flex, Grid } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap, type JobPage, type LitRoad, type PairAtWall } from '../api/client';
import { Choice } from '../settings/fields';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import { Refusal } from '../ui/Refusal';
import { figureText, useUnits } from '../ui/session';
import { wallWords } from '../words/page/wall';
import { BEAMS, SETTINGS, settingOf, usualBeam, type Which } from './roadLight';
import { BeamTest } from './BeamTest';
import { RoadFromAbove } from './RoadFromAbove';

const SHAPES = [
  ['LEVEL', wallWords.roadLevel()],
  ['CREST', wallWords.roadCrest()],
  ['DIP', wallWords.roadDip()],
] as const;

type Shape = (typeof SHAPES)[number][0];

/** Of all meetings the one that low beams are tested for. */
const MEETING_MM = 50_000;

/** Shares that no eye tells apart. */
const NEARLY = 0.1;

/** What the lamps do on the road, as they came, now, and with the aim that is asked for. */
export function RoadDialog({
  page,
  pair,
  open,
  close,
}: {
  page: JobPage;
  pair: PairAtWall;
  open: boolean;
  close: () => void;
}) {
  const usual = usualBeam(pair, page.vehicle);
  const [before, setBefore] = useState<string>();
  const [after, setAfter] = useState<string>();
  const [shape, setShape] = useState<Shape>('LEVEL');
  const beams: readonly (readonly [string, string])[] =
    pair.kind === 'DRIVING' ? [] : BEAMS[pair.kind];
  const now = after ?? usual;
  const beamOf = (which: Which) => (which === 'CAME' ? (before ?? usual) : now);
  const settings = SETTINGS.flatMap(([which]) => settingOf(pair, which, beamOf(which)) ?? []);
  const body = { traffic: page.job.traffic, shape, settings };
  const road = useQuery({
    queryKey: ['road', body],
    queryFn: () => unwrap(api.POST('/api/calc/road', { body })),
    enabled: open && settings.length > 0,
    placeholderData: keepPreviousData,
  });
  return (
    <DialogFrame open={open} close={close} size="full" scrollBehavior="inside">
      <DialogTitle>{wallWords.lightOnTheRoad()}</DialogTitle>
      <Dialog.Body pb="16px">
        <Grid
          templateColumns={{ base: '1fr', md: '1.4fr 1.4fr 0.8fr', xl: '1.2fr 1.2fr 0.6fr 1.4fr' }}
          gap="14px"
          alignItems="end"
          mb="14px"
        >
          <Choice
            label={wallWords.lampsAsTheyCame()}
            value={beamOf('CAME')}
            set={setBefore}
            options={beams}
          />
          <Choice
            label={wallWords.lampsNow()}
            value={beamOf('NOW')}
            set={setAfter}
            options={beams}
          />
          <Choice label={wallWords.theRoad()} value={shape} set={setShape} options={SHAPES} />
          <Box color="quiet" fontSize="15px" lineHeight="1.3">
            {wallWords.roadLikeYours()}
          </Box>
        </Grid>
        <Flex direction="column" gap="10px">
          {SETTINGS.map(([which, title]) => {
            const lit = road.data?.settings.find((one) => one.which === which);
            const known = settings.some((one) => one.which === which);
            return (
              <Grid
                key={which}
                as="section"
                aria-label={title}
                templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 350px' }}
                gap="14px"
              >
                <Box h={{ base: '130px', lg: '150px' }} bg="plaster" order={{ base: 1, lg: 0 }}>
                  {known && lit && road.data && (
                    <RoadFromAbove
                      window={road.data.window}
                      lit={lit}
                      label={wallWords.roadFromAbove({ setting: title })}
                      oncomingIsLeft={page.job.traffic === 'RIGHT'}
                    />
                  )}
                </Box>
                <Told title={title} lit={known ? lit : undefined} known={known} which={which} />
              </Grid>
            );
          })}
        </Flex>
        <Refusal words={road.error?.message} />
        {road.data && <Meetings settings={road.data.settings} />}
        {open && pair.kind !== 'DRIVING' && <BeamTest name={beamOf('NOW')} />}
        <Box color="quiet" fontSize="14px" mt="10px">
          {wallWords.roadSources()}
        </Box>
      </Dialog.Body>
    </DialogFrame>
  );
}

/** What one setting comes to, in words. */
function Told({
  title,
  lit,
  known,
  which,
}: {
  title: string;
  lit: LitRoad | undefined;
  known: boolean;
  which: Which;
}) {
  const units = useUnits();
  const meeting = lit?.oncoming.find((one) => one.ahead.value === MEETING_MM);
  const onFoot = (where: 'KERB' | 'LANE' | 'OPPOSITE') =>
    lit?.onFoot.find((one) => one.where === where && one.lux.value === 3);
  const reach = (where: 'KERB' | 'LANE' | 'OPPOSITE') => {
    const seen = onFoot(where)?.reach;
    return seen ? figureText(seen, units) : wallWords.roadNowhere();
  };
  const speed = onFoot('KERB')?.speed;
  return (
    <Box lineHeight="1.3">
      <Box fontFamily="heading" fontSize="20px" fontWeight="600">
        {title}
      </Box>
      {!known && <Box color="quiet">{wallWords.roadNotRead()}</Box>}
      {meeting && (
        <>
          <Box>
            <Box as="span" fontFamily="heading" fontSize="26px" fontWeight="600" color="lamp">
              {figureText(meeting.lux, units)}
            </Box>{' '}
            {wallWords.inTheOncomingEye({ ahead: figureText(meeting.ahead, units) })}
            {which !== 'ASKED' &&
              meeting.times &&
              (Math.abs(meeting.times.value - 1) < NEARLY
                ? wallWords.asMuchAsAsked()
                : wallWords.timesTheAsked({ times: figureText(meeting.times, units) }))}
          </Box>
          <Box color="quiet" fontSize="15px">
            {wallWords.onFootSeen({
              kerb: reach('KERB'),
              lane: reach('LANE'),
              opposite: reach('OPPOSITE'),
            })}
            {speed && wallWords.stopsFrom({ speed: figureText(speed, units) })}
          </Box>
        </>
      )}
    </Box>
  );
}

const cell = { py: '3px', pr: '18px', textAlign: 'left' } as const;

/** Oncoming drivers from afar to near: light in the eye, and how uncomfortable it is. */
function Meetings({ settings }: { settings: LitRoad[] }) {
  const units = useUnits();
  return (
    <Box overflowX="auto" mt="12px">
      <Box as="table" minW="640px" css={{ borderCollapse: 'collapse' }}>
        <Box as="thead" color="quiet" fontSize="15px">
          <tr>
            <Box as="th" {...cell}>
              {wallWords.meetingsHead()}
            </Box>
            {settings[0]?.oncoming.map((one) => (
              <Box as="th" key={one.ahead.value} {...cell}>
                {figureText(one.ahead, units)}
              </Box>
            ))}
            <Box as="th" {...cell}>
              {wallWords.mirrorHead()}
            </Box>
          </tr>
        </Box>
        <tbody>
          {settings.map((lit) => (
            <Box as="tr" key={lit.which} borderTopWidth="1px" borderColor="hairline">
              <Box as="th" {...cell} fontWeight="600">
                {SETTINGS.find(([which]) => which === lit.which)?.[1]}
              </Box>
              {lit.oncoming.map((one) => (
                <Box as="td" key={one.ahead.value} {...cell}>
                  {figureText(one.lux, units)}
                  {one.deBoer && (
                    <Box as="span" color="quiet">
                      {' · '}
                      {figureText(one.deBoer, units)}
                    </Box>
                  )}
                </Box>
              ))}
              <Box as="td" {...cell}>
                {figureText(lit.insideMirror, units)}
              </Box>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
