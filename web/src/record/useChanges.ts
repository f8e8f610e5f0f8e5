import { useQueryClient, type Query, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { followChanges, type Changed } from './changes';

/** What is about all jobs together. */
const OF_ALL = ['yard', 'timers'];

/** Pages of a job show its bay, which they do not name. */
const OF_BAY = ['bays', 'job'];

function shows(query: Query, { kind, id }: Changed): boolean {
  const [name] = query.queryKey;
  return (
    query.queryKey.includes(id) || (kind === 'job' ? OF_ALL : OF_BAY).some((all) => all === name)
  );
}

/** Asks again for what shows a job or a bay of which something was kept. */
export function askAgain(client: QueryClient, what: Changed) {
  return client.invalidateQueries({ predicate: (query) => shows(query, what) });
}

/** Keeps what the page shows up to date with what anybody keeps. */
export function useChanges() {
  const client = useQueryClient();
  useEffect(
    () =>
      followChanges({
        changed: (what) => void askAgain(client, what),
        missed: () => void client.invalidateQueries(),
      }),
    [client],
  );
}
