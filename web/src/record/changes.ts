/** Something was kept of a job or a bay. */
export interface Changed {
  kind: 'job' | 'bay';
  id: string;
}

interface Told {
  /** Something was kept. */
  changed: (what: Changed) => void;
  /** Nothing was heard until now: anything may have changed. */
  missed: () => void;
}

const ADDRESS = '/api/events';
const NAME = 'mellow.events';
const AGAIN_MS = 3_000;

/**
 * Follows what anybody keeps. A browser opens few connections to one server, so that of several pages
 * one listens, and tells the others; when it is closed the next one takes over.
 */
export function followChanges(told: Told): () => void {
  if (typeof EventSource === 'undefined') {
    return () => undefined;
  }
  const others = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(NAME);
  if (others) {
    others.onmessage = (message: MessageEvent<Changed | 'missed'>) => {
      if (message.data === 'missed') {
        told.missed();
      } else {
        told.changed(message.data);
      }
    };
  }
  const all: Told = {
    changed: (what) => {
      others?.postMessage(what);
      told.changed(what);
    },
    missed: () => {
      others?.postMessage('missed');
      told.missed();
    },
  };
  const end = inTurn((over) => listen(all, over));
  return () => {
    end();
    others?.close();
  };
}

/** Does it once no other page of the browser does, until this one stops. */
function inTurn(work: (over: AbortSignal) => Promise<void>): () => void {
  const stop = new AbortController();
  // without a secure address a browser has no locks: then each page listens for itself
  const locks = (navigator as { locks?: LockManager }).locks;
  const done = locks
    ? locks.request(NAME, { signal: stop.signal }, () => work(stop.signal))
    : work(stop.signal);
  done.catch(() => undefined);
  return () => stop.abort();
}

/** Listens until it is over; where the connection was refused for good, it is tried again later. */
async function listen(told: Told, over: AbortSignal): Promise<void> {
  while (!over.aborted) {
    await once(told, over);
    await pause(over);
  }
}

function once(told: Told, over: AbortSignal): Promise<void> {
  return new Promise((closed) => {
    const events = new EventSource(ADDRESS);
    const end = () => {
      events.close();
      closed();
    };
    // what the page shows by then was asked for before anybody listened
    events.onopen = told.missed;
    events.addEventListener('changed', (event: MessageEvent<string>) => {
      told.changed(JSON.parse(event.data) as Changed);
    });
    events.onerror = () => {
      if (events.readyState === EventSource.CLOSED) {
        end();
      }
    };
    over.addEventListener('abort', end);
  });
}

function pause(over: AbortSignal): Promise<void> {
  return new Promise((done) => {
    const timer = setTimeout(done, AGAIN_MS);
    over.addEventListener('abort', () => {
      clearTimeout(timer);
      done();
    });
  });
}
