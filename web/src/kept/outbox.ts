import { uuidv7 } from 'uuidv7';
import { actingHeaders, actingName, api, Problem, type EntryEdit } from '../api/client';
import { browserFiles } from '../browser/files';
import { browserMemory } from '../browser/memory';
import { lookingBackTo } from '../browser/moment';
import { refuseThen } from './refuseThen';
import { keptWords } from '../words/page/kept';
import { conflictOf, type Conflict } from './conflict';

/** Something on its way: where it goes, and which page comes back. */
export interface Outgoing {
  /** Made before the first try, so that a second one adds nothing. */
  id?: string;
  /** Of which job or bay. */
  of: string;
  path: string;
  /** What stands in the places of the path. */
  params: Record<string, string>;
  body: Record<string, unknown>;
  /** Under which the page that comes back is kept. */
  page: readonly string[];
  /** Set where the answer is no such page: it is asked for anew. */
  asksAnew?: boolean;
  /** Set where how long it waited tells when it was made. */
  timed?: boolean;
  /** What stands behind the path. */
  query?: Record<string, string>;
  /** Set where a file goes out instead of the body; the browser keeps it by the entry's id. */
  file?: boolean;
  /** Set for the state of a document: the newest one replaces those that wait. */
  document?: string;
  /** Set for a document that a form settles: it shows itself what differs. */
  form?: boolean;
  /** Where the answer tells the document's version; of a list, the one of an id. */
  versionAt?: readonly string[];
  /** What was changed, and of what: so that it can be changed of somebody else's version. */
  change?: { of: unknown; part: Record<string, unknown> };
  /** What it says, as the page shows it. */
  words: string;
}

/** What the server does not have yet, or did not take. */
export interface Waiting extends Outgoing {
  id: string;
  person: string;
  madeAt: number;
  refused?: string;
  /** What somebody else made of the document meanwhile. */
  conflict?: Conflict;
}

/** What the page of the workshop is kept under, with the job behind it. */
export const WORKSHOP = 'workshop';

const KEY = 'mellow.outbox';
const AGAIN_MS = 3_000;

/** The client's, for a path that is only known at run time. */
type Put = (
  path: string,
  request: {
    params: { path: Record<string, string>; query?: Record<string, string> };
    headers: Record<string, string>;
    body: Record<string, unknown>;
    bodySerializer?: () => Blob;
  },
) => Promise<{ data?: unknown; error?: Record<string, unknown>; response: Response }>;

type Sent = (of: Waiting, page: unknown) => Promise<unknown> | void;
interface Settle {
  kept: () => void;
  waits: () => void;
  refused: (problem: Problem) => void;
}

/**
 * Whatever is entered, on its way to the server: kept in the browser until it is there, sent one
 * after the other, each under an id of its own, so that nothing is lost and nothing comes twice.
 */
class Outbox {
  private entries: readonly Waiting[] = lookingBackTo() ? [] : read();
  private readonly watchers = new Set<() => void>();
  private readonly settles = new Map<string, Settle>();
  private busy = false;
  private onItsWay: string | undefined;
  private away = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sent: Sent = () => undefined;

  /** Tells where pages that came back go to. */
  onSent(sent: Sent) {
    this.sent = sent;
  }

