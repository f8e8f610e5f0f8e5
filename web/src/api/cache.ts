import { QueryClient } from '@tanstack/react-query';
import { Problem } from './client';

/** What the page keeps of the server's answers; asked again only where the answer may change. */
export const answers = () =>
  new QueryClient({
    defaultOptions: {
      // a machine in a workshop talks to a server beside it; "offline" says nothing about that
      mutations: { networkMode: 'always' },
      queries: {
        networkMode: 'always',
        retry: (failures, error) => failures < 2 && !(error instanceof Problem && error.final),
      },
    },
  });
