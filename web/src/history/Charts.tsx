import { Box, Flex } from '@chakra-ui/react';
import { useRef, type ReactNode } from 'react';
import { Bar, BarChart, XAxis, YAxis } from 'recharts';
import type { LookBack } from '../api/client';
import { paint } from '../ui/theme';
import { useWidth } from '../drawing/useSize';
import { appWords } from '../words/page/app';
import { historyWords } from '../words/page/history';

const TICK = { fill: paint('quiet'), fontSize: 13 };
const BAR = 24;
/** Two lines of a label. */
const LEAST_ROW = 40;
const LABELS = 150;
const LONGEST_LABEL = 30;

/** The table beside it tells the whole. */
const shortened = (label: string) =>
  label.length > LONGEST_LABEL ? `${label.slice(0, LONGEST_LABEL - 1).trimEnd()}…` : label;

interface Series {
  key: string;
  words: string;
  fill: string;
}

/** Bars with the same numbers as a table beside them. */
function Chart({
  title,
  rows,
  series,
  unit,
}: {
  title: string;
  rows: ({ what: string } & Record<string, string | number>)[];
  series: Series[];
  unit: string;
}) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  return (
    <Section title={title}>
      <Flex gap="18px" wrap="wrap" align="flex-start">
        <Box ref={box} flex="1" minW="260px" aria-hidden="true">
          {width > 0 && (
            <BarChart
              layout="vertical"
              accessibilityLayer={false}
              width={width}
              height={rows.length * Math.max(LEAST_ROW, BAR * series.length) + 34}
              data={rows}
              margin={{ left: 12, right: 12, top: 4, bottom: 0 }}
              barCategoryGap="22%"
            >
              <XAxis type="number" tick={TICK} stroke={paint('rule')} allowDecimals={false} />
              <YAxis
                type="category"
                dataKey="what"
                width={LABELS}
                interval={0}
                tick={TICK}
                tickFormatter={shortened}
                stroke={paint('rule')}
              />
              {series.map((one) => (
                <Bar key={one.key} dataKey={one.key} fill={one.fill} isAnimationActive={false} />
              ))}
            </BarChart>
          )}
        </Box>
        <Box as="table" aria-label={title} minW="220px" flex="none">
          <Box as="thead" color="quiet" fontSize="14px">
            <tr>
              <td />
              {series.map((one) => (
                <Box as="th" key={one.key} textAlign="right" pl="14px" fontWeight="400">
                  {one.words}
                </Box>
              ))}
            </tr>
          </Box>
          <tbody>
            {rows.map((row) => (
              <Box as="tr" key={row.what} borderTopWidth="1px" borderColor="hairline">
                <td>{row.what}</td>
                {series.map((one) => (
                  <Box as="td" key={one.key} textAlign="right" fontWeight="600">
                    {row[one.key]} {unit}
                  </Box>
                ))}
              </Box>
            ))}
          </tbody>
        </Box>
      </Flex>
    </Section>
  );
}

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={title} pt="14px">
      <Box as="h2" fontFamily="heading" fontWeight="600" fontSize="20px" pb="4px">
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** Minutes of each stage over the jobs that timed it. */
export function TimeChart({ times }: { times: LookBack['times'] }) {
  if (times.length === 0) {
    return null;
  }
  return (
    <Chart
      title={historyWords.timeAStageTakes()}
      unit="min"
      rows={times.map((one) => ({ what: one.words, middle: one.middle, most: one.most }))}
      series={[
        { key: 'middle', words: appWords.middle(), fill: paint('lampFill') },
        { key: 'most', words: historyWords.longest(), fill: paint('rule') },
      ]}
    />
  );
}

/** What the customer was told against what it took. */
export function EstimateChart({ estimates }: { estimates: LookBack['estimates'] }) {
  if (estimates.length === 0) {
    return null;
  }
  return (
    <Chart
      title={historyWords.toldAndTaken()}
      unit="min"
      rows={estimates.map((one) => ({ what: one.vehicle, told: one.told, taken: one.taken }))}
      series={[
        { key: 'told', words: historyWords.told(), fill: paint('rule') },
        { key: 'taken', words: historyWords.taken(), fill: paint('lampFill') },
      ]}
    />
  );
}

/** How often each of some things was met. */
export function CountChart({ title, counts }: { title: string; counts: LookBack['parts'] }) {
  if (counts.length === 0) {
    return (
      <Section title={title}>
        <Box color="quiet">{historyWords.noneSoFar()}</Box>
      </Section>
    );
  }
  return (
    <Chart
      title={title}
      unit="×"
      rows={counts.map((one) => ({ what: one.what, count: one.count }))}
      series={[{ key: 'count', words: historyWords.times(), fill: paint('lampFill') }]}
    />
  );
}