  readonly subscribe = (watcher: () => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  readonly all = () => this.entries;

  /** Whether the last try did not reach the server. */
  readonly isAway = () => this.away;

  /**
   * Puts an entry in, and sends it. Settles once it is kept, or known to wait for the network; a
   * refusal is thrown where somebody waits for it, and stays in the list otherwise. One of a document
   * takes the place of those of it that were not sent yet.
   */
  write(outgoing: Outgoing): Promise<'kept' | 'waits'> {
    const id = outgoing.id ?? uuidv7();
    if (lookingBackTo()) {
      return Promise.reject(refuseThen());
    }
    return new Promise((resolve, reject) => {
      this.settles.set(id, {
        kept: () => resolve('kept'),
        waits: () => resolve('waits'),
        refused: (problem) => {
          this.drop(id);
          reject(problem);
        },
      });
      this.put({ ...outgoing, id, person: actingName(), madeAt: Date.now() }, (one) =>
        this.staysBeside(outgoing, one),
      );
    });
  }

  /** Puts the newest state of a document in; those of it that were not sent yet are in it. */
  save(outgoing: Outgoing & { document: string }) {
    if (lookingBackTo()) {
      refuseThen();
      return;
    }
    const before = this.entries.findLast((one) => one.document === outgoing.document);
    this.put(
      {
        ...outgoing,
        id: outgoing.id ?? uuidv7(),
        person: actingName(),
        madeAt: Date.now(),
        conflict: before?.conflict,
      },
      (one) => this.staysBeside(outgoing, one),
    );
  }

  /** Puts a file in that is kept under the id of its entry. */
  async saveFile(outgoing: Outgoing & { id: string; document: string }, file: Blob) {
    if (!lookingBackTo()) {
      await browserFiles.keep(outgoing.id, file);
    }
    this.save({ ...outgoing, file: true });
  }

  private staysBeside({ document }: Outgoing, one: Waiting) {
    return !document || one.document !== document || one.id === this.onItsWay;
  }

  /** Tries a document again, over the version that somebody else made of it. */
  insist(document: string, version: number, body: Record<string, unknown> = {}) {
    this.changeDocument(document, (one) => ({
      ...one,
      body: { ...one.body, ...body, version },
      conflict: undefined,
      refused: undefined,
    }));
    void this.flush();
  }

  /** Tries what was refused again. */
  again(document: string) {
    this.changeDocument(document, (one) => ({ ...one, refused: undefined }));
    void this.flush();
  }

  drop(id: string) {
    this.change((entries) => entries.filter((one) => one.id !== id));
  }

  dropDocument(document: string) {
    this.change((entries) => entries.filter((one) => one.document !== document));
  }

  /** As in a browser that was never used: for tests, which share one page. */
  empty() {
    clearTimeout(this.timer);
    this.settles.clear();
    this.away = false;
    this.busy = false;
    this.onItsWay = undefined;
    this.change(() => []);
  }

  private put(entry: Waiting, stays: (one: Waiting) => boolean = () => true) {
    this.change((entries) => [
      // the same once more takes the place of the first
      ...entries.filter((one) => one.id !== entry.id && stays(one)),
      entry,
    ]);
    void this.flush();
  }

  private changeDocument(document: string, how: (one: Waiting) => Waiting) {
    this.change((entries) => entries.map((one) => (one.document === document ? how(one) : one)));
  }

  /** Sends what waits, in the order in which it was made. */
  async flush() {
    if (this.busy) {
      return;
    }
    this.busy = true;
    clearTimeout(this.timer);
    try {
      for (let next = this.next(); next; next = this.next()) {
        this.onItsWay = next.id;
        const settled = await this.send(next);
        this.onItsWay = undefined;
        if (!settled) {
          this.isNowAway(true);
          this.allWait();
          this.timer = setTimeout(() => void this.flush(), AGAIN_MS);
          break;
        }
        this.isNowAway(false);
      }
    } finally {
      this.busy = false;
    }
  }

  private isNowAway(away: boolean) {
    if (this.away !== away) {
      this.away = away;
      this.tell();
    }
  }

  /** One that cannot go holds up all behind it; from here on nobody waits for their answers. */
  private allWait() {
    const settles = [...this.settles.values()];
    this.settles.clear();
    settles.forEach((settle) => settle.waits());
  }

  private next() {
    return this.entries.find((one) => one.refused === undefined && !one.conflict);
  }

  /** Whether the server answered for good. */
  private async send(entry: Waiting): Promise<boolean> {
    const put = api.PUT as unknown as Put;
    const file = entry.file ? await browserFiles.get(entry.id) : undefined;
    if (entry.file && !file) {
      this.isRefused(entry, problemOf(0, { detail: keptWords.fileIsGone() }), undefined);
      return true;
    }
    let answer: Awaited<ReturnType<Put>>;
    try {
      answer = await put(entry.path, request(entry, file));
    } catch {
      return false;
    }
    const { data, error, response } = answer;
    if (response.status >= 500) {
      return false;
    }
    const settle = this.settles.get(entry.id);
    this.settles.delete(entry.id);
    if (response.ok) {
      // shown before it is taken out: what was entered is on the page all the time
      await this.sent(entry, data);
      this.isKept(entry, data);
      settle?.kept();
    } else {
      this.isRefused(entry, problemOf(response.status, error ?? {}), settle);
    }
    return true;
  }

  private isKept(entry: Waiting, page: unknown) {
    const version = within(page, entry.versionAt ?? ['version']);
    this.change((entries) =>
      entries
        .filter((one) => one.id !== entry.id)
        .map((one) =>
          entry.document && one.document === entry.document
            ? { ...one, body: { ...one.body, version } }
            : one,
        ),
    );
  }

  private isRefused(entry: Waiting, problem: Problem, settle: Settle | undefined) {
    const conflict = entry.document && !entry.form ? conflictOf(problem) : undefined;
    const newest = this.entries.findLast((one) => one.document === entry.document);
    if (entry.document && newest && newest.id !== entry.id) {
      // what was changed since has all of it
      this.drop(entry.id);
      this.changeDocument(entry.document, (one) => ({ ...one, conflict }));
    } else if (settle) {
      settle.refused(problem);
    } else {
      // it waited: nobody is there any more to hear why, so it stays and says it
      const why = conflict ? {} : { refused: problem.message };
      this.change((entries) =>
        entries.map((one) => (one.id === entry.id ? { ...one, ...why, conflict } : one)),
      );
    }
  }

  /** Starts from what the browser keeps: another page of it may have put something in meanwhile. */
  private change(how: (entries: readonly Waiting[]) => readonly Waiting[]) {
    const before = read();
    this.entries = how(before);
    browserMemory.set(KEY, JSON.stringify(this.entries));
    const ids = new Set(this.entries.map((one) => one.id));
    before
      .filter((one) => one.file && !ids.has(one.id))
      .forEach((gone) => void browserFiles.drop(gone.id));
    this.tell();
  }

  private tell() {
    this.watchers.forEach((watcher) => watcher());
  }

  /** Follows what other pages of the browser put in and take out, and sends when the network is back. */
  start() {
    const flush = () => void this.flush();
    const follow = (event: StorageEvent) => {
      if (event.key === KEY) {
        this.entries = read();
        this.tell();
      }
    };
    flush();
    window.addEventListener('online', flush);
    window.addEventListener('storage', follow);
    return () => {
      window.removeEventListener('online', flush);
      window.removeEventListener('storage', follow);
    };
  }
}

/** What stands at a place of an answer: by names, and in a list by the id. */
function within(answer: unknown, place: readonly string[]): unknown {
  return place.reduce<unknown>(
    (at, step) =>
      Array.isArray(at)
        ? at.find((one: { id?: string }) => one.id === step)
        : (at as Record<string, unknown> | undefined)?.[step],
    answer,
  );
}

function request(entry: Waiting, file: Blob | undefined): Parameters<Put>[1] {
  const waited = entry.timed ? { waitedMs: Math.max(0, Date.now() - entry.madeAt) } : undefined;
  const headers = actingHeaders(entry.person);
  return file
    ? {
        params: {
          path: entry.params,
          query: { ...entry.query, ...(waited && { waitedMs: String(waited.waitedMs) }) },
        },
        headers: { ...headers, 'Content-Type': 'application/octet-stream' },
        body: {},
        bodySerializer: () => file,
      }
    : { params: { path: entry.params }, headers, body: { ...entry.body, ...waited } };
}

function problemOf(status: number, body: Record<string, unknown>) {
  return new Problem(
    status,
    typeof body.detail === 'string' ? body.detail : keptWords.theServerDidNotAcceptThis(),
    typeof body.field === 'string' ? body.field : undefined,
    body,
  );
}

/** An entry as versions before this one kept it. */
interface BeforePaths {
  jobId: string;
  said: EntryEdit;
}

function read(): Waiting[] {
  try {
    const kept: unknown = JSON.parse(browserMemory.get(KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as (Waiting | (Waiting & BeforePaths))[]).map(today) : [];
  } catch {
    return [];
  }
}

function today(one: Waiting | (Waiting & BeforePaths)): Waiting {
  if (!('said' in one)) {
    return one;
  }
  const { jobId, said, ...rest } = one;
  return { ...rest, ...workshopEntry(jobId, one.id, said) };
}

/** Where an entry of the workshop goes. */
export function workshopEntry(jobId: string, id: string, said: object) {
  return {
    id,
    of: jobId,
    path: '/api/jobs/{jobId}/workshop/{id}',
    params: { jobId, id },
    body: { ...said },
    page: [WORKSHOP, jobId],
    timed: true,
  };
}

export const outbox = new Outbox();
