import { appWords } from '../words/page/app';
import { feedWords } from '../words/page/feed';

/** The views of the page, with their keys. */
export type View = 'wishes' | 'circuit' | 'lists' | 'sources' | 'measured' | 'battery' | 'routes';
export const VIEWS: readonly (readonly [View, string, string])[] = [
  ['wishes', feedWords.plans(), '1'],
  ['circuit', feedWords.circuit(), '2'],
  ['lists', feedWords.lists(), '3'],
  ['sources', feedWords.sources(), '4'],
  ['measured', feedWords.measured(), '5'],
  ['battery', appWords.battery(), '6'],
  ['routes', feedWords.routing(), '7'],
];
