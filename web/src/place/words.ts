import type { LampFunction } from '../app/api/client';

export const FUNCTIONS = [
  ['DRL', 'running lamp'],
  ['FRONT_FOG', 'fog lamp'],
  ['DRIVING', 'driving lamp'],
  ['DIPPED', 'low beam'],
  ['MAIN', 'main beam'],
  ['POSITION', 'position lamp'],
  ['TURN', 'turn signal'],
  ['SIDE_MARKER', 'side marker'],
] as const satisfies readonly (readonly [LampFunction, string])[];
