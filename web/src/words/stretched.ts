import { TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import type { Message } from './say';

const LONGER = 0.4;

const words = (text: string) =>
  text.replace(
    /\p{L}{2,}/gu,
    (word) => word + word.slice(0, Math.ceil(word.length * LONGER)).toLowerCase(),
  );

const longer = (elements: MessageFormatElement[]): MessageFormatElement[] =>
  elements.map((one) => {
    if (one.type === TYPE.literal) {
      return { ...one, value: words(one.value) };
    }
    if (one.type === TYPE.plural || one.type === TYPE.select) {
      const options = Object.entries(one.options).map(([name, option]) => [
        name,
        { ...option, value: longer(option.value) },
      ]);
      return { ...one, options: Object.fromEntries(options) as typeof one.options };
    }
    return one;
  });

/** A message with each word 40 % longer, "lamp" as "lampla"; its arguments stay. */
export const stretched = (message: Message): Message =>
  typeof message === 'string' ? words(message) : longer(message);
