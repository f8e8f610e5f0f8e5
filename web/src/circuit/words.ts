import type { Controls, DrivingState, FeedWish, LightLevel } from '../api/client';
import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

export const KEYS: readonly (readonly [Controls['key'], string])[] = [
  ['OFF', appWords.unlit()],
  ['ACCESSORY', feedWords.acc()],
  ['RUN', feedWords.run()],
  ['ENGINE', feedWords.engine()],
  ['CRANKING', feedWords.crank()],
];

export const LIGHTS: readonly (readonly [Controls['lights'], string])[] = [
  ['OFF', feedWords.off()],
  ['SIDE', feedWords.side()],
  ['DIPPED', feedWords.low()],
  ['MAIN', feedWords.main()],
  ['FLASH', feedWords.flash()],
];

export const TURNS: readonly (readonly [Controls['turn'], string])[] = [
  ['OFF', feedWords.off()],
  ['LEFT', appWords.left()],
  ['RIGHT', appWords.right()],
  ['HAZARD', feedWords.hazard()],
];

export const FUNCTIONS: readonly (readonly [FeedWish['function'], string])[] = [
  ['FRONT_FOG', appWords.fogLamps()],
  ['DRL', appWords.daytimeRunningLamps()],
  ['DRIVING', feedWords.drivingLamps()],
  ['DIPPED', feedWords.lowBeams()],
  ['MAIN', feedWords.mainBeams()],
  ['TURN', feedWords.turnSignals()],
  ['SIDE_MARKER', feedWords.sideMarkers()],
];

/** The states in which lamps of a function are worth a wish, in the order of a hand. */
export const WISHED: Record<FeedWish['function'], DrivingState[]> = {
  FRONT_FOG: ['KEY_OUT_FOG', 'DAY_FOG', 'SIDE', 'SIDE_FOG', 'LOW_FOG', 'MAIN_FOG'],
  DRL: ['KEY_OUT', 'RUN', 'DAY', 'SIDE', 'LOW', 'MAIN', 'FLASH'],
  DRIVING: ['KEY_OUT_AUX', 'DAY_AUX', 'LOW_AUX', 'MAIN', 'MAIN_AUX'],
  DIPPED: ['KEY_OUT', 'SIDE', 'LOW', 'MAIN'],
  MAIN: ['LOW', 'MAIN', 'FLASH'],
  TURN: ['DAY', 'TURN_LEFT', 'TURN_RIGHT', 'HAZARD'],
  SIDE_MARKER: ['KEY_OUT_AUX', 'DAY', 'DAY_AUX', 'LOW_AUX'],
  POSITION: ['KEY_OUT', 'SIDE', 'LOW', 'MAIN'],
};

/** What a plan of that kind is mostly wished to do: a start, to be changed. */
export const USUAL: Partial<
  Record<FeedWish['function'], Partial<Record<DrivingState, LightLevel>>>
> = {
  FRONT_FOG: {
    KEY_OUT_FOG: 'OUT',
    DAY_FOG: 'OUT',
    SIDE: 'OUT',
    SIDE_FOG: 'FULL',
    LOW_FOG: 'FULL',
  },
  DRL: { KEY_OUT: 'OUT', DAY: 'FULL', LOW: 'OUT', MAIN: 'OUT' },
  DRIVING: { KEY_OUT_AUX: 'OUT', LOW_AUX: 'OUT', MAIN_AUX: 'FULL' },
  DIPPED: { KEY_OUT: 'OUT', LOW: 'FULL', MAIN: 'FULL' },
  MAIN: { LOW: 'OUT', MAIN: 'FULL' },
  TURN: { DAY: 'OUT' },
  SIDE_MARKER: { KEY_OUT_AUX: 'OUT', DAY_AUX: 'FULL' },
};

export const LEVEL_WORDS: Record<LightLevel, string> = {
  OUT: appWords.unlit(),
  REDUCED: appWords.reduced(),
  FULL: appWords.lit(),
};

const NEXT: Record<LightLevel, LightLevel | undefined> = {
  FULL: 'REDUCED',
  REDUCED: 'OUT',
  OUT: undefined,
};

/** What a press makes of a wish: any, lit, reduced, out, any. */
export function nextLevel(level: LightLevel | undefined): LightLevel | undefined {
  return level === undefined ? 'FULL' : NEXT[level];
}

/** The wishes with one changed; none for any. */
export function withWish(
  wishes: FeedWish[],
  wished: Omit<FeedWish, 'level'>,
  level: LightLevel | undefined,
): FeedWish[] {
  const others = wishes.filter(
    (one) => one.function !== wished.function || one.state !== wished.state,
  );
  return level ? [...others, { ...wished, level }] : others;
}

/** What to begin the wishes for some functions with. */
export function usualWishes(functions: readonly FeedWish['function'][]): FeedWish[] {
  return functions.flatMap((of) =>
    Object.entries(USUAL[of] ?? {}).map(([state, level]) => ({
      function: of,
      state: state as DrivingState,
      level,
    })),
  );
}
