import { createContext, useContext, useMemo, useState } from 'react';

/** Which value is asked for: the entry of that name is a field until it was answered or left. */
interface Asked {
  name: string | undefined;
  answered: (name: string) => void;
}

const AskedEntry = createContext<Asked>({ name: undefined, answered: () => undefined });

export const AskedProvider = AskedEntry.Provider;

/** For the page that asks: what it gives to its entries, and how it asks for one. */
export function useAsking() {
  const [name, ask] = useState<string>();
  const asked = useMemo(
    () => ({ name, answered: (of: string) => ask((now) => (now === of ? undefined : now)) }),
    [name],
  );
  return { asked, ask };
}

/** For an entry: whether it is the one that is asked for. */
export function useAsked(name: string | undefined) {
  const asked = useContext(AskedEntry);
  const wanted = name !== undefined && asked.name === name;
  return { wanted, answered: () => wanted && asked.answered(name) };
}
