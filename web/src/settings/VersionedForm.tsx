import { Box } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useRef, type ReactNode } from 'react';
import { ActButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { FormFoot } from './FormFoot';
import { conflictOf } from '../kept/conflict';
import { useFormWaits } from '../kept/forms';
import { StaleChoice } from './Stale';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import { settingsWords } from '../words/page/settings';

/**
 * A form on a versioned row. Where somebody changed the row meanwhile, both versions are shown and
 * one is chosen.
 */
export function VersionedForm<Edit extends { version: number }>({
  edit,
  waitsAs,
  put,
  onLater,
  onTheirs,
  words = appWords.save(),
  children,
}: {
  edit: Edit;
  /** What it is called while it waits; left out where it cannot. */
  waitsAs?: string;
  /** Keeps it: it is kept at once, or waits for the network. */
  put: (edit: Edit) => Promise<'kept' | 'waits'>;
  /** What waited is kept now: what is typed goes on from the version after it. */
  onLater?: () => void;
  /** Takes what somebody else made of it. */
  onTheirs: (theirs: Record<string, unknown>) => void;
  words?: string;
  children: ReactNode;
}) {
  const at = useRef<HTMLElement>(null);
  const store = useMutation({
    mutationFn: put,
    onMutate: () => {
      at.current = document.activeElement as HTMLElement | null;
    },
    // back to the field from which it was sent
    onSettled: () =>
      requestAnimationFrame(() => {
        if (document.activeElement === document.body) {
          at.current?.focus();
        }
      }),
  });
  const waits = useFormWaits(waitsAs, store.isPending, () => {
    store.reset();
    onLater?.();
  });
  const conflict = conflictOf(store.error);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate(edit);
      }}
    >
      <Box display="flex" flexDirection="column" gap="14px">
        {/* what would be typed while it is being kept would be lost when the kept row comes back */}
        <fieldset disabled={store.isPending} style={{ display: 'contents' }}>
          {children}
        </fieldset>
        {conflict ? (
          <StaleChoice
            conflict={conflict}
            onTheirs={() => {
              store.reset();
              onTheirs(conflict.theirs as Record<string, unknown>);
            }}
            onMine={() => store.mutate({ ...edit, version: conflict.version })}
          />
        ) : (
          <>
            <Refusal words={store.error?.message} />
            <FormFoot>
              <ActButton type="submit" disabled={store.isPending}>
                {words}
              </ActButton>
              <Box role="status" color={waits ? 'quiet' : 'within'}>
                {waits
                  ? !store.isPending && keptWords.waitsForTheNetwork()
                  : store.data === 'kept' && settingsWords.saved()}
              </Box>
            </FormFoot>
          </>
        )}
      </Box>
    </form>
  );
}
