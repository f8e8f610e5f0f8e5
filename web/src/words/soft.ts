import { appWords } from './page/app';

const JOINTS = appWords
  .joints()
  .split(' ')
  .map((word) => [word.replace('|', ''), word.replace('|', '\u00ad')] as const);

/** Long words of the trade may break at their joints, where a column is narrower than they are. */
export const soft = (text: string) =>
  JOINTS.reduce((shown, [whole, jointed]) => shown.replaceAll(whole, jointed), text);
