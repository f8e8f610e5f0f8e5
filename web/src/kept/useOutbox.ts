import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { takeFresh } from '../api/queries';
import { TIMERS_KEY } from '../api/shopTimers';
import { outbox, WORKSHOP } from './outbox';

/** Sends what waits, from whatever page is open, and shows what came of it. */
export function useOutbox() {
  const client = useQueryClient();
  useEffect(() => {
    outbox.onSent(async (entry, page) => {
      if (entry.asksAnew) {
        await client.invalidateQueries({ queryKey: entry.page });
      } else {
        await takeFresh(client, entry.page, page);
      }
      // the page is told in a turn of its own
      await new Promise((resolve) => setTimeout(resolve));
      if (entry.page[0] === WORKSHOP) {
        void client.invalidateQueries({ queryKey: TIMERS_KEY });
      }
    });
    return outbox.start();
  }, [client]);
}
