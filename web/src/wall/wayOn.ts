import type { LampKind, WallSheet } from '../api/client';
import { entryName } from '../kept/readings';
import { lampOf } from '../finding/subject';
import { kindOf } from './kinds';
import type { ReadTask } from './ReadDialog';
import type { Step } from './Steps';
import type { Shown } from './WallDialogs';

/** Where the wall's steps and its button lead. */
export interface Doing {
  ask: (entry: string) => void;
  setKind: (kind: LampKind) => void;
  setTask: (task: ReadTask) => void;
  show: (what: Shown) => void;
  toBay: () => void;
}

/** Does what comes next, as the band offers it. */
export function takeNext(next: WallSheet['next'], { ask, setKind, setTask, show, toBay }: Doing) {
  const side = next.side ?? 'LEFT';
  switch (next.action) {
    case 'READ_CUTOFF':
    case 'TURN_AND_READ':
      setKind(next.lamp);
      setTask({ lamp: next.lamp, side, turned: next.action === 'TURN_AND_READ' });
      break;
    case 'MEASURE_DISTANCE':
      ask(entryName({ kind: 'DISTANCE', side: 'LEFT' }));
      break;
    case 'MEASURE_CENTRE':
      setKind(next.lamp);
      ask(entryName({ kind: 'CENTRE', lamp: next.lamp, side }));
      break;
    case 'MEASURE_EDGE':
      setKind(next.lamp);
      ask(entryName({ kind: 'LOWER_EDGE', lamp: next.lamp, side }));
      break;
    case 'MEASURE_FLOOR':
      toBay();
      break;
    case 'SETTLE':
    case 'DONE':
      show('findings');
  }
}

/** Leads to where a step of the order of work is done. */
export function takeStep(
  { task, subject }: Step,
  hasBay: boolean,
  { ask, setKind, setTask, show, toBay }: Doing,
) {
  const of = lampOf(subject);
  const lamp = kindOf(of?.function);
  setKind(lamp);
  switch (task) {
    case 'FLOOR':
      if (hasBay) {
        toBay();
      } else {
        show('settings');
      }
      break;
    case 'TAPE':
      show('marks');
      break;
    case 'READ':
      setTask({ lamp, side: of?.side ?? 'LEFT', turned: false });
      break;
    case 'CENTRES':
      ask(entryName({ kind: 'CENTRE', lamp, side: 'LEFT' }));
  }
}
