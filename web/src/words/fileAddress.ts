import { spoken } from './say';

/** The address of a file in the language that the page speaks: a link carries no header of its own. */
export const fileAddress = (address: string) =>
  `${address}${address.includes('?') ? '&' : '?'}language=${spoken()}`;
