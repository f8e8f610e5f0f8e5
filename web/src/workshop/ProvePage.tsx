import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ProofCell, ProofItem, WorkshopPage as Page } from '../app/api/client';
import { PlainButton } from '../app/buttons';
import { useCommand } from '../app/commands';
import { JobStage } from '../app/JobStage';
import { Key } from '../app/Key';
import { DrawingTools } from '../app/StageFrame';
import { ToolButton } from '../app/ToolButton';
import { paint } from '../app/theme';
import { Choice, TextField } from '../settings/fields';
import { Sheet } from '../app/Sheet';
import { counted } from '../app/counted';
import { Refusal } from '../app/Refusal';
import { HeatView } from './HeatView';
import { EXPECTED, litFirst, openItem, outcomesOf, prove, type Outcome } from './proofing';
import { useWorkshopPage, useWriting, type Tell } from './useWorkshop';
import { WorkshopFrame } from './WorkshopFrame';

/** Every function before the front is closed, in the fewest switch movements. */
export function ProvePage() {
  return (
    <JobStage usePage={useWorkshopPage}>
      {(page, offline) => <Prove page={page} offline={offline} />}
    </JobStage>
  );
}

function Prove({ page, offline }: { page: Page; offline: boolean }) {
  const writing = useWriting(page.job.id, 'PROVE');
  const { items } = page.proof;
  const [view, setView] = useState<'states' | 'heat'>('states');
  const [at, setAt] = useState(() => openItem(items));
  const [told, setTold] = useState<{ cell: ProofCell; outcome: Outcome }>();
  const item = items[Math.min(at, items.length - 1)];
  useCommand('1', 'The states', () => setView('states'));
  useCommand('2', 'Heat', () => setView('heat'));
  const step = (by: number) =>
    setAt((before) => Math.max(0, Math.min(items.length - 1, before + by)));
  useCommand('ArrowRight', 'The next state', () => step(1));
  useCommand('ArrowLeft', 'The state before', () => step(-1));
  return (
    <WorkshopFrame
      page={page}
      stage="PROVE"
      offline={offline}
      writing={writing}
      tools={
        <DrawingTools>
          <ToolButton
            on={view === 'states'}
            aria-pressed={view === 'states'}
            onClick={() => setView('states')}
          >
            States
            <Key name="1" />
          </ToolButton>
          <ToolButton
            on={view === 'heat'}
            aria-pressed={view === 'heat'}
            onClick={() => setView('heat')}
          >
            Heat
            <Key name="2" />
          </ToolButton>
          <ToolButton asChild>
            <Link to={`/jobs/${page.job.id}/prove/stand-back`}>Stand back</Link>
          </ToolButton>
        </DrawingTools>
      }
      right={<Progress items={items} at={at} setAt={setAt} />}
    >
      {view === 'heat' ? (
        <HeatView page={page} write={writing.write} />
      ) : (
        item && (
          <State
            item={item}
            number={at + 1}
            page={page}
            step={step}
            tell={writing.tell}
            onTold={(cell, outcome) => setTold({ cell, outcome })}
          />
        )
      )}
      {item && told && (
        <Sheet title={`${told.cell.words}: what was seen?`} open close={() => setTold(undefined)}>
          <Told
            cell={told.cell}
            outcome={told.outcome}
            onTold={async (seen) => {
              await prove(writing.write, item, told.cell, seen);
              setTold(undefined);
            }}
          />
        </Sheet>
      )}
    </WorkshopFrame>
  );
}

/** One state: what to move, and each lamp with what it should do. */
function State({
  item,
  number,
  page,
  step,
  tell,
  onTold,
}: {
  item: ProofItem;
  number: number;
  page: Page;
  step: (by: number) => void;
  tell: Tell;
  onTold: (cell: ProofCell, outcome: Outcome) => void;
}) {
  const count = page.proof.items.length;
  const open = item.lamps.filter((cell) => !cell.outcome);
  const allWork = async () => {
    await Promise.all(open.map((cell) => prove(tell, item, cell, { outcome: 'WORKS' })));
    step(1);
  };
  return (
    <Box
      flex="1"
      minH="0"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label={`State ${number}: ${item.name}`}
      px={{ base: '14px', lg: '24px' }}
      py="12px"
    >
      <Flex align="baseline" gap="14px" wrap="wrap">
        <Box as="h2" fontFamily="heading" fontWeight="600" fontSize="30px" lineHeight="1.1">
          {item.name}
        </Box>
        <Box color="quiet">
          state {number} of {count} · {page.proof.movements} switch movements in all
          {!page.proof.wired && ' · the vehicle’s own functions; nothing was wired'}
        </Box>
      </Flex>
      <Box fontFamily="heading" fontSize="22px" color="lamp" py="6px">
        {item.moves.length > 0 ? item.moves.join(' · ') : 'as it stands'}
      </Box>
      {litFirst(item).map((cell) => (
        <Flex
          key={cell.words}
          align="center"
          gap="12px"
          py="7px"
          borderTopWidth="1px"
          borderColor="hairline"
          wrap="wrap"
          role="group"
          aria-label={`${cell.words}, should be ${EXPECTED[cell.expected]}`}
        >
          <Lamp cell={cell} />
          <Box flex="1" minW="130px">
            <Box fontFamily="heading" fontWeight="600" fontSize="18px" lineHeight="1.2">
              {cell.words}
            </Box>
            <Box color="quiet" fontSize="14px">
              should be {EXPECTED[cell.expected]}
              {cell.faults > 0 && ` · went wrong ${counted(cell.faults, 'time')}`}
            </Box>
          </Box>
          <Flex gap="6px" wrap="wrap">
            {outcomesOf(cell).map(([outcome, words]) => {
              const on = cell.outcome === outcome;
              return (
                <PlainButton
                  key={outcome}
                  px="14px"
                  minH="52px"
                  aria-pressed={on}
                  bg={
                    on
                      ? outcome === 'WORKS' || outcome === 'AFTER_TRIES'
                        ? 'within'
                        : 'out'
                      : undefined
                  }
                  color={on ? 'onVerdict' : 'ink'}
                  onClick={() =>
                    outcome === 'WORKS'
                      ? void prove(tell, item, cell, { outcome })
                      : onTold(cell, outcome)
                  }
                >
                  {words}
                </PlainButton>
              );
            })}
          </Flex>
          {cell.tests.length > 0 && (
            <Box w="100%" fontSize="15px" pl="42px">
              {cell.seen && <Box color="quiet">Seen: {cell.seen}</Box>}
              <Box as="ol" listStyleType="decimal" pl="18px">
                {cell.tests.map((test) => (
                  <li key={test}>{test}</li>
                ))}
              </Box>
            </Box>
          )}
        </Flex>
      ))}
      <Flex gap="8px" pt="14px" justify="flex-end" wrap="wrap">
        <PlainButton onClick={() => step(-1)} disabled={number === 1}>
          Before
        </PlainButton>
        <PlainButton onClick={() => step(1)} disabled={number === count}>
          Next state
        </PlainButton>
        {open.length > 0 && (
          <PlainButton
            bg="within"
            color="onVerdict"
            borderColor="within"
            minH="56px"
            px="24px"
            fontSize="18px"
            onClick={() => void allWork()}
          >
            All as they should be
          </PlainButton>
        )}
      </Flex>
    </Box>
  );
}

