import { expect, it } from 'vitest';
import { findingOn, isOfComponent, lampOf, partSubject } from './subject';

it('tells the lamp of a subject, and its side', () => {
  expect(lampOf('lamp:FRONT_FOG:LEFT:inner%20pair')).toEqual({
    function: 'FRONT_FOG',
    side: 'LEFT',
    which: 'inner pair',
  });
  expect(lampOf('surface:DRL:RIGHT:it:eye')?.which).toBe('it');
  expect(lampOf('lamp:DRL')?.side).toBeUndefined();
  expect(lampOf('bay')).toBeUndefined();
});

it('tells a component from what is only called alike', () => {
  expect(isOfComponent('component:left%20fog%3A1', 'left fog:1')).toBe(true);
  expect(isOfComponent('end:relay:85', 'relay')).toBe(true);
  expect(isOfComponent('end:relay:85', '85')).toBe(false);
  expect(isOfComponent('in-state:main%20beam:relay', 'relay')).toBe(true);
  expect(isOfComponent('slot:relay', 'relay')).toBe(false);
  expect(partSubject('a b')).toBe('part:a%20b');
});

it('finds what is said of one side only', () => {
  const such = ['LEFT', 'RIGHT', ''].map((side) => ({
    rule: 'place.low',
    subject: `lamp:DRL:${side}:it`,
  }));
  expect(findingOn(such, 'place.low', 'it', 'RIGHT')).toBe(such[1]);
  expect(findingOn(such, 'place.low', 'it')).toBe(such[2]);
  expect(findingOn(such, 'place.low', 'other', 'LEFT')).toBeUndefined();
});
