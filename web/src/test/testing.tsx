import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import type { Figure, Finding, Horizon, Reading, Sentence, Units } from '../app/api/client';
import { CommandProvider } from '../app/commands';
import { SessionProvider, UnitsProvider } from '../app/session';
import { system } from '../app/theme';

/** Shows something as the page would, where some queries were answered already. */
export function show(
  element: ReactElement,
  units: Units = 'METRIC',
  answered: Record<string, unknown> = {},
) {
  const client = new QueryClient();
  for (const [key, data] of Object.entries(answered)) {
    client.setQueryData([key], data);
  }
  return render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <SessionProvider>
          <CommandProvider>
            <UnitsProvider units={units}>{element}</UnitsProvider>
          </CommandProvider>
        </SessionProvider>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

export function length(mm: number): Figure {
  return {
    value: mm,
    quantity: 'LENGTH',
    metric: `${mm} mm`,
    imperial: `${(mm / 25.4).toFixed(2)} in`,
  };
}

export function sentence(pattern: string, ...figures: Figure[]): Sentence {
  return { pattern, figures };
}

export function finding(id: string, verdict: Finding['verdict'], pattern: string): Finding {
  return {
    id,
    verdict,
    headline: sentence(pattern, length(12)),
    detail: sentence(''),
    working: [
      {
        label: 'margin',
        formula: 'limit − inclination',
        filled: sentence('{0} − 3', length(15)),
        result: length(12),
      },
    ],
    source: {
      mark: 'FROM_MEMORY',
      words: 'from memory, check the current text',
      reference: 'UN R48, 6.2.6.1',
    },
  };
}

export function mark(
  part: number,
  verdict: Horizon['marks'][number]['verdict'],
  share: number,
  says: string,
): Horizon['marks'][number] {
  return { part, verdict, share, findingId: says, says: sentence(says) };
}

export function taken(kind: Reading['kind'], mm: number, more: Partial<Reading> = {}): Reading {
  return {
    id: `${kind}-${mm}`,
    kind,
    title: kind,
    lamp: 'DIPPED',
    typed: String(mm),
    units: 'METRIC',
    value: length(mm),
    takenBy: 'Runa',
    takenAt: '2026-11-25T10:59:00Z',
    ...more,
  };
}
