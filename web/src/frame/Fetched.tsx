import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Problem } from '../api/client';
import { Nowhere, Waiting, type Missing } from './Nowhere';

/** Shows what was fetched; until then that it is on its way, or why it does not come. */
export function Fetched<T>({
  query,
  what,
  children,
}: {
  query: UseQueryResult<T>;
  /** What it would be: "job". */
  what: Missing;
  children: (data: T) => ReactNode;
}) {
  if (query.data !== undefined) {
    return children(query.data);
  }
  if (query.error) {
    const missing = query.error instanceof Problem && query.error.status === 404;
    return <Nowhere what={what} sentence={missing ? undefined : query.error.message} />;
  }
  return <Waiting />;
}
