import { Box } from '@chakra-ui/react';
import type { KeyboardEvent } from 'react';
import type { LampAtWall, Verdict } from '../api/client';
import { useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { useDrag } from '../drawing/useDrag';
import { mmToScreenY, type View } from '../drawing/view';
import { nudgeMm, onTape, typedLength } from '../entry/typed';
import { VERDICT_PAINT, VERDICT_WORD, VerdictMark } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';

/** The cutoff's handle: dragged, or nudged with the arrow keys; Enter keeps it, Escape drops it. */
export function CutoffHandle({
  lamp,
  x,
  view,
  lineMm,
  belowMm,
  drafted,
  verdict,
  words,
  onMove,
  onKeep,
  onDrop,
  onAsk,
}: {
  lamp: LampAtWall;
  x: number;
  view: View;
  lineMm: number;
  belowMm: number | undefined;
  drafted: boolean;
  verdict: Verdict;
  words: string;
  onMove: (belowMm: number) => void;
  onKeep: () => void;
  onDrop: () => void;
  /** Shows how the reading is judged; missing while there is nothing to show. */
  onAsk: (() => void) | undefined;
}) {
  const units = useUnits();
  const shown = belowMm ?? lamp.aim?.belowLine?.value ?? 0;
  const y = mmToScreenY(view, lineMm - shown);
  const side = sideWord(lamp.side);

  const grip = useDrag((from: number, { down }) => onMove(onTape(from + down / view.scale, units)));
  const key = (event: KeyboardEvent<HTMLElement>) => {
    const step = nudgeMm(units) * (event.shiftKey ? 10 : 1);
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      onMove(onTape(shown, units) + (event.key === 'ArrowDown' ? step : -step));
    } else if (event.key === 'Enter' && drafted) {
      event.preventDefault();
      onKeep();
    } else if (event.key === 'Escape' && drafted) {
      event.preventDefault();
      onDrop();
    }
  };
  return (
    <>
      <Box
        role="slider"
        tabIndex={0}
        aria-orientation="vertical"
        aria-label={wallWords.cutoffOfTheSideLampBelow({ side })}
        aria-valuenow={Math.round(shown)}
        aria-valuemin={-3000}
        aria-valuemax={3000}
        aria-valuetext={
          belowMm === undefined
            ? appWords.notReadAlone()
            : `${words || wallWords.shownBelow({ shown: typedLength(shown, units), value: units === 'METRIC' ? 'mm' : 'in' })}, ${VERDICT_WORD[verdict]}`
        }
        position="absolute"
        left={`${x - 26}px`}
        top={`${y - 26}px`}
        w="52px"
        h="52px"
        borderRadius="full"
        cursor="ns-resize"
        touchAction="none"
        css={{ transition: drafted ? undefined : 'top 300ms' }}
        {...grip(shown)}
        onKeyDown={key}
      >
        <Grip verdict={verdict} isRead={belowMm !== undefined} />
      </Box>
      {words && (
        <Box
          as={onAsk ? 'button' : 'span'}
          onClick={onAsk}
          cursor={onAsk ? 'pointer' : undefined}
          minH="48px"
          display="flex"
          alignItems="flex-end"
          position="absolute"
          left={`${x}px`}
          top={`${Math.min(y, mmToScreenY(view, lineMm)) - 8}px`}
          transform="translate(calc(-100% - 22px), -100%)"
          fontFamily="heading"
          fontWeight="600"
          fontSize="16px"
          color={belowMm === undefined ? 'quiet' : VERDICT_PAINT[verdict]}
          whiteSpace="nowrap"
          pointerEvents={onAsk ? 'auto' : 'none'}
        >
          <Box
            as="span"
            bg="plaster"
            px="3px"
            borderBottomWidth={onAsk ? '1px' : '0'}
            borderBottomStyle="dotted"
          >
            {words}
          </Box>
        </Box>
      )}
    </>
  );
}

function Grip({ verdict, isRead }: { verdict: Verdict; isRead: boolean }) {
  return (
    <svg width="52" height="52" aria-hidden="true">
      {!isRead ? (
        <circle
          cx="26"
          cy="26"
          r="9"
          fill={paint('plaster')}
          stroke={paint('ink')}
          strokeWidth="2"
          strokeDasharray="4 3"
        />
      ) : (
        <VerdictMark verdict={verdict} x={26} y={verdict === 'OUT' ? 22 : 26} size={22} />
      )}
    </svg>
  );
}
