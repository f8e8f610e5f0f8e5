import { CloseButton, Dialog, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A dialog with a title, closed by its button, Escape or a press beside it. */
export function Sheet({
  title,
  open,
  close,
  size = 'lg',
  children,
}: {
  title: string;
  open: boolean;
  close: () => void;
  size?: 'lg' | 'xl';
  children: ReactNode;
}) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => !change.open && close()}
      size={size}
      lazyMount
      unmountOnExit
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="panel" color="ink">
            <Dialog.Header pr="64px">
              <Dialog.Title fontFamily="heading" fontSize="22px">
                {title}
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb="24px">{children}</Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="xl" color="ink" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
