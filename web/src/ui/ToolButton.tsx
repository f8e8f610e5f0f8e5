import type { ComponentProps } from 'react';
import { PlainButton } from './buttons';

/** A tool of a drawing. */
export function ToolButton({
  on,
  ...props
}: {
  /** Whether it is in use, of one that can be. */
  on?: boolean;
} & ComponentProps<typeof PlainButton>) {
  return (
    <PlainButton
      aria-pressed={on}
      borderWidth="0"
      px="10px"
      fontSize="15px"
      borderRadius="0"
      color={on ? 'lamp' : 'ink'}
      {...props}
    />
  );
}
