import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { actingName, keepActingName, type Figure, type Sentence, type Units } from '../api/client';
import { browserMemory, pageMemory } from '../browser/memory';

type Theme = 'dusk' | 'day';

interface Session {
  /** Who acts; empty until picked. */
  person: string;
  pickPerson: (name: string) => void;
  theme: Theme;
  flipTheme: () => void;
  /** The units that were flipped to; undefined while the job's own hold. */
  flippedUnits: Units | undefined;
  flipUnits: (from: Units) => void;
}

const SessionContext = createContext<Session | undefined>(undefined);
const THEME_KEY = 'mellow.theme';
const UNITS_KEY = 'mellow.units';

function showTheme(theme: Theme) {
  document.documentElement.className = theme === 'dusk' ? 'dark' : 'light';
}

export function SessionProvider({ children }: { children: ReactNode }) {
  const [person, setPerson] = useState(actingName);
  const [theme, setTheme] = useState<Theme>(() => {
    const kept = browserMemory.get(THEME_KEY) === 'day' ? 'day' : 'dusk';
    showTheme(kept);
    return kept;
  });
  const [flippedUnits, setFlippedUnits] = useState<Units | undefined>(
    () => pageMemory.get(UNITS_KEY) as Units | undefined,
  );

  const pickPerson = useCallback((name: string) => {
    keepActingName(name);
    setPerson(name);
  }, []);
  const flipTheme = useCallback(
    () =>
      setTheme((before) => {
        const after = before === 'dusk' ? 'day' : 'dusk';
        browserMemory.set(THEME_KEY, after);
        showTheme(after);
        return after;
      }),
    [],
  );
  const flipUnits = useCallback((from: Units) => {
    const after: Units = from === 'METRIC' ? 'IMPERIAL' : 'METRIC';
    pageMemory.set(UNITS_KEY, after);
    setFlippedUnits(after);
  }, []);

  const session = useMemo(
    () => ({ person, pickPerson, theme, flipTheme, flippedUnits, flipUnits }),
    [person, pickPerson, theme, flipTheme, flippedUnits, flipUnits],
  );
  return <SessionContext.Provider value={session}>{children}</SessionContext.Provider>;
}

export function useSession(): Session {
  const session = useContext(SessionContext);
  if (!session) {
    throw new Error('SessionProvider is missing');
  }
  return session;
}

const UnitsContext = createContext<Units>('METRIC');

/** Sets the units for all figures below: those flipped to, else the job's own. */
export function UnitsProvider({ units, children }: { units: Units; children: ReactNode }) {
  const { flippedUnits } = useSession();
  return <UnitsContext.Provider value={flippedUnits ?? units}>{children}</UnitsContext.Provider>;
}

export function useUnits(): Units {
  return useContext(UnitsContext);
}

/** A figure's text in the units shown. */
export function figureText(figure: Figure, units: Units): string {
  return units === 'METRIC' ? figure.metric : figure.imperial;
}

const BARE = new Set<Figure['quantity']>(['LENGTH', 'FINE_LENGTH', 'REACH', 'TURNS']);

/** A figure's text without its unit, for drawings where the unit is known. */
export function bareText(figure: Figure, units: Units): string {
  const text = figureText(figure, units);
  const hasBareUnit = BARE.has(figure.quantity) && !text.includes(' ft');
  return hasBareUnit ? text.slice(0, text.lastIndexOf(' ')) : text;
}

/** The figure without its sign, for where a word beside it says the direction. */
export function sizeOf<F extends Figure>(figure: F): F {
  const size = (text: string) => (text.startsWith('−') ? text.slice(1) : text);
  return { ...figure, metric: size(figure.metric), imperial: size(figure.imperial) };
}

/** A sentence with its figures filled in. */
export function sentenceText(sentence: Sentence, units: Units): string {
  return sentence.pattern.replace(/\{(\d+)\}/g, (place, index: string) => {
    const figure = sentence.figures[Number(index)];
    return figure ? figureText(figure, units) : place;
  });
}
