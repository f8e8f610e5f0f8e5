import type { ComponentProps } from 'react';
import { PlainButton } from './buttons';

/** A tool of a drawing; the one in use is lit. */
export function ToolButton({
  on = false,
  ...props
}: { on?: boolean } & ComponentProps<typeof PlainButton>) {
  return (
    <PlainButton
      borderWidth="0"
      px="10px"
      fontSize="15px"
      borderRadius="0"
      color={on ? 'lamp' : 'ink'}
      {...props}
    />
  );
}
