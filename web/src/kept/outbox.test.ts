import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { outbox as Box } from './outbox';

const SAID = { stage: 'APART', move: { row: 'r', move: 'BACK', count: 1 } };

/** Something that is put in, in those words. */
const entry = (words: string) => ({
  of: 'j',
  path: '/api/jobs/{jobId}/workshop/{id}',
  params: { jobId: 'j', id: words.replaceAll(' ', '-') },
  body: SAID,
  page: ['workshop', 'j'],
  timed: true,
  words,
});

interface Sent {
  path: string;
  body: { waitedMs: number };
  person: string;
}

let sent: Sent[] = [];
let answer: () => Response;

/** The module as a page that was just loaded has it: what waits is read from the browser. */
async function loaded(): Promise<typeof Box> {
  vi.resetModules();
  return (await import('./outbox')).outbox;
}

beforeEach(() => {
  localStorage.clear();
  localStorage.setItem('mellow.acting', 'Runa');
  sent = [];
  answer = () => new Response('{"page":1}', { status: 200 });
  vi.useFakeTimers();
  // as in a browser: an address may be relative to the page
  const Whole = globalThis.Request;
  vi.stubGlobal(
    'Request',
    class extends Whole {
      constructor(address: string, init?: RequestInit) {
        super(new URL(address, 'http://localhost'), init);
      }
    },
  );
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      sent.push({
        path: new URL(request.url).pathname,
        body: (await request.json()) as Sent['body'],
        person: request.headers.get('X-Acting-As') ?? '',
      });
      return answer();
    }),
  );
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const offline = () => {
  throw new TypeError('no network');
};

describe('entries on their way', () => {
  it('are sent and are gone once they are kept', async () => {
    const outbox = await loaded();
    const pages: unknown[] = [];
    outbox.onSent((_, page) => void pages.push(page));
    await expect(outbox.write(entry('back'))).resolves.toBe('kept');
    expect(sent).toHaveLength(1);
    expect(pages).toEqual([{ page: 1 }]);
    expect(outbox.all()).toEqual([]);
  });

  it('wait for the network, go out once and in order, also after a reload', async () => {
    let outbox = await loaded();
    answer = offline;
    await expect(outbox.write(entry('first'))).resolves.toBe('waits');
    void outbox.write(entry('second'));
    expect(outbox.all().map((one) => one.words)).toEqual(['first', 'second']);

    outbox = await loaded();
    expect(outbox.all().map((one) => one.words)).toEqual(['first', 'second']);
    localStorage.setItem('mellow.acting', 'Ilse');
    await vi.advanceTimersByTimeAsync(60_000);
    sent = [];
    answer = () => new Response('{}', { status: 200 });
    await outbox.flush();
    expect(sent).toHaveLength(2);
    expect(new Set(sent.map((one) => one.path)).size).toBe(2);
    expect(sent[0]?.person).toBe('Runa');
    expect(sent[0]?.body.waitedMs).toBeGreaterThanOrEqual(60_000);
    expect(outbox.all()).toEqual([]);
    await outbox.flush();
    expect(sent).toHaveLength(2);
  });

  it('that an earlier version kept are sent too', async () => {
    localStorage.setItem(
      'mellow.outbox',
      JSON.stringify([
        { id: 'i', jobId: 'k', said: SAID, words: 'back', person: 'Ilse', madeAt: Date.now() },
      ]),
    );
    const outbox = await loaded();
    expect(outbox.all()[0]?.of).toBe('k');
    await outbox.flush();
    expect(sent[0]).toMatchObject({
      path: '/api/jobs/k/workshop/i',
      body: SAID,
      person: 'Ilse',
    });
    expect(outbox.all()).toEqual([]);
  });

  it('are tried again after a while when the server was busy', async () => {
    const outbox = await loaded();
    answer = () => new Response('{}', { status: 503 });
    await outbox.write(entry('back'));
    answer = () => new Response('{}', { status: 200 });
    await vi.advanceTimersByTimeAsync(3_100);
    expect(outbox.all()).toEqual([]);
    expect(sent).toHaveLength(2);
    expect(sent[0]?.path).toBe(sent[1]?.path);
  });

  it('say why they were refused: to who waits for it, else in the list', async () => {
    let outbox = await loaded();
    const refusal = () => new Response('{"detail":"None are out."}', { status: 422 });
    answer = refusal;
    await expect(outbox.write(entry('back'))).rejects.toThrow('None are out.');
    expect(outbox.all()).toEqual([]);

    answer = offline;
    await outbox.write(entry('back'));
    outbox = await loaded();
    answer = refusal;
    await outbox.flush();
    expect(outbox.all()[0]?.refused).toBe('None are out.');
    outbox.drop(outbox.all()[0]?.id ?? '');
    expect(outbox.all()).toEqual([]);

    answer = offline;
    await outbox.write(entry('waited without a reload'));
    answer = refusal;
    await outbox.flush();
    expect(outbox.all()[0]?.refused).toBe('None are out.');
  });

  it('are not lost where two pages of the browser are open', async () => {
    const one = await loaded();
    const two = await loaded();
    answer = offline;
    await one.write(entry('from one'));
    await two.write(entry('from the other'));
    expect((await loaded()).all().map((one) => one.words)).toEqual(['from one', 'from the other']);
    const stop = one.start();
    window.dispatchEvent(new StorageEvent('storage', { key: 'mellow.outbox' }));
    expect(one.all()).toHaveLength(2);
    stop();
  });

  it('sends also where the browser has no room to keep it, and loses none that waits', async () => {
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    answer = offline;
    const box = await loaded();
    expect(await box.write(entry('one'))).toBe('waits');
    expect(await box.write(entry('two'))).toBe('waits');
    expect(box.all().map((one) => one.words)).toEqual(['one', 'two']);
    full.mockRestore();
    answer = () => new Response('{}', { status: 200 });
    await box.flush();
    expect(box.all()).toEqual([]);
    expect(new Set(sent.map((one) => one.path)).size).toBe(2);
  });
});
