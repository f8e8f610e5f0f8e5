import { Box, Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { Problem } from '../api/client';
import { useAsked } from './asked';
import { useAttempt } from './useAttempt';

/** A gloved finger's, in pixels. */
const LEAST_ROOM = 48;

/** Where an entry stands. What was typed is kept until it is stored. */
type State =
  | { kind: 'shown' }
  | { kind: 'typing'; typed: string }
  | { kind: 'storing'; typed: string }
  | { kind: 'refused'; typed: string; why: string };

/**
 * A measured value that is typed where it is shown: pressed, it becomes a field; Enter stores, Escape
 * leaves everything as it was. A refusal says why, and keeps what was typed.
 */
export function MeasuredEntry({
  name,
  label,
  shown,
  missing = false,
  onKeep,
  width = '96px',
  room,
  align = 'center',
  color = 'ink',
}: {
  /** What it is asked for by, where a page asks for it. */
  name?: string;
  /** What is measured, for those who cannot see where it stands. */
  label: string;
  shown: ReactNode;
  missing?: boolean;
  onKeep: (typed: string, id: string) => Promise<unknown>;
  width?: string;
  /** The room of what is shown, in pixels; wider words break. */
  room?: number;
  align?: 'center' | 'left' | 'right';
  /** Of what is shown, where the ground is not the page's. */
  color?: string;
}) {
  const [kept, setState] = useState<State>({ kind: 'shown' });
  const { wanted, answered } = useAsked(name);
  const state: State = wanted && kept.kind === 'shown' ? { kind: 'typing', typed: '' } : kept;
  const attempt = useAttempt();
  const close = () => {
    setState({ kind: 'shown' });
    answered();
  };

  if (state.kind === 'shown') {
    return (
      <Shown
        label={label}
        missing={missing}
        color={color}
        room={room}
        align={align}
        onType={() => setState({ kind: 'typing', typed: '' })}
      >
        {shown}
      </Shown>
    );
  }

  const store = async (typed: string) => {
    setState({ kind: 'storing', typed });
    try {
      await onKeep(typed, attempt.idFor(typed));
      attempt.done();
      close();
    } catch (problem) {
      setState({ kind: 'refused', typed, why: (problem as Problem).message });
    }
  };
  return (
    <Box position="relative" display="inline-block" zIndex="10">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (state.typed.trim()) {
            void store(state.typed);
          } else {
            close();
          }
        }}
      >
        <Input
          aria-label={label}
          aria-invalid={state.kind === 'refused'}
          autoFocus
          autoComplete="off"
          inputMode="text"
          value={state.typed}
          disabled={state.kind === 'storing'}
          onChange={(event) => setState({ kind: 'typing', typed: event.target.value })}
          onKeyDown={(event) => {
            if (event.key === 'Escape') {
              event.stopPropagation();
              close();
            }
          }}
          onBlur={() => state.kind === 'typing' && !state.typed.trim() && close()}
          h="48px"
          w={width}
          px="8px"
          bg="panel"
          color="ink"
          borderColor="lamp"
          fontFamily="heading"
          fontSize="18px"
          fontWeight="600"
        />
      </form>
      {state.kind === 'refused' && (
        <Flex
          role="alert"
          position="absolute"
          top="52px"
          left={align === 'right' ? undefined : '0'}
          right={align === 'right' ? '0' : undefined}
          w="260px"
          bg="panel"
          color="out"
          borderWidth="1px"
          borderColor="out"
          p="8px"
          fontSize="15px"
          zIndex="20"
        >
          {state.why}
        </Flex>
      )}
    </Box>
  );
}

function Shown({
  label,
  missing,
  color,
  room,
  align,
  onType,
  children,
}: {
  label: string;
  missing: boolean;
  color: string;
  room: number | undefined;
  align: 'center' | 'left' | 'right';
  onType: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      as="button"
      aria-label={label}
      minH="48px"
      minW="48px"
      px="6px"
      display="inline-flex"
      alignItems="center"
      justifyContent={align}
      fontFamily="heading"
      fontWeight="600"
      fontSize="16px"
      color={missing ? 'lamp' : color}
      whiteSpace={room ? 'normal' : 'nowrap'}
      maxW={room ? `${Math.max(room, LEAST_ROOM)}px` : undefined}
      lineHeight={room ? '1.1' : undefined}
      textAlign={align}
      cursor="text"
      onClick={onType}
    >
      <Box
        as="span"
        bg="var(--entry-ground, transparent)"
        px="4px"
        borderBottomWidth="1px"
        borderBottomStyle="dotted"
        borderColor={missing ? 'lamp' : 'rule'}
      >
        {children}
      </Box>
    </Box>
  );
}
