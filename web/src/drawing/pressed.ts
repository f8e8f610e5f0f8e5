import type { KeyboardEvent } from 'react';

/** Makes something that is drawn a button. */
export function pressed(act: () => void) {
  return {
    role: 'button',
    tabIndex: 0,
    style: { cursor: 'pointer' },
    onClick: act,
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        act();
      }
    },
  } as const;
}