/** A lamp as it should be: bright, dimmed, dark. */
function Lamp({ cell }: { cell: ProofCell }) {
  return (
    <svg width="30" height="30" viewBox="0 0 30 30" aria-hidden="true">
      {cell.expected !== 'OUT' && (
        <circle
          cx="15"
          cy="15"
          r="14"
          fill={paint('lampFill')}
          opacity={cell.expected === 'FULL' ? 0.35 : 0.15}
        />
      )}
      <circle
        cx="15"
        cy="15"
        r="8.5"
        fill={cell.expected === 'OUT' ? 'none' : paint('lampFill')}
        fillOpacity={cell.expected === 'REDUCED' ? 0.5 : 1}
        stroke={paint('ink')}
        strokeWidth="1.5"
      />
    </svg>
  );
}

function Told({
  cell,
  outcome,
  onTold,
}: {
  cell: ProofCell;
  outcome: Outcome;
  onTold: (seen: {
    outcome: Outcome;
    side?: ProofCell['side'];
    tries: number;
    seen: string;
  }) => Promise<void>;
}) {
  const [side, setSide] = useState<'BOTH' | 'LEFT' | 'RIGHT'>(cell.lampsSide ?? 'BOTH');
  const [tries, setTries] = useState(outcome === 'AFTER_TRIES' ? '2' : '0');
  const [seen, setSeen] = useState('');
  const [problem, setProblem] = useState<string>();
  const tell = async () => {
    try {
      await onTold({
        outcome,
        side: cell.lampsSide || side === 'BOTH' ? undefined : side,
        tries: Number.parseInt(tries, 10) || 0,
        seen,
      });
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box fontSize="16px">
      {!cell.lampsSide && (
        <Choice
          label="Which one?"
          value={side}
          set={setSide}
          options={[
            ['BOTH', 'both'],
            ['LEFT', 'the left'],
            ['RIGHT', 'the right'],
          ]}
        />
      )}
      {outcome === 'AFTER_TRIES' && (
        <Box pt="10px">
          <TextField label="Tries until it worked" value={tries} set={setTries} maxLength={2} />
        </Box>
      )}
      <Box pt="10px">
        <TextField
          label="What was seen"
          value={seen}
          set={setSeen}
          maxLength={200}
          placeholder="only when cold"
        />
      </Box>
      <Refusal words={problem} pt="8px" />
      <Flex justify="flex-end" pt="16px">
        <PlainButton minH="56px" px="26px" onClick={() => void tell()}>
          Write it down
        </PlainButton>
      </Flex>
    </Box>
  );
}

/** Which states are done, to be gone to. */
function Progress({
  items,
  at,
  setAt,
}: {
  items: ProofItem[];
  at: number;
  setAt: (at: number) => void;
}) {
  return (
    <Box
      as="ol"
      aria-label="States in order"
      listStyleType="none"
      maxH="55%"
      overflowY="auto"
      tabIndex={0}
      px="10px"
      py="8px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      {items.map((item, index) => {
        const open = item.lamps.filter((cell) => !cell.outcome).length;
        const wrong = item.lamps.some(
          (cell) => cell.outcome && cell.outcome !== 'WORKS' && cell.outcome !== 'AFTER_TRIES',
        );
        return (
          <li key={item.name}>
            <Flex
              as="button"
              w="100%"
              minH="48px"
              align="center"
              gap="8px"
              textAlign="left"
              cursor="pointer"
              aria-current={index === at ? 'step' : undefined}
              color={index === at ? 'lamp' : 'ink'}
              onClick={() => setAt(index)}
            >
              <Box flex="1" fontFamily="heading" fontWeight="600">
                {item.name}
              </Box>
              <Box color={wrong ? 'out' : 'quiet'} fontSize="13.5px">
                {wrong
                  ? 'not so'
                  : open === 0
                    ? 'proved'
                    : open === item.lamps.length
                      ? ''
                      : `${open} open`}
              </Box>
            </Flex>
          </li>
        );
      })}
    </Box>
  );
}
