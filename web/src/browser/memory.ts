/**
 * What the browser keeps by name. Where it has no room, or is told to keep nothing, the page keeps it
 * while it is open.
 */
function memory(store: () => Storage) {
  const unstored = new Map<string, string>();
  return {
    get(name: string): string | undefined {
      const here = unstored.get(name);
      if (here !== undefined) {
        return here;
      }
      try {
        return store().getItem(name) ?? undefined;
      } catch {
        return undefined;
      }
    },
    set(name: string, value: string) {
      try {
        store().setItem(name, value);
        unstored.delete(name);
      } catch {
        unstored.set(name, value);
      }
    },
  };
}

/** Between visits, for all pages of the browser. */
export const browserMemory = memory(() => localStorage);

/** While this page of the browser is open, over a reload. */
export const pageMemory = memory(() => sessionStorage);
