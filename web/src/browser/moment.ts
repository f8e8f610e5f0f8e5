/**
 * A page may look back: at everything as it stood right after one line of the record. The line's
 * number then stands before the address ("/at/1207/jobs/…"), so that every link leads to the same
 * moment; such a page is loaded anew, and nothing can be entered on it.
 */
const EARLIER = /^\/at\/(\d+)(?=\/)/;

/** The number of the line; undefined where the page shows today. */
export function lookingBackTo(): string | undefined {
  return EARLIER.exec(window.location.pathname)?.[1];
}

/** What stands before all addresses of the page. */
export function base(): string {
  return EARLIER.exec(window.location.pathname)?.[0] ?? '';
}

/** Where a page of today is shown as it stood right after a line. */
export const asItStood = (number: number, path: string) => `/at/${number}${path}`;

/** The same page today. */
export function today(): string {
  const { pathname, search } = window.location;
  return pathname.slice(base().length) + search;
}
