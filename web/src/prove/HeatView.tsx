import { Box, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Heat, WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { Refusal } from '../ui/Refusal';
import { ScrollRegion } from '../ui/ScrollRegion';
import { Label } from '../drawing/Label';
import { useWidth } from '../drawing/useSize';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { MeterLive } from '../meter/MeterLive';
import { TextField } from '../settings/fields';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

/** Temperatures while something warms, and the curve that tells where it will end. */
export function HeatView({ page, write }: { page: Page; write: Write }) {
  const last = page.heat.at(-1);
  const [what, setWhat] = useState(last?.what ?? '');
  const [after, setAfter] = useState('0 min');
  const [temperature, setTemperature] = useState('');
  const [limit, setLimit] = useState('');
  const [problem, setProblem] = useState<string>();
  const keep = async () => {
    try {
      await write(
        { heat: { what: what.trim(), after, temperature, limit: limit || undefined } },
        workshopWords.whatTemperatureAfterAfter({ what, temperature, after }),
      );
      setTemperature('');
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <ScrollRegion label={workshopWords.heat()} px={{ base: '14px', lg: '24px' }} py="12px">
      <Box color="quiet">{workshopWords.readItEveryMinuteOrTwo()}</Box>
      <Flex
        as="form"
        gap="10px"
        py="10px"
        wrap="wrap"
        align="flex-end"
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Box flex="2" minW="140px">
          <TextField
            label={workshopWords.whatWarms()}
            value={what}
            set={setWhat}
            maxLength={60}
            placeholder={workshopWords.leftResistor()}
          />
        </Box>
        <Box flex="1" minW="90px">
          <TextField
            label={appWords.after()}
            value={after}
            set={setAfter}
            maxLength={20}
            placeholder={workshopWords.threeMinutes()}
          />
        </Box>
        <Box flex="1" minW="100px">
          <TextField
            label={workshopWords.temperature()}
            value={temperature}
            set={setTemperature}
            maxLength={20}
            placeholder="47 °C"
          />
        </Box>
        <Box flex="1" minW="110px">
          <TextField
            label={workshopWords.itsMaterialWithstands()}
            value={limit}
            set={setLimit}
            maxLength={20}
            placeholder={appWords.notSaid()}
          />
        </Box>
        <PlainButton type="submit">{workshopWords.record()}</PlainButton>
      </Flex>
      <MeterLive what="CELSIUS" keep={(celsius) => setTemperature(`${String(celsius)} °C`)} />
      <Refusal words={problem} />
      {page.heat.map((heat) => (
        <HeatCurve key={heat.what} heat={heat} />
      ))}
      {page.heat.length === 0 && <Box py="12px">{workshopWords.nothingReadYet()}</Box>}
    </ScrollRegion>
  );
}

const HEIGHT = 230;
const PAD = { left: 46, right: 70, top: 16, bottom: 28 };

/** The readings, the fitted curve, where it ends and how far it may go. */
function HeatCurve({ heat }: { heat: Heat }) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const points = heat.curve?.points ?? [];
  const all = [...heat.readings, ...points];
  const mostMinutes = Math.max(5, ...all.map((point) => point.minutes));
  const most =
    Math.max(heat.limitCelsius, heat.curve?.endCelsius ?? 0, ...all.map((point) => point.celsius)) +
    5;
  const least = Math.min(20, ...all.map((point) => point.celsius)) - 2;
  const x = (minutes: number) =>
    PAD.left + (minutes / mostMinutes) * (width - PAD.left - PAD.right);
  const y = (celsius: number) =>
    PAD.top + ((most - celsius) / (most - least)) * (HEIGHT - PAD.top - PAD.bottom);
  const end = heat.curve?.endCelsius;
  return (
    <Box as="section" aria-label={heat.what} py="10px" borderTopWidth="1px" borderColor="hairline">
      <Flex gap="10px" align="center">
        <VerdictShape verdict={heat.finding.verdict} size={22} />
        <Box fontFamily="heading" fontWeight="600" fontSize="20px">
          <SentenceText sentence={heat.finding.headline} />
        </Box>
      </Flex>
      {heat.finding.remedy && (
        <Box color="quiet" pl="32px">
          <SentenceText sentence={heat.finding.remedy} />
        </Box>
      )}
      <Box ref={box}>
        {width > 0 && (
          <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={workshopWords.temperaturesOfWhat({ what: heat.what })}
          >
            <path
              d={`M${PAD.left} ${PAD.top}V${HEIGHT - PAD.bottom}H${width - PAD.right}`}
              fill="none"
              stroke={paint('rule')}
            />
            {ticks(mostMinutes).map((minutes) => (
              <Label
                key={minutes}
                as="scale"
                x={x(minutes)}
                y={HEIGHT - 9}
                size={13.5}
                anchor="middle"
                colour="quiet"
              >
                {`${minutes} min`}
              </Label>
            ))}
            <line
              x1={PAD.left}
              x2={width - PAD.right}
              y1={y(heat.limitCelsius)}
              y2={y(heat.limitCelsius)}
              stroke={paint('out')}
              strokeDasharray="7 4"
            />
            <Label
              as="scale"
              x={PAD.left + 4}
              y={y(heat.limitCelsius) - 5}
              size={13.5}
              colour="out"
            >
              {workshopWords.mayReachLimit({ limit: figureText(heat.limit, units) })}
            </Label>
            {points.length > 0 && (
              <path
                d={`M${points.map((point) => `${x(point.minutes).toFixed(1)} ${y(point.celsius).toFixed(1)}`).join('L')}`}
                fill="none"
                stroke={paint('lamp')}
                strokeWidth="2.5"
              />
            )}
            {end !== undefined && (
              <>
                <line
                  x1={PAD.left}
                  x2={width - PAD.right}
                  y1={y(end)}
                  y2={y(end)}
                  stroke={paint('lamp')}
                  strokeDasharray="2 4"
                />
                <Label as="figure" x={width - PAD.right + 6} y={y(end) + 6} size={19} colour="lamp">
                  {heat.curve ? figureText(heat.curve.end, units) : ''}
                </Label>
              </>
            )}
            {heat.readings.map((point, index) => (
              <circle
                key={index}
                cx={x(point.minutes)}
                cy={y(point.celsius)}
                r="4.5"
                fill={paint('ground')}
                stroke={paint('ink')}
                strokeWidth="2"
              />
            ))}
          </svg>
        )}
      </Box>
    </Box>
  );
}

function ticks(most: number): number[] {
  const step = most > 60 ? 30 : most > 25 ? 10 : most > 10 ? 5 : 1;
  return Array.from({ length: Math.floor(most / step) + 1 }, (_, index) => index * step);
}
