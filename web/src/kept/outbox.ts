import { uuidv7 } from 'uuidv7';
import {
  actingHeaders,
  actingName,
  Problem,
  type EntryEdit,
  type WorkshopPage,
} from '../app/api/client';
import { browserMemory } from '../app/memory';
import { keptWords } from '../words/page/kept';

/** What an entry says, without what only its sending needs. */
export type EntrySaid = Omit<EntryEdit, 'waitedMs'>;

/** An entry that the server does not have yet, or did not take. */
export interface Waiting {
  id: string;
  jobId: string;
  said: EntrySaid;
  /** In words, as the page shows it. */
  words: string;
  person: string;
  madeAt: number;
  refused?: string;
}

const KEY = 'mellow.outbox';
const AGAIN_MS = 3_000;

type Sent = (jobId: string, page: WorkshopPage) => void;
interface Settle {
  kept: () => void;
  waits: () => void;
  refused: (problem: Problem) => void;
}

/**
 * Entries on their way to the server: kept in the browser until they are there, sent one after the
 * other, each under an id of its own, so that nothing is lost and nothing comes twice.
 */
class Outbox {
  private entries: readonly Waiting[] = read();
  private readonly watchers = new Set<() => void>();
  private readonly settles = new Map<string, Settle>();
  private busy = false;
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

  /**
   * Puts an entry in, and sends it. Settles once it is kept, or known to wait for the network; a
   * refusal is thrown where somebody waits for it, and stays in the list otherwise.
   */
  write(jobId: string, said: EntrySaid, words: string): Promise<'kept' | 'waits'> {
    const id = uuidv7();
    return new Promise((resolve, reject) => {
      this.settles.set(id, {
        kept: () => resolve('kept'),
        waits: () => resolve('waits'),
        refused: (problem) => {
          this.drop(id);
          reject(problem);
        },
      });
      const entry = { id, jobId, said, words, person: actingName(), madeAt: Date.now() };
      this.change((entries) => [...entries, entry]);
      void this.flush();
    });
  }

  drop(id: string) {
    this.change((entries) => entries.filter((one) => one.id !== id));
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
        if (!(await this.send(next))) {
          this.allWait();
          this.timer = setTimeout(() => void this.flush(), AGAIN_MS);
          break;
        }
      }
    } finally {
      this.busy = false;
    }
  }

  /** One that cannot go holds up all behind it; from here on nobody waits for their answers. */
  private allWait() {
    const settles = [...this.settles.values()];
    this.settles.clear();
    settles.forEach((settle) => settle.waits());
  }

  private next() {
    return this.entries.find((one) => one.refused === undefined);
  }

  /** Whether the server answered for good. */
  private async send(entry: Waiting): Promise<boolean> {
    const settle = this.settles.get(entry.id);
    let answer: Response;
    let body: unknown;
    try {
      answer = await fetch(`/api/jobs/${entry.jobId}/workshop/${entry.id}`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', ...actingHeaders(entry.person) },
        body: JSON.stringify({ ...entry.said, waitedMs: Math.max(0, Date.now() - entry.madeAt) }),
      });
      body = await answer.json();
    } catch {
      return false;
    }
    if (answer.ok) {
      this.settles.delete(entry.id);
      this.drop(entry.id);
      this.sent(entry.jobId, body as WorkshopPage);
      settle?.kept();
      return true;
    }
    if (answer.status >= 500) {
      return false;
    }
    const more = body as Record<string, unknown>;
    const why =
      typeof more.detail === 'string' ? more.detail : keptWords.theServerDidNotAcceptThis();
    this.settles.delete(entry.id);
    if (settle) {
      settle.refused(
        new Problem(
          answer.status,
          why,
          typeof more.field === 'string' ? more.field : undefined,
          more,
        ),
      );
    } else {
      // it waited: nobody is there any more to hear why, so it stays and says it
      this.change((entries) =>
        entries.map((one) => (one.id === entry.id ? { ...one, refused: why } : one)),
      );
    }
    return true;
  }

  /** Starts from what the browser keeps: another page of it may have put something in meanwhile. */
  private change(how: (entries: readonly Waiting[]) => readonly Waiting[]) {
    this.entries = how(read());
    browserMemory.set(KEY, JSON.stringify(this.entries));
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

function read(): Waiting[] {
  try {
    const kept: unknown = JSON.parse(browserMemory.get(KEY) ?? '[]');
    return Array.isArray(kept) ? (kept as Waiting[]) : [];
  } catch {
    return [];
  }
}

export const outbox = new Outbox();
