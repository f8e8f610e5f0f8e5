import { Dialog } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { DialogFrame, DialogTitle } from './DialogFrame';

/** A dialog with a title, whose content scrolls below it. */
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
    <DialogFrame open={open} close={close} size={size} scrollBehavior="inside">
      <DialogTitle>{title}</DialogTitle>
      <Dialog.Body pb="24px">{children}</Dialog.Body>
    </DialogFrame>
  );
}
