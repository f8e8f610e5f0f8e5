import { Box } from '@chakra-ui/react';
import type { Controls, FeedSheet, LampRow } from '../api/client';
import { paint } from '../ui/theme';
import { LEVEL_WORDS } from '../circuit/words';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

const NAMES = 86;
const HEAD = 150;
const ROW = 32;

/** Whether the controls stand as a state has them. */
export function isAt(controls: Controls, state: Controls): boolean {
  return (
    controls.key === state.key &&
    controls.lights === state.lights &&
    controls.fog === state.fog &&
    controls.turn === state.turn &&
    controls.auxiliary === state.auxiliary
  );
}

/** Every state solved; a column puts the controls there. */
export function StateTable({
  sheet,
  rows = sheet.lamps,
  controls,
  onState,
}: {
  sheet: FeedSheet;
  rows?: LampRow[];
  controls: Controls;
  onState: (controls: Controls) => void;
}) {
  const column = `minmax(24px, 1fr)`;
  return (
    <Box
      as="table"
      w="100%"
      display="grid"
      gridTemplateColumns={`${NAMES}px repeat(${sheet.states.length}, ${column})`}
      aria-label={feedWords.everyStateSolved()}
    >
      <Box as="thead" display="contents">
        <Box as="tr" display="contents">
          <Box as="th" h={`${HEAD}px`} aria-label={appWords.lamps()} />
          {sheet.states.map((state) => (
            <Box
              as="th"
              key={state.state}
              h={`${HEAD}px`}
              bg={isAt(controls, state.controls) ? 'panel' : undefined}
              fontWeight="400"
            >
              <Box
                as="button"
                w="100%"
                h="100%"
                cursor="pointer"
                onClick={() => onState(state.controls)}
                css={{ writingMode: 'vertical-rl', transform: 'rotate(180deg)' }}
                fontFamily="scale"
                fontSize="13.5px"
                lineHeight="0.95"
                textAlign="left"
                display="flex"
                alignItems="center"
              >
                {state.words}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
      <Box as="tbody" display="contents">
        {rows.map((row) => (
          <Box as="tr" display="contents" key={row.words}>
            <Box
              as="th"
              h={`${ROW}px`}
              borderTopWidth="1px"
              borderColor="hairline"
              textAlign="left"
              fontWeight="600"
              fontSize="13.5px"
              fontFamily="heading"
              lineHeight="1.05"
              display="flex"
              alignItems="center"
            >
              {row.words}
            </Box>
            {row.cells.map((cell, index) => {
              const state = sheet.states[index];
              const here = state && isAt(controls, state.controls);
              return (
                <Box
                  as="td"
                  key={state?.state}
                  h={`${ROW}px`}
                  borderTopWidth="1px"
                  borderColor="hairline"
                  bg={here ? 'panel' : undefined}
                  display="flex"
                  alignItems="center"
                  justifyContent="center"
                >
                  <CellMark cell={cell} />
                </Box>
              );
            })}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** A full lamp, a half one, or a point where it is out; a spike where it is not as expected. */
export function CellMark({ cell }: { cell: LampRow['cells'][number] }) {
  const says = `${LEVEL_WORDS[cell.level]}${
    cell.agrees || !cell.expected
      ? ''
      : feedWords.expectedLevel({ level: LEVEL_WORDS[cell.expected] })
  }`;
  return (
    <svg width="22" height="22" viewBox="0 0 22 22" role="img" aria-label={says}>
      <title>{says}</title>
      {!cell.agrees && <path d="M11 1L20 20H2Z" fill={paint('out')} />}
      {cell.level === 'FULL' && (
        <circle
          cx="11"
          cy={cell.agrees ? 11 : 14}
          r={cell.agrees ? 7 : 3.5}
          fill={paint(cell.agrees ? 'lampFill' : 'onVerdict')}
        />
      )}
      {cell.level === 'REDUCED' && (
        <g>
          <circle cx="11" cy="11" r="6.5" fill="none" stroke={paint('lamp')} strokeWidth="1.4" />
          <path d="M11 4.5a6.5 6.5 0 0 0 0 13z" fill={paint('lampFill')} />
        </g>
      )}
      {cell.level === 'OUT' && cell.agrees && (
        <circle cx="11" cy="11" r="2" fill={paint('quiet')} />
      )}
      {cell.level === 'OUT' && !cell.agrees && (
        <circle cx="11" cy="14" r="3.5" fill="none" stroke={paint('onVerdict')} strokeWidth="1.6" />
      )}
    </svg>
  );
}
