import type { FoundEdit, LampCheck, PriorChange, TakeInEdit, WorkKind } from '../app/api/client';

export const KINDS = [
  ['SWAP', 'lamp swap'],
  ['RETROFIT', 'retrofit'],
  ['FOG', 'fog lamps'],
  ['DRL', 'running lamps'],
  ['PODS', 'pods'],
  ['REPAIR', 'repair'],
  ['REWIRE', 'rewire'],
  ['AIM', 'aim only'],
] as const satisfies readonly (readonly [WorkKind, string])[];

export const CHANGES = [
  ['SUSPENSION', 'suspension'],
  ['TYRES', 'tyres'],
  ['LOAD', 'load or body'],
  ['LAMPS', 'other lamps'],
  ['BULBS', 'other bulbs'],
  ['WIRING', 'wiring'],
] as const satisfies readonly (readonly [PriorChange, string])[];

export const ACCESS = [
  ['LAMPS_ONLY', 'lamps by their own bolts'],
  ['GRILLE_ONLY', 'grille only'],
  ['BUMPER_OFF', 'bumper off'],
] as const satisfies readonly (readonly [TakeInEdit['access'], string])[];

export const CHECKED = [
  ['DIPPED', 'low beam'],
  ['MAIN', 'main beam'],
  ['POSITION', 'position'],
  ['TURN', 'turn signal'],
  ['DRL', 'running lamp'],
  ['FRONT_FOG', 'fog'],
  ['DRIVING', 'driving lamp'],
  ['SIDE_MARKER', 'side marker'],
] as const satisfies readonly (readonly [LampCheck['function'], string])[];

/** In the order in which a cell turns from one to the next. */
export const STATES = [
  ['WORKS', 'works'],
  ['DEAD', 'dead'],
  ['AFTER_TRIES', 'works after tries'],
  ['WEAK', 'weak'],
  ['FLICKERS', 'flickers'],
  ['NOT_FITTED', 'not fitted'],
] as const satisfies readonly (readonly [LampCheck['state'], string])[];

export const ABOUT = [
  ['HIDDEN_BOLT', 'hidden bolt'],
  ['ODD_FASTENER', 'odd fastener'],
  ['SCREW_DIRECTION', 'direction of a screw'],
  ['WRONG_PART', 'wrong part'],
  ['WIRING', 'wiring'],
  ['OTHER', 'other'],
] as const satisfies readonly (readonly [FoundEdit['notes'][number]['about'], string])[];

/** The words of an option. */
export const said = <T extends string>(options: readonly (readonly [T, string])[], option: T) =>
  options.find(([one]) => one === option)?.[1] ?? option;
