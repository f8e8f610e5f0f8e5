import { CloseButton, Dialog, Portal } from '@chakra-ui/react';
import { useEffect, useState, type ComponentProps, type ReactNode } from 'react';

interface Shown {
  open: boolean;
  close: () => void;
  size?: 'sm' | 'md' | 'lg' | 'xl' | 'full';
  scrollBehavior?: 'inside' | 'outside';
  initialFocusEl?: ComponentProps<typeof Dialog.Root>['initialFocusEl'];
  children: ReactNode;
}

/**
 * A dialog, closed by its button, Escape or a press beside it. It is there from its opening until it
 * has gone: one that only waits is drawn again with each change of its page.
 */
export function DialogFrame(shown: Shown) {
  const { open } = shown;
  const [there, setThere] = useState(open);
  useEffect(() => {
    if (!open || there) {
      return;
    }
    // a frame later: while another one closes, it would be taken for a part of that one, and closed too
    const frame = requestAnimationFrame(() => setThere(true));
    return () => cancelAnimationFrame(frame);
  }, [open, there]);
  return there ? <Frame {...shown} onGone={() => setThere(false)} /> : null;
}

function Frame({
  open,
  close,
  size = 'lg',
  scrollBehavior,
  initialFocusEl,
  onGone,
  children,
}: Shown & { onGone: () => void }) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => !change.open && close()}
      onExitComplete={onGone}
      lazyMount
      unmountOnExit
      size={size}
      scrollBehavior={scrollBehavior}
      initialFocusEl={initialFocusEl}
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg={size === 'full' ? 'ground' : 'panel'} color="ink">
            {children}
            <Dialog.CloseTrigger asChild>
              <CloseButton size="xl" color="ink" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

/** The line at a dialog's head. */
export function DialogTitle({ children }: { children: ReactNode }) {
  return (
    <Dialog.Header pr="64px">
      <Dialog.Title fontFamily="heading" fontSize="22px">
        {children}
      </Dialog.Title>
    </Dialog.Header>
  );
}
