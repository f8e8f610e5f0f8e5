import { say } from './say';
import type { Kind } from './page/terms';
import './page/terms';

/** The word of a constant of the interface, as the server has it in its findings: "low beam". */
export const term = (kind: Kind, constant: string) => say('terms', `${kind}.${constant}`);

/** "left" or "right". */
export const sideWord = (side: 'LEFT' | 'RIGHT') => term('Side', side);
