import type { FoundEdit, LampCheck, PriorChange, TakeInEdit, WorkKind } from '../api/client';
import { appWords } from '../words/page/app';
import { takeinWords } from '../words/page/takein';

export const KINDS = [
  ['SWAP', takeinWords.lampSwap()],
  ['RETROFIT', takeinWords.retrofit()],
  ['FOG', appWords.fogLamps()],
  ['DRL', appWords.daytimeRunningLamps()],
  ['PODS', takeinWords.pods()],
  ['REPAIR', takeinWords.repair()],
  ['REWIRE', takeinWords.rewire()],
  ['AIM', takeinWords.aimOnly()],
] as const satisfies readonly (readonly [WorkKind, string])[];

export const CHANGES = [
  ['SUSPENSION', takeinWords.suspension()],
  ['TYRES', takeinWords.tyres()],
  ['LOAD', takeinWords.loadOrBody()],
  ['LAMPS', takeinWords.otherLamps()],
  ['BULBS', takeinWords.otherBulbs()],
  ['WIRING', takeinWords.wiring()],
] as const satisfies readonly (readonly [PriorChange, string])[];

export const ACCESS = [
  ['LAMPS_ONLY', takeinWords.lampsByTheirOwnBolts()],
  ['GRILLE_ONLY', takeinWords.grilleOnly()],
  ['BUMPER_OFF', takeinWords.bumperOff()],
] as const satisfies readonly (readonly [TakeInEdit['access'], string])[];

export const CHECKED = [
  ['DIPPED', appWords.lowBeam()],
  ['MAIN', appWords.mainBeam()],
  ['POSITION', appWords.position()],
  ['TURN', appWords.turnSignal()],
  ['DRL', appWords.daytimeRunningLamp()],
  ['FRONT_FOG', appWords.fog()],
  ['DRIVING', appWords.drivingLamp()],
  ['SIDE_MARKER', appWords.sideMarker()],
] as const satisfies readonly (readonly [LampCheck['function'], string])[];

/** In the order in which a cell turns from one to the next. */
export const STATES = [
  ['WORKS', appWords.works()],
  ['DEAD', appWords.dead()],
  ['AFTER_TRIES', appWords.worksAfterTries()],
  ['WEAK', appWords.weak()],
  ['FLICKERS', appWords.flickers()],
  ['NOT_FITTED', takeinWords.notFitted()],
] as const satisfies readonly (readonly [LampCheck['state'], string])[];

export const ABOUT = [
  ['HIDDEN_BOLT', takeinWords.hiddenBolt()],
  ['ODD_FASTENER', takeinWords.oddFastener()],
  ['SCREW_DIRECTION', takeinWords.directionOfAnAdjuster()],
  ['WRONG_PART', takeinWords.wrongPart()],
  ['WIRING', takeinWords.wiring()],
  ['OTHER', takeinWords.other()],
] as const satisfies readonly (readonly [FoundEdit['notes'][number]['about'], string])[];

/** The words of an option. */
export const said = <T extends string>(options: readonly (readonly [T, string])[], option: T) =>
  options.find(([one]) => one === option)?.[1] ?? option;
