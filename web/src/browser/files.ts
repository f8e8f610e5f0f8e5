import { createStore, del, get, set, type UseStore } from 'idb-keyval';

/**
 * Files that the browser keeps by name, for all its pages. Where it has no room, or is told to keep
 * nothing, the page keeps them while it is open.
 */
class Files {
  private readonly unstored = new Map<string, Blob>();
  private opened: UseStore | undefined;

  async keep(name: string, file: Blob): Promise<void> {
    try {
      await set(name, file, this.store());
    } catch {
      this.unstored.set(name, file);
    }
  }

  async get(name: string): Promise<Blob | undefined> {
    const here = this.unstored.get(name);
    if (here) {
      return here;
    }
    try {
      return await get<Blob>(name, this.store());
    } catch {
      return undefined;
    }
  }

  async drop(name: string): Promise<void> {
    this.unstored.delete(name);
    try {
      await del(name, this.store());
    } catch {
      // it was never there
    }
  }

  private store() {
    return (this.opened ??= createStore('mellow-files', 'files'));
  }
}

export const browserFiles = new Files();
