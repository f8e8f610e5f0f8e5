import { afterEach, expect, it } from 'vitest';
import { keepLanguage, languageFor, STRETCHED } from './language';
import { appWords } from './page/app';
import { say, speak } from './say';
import { sideWord } from './terms';

afterEach(() => speak('en'));

it('says a message in the language that is spoken', async () => {
  expect(appWords.countSteps({ count: 1 })).toBe('1 step');
  expect(appWords.countSteps({ count: 2 })).toBe('2 steps');
  await speak('de');
  expect(appWords.countSteps({ count: 2 })).toBe('2 Schritte');
  expect(sideWord('LEFT')).toBe('links');
  expect(document.documentElement.lang).toBe('de');
});

it('stretches the words of a message and nothing else', async () => {
  keepLanguage('Ilse', STRETCHED);
  await speak(languageFor('Ilse', ['en']));
  expect(appWords.countSteps({ count: 2 })).toBe('2 stepsst');
  expect(sideWord('LEFT')).toBe('leftle');
});

it('has no message that is not in the catalogue', () => {
  expect(() => say('app', 'nowhere')).toThrow('no message app.nowhere');
});

it('is read in the language that a person picked, else in one that the browser asks for', () => {
  expect(languageFor('Ilse', ['fr', 'de-AT', 'en'], ['en', 'de'])).toBe('de');
  keepLanguage('Ilse', 'en');
  expect(languageFor('Ilse', ['de'], ['en', 'de'])).toBe('en');
  expect(languageFor('Orlo', ['fr'], ['en', 'de'])).toBe('en');
});

it('is not read in a language that is not whole', () => {
  keepLanguage('Ilse', 'de');
  expect(languageFor('Ilse', ['de'], ['en'])).toBe('en');
});
