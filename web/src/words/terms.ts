import { say } from './say';

type Kind =
  | 'BatteryTimeline.What'
  | 'Controls.Key'
  | 'Controls.Lights'
  | 'DrivingState'
  | 'FastenerKind'
  | 'LampFunction'
  | 'LampKind'
  | 'ReadingKind'
  | 'Side'
  | 'Stage'
  | 'Verdict';

/** The word of a constant of the interface, as the server has it in its findings: "low beam". */
export const term = (kind: Kind, constant: string) => say('terms', `${kind}.${constant}`);

/** "left" or "right". */
export const sideWord = (side: 'LEFT' | 'RIGHT') => term('Side', side);
