import { expect, it } from 'vitest';
import { counted, severalOf } from './counted';

it.each([
  [0, 'step', undefined, '0 steps'],
  [1, 'step', undefined, '1 step'],
  [2, 'try', 'tries', '2 tries'],
  [1, 'thing is', 'things are', '1 thing is'],
])('%i counted as one says it', (number, one, many, words) => {
  expect(counted(number, one, many)).toBe(words);
});

it('says several of what has a name', () => {
  expect(severalOf('fog lamp')).toBe('fog lamps');
  expect(severalOf('running lights')).toBe('running lights');
});
