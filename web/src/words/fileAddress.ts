import { lookingBackTo } from '../browser/moment';
import { spoken } from './say';

/**
 * The address of a file in the language that the page speaks, as it was at the moment that the page
 * shows: a link carries no header of its own.
 */
export function fileAddress(address: string): string {
  const [path = '', asked = ''] = address.split('?', 2);
  const query = new URLSearchParams(asked);
  query.set('language', spoken());
  const moment = lookingBackTo();
  if (moment) {
    query.set('asOf', moment);
  }
  return `${path}?${query.toString()}`;
}
