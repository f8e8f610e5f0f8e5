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
 * A dialog, closed by its button, Escape or a press beside it. It is there while it is open: one that
 * only waits would be drawn again with each change of its page, and one that fades away would still be
 * there, empty, when the next one opens.
 */
export function DialogFrame(shown: Shown) {
  const { open } = shown;
  const [there, setThere] = useState(open);
  if (!open && there) {
    setThere(false);
  }
  useEffect(() => {
    if (!open) {
      return;
    }
    // a frame later: while another one closes, it would be taken for a part of that one, and closed too
    const frame = requestAnimationFrame(() => setThere(true));
    return () => cancelAnimationFrame(frame);
  }, [open]);
  return open && there ? <Frame {...shown} /> : null;
}

function Frame({ close, size = 'lg', scrollBehavior, initialFocusEl, children }: Shown) {
  return (
    <Dialog.Root
      open
      onOpenChange={(change) => !change.open && close()}
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
