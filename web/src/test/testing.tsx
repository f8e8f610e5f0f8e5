import { ChakraProvider } from '@chakra-ui/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { createMemoryRouter, MemoryRouter, RouterProvider } from 'react-router';
import { expect, vi } from 'vitest';
import {
  api,
  type Difference,
  type Figure,
  type Finding,
  type Horizon,
  type Job,
  type LampPairEdit,
  type Photo,
  type Reading,
  type Sentence,
  type SpotEdit,
  type Units,
} from '../api/client';
import { answers } from '../api/cache';
import { CommandProvider } from '../ui/commands';
import { SessionProvider, UnitsProvider } from '../ui/session';
import { system } from '../ui/theme';
import { useOutbox } from '../kept/useOutbox';

/** Presses a button as soon as it is there: what opened its dialog may take a frame. */
export const press = async (name: string | RegExp) =>
  userEvent.click(await screen.findByRole('button', { name }));

/** Shows something as the page would, where some queries were answered already: 'job/ID'. */
export function show(
  element: ReactElement,
  units: Units = 'METRIC',
  answered: Record<string, unknown> = {},
) {
  const isRouted = element.type === MemoryRouter || element.type === RouterProvider;
  return showRouted(isRouted ? element : <MemoryRouter>{element}</MemoryRouter>, units, answered);
}

function showRouted(element: ReactElement, units: Units, answered: Record<string, unknown>) {
  const client = answers();
  for (const [key, data] of Object.entries(answered)) {
    client.setQueryData(key.split('/'), data);
  }
  return render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <Sending />
        <SessionProvider>
          <CommandProvider>
            <UnitsProvider units={units}>{element}</UnitsProvider>
          </CommandProvider>
        </SessionProvider>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

/** What is entered goes out and its answer comes in, as under every page. */
function Sending() {
  useOutbox();
  return null;
}

/** A page at its address, with what the server answered so far; other addresses show themselves. */
export function openPage(
  path: string,
  address: string,
  element: ReactElement,
  answered: Record<string, unknown>,
  others: string[] = [],
) {
  const router = createMemoryRouter(
    [{ path, element }, ...others.map((other) => ({ path: other, element: <div>{other}</div> }))],
    { initialEntries: [address] },
  );
  showRouted(<RouterProvider router={router} />, 'METRIC', answered);
  return router;
}

/** The server takes it. */
export const accepted = (data: unknown) => ({
  data,
  response: new Response(null, { status: 200 }),
});

/** The server refuses it, with a sentence. */
export const refused = (detail: string, more: object = {}, status = 422) => ({
  error: { detail, ...more },
  response: new Response(null, { status }),
});

/** Somebody else was faster. */
export const outdated = (current: unknown, changedBy = 'Ilse') =>
  refused(
    `Changed meanwhile by ${changedBy}.`,
    { changedBy, current, differences: [differs('What differs', 'theirs', 'mine')] },
    409,
  );

/** A field in which two versions differ, as the server tells it. */
export const differs = (what: string, theirs: string, mine: string): Difference => ({
  what: sentence(what),
  theirs: sentence(theirs),
  mine: sentence(mine),
});

export function length(mm: number): Figure {
  const text = (value: string, unit: string) => `${value.replace('-', '−')} ${unit}`;
  return {
    value: mm,
    quantity: 'LENGTH',
    metric: text(String(mm), 'mm'),
    imperial: text((mm / 25.4).toFixed(2), 'in'),
  };
}

export function sentence(pattern: string, ...figures: Figure[]): Sentence {
  return { pattern, figures };
}

/** A finding by its id: the rule, and after an @ what it is about. */
export function finding(id: string, verdict: Finding['verdict'], pattern: string): Finding {
  const [rule = '', subject = 'job'] = id.split('@');
  return {
    id,
    rule,
    subject,
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
    number: 1207,
    kind,
    title: kind,
    lamp: 'DIPPED',
    typed: String(mm),
    units: 'METRIC',
    value: length(mm),
    plusMinus: 1,
    takenBy: 'Runa',
    takenAt: '2026-11-25T10:59:00Z',
    ...more,
  };
}

/** A job as the server tells it. */
export const JOB: Job = {
  id: 'j',
  version: 3,
  vehicleId: 'v',
  work: 'aim after new springs',
  ruleSet: 'un-r48',
  traffic: 'RIGHT',
  units: 'METRIC',
  school: 'RULE',
  stanceChanged: false,
  frontClosed: true,
  markEdge: 'UPPER',
  markOrigin: 'MEASURED',
  tapeWidthMm: 25,
  changedBy: 'Runa',
  changedAt: '2026-11-25T10:59:00Z',
  touchedAt: '2026-11-25T10:59:00Z',
};

export const photo = (id: string, more: Partial<Photo> = {}): Photo => ({
  id,
  version: 1,
  moment: 'BEFORE',
  shows: '',
  focusLocked: false,
  exposureLocked: false,
  balanceLocked: false,
  putAside: false,
  widthPx: 1600,
  heightPx: 1000,
  takenBy: 'Runa',
  takenAt: '2026-11-25T10:00:00Z',
  changedBy: 'Runa',
  ...more,
});

/** A pair of round fog lamps, each at the same place of its side. */
export function fogLamps(spot: SpotEdit): LampPairEdit {
  return {
    id: 'fog',
    name: 'fog lamp',
    function: 'FRONT_FOG',
    heads: [{ lit: { form: 'ELLIPSE', widthMm: 90, heightMm: 90 }, outMm: 0, upMm: 0 }],
    goesOutWithTurnSignal: false,
    holes: [],
    left: spot,
    right: spot,
  };
}

export interface Put {
  path: string;
  ids: Record<string, string>;
  body: Record<string, unknown>;
}

/** Answers one kind of request; an answer that never comes is a promise that is never kept. */
export function answering(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  answer: (path: never, asked: never) => unknown,
) {
  return vi.spyOn(api, method).mockImplementation(answer as never);
}

/**
 * A server that takes everything that is put, and answers each with the given.
 *
 * @param failing the one of them, counted from 1, that does not reach it
 */
export function takesEverything(
  answer: (put: Put) => unknown = () => ({}),
  failing?: number,
): Put[] {
  const puts: Put[] = [];
  const put = (path: string, asked: { params: { path: Put['ids'] }; body: Put['body'] }) => {
    const one = { path, ids: asked.params.path, body: asked.body };
    puts.push(one);
    return puts.length === failing
      ? Promise.reject(new TypeError('failed'))
      : Promise.resolve({ data: answer(one), response: new Response(null, { status: 200 }) });
  };
  answering('PUT', put);
  return puts;
}

/** A part of something, at any depth. */
export type Partly<T> = T extends (infer One)[]
  ? Partly<One>[]
  : T extends object
    ? { [Name in keyof T]?: Partly<T[Name]> }
    : T;

/** As much of an answer as a test is about: every name and value is one of the API's document. */
export function partly<T>(value: Partly<T>): T {
  return value as T;
}

/** Leaves the open dialog; a key that comes before it listens is pressed again. */
export async function leaveDialog() {
  await waitFor(async () => {
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
}
